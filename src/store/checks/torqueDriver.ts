import { driverAnswer, driverAnswerSchema, type DriverAnswer } from '../../core/checks/torqueDriver';
import { askStandIn } from '../standIn';

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

/** Asks the simulated torque driver what its last turn came to. */
export async function askDriver(
  mood: DriverBehavior,
  setLbIn: number,
  date: string,
): Promise<DriverAnswer | { readonly problem: string }> {
  try {
    const answer = await askStandIn(`torque?mood=${mood}&set=${setLbIn}&date=${date}`, mood, () =>
      Promise.resolve(
        Response.json(driverAnswer(mood === 'slow' || mood === 'silent' ? 'none' : mood, setLbIn, date)),
      ),
    );
    if (!answer.ok) return { problem: `It answered ${answer.status}. Type the torque.` };
    const read = driverAnswerSchema.safeParse(await answer.json());
    return read.success ? read.data : { problem: 'Its answer cannot be read. Type the torque.' };
  } catch {
    return { problem: 'It does not answer. Type the torque; nothing was changed.' };
  }
}
