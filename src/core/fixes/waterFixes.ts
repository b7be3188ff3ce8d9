import { alone } from '../circuit/edits/routeEdits';
import type { PerimeterDoubt } from '../code/waterFacts';
import type { FindingData } from '../findings/finding';
import type { Command } from '../job/command';
import { bondGrid } from '../water/bondGrid';
import { RING_DEEP_IN, RING_OFF_IN, WETTED_IN2 } from '../water/bondFindings';
import { cordWays } from '../water/cordWays';
import { legalPlace, receptaclePlace } from '../water/legalPlace';
import type { Point } from '../water/point';
import { convenienceFt } from '../water/poolFindings';
import { straightToWater } from '../water/reach';
import { surfaceFt } from '../water/surface';
import { wallsOf } from '../water/yardBarriers';
import { measuredThing, waterLevelFt, zoneObject } from '../water/yardParts';
import type { Thing } from '../water/yardSchema';
import { zoneVerdict } from '../water/zones';
import type { CandidatesByCode } from './candidate';
import type { FixChange } from './change';
import {
  putThing,
  putLine,
  putWater,
  thingWith,
  waterWith,
  without,
  yardFix,
  type About,
  type Changed,
} from './yardFix';

/** Whether a thing would stand as it must to every water, at another place. */
function suits(thing: Thing, { evaluation }: About): (place: Point) => boolean {
  const object = zoneObject(thing);
  const { code } = evaluation.context;
  const { lines, areas } = evaluation.job.yard;
  const waters = evaluation.waters.map(({ report: { water, placed } }) => ({
    water,
    placed,
    wayFrom: cordWays(placed.edge, lines, water),
  }));
  return (place) =>
    waters.every(({ water, placed, wayFrom }) => {
      const distanceFt = straightToWater(placed.edge, place);
      const pathFt = wayFrom(place, thing.heightFt)?.pathFt ?? null;
      if (distanceFt === 0) return false;
      if (object === undefined) return true;
      const measured = measuredThing({ ...thing, at: [...place] }, object, water, areas, {
        distanceFt,
        pathFt,
      });
      return zoneVerdict(measured, code).far;
    });
}

/** The nearest place at which a thing may stand. */
function moved(about: About, leastFt: number): Changed | undefined {
  const { thing, report } = about;
  if (thing === undefined) return undefined;
  const at = legalPlace(thing.at, leastFt, report.placed, suits(thing, about));
  if (at === undefined) return undefined;
  const ft = straightToWater(report.placed.edge, at);
  const says = { kind: 'move-in-yard', what: thing.name, ft } as const;
  return { edit: putThing({ ...thing, at: [at[0], at[1]] }), says };
}

const farEnough = (
  code:
    | 'zone.receptacle'
    | 'zone.switch'
    | 'zone.disconnect'
    | 'zone.outlet'
    | 'zone.close'
    | 'zone.equipment'
    | 'zone.cover-motor',
) => yardFix(code, (about, { minFt }) => moved(about, minFt));

const raised = (about: About, aboveFt: number): Changed | undefined =>
  thingWith(about, { heightFt: aboveFt + waterLevelFt(about.report.water) }, (what) => ({
    kind: 'raise-in-yard',
    what,
    ft: aboveFt,
  }));

const withGfci = (about: About): Changed | undefined =>
  thingWith(about, { gfci: true }, (what) => ({ kind: 'gfci-in-yard', what }));

/** The box of an underwater light a foot above the water and above the deck that it stands on. */
function raisedBox(about: About): Changed | undefined {
  const { thing, report, evaluation } = about;
  if (thing === undefined) return undefined;
  const level = waterLevelFt(report.water);
  return raised(about, 1 + Math.max(0, surfaceFt(thing.at, evaluation.job.yard.areas) - level));
}

