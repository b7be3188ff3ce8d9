import type { Circuit } from '../circuit/circuitSchema';
import { withPin } from '../circuit/edits/circuitEdits';
import type { SolvedCircuit } from '../circuit/figures';
import { solveCircuit } from '../circuit/solveCircuit';
import type { SolveContext } from '../circuit/solveContext';
import { applianceChanges } from '../appliances/registry';
import { circuitPrice } from '../circuit/circuitPrice';
import type { PriceList } from '../price/priceList';
import { cents, type Cents } from '../units/quantity';
import type { WireSize } from '../units/wireSize';

/** What decides the conductor: a test of the size below, the drop, a floor, a cable that is not made smaller, or a pin. */
export type Binding =
  | 'load'
  | 'corrected'
  | 'breaker'
  | 'small'
  | 'own'
  | 'practice'
  | 'drop'
  | 'min'
  | 'pinned'
  | 'made';

/** What may give way. */
export type Relaxation =
  | 'marked-75'
  | 'lower-setting'
  | 'apart'
  | 'cooler'
  | 'no-drop-limit'
  | 'shorter'
  | 'in-emt'
  | 'in-mc';

/** Something that gives way, what the conductor would be then, and what it saves. */
export interface Relaxed {
  readonly by: Relaxation;
  readonly size: WireSize;
  /** Feet that the run would have to lose, where that is what gives way. */
  readonly feet: number | null;
  readonly saves: Cents;
  readonly circuit: Circuit;
}

/** What binds a circuit, and what would relax it, the largest saving first. */
export interface Sensitivity {
  readonly binding: Binding;
  readonly relaxations: readonly Relaxed[];
}

function bindingOf(circuit: Circuit, { figures, workings }: SolvedCircuit): Binding {
  if (circuit.pins.size !== undefined) return 'pinned';
  if (figures.raisedForDrop) return 'drop';
  for (const step of workings.conductor) {
    if (step.id === 'conductor.smaller') return step.inputs.failed[0] ?? 'load';
    if (step.id === 'conductor.least' || step.id === 'conductor.floor') return 'min';
  }
  return 'made';
}

const STEP_DOWN_C = 10;

/** The run with every segment changed. */
const allSegments = (circuit: Circuit, change: Partial<Circuit['run'][number]>): Circuit => ({
  ...circuit,
  run: circuit.run.map((segment) => ({ ...segment, ...change })),
});

/** Feet that a run is too long for its limit with the size below; null where that is not what binds. */
function shorter(
  circuit: Circuit,
  { figures }: SolvedCircuit,
  context: SolveContext,
): { circuit: Circuit; feet: number } | null {
  const min = figures.minSize;
  if (!figures.raisedForDrop || min === null || circuit.maxDropPct === null) return null;
  const bare = solveCircuit(withPin(circuit, 'size', min), context);
  if (bare.figures.drop === null) return null;
  const { percent } = bare.figures.drop;
  const share = circuit.maxDropPct / percent;
  const whole = circuit.run.reduce((sum, { lengthFt }) => sum + lengthFt, 0);
  return {
    feet: Math.ceil(whole * (1 - share)),
    circuit: {
      ...circuit,
      run: circuit.run.map((segment) => ({
        ...segment,
        lengthFt: Math.floor(segment.lengthFt * share * 10) / 10,
      })),
    },
  };
}

function candidates(
  circuit: Circuit,
  solved: SolvedCircuit,
  context: SolveContext,
): readonly { by: Relaxation; circuit: Circuit; feet?: number }[] {
  const lower = applianceChanges(circuit.appliance, 'setting')[0];
  const less = shorter(circuit, solved, context);
  return [
    { by: 'marked-75', circuit: { ...circuit, terminals: { panel: 75, load: 75 } } },
    ...(lower === undefined
      ? []
      : [{ by: 'lower-setting' as const, circuit: { ...circuit, appliance: lower } }]),
    { by: 'apart', circuit: allSegments(circuit, { currentCarrying: null }) },
    {
      by: 'cooler',
      circuit: {
        ...circuit,
        run: circuit.run.map((segment) => ({ ...segment, ambientC: segment.ambientC - STEP_DOWN_C })),
      },
    },
    { by: 'no-drop-limit', circuit: { ...circuit, maxDropPct: null } },
    ...(less === null ? [] : [{ by: 'shorter' as const, circuit: less.circuit, feet: less.feet }]),
    { by: 'in-emt', circuit: allSegments(circuit, { method: 'emt' }) },
    { by: 'in-mc', circuit: allSegments(circuit, { method: 'mc' }) },
  ];
}

/** What binds the conductor of a circuit, and each single thing whose giving way would save material. */
export function sensitivity(
  circuit: Circuit,
  solved: SolvedCircuit,
  context: SolveContext,
  prices: PriceList,
): Sensitivity {
  const base = circuitPrice(circuit.run, solved.figures, prices);
  const relaxations: Relaxed[] = [];
  for (const { by, circuit: other, feet } of candidates(circuit, solved, context)) {
    const after = solveCircuit(other, context);
    if (after.findings.some(({ severity }) => severity === 'stop')) continue;
    const saves = cents(base - circuitPrice(circuit.run, after.figures, prices));
    const { size } = after.figures;
    if (saves <= 0 || size === null || size === solved.figures.size) continue;
    relaxations.push({ by, size, feet: feet ?? null, saves, circuit: other });
  }
  return {
    binding: bindingOf(circuit, solved),
    relaxations: relaxations.toSorted((a, b) => b.saves - a.saves),
  };
}
