import { isOtherBuilding, MAY_BE_ANOTHER } from './building';
import { BUILDINGS, BUILDING_SUPPLIES, LOCATIONS } from '../code/locations';
import { AT_WATER } from './loadKinds';
import type { OutletChoice } from './outlet';
import type { OutletFacts } from './outletFacts';
import { type Site } from './siteSchema';
import { GROUND_FAULT_FORMS } from '../code/groundFaultForms';

/** Which part of the circuit a question of the site belongs to. */
export type SiteTopic = 'place' | 'disconnect' | 'protection' | 'ends';

/** One thing to measure or to look at where the appliance stands. */
export type SiteQuestion = { readonly key: keyof Site; readonly topic: SiteTopic } & (
  | { readonly kind: 'feet' | 'amps' | 'torque' | 'text' | 'size' }
  | { readonly kind: 'yes-no' }
  | { readonly kind: 'choice'; readonly values: readonly string[] }
);

const RECEPTACLE_ROOMS: ReadonlySet<string> = new Set([
  'kitchen',
  'food',
  'laundry',
  'living',
  'utility',
  'basement',
  'finished-basement',
  'garage',
]);

/** Which building it is, and of another one what supplies it and where its disconnect is. */
function buildingQuestions({
  needs,
  location,
  site,
}: Pick<OutletFacts, 'needs' | 'location' | 'site'>): readonly SiteQuestion[] {
  const feeder = needs.kind === 'feeder';
  const other = isOtherBuilding({ needs, site });
  return [
    ...(feeder || !MAY_BE_ANOTHER.has(location)
      ? []
      : [{ key: 'building', topic: 'place', kind: 'choice', values: BUILDINGS } as const]),
    ...(site.building === 'post' ? [{ key: 'structure', topic: 'place', kind: 'yes-no' } as const] : []),
    ...(other
      ? ([{ key: 'supply', topic: 'place', kind: 'choice', values: BUILDING_SUPPLIES }] as const)
      : []),
    ...(other && site.supply !== undefined && site.supply !== 'none'
      ? ([
          { key: 'secondSupply', topic: 'place', kind: 'choice', values: ['special', 'different', 'no'] },
        ] as const)
      : []),
    ...(other && !feeder
      ? ([
          { key: 'buildingDisconnect', topic: 'disconnect', kind: 'choice', values: ['planned', 'none'] },
        ] as const)
      : []),
  ];
}

const place = ({ load, needs, location, site }: OutletFacts): readonly SiteQuestion[] => [
  ...(needs.fixedLocation === undefined
    ? [{ key: 'room', topic: 'place', kind: 'choice', values: LOCATIONS } as const]
    : []),
  ...(needs.kind === 'hvac' ? [{ key: 'serviceOutletFt', topic: 'place', kind: 'feet' } as const] : []),
  ...buildingQuestions({ needs, location, site }),
  ...(load.connection === 'receptacle' && RECEPTACLE_ROOMS.has(location)
    ? [{ key: 'sinkFt', topic: 'place', kind: 'feet' } as const]
    : []),
  ...(load.connection === 'receptacle' && (location === 'outdoor' || AT_WATER.has(needs.kind))
    ? [{ key: 'waterFt', topic: 'place', kind: 'feet' } as const]
    : []),
];

const disconnect = (facts: OutletFacts, { disconnect: choice }: OutletChoice): readonly SiteQuestion[] => [
  ...(choice.withinFt === null
    ? []
    : ([
        { key: 'disconnectFt', topic: 'disconnect', kind: 'feet' },
        { key: 'disconnectInSight', topic: 'disconnect', kind: 'yes-no' },
      ] as const)),
  ...(choice.fromWaterFt === null
    ? []
    : ([
        { key: 'waterFt', topic: 'disconnect', kind: 'feet' },
        ...(facts.site.waterFt === undefined
          ? [{ key: 'waterEdgeFt', topic: 'disconnect', kind: 'feet' } as const]
          : []),
        { key: 'reachFt', topic: 'disconnect', kind: 'feet' },
      ] as const)),
  ...(choice.kind === 'switch' || choice.kind === 'motor-switch' || choice.kind === 'enclosure'
    ? ([
        { key: 'disconnectA', topic: 'disconnect', kind: 'amps' },
        { key: 'disconnect', topic: 'disconnect', kind: 'choice', values: ['planned', 'none'] },
        { key: 'disconnectHandleFt', topic: 'disconnect', kind: 'feet' },
        { key: 'disconnectClear', topic: 'disconnect', kind: 'yes-no' },
      ] as const)
    : []),
  ...(choice.kind === 'lockable-breaker'
    ? ([
        { key: 'disconnectInSight', topic: 'disconnect', kind: 'yes-no' },
        { key: 'disconnectFt', topic: 'disconnect', kind: 'feet' },
        { key: 'lockable', topic: 'disconnect', kind: 'yes-no' },
        { key: 'unitSwitch', topic: 'disconnect', kind: 'yes-no' },
      ] as const)
    : []),
  ...(facts.needs.kind === 'spa' && facts.survey.occupancy !== 'one-family'
    ? [{ key: 'emergencyShutoff', topic: 'disconnect', kind: 'choice', values: ['planned', 'none'] } as const]
    : []),
  ...(facts.needs.disconnect.hp !== undefined && facts.load.connection === 'receptacle'
    ? [{ key: 'plugHp', topic: 'disconnect', kind: 'yes-no' } as const]
    : []),
  ...(facts.needs.kind === 'spa' && facts.load.connection === 'receptacle'
    ? [{ key: 'plugDisconnect', topic: 'disconnect', kind: 'yes-no' } as const]
    : []),
];

