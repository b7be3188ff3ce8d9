import type { FindingCode } from '../findings/finding';

/** Who can answer what is open, in the order in which they are asked. */
export const ASKERS = ['site', 'owner', 'manufacturer', 'authority', 'utility'] as const;
/** Somebody who can answer. */
export type Asker = (typeof ASKERS)[number];

/** What somebody else than whoever stands in the house answers. */
const ELSEWHERE: Readonly<Partial<Record<FindingCode, Asker>>> = {
  'rv.larger': 'owner',
  'receptacle.which-plug': 'owner',
  'load.setting-open': 'manufacturer',
  'load.maker-circuits': 'manufacturer',
  'load.pair-diagram': 'manufacturer',
  'load.too-many-units': 'manufacturer',
  'motor.listed-appliance': 'manufacturer',
  'ocpd.label-below-125': 'manufacturer',
  'conductor.aluminum-ends': 'manufacturer',
  'method.ask-listing': 'manufacturer',
  'panel.breaker-not-listed': 'manufacturer',
  'service.sharing': 'manufacturer',
  'body.marked': 'manufacturer',
  'load.setting-edition': 'authority',
  'egc.aluminum': 'authority',
  'gfci.contested': 'authority',
  'gfci.hvac-amendment': 'authority',
  'gfci.hvac-exempt': 'authority',
  'building.second-allowed': 'authority',
  'existing.bare-subpanel': 'authority',
  'existing.may-stay': 'authority',
  'existing.pump-replaced': 'authority',
  'edition.unverified': 'authority',
  'service.managed': 'authority',
  'service.least': 'authority',
  'zone.equipment': 'authority',
  'bond.perimeter': 'authority',
  'bond.height-band': 'authority',
  'bond.taps': 'authority',
  'bond.water': 'authority',
  'bond.loop-open': 'authority',
  'work.before-locate': 'utility',
  'demand.hourly': 'utility',
  'demand.season': 'utility',
};

/** Who can answer a finding: whoever stands in the house, unless it is another's word. */
export const askedOf = (code: FindingCode): Asker => ELSEWHERE[code] ?? 'site';
