import type { LoadDesk, LoadModel } from './family';
import { motorCurrent, type MotorPlate, type PlateCurrent } from './motorCurrent';
import { plainLoad } from './plate';

/** Starting current of a motor whose code letter is not known, times its full-load current. */
const LOCKED_TIMES = 6;

/** What a motor's plate says besides its power. */
export interface MotorExtras extends PlateCurrent {
  /** Largest breaker that the manufacturer allows. */
  readonly maxA?: number | undefined;
  readonly lockedA?: number | undefined;
  readonly neutral?: boolean;
}

/**
 * A motor circuit: current by table, conductor at 125 % of it, short-circuit device by percentage with the
 * next standard size up, its own protection rule (430.6(A), 430.22, 430.52(C)(1), 240.4(G)).
 */
export function motorLoad(
  motor: MotorPlate,
  { plateA, listedAppliance, maxA, lockedA }: MotorExtras,
  part: Partial<LoadModel>,
  { code, work }: LoadDesk,
): LoadModel {
  const { carriesA: amps, deviceA } = motorCurrent(motor, { plateA, listedAppliance }, code, work);
  const beyondTables = amps === 0;
  const percent = code.tables.motorProtection.percent.singlePhase.inverse;
  return plainLoad({
    volts: motor.volts,
    phase: motor.phase,
    continuousA: amps,
    otherA: 0,
    startA: lockedA ?? amps * LOCKED_TIMES,
    powerFactor: 0.8,
    device: { kind: 'motor', flcA: deviceA, percent },
    maxOcpdA: maxA ?? null,
    own: 'motor',
    beyondTables,
    ...part,
  });
}
