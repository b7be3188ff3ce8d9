import { driverAnswerSchema, type DriverAnswer } from '../../core/checks/torqueDriver';

/** How the simulated torque driver may be asked to behave, with its words. */
export const DRIVER_BEHAVIORS = [
  { value: 'none', label: 'Lets go at its setting' },
  { value: 'short', label: 'Stops short' },
  { value: 'metric', label: 'Answers in N·m' },
  { value: 'overdue', label: 'Calibration overdue' },
  { value: 'contradictory', label: 'Set for another screw' },
  { value: 'slow', label: 'Slow' },
  { value: 'silent', label: 'Silent' },
] as const;
/** A behavior of the simulated torque driver. */
export type DriverBehavior = (typeof DRIVER_BEHAVIORS)[number]['value'];

/** A driver that says nothing is given up after this, milliseconds. */
const PATIENCE_MS = 8000;

/** Asks the torque driver that ships with the server what its last turn came to. */
export async function askDriver(
  mood: DriverBehavior,
  setLbIn: number,
  date: string,
): Promise<DriverAnswer | { readonly problem: string }> {
  try {
    const answer = await fetch(`/standins/torque?mood=${mood}&set=${setLbIn}&date=${date}`, {
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    if (!answer.ok) return { problem: `It answered ${answer.status}. Type the torque.` };
    const read = driverAnswerSchema.safeParse(await answer.json());
    return read.success ? read.data : { problem: 'Its answer cannot be read. Type the torque.' };
  } catch {
    return { problem: 'It does not answer. Type the torque; nothing was changed.' };
  }
}
