import type { Source } from '../core/sources/sourceSchema';
import { today } from './clock';
import { whoNow } from './who';

/** Told by whoever types, now. */
export function toldNow(): Extract<Source, { kind: 'told' }> {
  const who = whoNow();
  return { kind: 'told', ...(who !== undefined && { who }), on: today() };
}
