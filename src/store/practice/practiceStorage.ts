import { mergedCards, type PracticeAnswer, type PracticeCard } from '../../core/practice/practiceFile';
import { database } from '../persistence/database';
import { reviewed, type Went } from './repetition';

/** Keeps an answer, and when its card comes back. */
export const keepAnswer = (answer: Omit<PracticeAnswer, 'at'>, went: Went, at: string): Promise<void> => {
  const db = database();
  return db.transaction('rw', db.cards, db.answers, async () => {
    const before = await db.cards.get(answer.card);
    await db.cards.put(reviewed(answer.card, before, went, new Date(at)));
    await db.answers.add({ ...answer, at });
  });
};

/** Says by which rule the last miss of a card came about. */
export const nameCause = (card: string, cause: string): Promise<void> => {
  const { answers } = database();
  return answers
    .where('card')
    .equals(card)
    .last()
    .then(async (last) => {
      if (last !== undefined) await answers.put({ ...last, cause });
    });
};

/** Takes what was practiced elsewhere: of each card the one looked at last, answers that are not here yet. */
export const takePractice = (
  cards: readonly PracticeCard[],
  answers: readonly PracticeAnswer[],
): Promise<void> => {
  const db = database();
  return db.transaction('rw', db.cards, db.answers, async () => {
    await db.cards.bulkPut([...mergedCards(await db.cards.toArray(), cards)]);
    const known = new Set((await db.answers.toArray()).map(({ at, card }) => `${at} ${card}`));
    await db.answers.bulkAdd(answers.filter(({ at, card }) => !known.has(`${at} ${card}`)));
  });
};
