import { createEmptyCard, fsrs, Rating, State, type Card, type Grade } from 'ts-fsrs';
import type { PracticeCard } from '../../core/practice/practiceFile';

/** How well it went. */
export type Went = 'again' | 'hard' | 'good' | 'easy';

const GRADE: Readonly<Record<Went, Grade>> = {
  again: Rating.Again,
  hard: Rating.Hard,
  good: Rating.Good,
  easy: Rating.Easy,
};
/** The same answers give the same days: no chance in when a card comes back. */
const scheduler = fsrs({ enable_fuzz: false });
const KEPT_INTERVALS = 40;
const STATES = [State.New, State.Learning, State.Review, State.Relearning] as const;

/** A card as the scheduler has it. */
const cardOf = (own: PracticeCard): Card => ({
  ...createEmptyCard(new Date(own.due)),
  stability: own.stability,
  difficulty: own.difficulty,
  scheduled_days: own.scheduledDays,
  learning_steps: own.learningSteps,
  reps: own.reps,
  lapses: own.lapses,
  state: STATES[own.state] ?? State.New,
  ...(own.lastReview !== null && { last_review: new Date(own.lastReview) }),
});

/** A card after it was answered at a time; one that is new begins here. */
export function reviewed(id: string, before: PracticeCard | undefined, went: Went, at: Date): PracticeCard {
  const card = before === undefined ? createEmptyCard(at) : cardOf(before);
  const { card: next } = scheduler.next(card, at, GRADE[went]);
  return {
    id,
    due: next.due.toISOString(),
    lastReview: at.toISOString(),
    stability: next.stability,
    difficulty: next.difficulty,
    scheduledDays: next.scheduled_days,
    learningSteps: next.learning_steps,
    reps: next.reps,
    lapses: next.lapses,
    state: next.state,
    intervals: [...(before?.intervals ?? []), next.scheduled_days].slice(-KEPT_INTERVALS),
  };
}
