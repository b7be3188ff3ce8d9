import type { Edition } from '../code/edition';
import { MAX_HANDLE_IN } from '../code/mounting';
import type { SectionKey } from '../code/sections';
import { meets } from '../units/quantity';
import type { DisconnectArticle } from '../working/step';
import type { Working } from '../working/worked';
import type { DisconnectChoice } from './disconnectChoice';
import type { OutletFacts } from './outletFacts';

/** Where the rating of a disconnect is said apart from the disconnect itself. */
export const RATING_SECTION: Readonly<Partial<Record<DisconnectArticle, SectionKey>>> = {
  motor: 'disconnect.rating-motor',
  hermetic: 'disconnect.rating-hermetic',
};

/** A breaker is the disconnect where it is in sight or lockable, or beside a unit switch (422.31(B), 422.34). */
function lockOrSight(
  { ratingA }: DisconnectChoice,
  { lockable, disconnectInSight, disconnectFt, unitSwitch }: OutletFacts['site'],
  { parameters }: Edition,
  cite: SectionKey,
  work: Working,
): void {
  // In sight is visible and within 50 ft (Article 100).
  const isTooFar = disconnectFt !== undefined && !meets(parameters.inSightFt.value, disconnectFt);
  const isInSight = isTooFar ? false : disconnectInSight;
  if (lockable === true || isInSight === true || unitSwitch === true) return;
  const about = { ratingA: ratingA ?? 0 };
  if (lockable === false && isInSight === false) work.found('stop', 'disconnect.not-lockable', cite, about);
  else work.found('ask', 'disconnect.lock-or-sight', cite, about);
}

/** How high a switch or enclosure is mounted, and whether the space before it is clear (404.8(A), 110.26(A)). */
function mounting(
  { kind }: DisconnectChoice,
  { disconnectHandleFt, disconnectClear }: OutletFacts['site'],
  work: Working,
): void {
  if (kind !== 'switch' && kind !== 'motor-switch' && kind !== 'enclosure') return;
  const inches = (disconnectHandleFt ?? 0) * 12;
  if (!meets(MAX_HANDLE_IN, inches))
    work.found('stop', 'disconnect.height', 'panel.height', { inches, maxIn: MAX_HANDLE_IN });
  if (disconnectClear === false)
    work.found('stop', 'disconnect.working-space', 'panel.working-space', { kind });
}

/** The inside wall lies at most so far behind the outer edge of a tub, feet. */
const RIM_FT = 1;

/**
 * How far a disconnect is from the water, measured to its inside wall (680.13): clear, too near, not known; or known to
 * the outer edge alone, so that the inside wall decides. A permanent barrier counts with the path around it.
 */
function fromWater(
  { waterFt, waterEdgeFt, reachFt }: OutletFacts['site'],
  minFt: number,
): 'clear' | 'unknown' | 'inside-wall' | { readonly ft: number } {
  if (reachFt !== undefined && meets(reachFt, minFt)) return 'clear';
  if (waterFt !== undefined) return meets(waterFt, minFt) ? 'clear' : { ft: waterFt };
  if (waterEdgeFt === undefined) return 'unknown';
  if (meets(waterEdgeFt, minFt)) return 'clear';
  return meets(waterEdgeFt, minFt - RIM_FT) ? 'inside-wall' : { ft: waterEdgeFt };
}

/** A disconnect that is there, or planned, compared with what its place asks: sight, water, rating, mounting, lock. */
export function compareDisconnect(
  choice: DisconnectChoice,
  { site, needs, load }: OutletFacts,
  cite: SectionKey,
  code: Edition,
  work: Working,
): void {
  if (choice.required !== true) return;
  if (site.disconnect === 'none') {
    work.found('stop', 'disconnect.missing', cite, { kind: choice.kind });
    return;
  }
  const { disconnectFt, disconnectInSight, disconnectA } = site;
  if (choice.withinFt !== null && (disconnectInSight === false || (disconnectFt ?? 0) > choice.withinFt)) {
    work.found('stop', 'disconnect.out-of-sight', cite, {
      ft: disconnectFt ?? null,
      maxFt: choice.withinFt,
    });
  }
  const water = choice.fromWaterFt === null ? 'clear' : fromWater(site, choice.fromWaterFt);
  if (typeof water === 'object')
    work.found('stop', 'disconnect.too-near-water', cite, { ft: water.ft, minFt: choice.fromWaterFt ?? 0 });
  if (water === 'inside-wall')
    work.found('ask', 'disconnect.inside-wall', cite, {
      ft: site.waterEdgeFt ?? 0,
      minFt: choice.fromWaterFt ?? 0,
    });
  const asks = choice.withinFt !== null && disconnectFt === undefined && disconnectInSight === undefined;
  if (asks || water === 'unknown') {
    work.found('ask', 'disconnect.place', cite, {
      maxFt: choice.withinFt ?? 0,
      waterFt: choice.fromWaterFt ?? 0,
    });
  }
  if (disconnectA !== undefined && !meets(disconnectA, needs.disconnect.minA)) {
    work.found('stop', 'disconnect.rating', RATING_SECTION[needs.disconnect.by] ?? cite, {
      ratingA: disconnectA,
      minA: needs.disconnect.minA,
    });
  }
  mounting(choice, site, work);
  if (choice.kind === 'lockable-breaker' && load.equipmentA > 0) lockOrSight(choice, site, code, cite, work);
}
