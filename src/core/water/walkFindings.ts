import type { FindingLog } from '../findings/findingLog';
import type { WaterReport } from './waterReport';
import { ringSteps } from './walk';

/** What was looked at on the walk and was not right: open until it is looked at again. */
export function walkFindings({ water, parts, plates }: WaterReport, out: FindingLog): void {
  const names = new Map([
    ...parts.map(({ candidate: { id, name } }) => [id, name] as const),
    ...plates.map(({ thing: { id, name } }) => [id, name] as const),
    ...ringSteps.map(({ id, side }) => [id, `Ring, ${side} side`] as const),
    ['shell', 'Taps to the shell'] as const,
  ]);
  for (const { step, right, wrong = '' } of water.seen) {
    const name = names.get(step);
    // What was taken away since is not wrong any more.
    if (right === false && name !== undefined)
      out.found(
        'stop',
        'bond.walk-wrong',
        'bond.parts',
        { name, wrong },
        { subject: { kind: 'yard', waterId: water.id, itemId: step } },
      );
  }
}
