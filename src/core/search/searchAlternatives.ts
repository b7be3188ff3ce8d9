import { bendsOf } from '../circuit/bends';
import { withPin } from '../circuit/edits/circuitEdits';
import type { Circuit } from '../circuit/circuitSchema';
import type { SolvedCircuit } from '../circuit/figures';
import { solveCircuit } from '../circuit/solveCircuit';
import type { SolveContext } from '../circuit/solveContext';
import { METHOD_IDS, METHODS, type MethodId } from '../code/methods';
import { circuitPrice } from '../circuit/circuitPrice';
import type { PriceList } from '../price/priceList';
import { pullTension } from '../route/pullTension';
import { nextTrade } from '../rules/racewayFill';
import { cents, type Cents } from '../units/quantity';
import type { TradeSize } from '../units/tradeSize';
import { sizeRank, WIRE_SIZES, type Metal, type WireSize } from '../units/wireSize';
import type { AnyFinding } from '../findings/finding';

/** One way of running the whole circuit: a method, a metal, a size and a trade size, sized and priced. */
export interface RunOption {
  readonly method: MethodId;
  readonly metal: Metal;
  /** With what follows from it null where no conductor fits. */
  readonly size: WireSize | null;
  readonly trade: TradeSize | null;
  readonly ampacityA: number | null;
  readonly dropPct: number | null;
  /** What is left of the ampacity above what is required, as a share of it. */
  readonly spare: number;
  /** Pounds at the end of the hardest pull; null for cable. */
  readonly pullLb: number | null;
  /** Material by the price list against the circuit as it stands. */
  readonly cost: Cents;
  /** Questions and doubts that would be open. */
  readonly asks: number;
  /** What forbids it; null where it holds. */
  readonly rejected: AnyFinding | null;
  readonly circuit: Circuit;
}

/** How far a search has come. */
export interface SearchProgress {
  readonly tried: number;
  readonly of: number;
}

/** Aluminum is offered for feeders, for what is aluminum already, and elsewhere by shop practice. */
const metalsOf = ({ appliance, material }: Circuit, { practices }: SolveContext): readonly Metal[] =>
  practices.aluminum === 'all' || appliance.family === 'feeder' || material === 'al' ? ['cu', 'al'] : ['cu'];

/** Sizes tried above the least that holds: for drop, for what is on the truck. */
const SIZES_ABOVE = 2;

const hardestPull = (circuit: Circuit, { figures }: SolvedCircuit, { code }: SolveContext): number | null => {
  const { size, metal, wires: count } = figures;
  if (size === null) return null;
  const pulls = circuit.run.map((segment, index) => {
    const { kind, surround } = METHODS[segment.method];
    if (kind === 'cable') return null;
    return pullTension(
      { lengthFt: segment.lengthFt, bendsDeg: bendsOf(circuit, index), surround },
      { size, metal, count },
      code,
    );
  });
  const known = pulls.filter((each) => each !== null);
  return known.length === 0 ? null : Math.max(...known);
};

function judged(
  circuit: Circuit,
  method: MethodId,
  context: SolveContext,
  price: { readonly base: number; readonly list: PriceList },
): RunOption {
  const solved = solveCircuit(circuit, context);
  const { figures, findings } = solved;
  const needA = figures.ocpd.minA;
  return {
    method,
    metal: circuit.material,
    size: figures.size,
    trade: figures.raceway?.taken ?? null,
    ampacityA: figures.ampacityA,
    dropPct: figures.drop?.percent ?? null,
    spare: needA === 0 ? 0 : (figures.ampacityA ?? 0) / needA - 1,
    pullLb: hardestPull(circuit, solved, context),
    cost: cents(circuitPrice(circuit.run, figures, price.list) - price.base),
    asks: findings.filter(({ severity }) => severity === 'ask' || severity === 'check').length,
    rejected: findings.find(({ severity }) => severity === 'stop') ?? null,
    circuit,
  };
}

/** The ways of one method in one metal: the least size and two above, raceways as taken and a size up. */
function sharersOf(
  circuit: Circuit,
  method: MethodId,
  context: SolveContext,
  price: { readonly base: number; readonly list: PriceList },
): RunOption[] {
  const free = judged(circuit, method, context, price);
  if (free.rejected !== null || free.size === null) return [free];
  const found = [free];
  for (let above = 1; above <= SIZES_ABOVE; above += 1) {
    const size = WIRE_SIZES[sizeRank(free.size) + above];
    if (size !== undefined) found.push(judged(withPin(circuit, 'size', size), method, context, price));
  }
  const raceway = METHODS[method].raceway;
  const larger =
    raceway === null || free.trade === null ? undefined : nextTrade(raceway, free.trade, context.code);
  if (larger !== undefined && larger !== free.trade)
    found.push(judged(withPin(circuit, 'trade', larger), method, context, price));
  return found;
}

/**
 * Every option of running a whole circuit, in steps so that a search can tell how far it is and be stopped:
 * all methods, the metals that are offered, the least size and two above, raceways as taken and a size up. Those that do
 * not hold are kept with what forbids them.
 */
export function* searchAlternatives(
  circuit: Circuit,
  solved: SolvedCircuit,
  context: SolveContext,
  prices: PriceList,
): Generator<SearchProgress, readonly RunOption[]> {
  const price = { base: circuitPrice(circuit.run, solved.figures, prices), list: prices };
  const found: RunOption[] = [];
  const metals = metalsOf(circuit, context);
  const of = METHOD_IDS.length * metals.length;
  let tried = 0;
  for (const method of METHOD_IDS) {
    for (const material of metals) {
      const other: Circuit = {
        ...circuit,
        material,
        pins: {},
        run: circuit.run.map((segment) => ({ ...segment, method })),
      };
      found.push(...sharersOf(other, method, context, price));
      tried += 1;
      yield { tried, of };
    }
  }
  return found;
}

/** What ways may be put in order by. */
export const OPTION_ORDERS = ['cost', 'pull', 'drop', 'spare'] as const;
/** What ways are put in order by. */
export type OptionOrder = (typeof OPTION_ORDERS)[number];

const MEASURE: Readonly<Record<OptionOrder, (option: RunOption) => number>> = {
  cost: ({ cost }) => cost,
  pull: ({ pullLb }) => pullLb ?? 0,
  drop: ({ dropPct }) => dropPct ?? Number.MAX_VALUE,
  spare: ({ spare }) => -spare,
};

/** Ways in an order, the best first; equal ones by cost. */
export const orderedOptions = (options: readonly RunOption[], by: OptionOrder): readonly RunOption[] =>
  options.toSorted((a, b) => MEASURE[by](a) - MEASURE[by](b) || a.cost - b.cost);

/** Runs a search to its end. */
export function allOptions(...search: Parameters<typeof searchAlternatives>): readonly RunOption[] {
  const running = searchAlternatives(...search);
  let step = running.next();
  while (step.done !== true) step = running.next();
  return step.value;
}
