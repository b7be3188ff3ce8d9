import type { WireSize } from '../units/wireSize';
import { sizeRank } from '../units/wireSize';
import type { Working } from '../working/worked';
import type { OutletFacts } from './outletFacts';

/** From this size marks at the ends identify a neutral or a ground (200.6(B), 250.119(A)). */
const MARKED_AT_ENDS_FROM: WireSize = '4';

/**
 * What was seen at the ends: a ground that is landed by a screw that holds it (250.8), spares capped at both ends; and
 * of the colors: green is never a hot, a small white is never a ground, and a white that is a
 * hot is marked at every end, which only a cable allows (200.6, 200.7, 250.119).
 */
export function identification(
  { site }: OutletFacts,
  size: WireSize,
  ground: WireSize,
  cable: boolean,
  work: Working,
): void {
  const { hotColor, whiteMarked, groundColor, groundLanded, sparesCapped, groundScrew } = site;
  if (groundLanded === false)
    work.found('stop', 'ends.ground-not-landed', 'work.ground-path', { size: ground });
  if (sparesCapped === false) work.found('stop', 'ends.spare-open', 'work.connections', { size });
  if (groundScrew === 'short' || groundScrew === 'sheet-metal')
    work.found('stop', 'ends.ground-screw', 'ends.screw', { screw: groundScrew });
  if (hotColor === 'green') work.found('stop', 'ident.green-as-ungrounded', 'ident.green', { size });
  if (hotColor === 'white' && (!cable || whiteMarked === false)) {
    work.found('stop', 'ident.white-hot-unmarked', 'ident.white-hot', { size, cable });
  } else if (hotColor === 'white' && whiteMarked === undefined) {
    work.found('ask', 'ident.white-hot-unmarked', 'ident.white-hot', { size, cable });
  }
  const small = sizeRank(ground) < sizeRank(MARKED_AT_ENDS_FROM);
  if (groundColor === 'white' && small)
    work.found('stop', 'ident.white-as-egc', 'ident.ground', { size: ground });
  if (groundColor === 'black' && small)
    work.found('stop', 'ident.ground-remarked', 'ident.ground', { size: ground });
}
