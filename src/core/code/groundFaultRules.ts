/** Rules that ask for GFCI protection of people, by what they are about. */
export const GROUND_FAULT_RULES = [
  'bathroom',
  'garage',
  'outdoors',
  'crawl',
  'basement',
  'kitchen',
  'food',
  'sink',
  'boathouse',
  'tub',
  'laundry',
  'damp',
  'appliance',
  'outdoor-outlet',
  'vehicle',
  'spa',
  'pool-pump',
  'pool-heater',
  'pool-zone',
  'local',
] as const;
/** One rule that asks for GFCI protection. */
export type GroundFaultRuleId = (typeof GROUND_FAULT_RULES)[number];
