import type { Source } from '../core/sources/sourceSchema';
import { today } from './clock';

/** Told by whoever types, now. */
export const toldNow = (): Extract<Source, { kind: 'told' }> => ({ kind: 'told', on: today() });
