import type { LoadKind } from '../appliances/family';
import type { GroundFaultRuleId } from '../code/groundFaultRules';
import type { Occupancy, Location } from '../code/locations';
import type { DisconnectChoice, DisconnectKind } from '../protection/disconnectChoice';
import type { FormReason } from '../protection/groundFault';
import type { GroundFaultForm } from '../code/groundFaultForms';
import type { Cover } from '../protection/receptacleChoice';

/** Rooms and places as they stand alone. */
export const locationName: Readonly<Record<Location, string>> = {
  outdoor: 'outdoors',
  garage: 'garage',
  accessory: 'outbuilding',
  basement: 'unfinished basement',
  'finished-basement': 'finished basement',
  crawl: 'crawl space',
  attic: 'attic',
  kitchen: 'kitchen',
  food: 'area with a sink for food or drink',
  laundry: 'laundry',
  bathroom: 'bathroom',
  boathouse: 'boathouse',
  damp: 'damp place indoors',
  living: 'living or dining room',
  bedroom: 'bedroom',
  hall: 'hall',
  closet: 'closet',
  utility: 'utility room',
};

/** Rooms and places after a verb: "stands in the garage". */
export const inLocation = (location: Location): string =>
  location === 'outdoor'
    ? 'outdoors'
    : `in ${location === 'attic' || location === 'food' || location === 'accessory' ? 'an' : 'a'} ${locationName[location]}`;

/** Why a rule requires GFCI protection, in a few words. */
export const ruleWords: Readonly<Record<GroundFaultRuleId, string>> = {
  bathroom: 'receptacle in a bathroom',
  garage: 'receptacle in a garage or outbuilding',
  outdoors: 'receptacle outdoors',
  crawl: 'receptacle in a crawl space',
  basement: 'receptacle in a basement',
  kitchen: 'receptacle in a kitchen',
  food: 'receptacle where food or drink is made',
  sink: 'receptacle within reach of a sink',
  boathouse: 'receptacle in a boathouse',
  tub: 'receptacle within reach of a tub or shower',
  laundry: 'receptacle in a laundry',
  damp: 'receptacle in a damp place',
  appliance: 'this appliance, however it is connected',
  'outdoor-outlet': 'outlet outdoors, in a garage or outbuilding, hardwired too',
  vehicle: 'receptacle for a vehicle',
  spa: 'the outlet of a tub',
  'pool-pump': 'the outlet of a pool pump',
  'pool-heater': 'the outlet of a pool heater',
  'pool-zone': 'receptacle within 20 ft of a pool',
  local: 'a local amendment',
};

/** Forms of GFCI protection. */
export const formName: Readonly<Record<GroundFaultForm, string>> = {
  none: 'none',
  breaker: 'GFCI breaker',
  receptacle: 'GFCI receptacle',
  'dead-front': 'dead-front device',
  'spa-enclosure': 'GFCI breaker in an enclosure at the load',
  'dual-function': 'dual-function breaker',
};

/** The same, as short as a figure of the ladder has to be. */
export const formFigure: Readonly<Record<GroundFaultForm, string>> = {
  none: 'none',
  breaker: 'GFCI',
  receptacle: 'GFCI',
  'dead-front': 'GFCI',
  'spa-enclosure': 'GFCI',
  'dual-function': 'DF',
};

/** Why a form was taken. */
export const formReason: Readonly<Record<FormReason, string>> = {
  'not-asked': 'not required here',
  exempt: 'by a dated exception',
  planned: 'as planned',
  'two-pole': 'two-pole breaker',
  'over-20': 'single-pole breaker: no receptacle device over 20 A',
  'near-the-tub': 'enclosure near the tub',
  'tub-without-neutral': 'in the panel: three wires',
  'with-arc-fault': 'one breaker with arc-fault',
  'at-hand': 'receptacle, reset within reach',
  hidden: 'breaker: out of reach',
  'no-breaker-made': 'no breaker for the panel',
  'house-panel': 'shop practice: in the panel',
  'house-breaker': 'shop practice: breaker',
  unknown: 'by place and appliance',
};

/** Kinds of disconnecting means. */
export const disconnectName: Readonly<Record<DisconnectKind, string>> = {
  none: 'none',
  plug: 'the plug',
  'lockable-breaker': 'lockable breaker',
  switch: 'switch',
  'motor-switch': 'horsepower-rated switch',
  enclosure: 'the enclosure of its breaker',
};

/** Where a disconnect stands, in a few words. */
export function disconnectPlace({ inSight, withinFt, fromWaterFt, kind }: DisconnectChoice): string {
  if (kind === 'lockable-breaker') return 'the breaker, lockable';
  const parts = [
    inSight && withinFt !== null ? 'in sight' : '',
    fromWaterFt === null ? '' : `${fromWaterFt} ft from water`,
  ].filter((part) => part !== '');
  return parts.length > 0
    ? parts.join(', ')
    : kind === 'none'
      ? 'breaker is enough here'
      : disconnectName[kind];
}

/** Covers of receptacles. */
export const coverName: Readonly<Record<Cover, string>> = {
  none: 'indoor plate',
  damp: 'cover that closes',
  'in-use': 'extra-duty hood, closed in use',
  weatherproof: 'cover weatherproof with the plug in',
};

/** Kinds of building. */
export const occupancyName: Readonly<Record<Occupancy, string>> = {
  'one-family': 'one-family dwelling',
  'two-family': 'two-family dwelling',
  'multi-family': 'multifamily dwelling',
  other: 'not a dwelling',
};

/** Loads as the rules of protection tell them apart. */
export const loadKindName: Readonly<Record<LoadKind, string>> = {
  ev: 'vehicle chargers',
  spa: 'tubs and spas',
  'pool-pump': 'pool pumps',
  'pool-heater': 'pool heaters',
  range: 'ranges and ovens',
  dryer: 'dryers',
  'water-heater': 'water heaters',
  hvac: 'heating and cooling',
  'room-ac': 'room air conditioners',
  welder: 'welders',
  'well-pump': 'well pumps',
  motor: 'motors',
  rv: 'trailer outlets',
  receptacle: 'ordinary receptacles',
  feeder: 'feeders',
  heat: 'kilns and heat',
  dishwasher: 'dishwashers',
  'sump-pump': 'sump pumps',
  microwave: 'microwave ovens',
  'water-cooler': 'water coolers and bottle fillers',
  'pressure-washer': 'high-pressure washers',
  'tire-inflator': 'tire inflators',
  vending: 'vending machines',
  vacuum: 'automotive vacuums',
  other: 'other loads',
};
