import type { GateId } from '../timing/daysDocument';
import { about } from './catalogEntry';

/** Findings about the order of the work. */
export const daysCatalog = {
  'work.before-inspection': about<{ gate: GateId }>().may('stop'),
  'work.refused': about<{ gate: GateId; what: string; passedAt: string }>().may('stop', 'note'),
  'work.unmarked': about<{ on: string; ticket: string }>().may('check'),
};
