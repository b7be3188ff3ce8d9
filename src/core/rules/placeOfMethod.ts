import type { Edition } from '../code/edition';
import { allowedIn, METHODS, type MethodId, type Environment } from '../code/methods';
import type { Working } from '../working/worked';

/**
 * Whether a method may be where its segment runs: a stop where it may not, by its article or by a local
 * rule, a question where a listing decides.
 */
export function placeOfMethod(method: MethodId, place: Environment, code: Edition, work: Working): void {
  const { placeCite } = METHODS[method];
  const allowed = allowedIn(method, place);
  if (allowed === 'ask') work.found('ask', 'method.ask-listing', placeCite, { method, place });
  else if (allowed === 'no') {
    if (place === 'underground') work.found('stop', 'method.underground', placeCite, { method });
    else if (place === 'corrosive') work.found('stop', 'method.corrosive', placeCite, { method });
    else work.found('stop', 'method.wet-location', placeCite, { method, place });
  }
  const forbidden = code.local.forbidden.some(
    (each) => each.method === method && (each.place === 'anywhere' || each.place === place),
  );
  if (forbidden) work.found('stop', 'method.forbidden', 'amendment.local', { method, place });
}
