import { bySpace, slotsOf, type InstalledBreaker } from './spaces';

/** Why a line of a directory does not tell a stranger what it feeds. */
export type Unclear = 'empty' | 'vague' | 'twice' | 'person';

/** One line of a panel's directory. */
export interface DirectoryLine {
  readonly installed: InstalledBreaker;
  /** Its spaces as they are said: "1, 3" or "22b". */
  readonly spaces: string;
  readonly text: string;
  readonly unclear: Unclear | null;
}

/** Words that could be any circuit of any house. */
const VAGUE: ReadonlySet<string> = new Set([
  'plugs',
  'plug',
  'outlets',
  'outlet',
  'receptacles',
  'lights',
  'light',
  'lts',
  'lighting',
  'recs',
  'gen',
  'general',
  'misc',
  'miscellaneous',
  'other',
  'spare?',
  '?',
  '??',
  'unknown',
  'lights and plugs',
  'plugs and lights',
  'house',
  'upstairs',
  'downstairs',
  'room',
  '220',
  '240',
]);
/** A room by whose it is: true until they move out (408.4(A)). */
const BY_PERSON = /\b(?:[a-z]+'s|my|mom|mum|dad|grandma|grandpa|kids?|baby)\b/i;

function unclearOf(text: string, times: number): Unclear | null {
  if (text === '') return 'empty';
  if (VAGUE.has(text.toLowerCase())) return 'vague';
  if (BY_PERSON.test(text)) return 'person';
  return times > 1 ? 'twice' : null;
}

const half = ({ place }: InstalledBreaker): string => place.half ?? '';

/** The directory of what stands in a panel: every circuit by its spaces, and whether a stranger would understand it. */
export function directory(installed: readonly InstalledBreaker[]): readonly DirectoryLine[] {
  const texts = installed.map(({ name }) => name.trim());
  return installed
    .map((each): DirectoryLine => {
      const text = each.name.trim();
      const times = texts.filter((other) => other.toLowerCase() === text.toLowerCase()).length;
      const spaces = slotsOf(each)
        .map((slot) => `${slot}${half(each)}`)
        .join(', ');
      return { installed: each, spaces, text, unclear: unclearOf(text, times) };
    })
    .toSorted((a, b) => bySpace(a.installed, b.installed));
}
