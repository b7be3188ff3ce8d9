import { useLiveQuery } from 'dexie-react-hooks';
import type { PracticeAnswer, PracticeCard } from '../../core/practice/practiceFile';
import { savedAnswers, savedCards } from './savedPractice';

/** Cards by what they are about; undefined until they were read. */
export const useCards = (): ReadonlyMap<string, PracticeCard> | undefined =>
  useLiveQuery(async () => new Map((await savedCards()).map((card) => [card.id, card])));

/** Every answer, the latest last; undefined until they were read. */
export const useAnswers = (): readonly PracticeAnswer[] | undefined => useLiveQuery(savedAnswers);
