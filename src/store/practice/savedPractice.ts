import type { PracticeAnswer, PracticeCard } from '../../core/practice/practiceFile';
import { database } from '../persistence/database';

/** Every card of this browser. */
export const savedCards = (): Promise<PracticeCard[]> => database().cards.toArray();

/** Every answer of this browser. */
export const savedAnswers = (): Promise<PracticeAnswer[]> => database().answers.orderBy('at').toArray();
