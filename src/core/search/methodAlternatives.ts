import { METHOD_IDS, METHODS, type MethodId } from '../code/methods';
import { circuitPrice } from '../circuit/circuitPrice';
import type { PriceList } from '../price/priceList';
import { cents, type Cents } from '../units/quantity';
import type { TradeSize } from '../units/tradeSize';
import type { WireSize } from '../units/wireSize';
import type { Circuit } from '../circuit/circuitSchema';
import { isSized, type SolvedCircuit } from '../circuit/figures';
import { solveCircuit } from '../circuit/solveCircuit';
import type { SolveContext } from '../circuit/solveContext';

/** The same circuit run all the way in one other method, sized anew. */
export interface Alternative {
  readonly method: MethodId;
  readonly size: WireSize;
  readonly trade: TradeSize | null;
  readonly dropPct: number;
  readonly cost: Cents;
  readonly circuit: Circuit;
}

/** The wiring methods that hold for the whole run, cheapest material first, without the one it has. */
export function methodAlternatives(
  circuit: Circuit,
  solved: SolvedCircuit,
  context: SolveContext,
  prices: PriceList,
): readonly Alternative[] {
  const base = circuitPrice(circuit.run, solved.figures, prices);
  const now = new Set(circuit.run.map(({ method }) => method));
  const found: Alternative[] = [];
  for (const method of METHOD_IDS) {
    if (now.size === 1 && now.has(method)) continue;
    if (METHODS[method].kind === 'cable' && !(method in prices.cable)) continue;
    const other: Circuit = {
      ...circuit,
      pins: {},
      run: circuit.run.map((segment) => ({ ...segment, method })),
    };
    const { figures, findings } = solveCircuit(other, context);
    if (!isSized(figures) || findings.some(({ severity }) => severity === 'stop')) continue;
    found.push({
      method,
      size: figures.size,
      trade: figures.raceway?.taken ?? null,
      dropPct: figures.drop.percent,
      cost: cents(circuitPrice(other.run, figures, prices) - base),
      circuit: other,
    });
  }
  return found.sort((a, b) => a.cost - b.cost);
}
