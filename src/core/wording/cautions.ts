/** What is said once on every page that somebody may build from. */
export const CAUTION =
  'Pasture plans and records; it makes nobody qualified. The adopted code, the authority, the manufacturer and a licensed electrician decide.';

/** The caution of the Circuits stage, short enough for one line. */
export const CIRCUITS_CAUTION =
  'Service lugs stay live with the main off. Call before digging. The authority decides.';

/** What the sheet of a tub or pool says until its bonding is planned. */
export const BONDING_OPEN = 'Equipotential bonding is not planned yet.';

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

/** What may be read live and by whom; (P): its section is not settled here. Never on the page of the owner. */
export const LIVE_CAUTION =
  'Dead first. Live only what dead cannot show: testing; nothing loosened, tightened, moved or landed. Qualified person; tester and leads CAT III 600 V, CAT IV at service equipment; rated gloves with leathers; arc-rated wear and face shield by the tables of the work-safety standard (P). Nothing on the line side of the service disconnect. Anyone else: not read; off and locked.';

/** What proved dead means, all of it. */
export const PROVED_DEAD =
  'Off at every source, locked, tagged. Stored energy waited out (mini splits, drives). Tester on a live source; each conductor to every other, neutral and ground; tester again.';

/** The caution of the bench. */
export const BENCH_CAUTION = 'A bench forgives. Real wire does not: work dead, proved live, dead, live.';

/** The caution of the drills. */
export const DRILL_CAUTION =
  'A drill for the hand. On the job the manufacturer’s instructions and the label come first.';

/** What a packet is, and what it is not. */
export const PACKET_CAUTION = 'Pasture plans and records; it makes nobody qualified. The authority decides.';

/** The cautions of what an owner is given: nothing on it tells him to work at wires. */
export const OWNER_CAUTIONS: readonly string[] = [
  'Leave panel, wiring and whatever is locked off to a licensed electrician. What trips again after one reset stays off.',
  'Call before digging.',
  CAUTION,
];

/** The cautions of a printed sheet. */
export const SHEET_CAUTIONS: readonly string[] = [
  `Work only on a dead panel. ${PROVED_DEAD} The service lugs stay live with the main off.`,
  'Call before digging. Leave trench and walls open until they were inspected.',
  'Torque every termination to its label. Land the far end first and the panel last.',
  CAUTION,
];
