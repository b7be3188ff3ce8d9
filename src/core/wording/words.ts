import { METHODS, type MethodId, type Environment } from '../code/methods';
import { printNumber } from '../units/number';
import type { Metal } from '../units/wireSize';
import type { FigureSeverity, Severity } from '../findings/severity';

/** "60 A", "14.2 A": to the tenth that a meter shows. */
export const inAmps = (value: number): string => `${printNumber(value, 1)} A`;

/** "240 V", to the tenth. */
export const inVolts = (value: number): string => `${printNumber(value, 1)} V`;

/** "1.4 %", to the tenth. */
export const inPercent = (value: number, digits = 1): string => `${printNumber(value, digits)} %`;

/** A plain length in feet, at most one decimal: "62 ft". */
export const inFeet = (value: number): string => `${printNumber(value, 1)} ft`;

/** Name of a wiring method: "NM-B", "PVC Sch 40". */
export const methodName = (method: MethodId): string => METHODS[method].name;

/** Metals as they are said. */
export const metalName: Readonly<Record<Metal, string>> = { cu: 'copper', al: 'aluminum' };

/** Where a segment runs, after "in" or alone. */
export const environmentName: Readonly<Record<Environment, string>> = {
  indoor: 'indoors',
  attic: 'attic',
  garage: 'garage',
  damp: 'damp place',
  outdoor: 'outdoors',
  underground: 'underground',
  corrosive: 'corrosive place',
};

const IN_PLACE: Partial<Record<Environment, string>> = {
  garage: 'in a garage',
  attic: 'in an attic',
  damp: 'in a damp place',
  corrosive: 'in a corrosive place',
};

/** Where a segment runs, after a verb: "may not be in a garage". */
export const inEnvironment = (place: Environment): string => IN_PLACE[place] ?? environmentName[place];

/** The word beside the shape of a severity. */
export const severityWord: Readonly<Record<FigureSeverity | Severity, string>> = {
  stop: 'Stop',
  check: 'Check',
  ask: 'Ask',
  ok: 'OK',
  note: 'Note',
};

/** A word with a capital letter, to begin a sentence. */
export const capital = (word: string): string => `${word.charAt(0).toUpperCase()}${word.slice(1)}`;

/** A count with its noun: "1 stop", "2 stops". */
export const counted = (count: number, noun: string, plural = `${noun}s`): string =>
  `${count} ${count === 1 ? noun : plural}`;

/** The first sentence: what is asked or found, without what follows of it. */
export const firstSentence = (text: string): string => text.split(/(?<=[.?]) /)[0] ?? text;
