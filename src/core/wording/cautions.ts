import { CAUTION } from './footCautions';

/** What the sheet of a tub or pool says until its bonding is planned. */
export const BONDING_OPEN = 'Equipotential bonding is not planned yet.';

/** What may be read live and by whom; (P): its section is not settled here. Never on the page of the owner. */
export const LIVE_CAUTION =
  'Dead first. Live only what dead cannot show: testing; nothing loosened, tightened, moved or landed. Qualified person; tester and leads CAT III 600 V, CAT IV at service equipment; rated gloves with leathers; arc-rated wear and face shield by the tables of the work-safety standard (P). Nothing on the line side of the service disconnect. Anyone else: not read; off and locked.';

/** What proved dead means, all of it. */
export const PROVED_DEAD =
  'Off at every source, locked, tagged. Stored energy waited out (mini splits, drives). Tester on a live source; each conductor to every other, neutral and ground; tester again.';

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
