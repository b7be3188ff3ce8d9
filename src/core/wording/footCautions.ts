/** What is said once on every page that somebody may build from. */
export const CAUTION =
  'Pasture plans and records; it makes nobody qualified. The adopted code, the authority, the manufacturer and a licensed electrician decide.';

/** The caution of the Circuits stage, short enough for one line. */
export const CIRCUITS_CAUTION =
  'Service lugs stay live with the main off. Call before digging. The authority decides.';

/** The caution of the Water stage. */
export const WATER_CAUTION =
  'Water kills. Nothing is covered or poured before the inspector has seen the bonding.';

/** The caution of the Materials stage. */
export const MATERIALS_CAUTION =
  'Prices are not offers. Listing of each breaker: see Panel. Call before digging.';

/** The caution of the quote. */
export const QUOTE_CAUTION = 'A price, not a promise of the utility. The authority decides.';

/** The caution of the Days stage. */
export const DAYS_CAUTION =
  'Dead only: plan other light. Call before digging. Lugs stay live with the main off.';

/** The caution of the Checks stage. */
export const CHECKS_CAUTION =
  'Dead first. Live only what dead cannot show. Lugs stay live with the main off. No reading says that it is safe.';

/** The caution of the bench. */
export const BENCH_CAUTION = 'A bench forgives. Real wire does not: work dead, proved live, dead, live.';

/** The caution of the drills. */
export const DRILL_CAUTION =
  'A drill for the hand. On the job the manufacturer’s instructions and the label come first.';

/** What a packet is, and what it is not. */
export const PACKET_CAUTION = 'Pasture plans and records; it makes nobody qualified. The authority decides.';
