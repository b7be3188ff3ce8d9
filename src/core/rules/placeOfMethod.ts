import type { Edition } from '../code/edition';
import { METHODS, type MethodId, type Place } from '../code/methods';
import type { Working } from '../working/worked';

/**
 * Whether a method may be where its stretch runs: a stop where it may not, by its article or by a local
 * rule, a question where a listing decides.
 */
export function placeOfMethod(method: MethodId, place: Place, code: Edition, work: Working): void {
  const { outdoor, underground, placeCite } = METHODS[method];
  if (place === 'outdoor' && outdoor === 'no') {
    work.found('stop', 'method.wet-location', placeCite, { method, place });
  }
  if (place === 'underground' && underground === 'no') {
    work.found('stop', 'method.underground', placeCite, { method });
  }
  const asks =
    (place === 'outdoor' && outdoor === 'ask') || (place === 'underground' && underground === 'ask');
  if (asks) work.found('ask', 'method.ask-listing', placeCite, { method, place });
  const forbidden = code.local.forbidden.some(
    (each) => each.method === method && (each.place === 'anywhere' || each.place === place),
  );
  if (forbidden) work.found('stop', 'method.forbidden', 'amendment.local', { method, place });
}
