import { dayNumber } from '../units/civilDay';
import type { PracticeCard } from './practiceFile';

/** Whether a card is to be looked at again by a moment. */
export const isDue = ({ due }: Pick<PracticeCard, 'due'>, now: string): boolean => due <= now;

/** In how many days a card comes back; none where it is due. */
export const daysUntil = ({ due }: Pick<PracticeCard, 'due'>, now: string): number =>
  Math.max(0, dayNumber(due.slice(0, 10)) - dayNumber(now.slice(0, 10)));
