import { z } from 'zod';
import type { Edition } from '../code/edition';
import type { Working } from '../working/worked';

/** One load behind a feeder or on a circuit of mixed loads. */
export const legLoadSchema = z.strictObject({
  what: z.string().min(1).max(60),
  amps: z.number().min(0).max(400),
  leg: z.enum(['A', 'B', 'both']).describe('Which leg carries it; both: line to line'),
  continuous: z.boolean().optional(),
  motor: z.boolean().optional(),
});

/** One load behind a feeder. */
export type LegLoad = z.infer<typeof legLoadSchema>;

/** What the two legs are asked to carry: amperes as they run, and with 125 % where the code adds it. */
export interface LegSums {
  readonly designA: number;
  readonly runA: number;
  readonly otherLegRunA: number;
}

/**
 * Design current of each leg: continuous loads and the largest motor at 125 %, the rest at 100 %; the
 * heavier leg decides (215.2(A)(1), 430.24).
 */
export function heavierLeg(loads: readonly LegLoad[], code: Edition, work: Working): LegSums {
  const factor = code.parameters.continuousFactor.value;
  const largestMotor = loads.reduce(
    (most, { amps, motor }) => (motor === true && amps > most ? amps : most),
    0,
  );
  let motorCounted = false;
  const sums = { A: { design: 0, run: 0 }, B: { design: 0, run: 0 } };
  for (const load of loads) {
    const largest = load.motor === true && load.amps === largestMotor && !motorCounted;
    if (largest) motorCounted = true;
    const design = load.amps * (load.continuous === true || largest ? factor : 1);
    for (const leg of load.leg === 'both' ? (['A', 'B'] as const) : [load.leg]) {
      sums[leg].design += design;
      sums[leg].run += load.amps;
    }
  }
  const [heavy, light] = sums.A.design >= sums.B.design ? [sums.A, sums.B] : [sums.B, sums.A];
  work.step('load.legs', 'load.feeder', { legA: sums.A.design, legB: sums.B.design }, heavy.design);
  return { designA: heavy.design, runA: heavy.run, otherLegRunA: light.run };
}