/** A receptacle where the pool requires one, as near to the middle of its first side as may be. */
function convenience({ report, evaluation }: About): Changed | undefined {
  const { water, placed } = report;
  const range = convenienceFt(water.kind);
  const start = placed.outline[0];
  if (range === undefined || start === undefined) return undefined;
  const { things, lines } = evaluation.job.yard;
  const at = receptaclePlace(start, range, placed, cordWays(placed.edge, lines, water));
  if (at === undefined) return undefined;
  const taken = new Set(things.map(({ id }) => id));
  const id = [1, 2, 3, 4, 5, 6, 7, 8, 9]
    .map((n) => `${water.id}-receptacle-${n}`)
    .find((each) => !taken.has(each));
  if (id === undefined) return undefined;
  const item: Thing = {
    id,
    name: 'Receptacle',
    kind: 'receptacle',
    at: [at[0], at[1]],
    heightFt: 2,
    gfci: true,
  };
  return { edit: putThing(item), says: { kind: 'add-receptacle', ft: straightToWater(placed.edge, at) } };
}

/** Metal of 9 in² in the wall of the water, bonded. */
function waterBond({ report, evaluation }: About): Changed | undefined {
  const { water, placed } = report;
  const at = placed.outline[Math.floor(placed.outline.length / 2)];
  const id = `${water.id}-water-bond`;
  if (at === undefined || evaluation.job.yard.things.some((each) => each.id === id)) return undefined;
  const item: Thing = { id, name: 'Water bond', kind: 'water-plate', at: [at[0], at[1]], wetIn2: WETTED_IN2 };
  return { edit: putThing(item), says: { kind: 'water-bond', in2: WETTED_IN2 } };
}

/** A copper grid where a single ring under pavement is in doubt; the ring where the grid is. */
function surfaceBond({ report, evaluation }: About, doubt: PerimeterDoubt): Changed | undefined {
  const { water, placed } = report;
  if (doubt === 'grid-unnamed')
    return { edit: putWater(without(water, 'grid')), says: { kind: 'ring-for-grid' } };
  if (doubt !== 'paved') return undefined;
  const { wireFt, crossings } = bondGrid(placed, wallsOf(evaluation.job.yard.lines));
  return { edit: putWater({ ...water, grid: true }), says: { kind: 'copper-grid', wireFt, crossings } };
}

/** A receptacle off the circuit of the pump: its own is made from the plan. */
const ownCircuit = ({ thing }: About): Changed | undefined =>
  thing && {
    edit: putThing(without(thing, 'circuitId')),
    says: { kind: 'own-receptacle-circuit', what: thing.name },
  };

const postDeep = (what: string, postIn: number): FixChange => ({ kind: 'post-deep', what, postIn });

/** The circuit of a light out of the raceways that it shares. */
function ownRaceway({ evaluation }: About, { circuitId, name }: FindingData['pool.light-raceway']) {
  const circuit = evaluation.circuit(circuitId)?.circuit;
  if (circuit === undefined) return undefined;
  const apart = circuit.run.reduce((changed, _, at) => alone(changed, at, 'raceway'), circuit);
  const edit: Command = { kind: 'change-circuit', id: circuitId, fields: { run: apart.run } };
  return { edit, says: { kind: 'own-raceway', what: name } as const };
}

