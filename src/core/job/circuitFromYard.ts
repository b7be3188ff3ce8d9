import { applianceTitle, freshAppliance, type Appliance } from '../appliances/registry';
import type { Circuit, Segment } from '../circuit/circuitSchema';
import type { YardThing } from '../code/waterFacts';
import { newCircuit, newSegment } from '../circuit/newCircuit';
import { apart, type Point } from '../water/point';
import { nearestOf, nearestOn, piecesOf } from '../water/segments';
import type { Thing, Yard } from '../water/yardSchema';
import type { Command } from './command';
import type { Job } from './jobSchema';
import { yardEdit } from './yardEdits';

/** What a thing in the yard is fed by; undefined for what has no circuit of its own. */
function applianceOf(kind: YardThing): Appliance | undefined {
  switch (kind) {
    case 'pump':
      return freshAppliance('pool-pump');
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
export const hasOwnCircuit = ({ kind }: Pick<Thing, 'kind'>): boolean => applianceOf(kind) !== undefined;

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

/**
 * The run to a thing: cable through the house to a box in the wall, raceway in the ground, and flexible raceway to what
 * shakes. From a panel in the yard it is raceway from the start.
 */
function runTo({ kind, at }: Thing, { yard, designC }: Job, newId: () => string): readonly Segment[] {
  const { ft, inYard } = source(at, yard);
  const buriedFt = Math.max(2, Math.ceil(ft) + RISERS_FT);
  const motor = kind === 'pump' || kind === 'heater';
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
  const appliance = applianceOf(thing.kind);
  if (appliance === undefined) return undefined;
  const circuit: Circuit = {
    ...newCircuit(newId(), appliance, runTo(thing, job, newId)),
    name: `${applianceTitle(appliance)}, yard`,
    site: { room: 'outdoor' },
  };
  const add: Command = { kind: 'add-circuits', circuits: [{ circuit, at: job.circuits.length }] };
  const item: Thing = { ...thing, circuitId: circuit.id };
  const tie: Command = { kind: 'put-in-yard', list: 'things', item, at: Number.MAX_SAFE_INTEGER };
  return { circuit, command: yardEdit(job, { kind: 'batch', commands: [add, tie] }) };
}
