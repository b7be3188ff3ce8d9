import { deskAnswer, deskAnswerSchema, type DeskAnswer } from '../../core/timing/permitDesk';
import { askStandIn } from '../standIn';

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

/** Asks the simulated permit desk when the inspector may come, and what became of it. */
export async function askDesk(
  mood: DeskBehavior,
  from: string,
): Promise<DeskAnswer | { readonly problem: string }> {
  try {
    const answer = await askStandIn(`permits?mood=${mood}&from=${from}`, mood, () =>
      Promise.resolve(Response.json(deskAnswer(mood === 'slow' || mood === 'silent' ? 'none' : mood, from))),
    );
    if (!answer.ok) return { problem: `It answered ${answer.status}. Call the desk.` };
    const read = deskAnswerSchema.safeParse(await answer.json());
    return read.success ? read.data : { problem: 'Its answer cannot be read. Call the desk.' };
  } catch {
    return { problem: 'It does not answer. Call the desk; nothing was changed.' };
  }
}
