import { z } from 'zod';
import { dateOf, dayNumber, weekdayOf } from '../units/civilDay';
import { momentSchema } from '../units/moment';

/** How the simulated permit desk may be asked to behave: as such desks do, well and badly. */
export const DESK_MOODS = ['none', 'full', 'contradictory', 'fails'] as const;
/** A behavior of the simulated permit desk. */
export type DeskMood = (typeof DESK_MOODS)[number];

/** What a permit desk answers: when the inspector may come, and what became of an inspection. */
export const deskAnswerSchema = z.object({
  slots: z.array(momentSchema).max(40),
  outcome: z.object({ passed: z.boolean(), by: z.string().max(80), remarks: z.string().max(200) }).nullable(),
});

/** What a permit desk answers. */
export type DeskAnswer = z.infer<typeof deskAnswerSchema>;

const BY = 'J. Fallow, inspector (made up)';
const REMARK = 'Box at B over full; ring of the pool not seen at the ladder (made up).';
const SLOT_DAYS = 3;

/** The answer of a simulated permit desk to a question of a day: the next three days of work, morning and afternoon. */
export function deskAnswer(mood: DeskMood, from: string): DeskAnswer {
  const slots: string[] = [];
  for (let day = dayNumber(from) + 1; slots.length < 2 * SLOT_DAYS; day += 1)
    if (weekdayOf(day) <= 5) slots.push(`${dateOf(day)}T09:00`, `${dateOf(day)}T13:00`);
  const outcome = { passed: mood !== 'fails', by: BY, remarks: mood === 'fails' ? REMARK : '' };
  if (mood === 'full') return { slots: [], outcome: null };
  // A slot that is over already, and one day twice at odds.
  if (mood === 'contradictory')
    return { slots: [`${dateOf(dayNumber(from) - 2)}T09:00`, ...slots, ...slots], outcome };
  return { slots, outcome };
}

/** The slots that are worth offering: those still to come, each once, in their order. */
export const openSlots = ({ slots }: DeskAnswer, from: string): readonly string[] =>
  [...new Set(slots)].filter((slot) => slot.slice(0, 10) >= from).toSorted();
