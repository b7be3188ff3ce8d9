import type { ReadingDangerCode } from '../code/readingDangerCodes';
import { about } from './catalogEntry';

/** Figures of the proof that are out of their limits. */
export type ProofFigure = 'dead' | 'insulation' | 'ground' | 'gfci' | 'temperature';

/** Findings about the finished work. */
export const checksCatalog = {
  'check.danger': about<{ danger: ReadingDangerCode; at: string }>().may('stop'),
  'check.reading': about<{ out: number }>().may('stop'),
  'check.figure': about<{ figure: ProofFigure; value: number | null }>().may('stop', 'check'),
  'check.torque': about<{ off: number; once: number; missing: number }>().may('check'),
  'check.left-on': about<{ skipped: number }>().may('stop', 'check'),
};
