import { freshAppliance, type Appliance } from '../appliances/registry';
import type { Circuit, Segment } from '../circuit/circuitSchema';
import type { YardThing } from '../code/waterFacts';
import { newCircuit, newSegment } from '../circuit/newCircuit';
import { nearestWater } from '../water/nearestWater';
import { apart, type Point } from '../water/point';
import { nearestOf, nearestOn, piecesOf } from '../water/segments';
import type { Thing, Yard } from '../water/yardSchema';
import { circuitChange, circuitsAdded } from './changes';
import type { Command } from './command';
import type { Job } from './jobSchema';
import { yardEdit } from './yardEdits';

/** The pump of a storable pool comes with a cord, for a receptacle of 120 V (680.31). */
const CORDED_PUMP: Appliance = {
  family: 'pool-pump',
  nameplate: { hp: 1, volts: 120, connection: 'receptacle' },
};

/** What a thing in the yard is fed by; undefined for what has no circuit of its own. */
function applianceOf(kind: YardThing, isStorable: boolean): Appliance | undefined {
  switch (kind) {
    case 'pump':
      return isStorable ? CORDED_PUMP : freshAppliance('pool-pump');
    case 'pump-receptacle':
      return {
        family: 'pool-pump',
        nameplate: { hp: 1.65, volts: 240, variable: true, connection: 'receptacle' },
      };
    case 'heater':
      return freshAppliance('pool-heater');
    case 'receptacle':
      return { family: 'receptacle', nameplate: { amps: 20, count: 1, place: 'outdoor' } };
    case 'disconnect':
      return freshAppliance('hot-tub');
    default:
      return undefined;
  }
}

/** Whether a circuit can be made for a thing in the yard. */
export const hasOwnCircuit = ({ kind }: Pick<Thing, 'kind'>): boolean =>
  applianceOf(kind, false) !== undefined;

/** Through the house until its route is typed, feet. */
const HOUSE_FT = 40;
/** Out of the house and up at the equipment, feet. */
const RISERS_FT = 6;
const WHIP_FT = 4;
const DEEP_FT = -1.5;

/** Where the wiring of the water comes from: a panel in the yard, or the house wall that is nearest. */
function source(at: Point, { things, lines }: Yard): { readonly ft: number; readonly inYard: boolean } {
  const panel = nearestOf(
    things.flatMap((each) => (each.kind === 'panel' ? [each.at] : [])),
    at,
  );
  if (panel !== undefined) return { ft: apart(panel, at), inYard: true };
  const walls = lines.flatMap((line) =>
    line.kind === 'wall' ? piecesOf(line.points).map((piece) => nearestOn(piece, at)) : [],
  );
  const wall = nearestOf(walls, at);
  return { ft: wall === undefined ? HOUSE_FT : apart(wall, at), inYard: false };
}

/** Things this near to each other stand together: one trench goes to them, feet. */
const TOGETHER_FT = 6;

/** A circuit of the job with a segment in the ground that ends where another may as well. */
interface Neighbor {
  readonly circuit: Circuit;
  readonly segment: Segment;
}

/** The circuit of a thing that stands with another and has its raceway in the ground already. */
function neighborOf({ id, at }: Thing, { yard, circuits }: Job): Neighbor | undefined {
  const near = yard.things
    .filter((each) => each.id !== id && each.circuitId !== undefined)
    .map((each) => ({ circuitId: each.circuitId, ft: apart(each.at, at) }))
    .filter(({ ft }) => ft <= TOGETHER_FT)
    .toSorted((a, b) => a.ft - b.ft);
  for (const { circuitId } of near) {
    const circuit = circuits.find((each) => each.id === circuitId);
    const segment = circuit?.run.find(({ place }) => place === 'underground');
    if (circuit !== undefined && segment !== undefined) return { circuit, segment };
  }
  return undefined;
}

/** A segment that lies in the trench of a neighbor, and the edit that lets the neighbor's lie there too. */
function inTrench(segment: Segment, { circuit, segment: theirs }: Neighbor) {
  const trench = theirs.shares?.trench ?? `trench-${theirs.id}`;
  const own: Segment = {
    ...segment,
    // Both go the same way: the longer of the two is dug.
    lengthFt: Math.max(segment.lengthFt, theirs.lengthFt),
    shares: { ...segment.shares, trench },
  };
  if (theirs.shares?.trench !== undefined) return { own, commands: [] };
  const run = circuit.run.map((each) =>
    each.id === theirs.id ? { ...each, shares: { ...each.shares, trench } } : each,
  );
  return { own, commands: [circuitChange(circuit, { ...circuit, run })] };
}

/**
 * The run to a thing: cable through the house to a box in the wall, raceway in the ground, and flexible raceway to what
 * shakes. From a panel in the yard it is raceway from the start.
 */
function runTo(
  { at }: Thing,
  { yard, designC }: Job,
  motor: boolean,
  newId: () => string,
): readonly Segment[] {
  const { ft, inYard } = source(at, yard);
  const buriedFt = Math.max(2, Math.ceil(ft) + RISERS_FT);
  const trench: Segment = {
    ...newSegment(newId(), 'pvc40', buriedFt, 'underground', designC),
    heightFt: DEEP_FT,
    endHeightFt: motor ? 3 : 2,
    ...(motor && { end: { kind: 'disconnect' } }),
  };
  const house: Segment = {
    ...newSegment(newId(), 'nm-b', HOUSE_FT, 'indoor', designC),
    endHeightFt: 3,
    end: { kind: 'box' },
  };
  const whip: Segment = {
    ...newSegment(newId(), 'lfnc', WHIP_FT, 'corrosive', designC),
    heightFt: 2,
    endHeightFt: 1,
  };
  return [...(inYard ? [] : [house]), trench, ...(motor ? [whip] : [])];
}

/** A circuit that was made from the plan, and the edit that adds it and ties the thing to it. */
interface FromYard {
  readonly circuit: Circuit;
  readonly command: Command;
}

/**
 * The circuit of a thing in the yard: its run from the plan, its distances kept in step with it from then on.
 *
 * @param newId Gives an id that nothing else has.
 */
export function circuitFromYard(job: Job, thing: Thing, newId: () => string): FromYard | undefined {
  const near = nearestWater(job.yard);
  const isStorable = job.yard.waters.some(
    ({ id, kind }) => kind === 'storable' && near.get(id)?.has(thing.id) === true,
  );
  const appliance = applianceOf(thing.kind, isStorable);
  if (appliance === undefined) return undefined;
  const isHardwired = (thing.kind === 'pump' && !isStorable) || thing.kind === 'heater';
  const neighbor = neighborOf(thing, job);
  const commands: Command[] = [];
  const run = runTo(thing, job, isHardwired, newId).map((segment) => {
    if (neighbor === undefined || segment.place !== 'underground') return segment;
    const shared = inTrench(segment, neighbor);
    commands.push(...shared.commands);
    return shared.own;
  });
  const circuit: Circuit = {
    ...newCircuit(newId(), appliance, run),
    // Its plate was not read: the name follows what stands there, no figure that was assumed.
    name: `${thing.name}, yard`,
    site: { room: 'outdoor' },
  };
  const item: Thing = { ...thing, circuitId: circuit.id };
  commands.push(circuitsAdded([circuit], job.circuits.length), {
    kind: 'put-in-yard',
    list: 'things',
    item,
    at: Number.MAX_SAFE_INTEGER,
  });
  return { circuit, command: yardEdit(job, { kind: 'batch', commands }) };
}
