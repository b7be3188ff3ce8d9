import { deskAnswerSchema, type DeskAnswer } from '../../core/timing/permitDesk';

/** How the simulated permit desk may be asked to behave, with its words. */
export const DESK_BEHAVIORS = [
  { value: 'none', label: 'Slots, and it passes' },
  { value: 'fails', label: 'It does not pass' },
  { value: 'full', label: 'No slot free' },
  { value: 'contradictory', label: 'Contradictory' },
  { value: 'slow', label: 'Slow' },
  { value: 'silent', label: 'Silent' },
] as const;
/** A behavior of the simulated permit desk. */
export type DeskBehavior = (typeof DESK_BEHAVIORS)[number]['value'];

/** A desk that says nothing is given up after this, milliseconds. */
const PATIENCE_MS = 8000;

/** Asks the permit desk that ships with the server when the inspector may come, and what became of it. */
export async function askDesk(
  mood: DeskBehavior,
  from: string,
): Promise<DeskAnswer | { readonly problem: string }> {
  try {
    const answer = await fetch(`/standins/permits?mood=${mood}&from=${from}`, {
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    if (!answer.ok) return { problem: `It answered ${answer.status}. Call the desk.` };
    const read = deskAnswerSchema.safeParse(await answer.json());
    return read.success ? read.data : { problem: 'Its answer cannot be read. Call the desk.' };
  } catch {
    return { problem: 'It does not answer. Call the desk; nothing was changed.' };
  }
}
