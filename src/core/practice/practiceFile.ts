import { tally } from '../units/tally';
import { z } from 'zod';

const id = z.string().min(1).max(80);

/** A card of the repetition: how well it is known, and when it comes back. */
export const practiceCardSchema = z.strictObject({
  id: id.describe('A bench ("bench pump-dead") or a figure of a drill ("drill motor overload")'),
  due: z.iso.datetime(),
  lastReview: z.iso.datetime().nullable(),
  stability: z.number().min(0),
  difficulty: z.number().min(0).max(10),
  scheduledDays: z.number().min(0),
  learningSteps: z.number().int().min(0),
  reps: z.number().int().min(0),
  lapses: z.number().int().min(0),
  state: z.number().int().min(0).max(3).describe('0 new, 1 learning, 2 review, 3 learned anew'),
  intervals: z.array(z.number().min(0)).max(40).describe('Days to the next time, the latest last'),
});

/** An answer: right, or wrong by a rule that gives just that. */
export const practiceAnswerSchema = z.strictObject({
  at: z.iso.datetime(),
  card: id,
  right: z.boolean(),
  cause: z.string().max(80).nullable().describe('The wrong rule that the learner took; null: not said'),
  blind: z.boolean().describe('Without looking at what the readings leave'),
});

/** A file of what was practiced. */
export const practiceFileSchema = z.strictObject({
  pasture: z.literal('practice'),
  version: z.literal(1),
  cards: z.array(practiceCardSchema).max(2000),
  answers: z.array(practiceAnswerSchema).max(20_000),
});

/** A card of the repetition. */
export type PracticeCard = z.infer<typeof practiceCardSchema>;
/** An answer. */
export type PracticeAnswer = z.infer<typeof practiceAnswerSchema>;
/** What was practiced, as it is kept in a file. */
export type PracticeFile = z.infer<typeof practiceFileSchema>;

/** What was practiced, as a file. */
export const writePracticeFile = (
  cards: readonly PracticeCard[],
  answers: readonly PracticeAnswer[],
): string =>
  `${JSON.stringify({ pasture: 'practice', version: 1, cards, answers } satisfies PracticeFileOf, null, 2)}\n`;

type PracticeFileOf = {
  readonly [K in keyof PracticeFile]: K extends 'cards'
    ? readonly PracticeCard[]
    : K extends 'answers'
      ? readonly PracticeAnswer[]
      : PracticeFile[K];
};

/** A file of practice read, or why it is none. */
export function readPracticeFile(text: string): PracticeFile | { readonly problem: string } {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { problem: 'It is not JSON. Nothing was changed.' };
  }
  const read = practiceFileSchema.safeParse(json);
  if (read.success) return read.data;
  const [issue] = read.error.issues;
  return {
    problem: `${issue?.path.join('.') || 'It'}: ${issue?.message ?? 'no file of practice'}. Nothing was changed.`,
  };
}

/** Misses by their cause among the latest answers, the most frequent first. */
export function missesByCause(
  answers: readonly PracticeAnswer[],
  latest: number,
): readonly { readonly cause: string; readonly count: number }[] {
  const counts = new Map<string, number>();
  const recent = answers.toSorted((a, b) => a.at.localeCompare(b.at)).slice(-latest);
  for (const { right, cause } of recent) if (!right && cause !== null) tally(counts, cause);
  return [...counts].map(([cause, count]) => ({ cause, count })).toSorted((a, b) => b.count - a.count);
}

/** Cards of two browsers as one: of each the one that was looked at last. */
export function mergedCards(
  mine: readonly PracticeCard[],
  theirs: readonly PracticeCard[],
): readonly PracticeCard[] {
  const all = new Map(mine.map((card) => [card.id, card]));
  for (const card of theirs) {
    const own = all.get(card.id);
    if (own === undefined || (card.lastReview ?? '') > (own.lastReview ?? '')) all.set(card.id, card);
  }
  return [...all.values()];
}
