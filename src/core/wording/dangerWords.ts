import type { ReadingDangerCode } from '../code/readingDangerCodes';
import type { ReadingDanger } from '../network/readingDangers';

/** What readings say is dangerous, whatever explains them, and what is done at once. Never a word that anything is safe. */
const READING_DANGER: Readonly<Record<ReadingDangerCode, string>> = {
  'live-metal':
    'Ground or neutral may be live. Touch no metal. Off at the panel. Then, off and locked: N and G against an earth outside this circuit. Volts that remain come from another circuit: main off.',
  'neutral-lost': 'The neutral is lost: loads see the wrong voltage. Off at the panel.',
  'neutral-lost-ahead': 'The neutral is lost ahead of the bond. Touch no metal. Main off. Call the utility.',
  'second-hot': 'The second hot is on the neutral or the ground. Off at the panel.',
  'joint-heats': 'A joint or wire heats. Off at the panel.',
  'ground-open':
    'The ground is open: a fault would leave metal live, and no breaker would trip. Leave it off.',
};

/** A danger that readings bear: "At C: the ground is open ...". */
export const readingDangerWords = ({ code, at }: ReadingDanger): string =>
  at === null ? READING_DANGER[code] : `At ${at}: ${READING_DANGER[code]}`;