const protection = ({ needs, load }: OutletFacts, { gfci, afci }: OutletChoice): readonly SiteQuestion[] => [
  ...(gfci.sources.length > 0
    ? ([
        { key: 'groundFault', topic: 'protection', kind: 'choice', values: [...GROUND_FAULT_FORMS, 'none'] },
        { key: 'panelGfci', topic: 'protection', kind: 'yes-no' },
      ] as const)
    : []),
  ...(gfci.form !== 'none' && needs.usesNeutral
    ? [{ key: 'loadNeutral', topic: 'protection', kind: 'choice', values: ['device', 'bar'] } as const]
    : []),
  ...(gfci.form === 'spa-enclosure' && !needs.usesNeutral
    ? [{ key: 'feedNeutral', topic: 'protection', kind: 'yes-no' } as const]
    : []),
  ...(gfci.form === 'receptacle' || gfci.form === 'dead-front'
    ? [{ key: 'lineLoad', topic: 'protection', kind: 'choice', values: ['right', 'swapped'] } as const]
    : []),
  ...(afci.required === true
    ? [{ key: 'arcFault', topic: 'protection', kind: 'choice', values: ['breaker', 'none'] } as const]
    : []),
  ...(load.connection === 'receptacle'
    ? ([
        { key: 'receptacle', topic: 'protection', kind: 'text' },
        { key: 'plug', topic: 'protection', kind: 'text' },
      ] as const)
    : []),
];

const ENDS: readonly SiteQuestion[] = [
  { key: 'panel', topic: 'ends', kind: 'choice', values: ['service', 'subpanel'] },
  { key: 'hotColor', topic: 'ends', kind: 'choice', values: ['black', 'red', 'blue', 'white', 'green'] },
  { key: 'whiteMarked', topic: 'ends', kind: 'yes-no' },
  { key: 'groundColor', topic: 'ends', kind: 'choice', values: ['bare', 'green', 'white', 'black'] },
  { key: 'groundLanded', topic: 'ends', kind: 'yes-no' },
  { key: 'sparesCapped', topic: 'ends', kind: 'yes-no' },
  { key: 'groundScrew', topic: 'ends', kind: 'choice', values: ['listed', 'short', 'sheet-metal'] },
  { key: 'lugLeast', topic: 'ends', kind: 'size' },
  { key: 'lugMost', topic: 'ends', kind: 'size' },
  { key: 'torqueLbIn', topic: 'ends', kind: 'torque' },
  { key: 'torqueBarLbIn', topic: 'ends', kind: 'torque' },
  { key: 'torqueDisconnectLbIn', topic: 'ends', kind: 'torque' },
  { key: 'torqueEndLbIn', topic: 'ends', kind: 'torque' },
];

/**
 * What there is to measure and to look at for one outlet: only what its rules read.
 *
 * @param isPlaced - Once its breaker has a place, the record of that panel says what it is fed from.
 */
export function siteQuestions(
  facts: OutletFacts,
  outlet: OutletChoice,
  topic: SiteTopic,
  isPlaced: boolean,
): readonly SiteQuestion[] {
  switch (topic) {
    case 'place':
      return place(facts);
    case 'disconnect':
      return disconnect(facts, outlet);
    case 'protection':
      return protection(facts, outlet);
    case 'ends':
      return ENDS.filter(
        ({ key }) =>
          (key !== 'whiteMarked' || facts.site.hotColor === 'white') && (key !== 'panel' || !isPlaced),
      );
  }
}

/** The site with one thing known, or with `undefined` not known again. */
export function withSite(site: Site, key: keyof Site, value: unknown): Site {
  const { [key]: _old, ...rest } = site;
  return value === undefined ? rest : { ...rest, [key]: value };
}
