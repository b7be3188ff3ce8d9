import type { LoadDesk, LoadModel } from './family';
import { plainLoad } from './plate';

/** A refrigeration unit by its label. */
export interface HermeticPlate {
  readonly mca: number;
  readonly mocp: number;
  readonly volts: number;
  /** Current while it runs, when the label or a reading says it. */
  readonly runA?: number | undefined;
}

/** MCA holds 125 % of the largest motor, so a unit whose running current is not known runs at about this share. */
const RUNS_AT = 1 / 1.25;

/**
 * A hermetic unit by MCA and MOCP: the conductor for MCA without a further 125 %, the largest standard
 * device that MOCP allows (440.4(B), 440.22, 240.4(G)); by shop practice the conductor matches the device.
 */
export function hermeticLoad(
  { mca, mocp, volts, runA }: HermeticPlate,
  part: Partial<LoadModel>,
  { practices, work }: LoadDesk,
): LoadModel {
  work.step('load.mca', 'load.hermetic', { mca, mocp, volts }, mca);
  if (mocp < mca) work.found('stop', 'load.plate-contradiction', 'load.hermetic', { mca, mocp });
  return plainLoad({
    volts,
    continuousA: 0,
    otherA: mca,
    runA: runA ?? mca * RUNS_AT,
    powerFactor: 0.9,
    device: { kind: 'largest', maxA: mocp },
    maxOcpdA: mocp,
    own: 'hermetic',
    matchBreaker: practices.matchBreaker,
    ...part,
  });
}
