import { isOtherBuilding, MAY_BE_ANOTHER } from './building';
import { AT_WATER } from './loadKinds';
import type { OutletChoice } from './outlet';
import type { OutletFacts } from './outletFacts';
import type { Site } from './siteSchema';

/** Which part of the circuit a question of the site belongs to. */
export type SiteTopic = 'place' | 'disconnect' | 'protection' | 'ends';

type Asked = readonly (readonly [keyof Site, boolean])[];

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

/** Which room and which building it is; of another building what supplies it. */
function place({ load, needs, location, site }: OutletFacts): Asked {
  const feeder = needs.kind === 'feeder';
  const other = isOtherBuilding({ needs, site });
  const plugged = load.connection === 'receptacle';
  return [
    ['room', needs.fixedLocation === undefined],
    ['serviceOutletFt', needs.kind === 'hvac'],
    ['building', !feeder && MAY_BE_ANOTHER.has(location)],
    ['structure', site.building === 'post'],
    ['supply', other],
    ['secondSupply', other && site.supply !== undefined && site.supply !== 'none'],
    ['buildingDisconnect', other && !feeder],
    ['sinkFt', plugged && RECEPTACLE_ROOMS.has(location)],
    ['waterFt', plugged && (location === 'outdoor' || AT_WATER.has(needs.kind))],
  ];
}

function disconnect({ needs, load, site, survey }: OutletFacts, { disconnect: choice }: OutletChoice): Asked {
  const { kind } = choice;
  const isSwitch = kind === 'switch' || kind === 'motor-switch' || kind === 'enclosure';
  const isBreaker = kind === 'lockable-breaker';
  const isSpa = needs.kind === 'spa';
  const plugged = load.connection === 'receptacle';
  return [
    ['disconnectFt', choice.withinFt !== null && !isBreaker],
    ['disconnectInSight', choice.withinFt !== null || isBreaker],
    ['waterFt', choice.fromWaterFt !== null],
    ['waterEdgeFt', choice.fromWaterFt !== null && site.waterFt === undefined],
    ['reachFt', choice.fromWaterFt !== null],
    ['disconnectA', isSwitch],
    ['disconnect', isSwitch],
    ['disconnectHandleFt', isSwitch],
    ['disconnectClear', isSwitch],
    ['disconnectFt', isBreaker],
    ['lockable', isBreaker],
    ['unitSwitch', isBreaker],
    ['emergencyShutoff', isSpa && survey.occupancy !== 'one-family'],
    ['plugHp', needs.disconnect.hp !== undefined && plugged],
    ['plugDisconnect', isSpa && plugged],
  ];
}

function protection({ needs, load }: OutletFacts, { gfci, afci }: OutletChoice): Asked {
  const plugged = load.connection === 'receptacle';
  return [
    ['groundFault', gfci.sources.length > 0],
    ['panelGfci', gfci.sources.length > 0],
    ['loadNeutral', gfci.form !== 'none' && needs.usesNeutral],
    ['feedNeutral', gfci.form === 'spa-enclosure' && !needs.usesNeutral],
    ['lineLoad', gfci.form === 'receptacle' || gfci.form === 'dead-front'],
    ['arcFault', afci.required === true],
    ['receptacle', plugged],
    ['plug', plugged],
  ];
}

/** Once a breaker has a place, the record of that panel says what it is fed from. */
const ends = ({ site }: OutletFacts, isPlaced: boolean): Asked => [
  ['panel', !isPlaced],
  ['hotColor', true],
  ['whiteMarked', site.hotColor === 'white'],
  ['groundColor', true],
  ['groundLanded', true],
  ['sparesCapped', true],
  ['groundScrew', true],
  ['lugLeast', true],
  ['lugMost', true],
  ['torqueLbIn', true],
  ['torqueBarLbIn', true],
  ['torqueDisconnectLbIn', true],
  ['torqueEndLbIn', true],
];

function askedOf(facts: OutletFacts, outlet: OutletChoice, topic: SiteTopic, isPlaced: boolean): Asked {
  switch (topic) {
    case 'place':
      return place(facts);
    case 'disconnect':
      return disconnect(facts, outlet);
    case 'protection':
      return protection(facts, outlet);
    case 'ends':
      return ends(facts, isPlaced);
  }
}

/**
 * What there is to measure and to look at for one outlet: only what its rules read.
 *
 * @param isPlaced - Whether its breaker has a place in a panel of the job.
 */
export const siteQuestions = (
  facts: OutletFacts,
  outlet: OutletChoice,
  topic: SiteTopic,
  isPlaced: boolean,
): readonly (keyof Site)[] =>
  askedOf(facts, outlet, topic, isPlaced).flatMap(([key, is]) => (is ? [key] : []));