/** What is worth trying for each finding about water that a change of the plan can clear. */
export const waterFixes: CandidatesByCode = {
  'zone.receptacle': [farEnough('zone.receptacle')],
  'zone.switch': [farEnough('zone.switch')],
  'zone.disconnect': [farEnough('zone.disconnect')],
  'zone.outlet': [farEnough('zone.outlet')],
  'zone.close': [farEnough('zone.close')],
  'zone.equipment': [farEnough('zone.equipment')],
  'zone.cover-motor': [farEnough('zone.cover-motor')],
  'zone.luminaire': [
    yardFix('zone.luminaire', (about, { minFt }) => moved(about, minFt)),
    yardFix('zone.luminaire', (about, { clearFt }) => raised(about, clearFt)),
  ],
  'zone.box': [
    yardFix('zone.box', (about, { minFt, low }) => (low ? raisedBox(about) : moved(about, minFt))),
  ],
  'zone.gfci': [yardFix('zone.gfci', withGfci)],
  'zone.underground-method': [
    yardFix('zone.underground-method', ({ line }) =>
      line?.kind === 'wiring'
        ? {
            edit: putLine({ ...line, method: 'pvc40' }),
            says: { kind: 'raceway-in-yard', what: line.name, method: 'pvc40' },
          }
        : undefined,
    ),
  ],
  'pool.convenience-missing': [yardFix('pool.convenience-missing', convenience)],
  'pool.convenience-on-timer': [
    yardFix('pool.convenience-on-timer', (about) =>
      thingWith(about, { onTimer: false }, (what) => ({ kind: 'ahead-of-timer', what })),
    ),
  ],
  'pool.convenience-circuit': [yardFix('pool.convenience-circuit', ownCircuit)],
  'pool.storable-circuits': [yardFix('pool.storable-circuits', ownCircuit)],
  'pool.post-frost': [
    yardFix('pool.post-frost', (about, { frostIn }) =>
      frostIn === null ? undefined : thingWith(about, { postIn: frostIn }, (what) => postDeep(what, frostIn)),
    ),
  ],
  'pool.light-raceway': [yardFix('pool.light-raceway', ownRaceway)],
  'pool.light': [yardFix('pool.light', (about, { what }) => (what === 'gfci' ? withGfci(about) : undefined))],
  'pool.not-storable': [
    yardFix('pool.not-storable', (about) =>
      waterWith(about, { kind: 'above-ground' }, { kind: 'permanent-pool' }),
    ),
  ],
  'pool.in-water': [yardFix('pool.in-water', (about) => moved(about, 1))],
  'bond.item-missing': [
    yardFix(
      'bond.item-missing',
      ({ thing }) =>
        thing && { edit: putThing(without(thing, 'bonded')), says: { kind: 'bond-part', what: thing.name } },
    ),
  ],
  'bond.pump-pigtail': [
    yardFix(
      'bond.pump-pigtail',
      ({ thing }) =>
        thing && { edit: putThing(without(thing, 'pigtail')), says: { kind: 'pigtail', what: thing.name } },
    ),
  ],
  'bond.loop-distance': [
    yardFix('bond.loop-distance', (about) =>
      waterWith(about, { ringOffIn: RING_OFF_IN.usual }, { kind: 'ring-off', offIn: RING_OFF_IN.usual }),
    ),
  ],
  'bond.loop-depth': [
    yardFix('bond.loop-depth', (about) =>
      waterWith(about, { ringDeepIn: RING_DEEP_IN.usual }, { kind: 'ring-deep', deepIn: RING_DEEP_IN.usual }),
    ),
  ],
  'bond.perimeter': [yardFix('bond.perimeter', (about, { doubt }) => surfaceBond(about, doubt))],
  'bond.points': [
    yardFix('bond.points', (about, { needs }) =>
      waterWith(about, { taps: needs }, { kind: 'shell-ties', taps: needs }),
    ),
  ],
  'bond.water': [yardFix('bond.water', waterBond)],
  'bond.water-small': [
    yardFix('bond.water-small', (about, { minIn2 }) =>
      thingWith(about, { wetIn2: minIn2 }, () => ({ kind: 'water-bond', in2: minIn2 })),
    ),
  ],
  'bond.conductor': [
    yardFix('bond.conductor', (about) => ({
      edit: putWater(without(about.report.water, 'conductor')),
      says: { kind: 'solid-copper' },
    })),
  ],
  'bond.connector-listing': [
    yardFix('bond.connector-listing', (about) => ({
      edit: putWater(without(about.report.water, 'connectors')),
      says: { kind: 'listed-connectors' },
    })),
  ],
};
