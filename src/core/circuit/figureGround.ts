import type { Edition } from '../code/edition';
import { isWet, type MethodId } from '../code/methods';
import { equipmentGround, increasedGround, type GroundNeed } from '../rules/equipmentGround';
import { largerSize, sizeRank, type Metal, type WireSize } from '../units/wireSize';
import type { Working } from '../working/worked';
import type { Circuit } from './circuitSchema';
import type { ConductorChoice } from './chooseConductor';

/** What a ground is judged by. */
interface GroundCase {
  readonly ocpdA: number;
  readonly metal: Metal;
  readonly minGround: WireSize | null;
  readonly code: Edition;
}

/** What a ground is increased from, and with which conductor. */
type SizeBasis = Pick<ConductorChoice, 'size' | 'minSize' | 'groundFrom'>;

/** Grounds of a run: the one that goes with its conductor, and that of each segment. */
interface RunGrounds {
  readonly need: GroundNeed;
  readonly taken: WireSize;
  readonly perSegment: readonly WireSize[];
}

/** The ground of the table, increased from the least size that may be run rather than from the least that carries. */
function neededByRule({ base, size, increased }: GroundNeed, conductor: SizeBasis, code: Edition): WireSize {
  const { minSize, size: installed } = conductor;
  if (!increased || minSize === null) return size;
  return sizeRank(installed) > sizeRank(minSize) ? increasedGround(base, minSize, installed, code) : base;
}

/** Whether a ground is too small, and if so why: below the table, or not increased with the phases. */
function evaluate(
  has: WireSize,
  need: GroundNeed,
  conductor: SizeBasis,
  { ocpdA, code }: GroundCase,
  work: Working,
): void {
  const needs = need.size;
  if (sizeRank(has) >= sizeRank(needs)) return;
  const { size, groundFrom: min } = conductor;
  if (!need.increased || sizeRank(has) < sizeRank(need.base))
    work.found('stop', 'egc.too-small', 'ground.table', { has, needs, ocpdA });
  else if (sizeRank(has) >= sizeRank(neededByRule(need, conductor, code)))
    work.found('check', 'egc.raised-by-floor', 'ground.increased', { has, needs, min, size });
  else work.found('stop', 'egc.not-upsized', 'ground.increased', { has, needs, min, size });
}

/** Outdoors and in the ground a pool or spa circuit has an insulated ground, which these cables lack. */
const BARE_GROUND: ReadonlySet<MethodId> = new Set(['nm-b', 'uf-b', 'ser']);

/** Whether the ground of a cable is aluminum: that of service cable is, and that of aluminum metal-clad cable. */
const hasAluminumGround = (method: MethodId, { material }: Circuit): boolean =>
  method === 'ser' || (method === 'mc' && material === 'al');

/** What a pool or spa circuit requires of the ground in a cable: copper, and insulated outdoors. */
function findAtWater(circuit: Circuit, index: number, work: Working): void {
  const segment = circuit.run[index];
  if (segment === undefined) return;
  const { method, place } = segment;
  if (BARE_GROUND.has(method) && isWet(place))
    work.found('stop', 'egc.insulated', 'ground.pool', { method, place });
  else if (hasAluminumGround(method, circuit)) work.found('ask', 'egc.aluminum', 'ground.pool', { method });
}

/** Basis and need of the ground in one segment: those of the run, save where it has a conductor of its own. */
function segmentNeed(
  of: ConductorChoice['segments'][number],
  run: GroundNeed,
  conductor: ConductorChoice,
  { ocpdA, metal, minGround, code }: GroundCase,
  work: Working,
): readonly [SizeBasis, GroundNeed] {
  if (of.size === conductor.size) return [conductor, run];
  // What heat or neighbors require there is no increase.
  const from = (size: WireSize): WireSize => (of.min === null ? size : largerSize(size, of.min));
  const basis: SizeBasis = {
    size: of.size,
    minSize: conductor.minSize === null ? of.min : from(conductor.minSize),
    groundFrom: from(conductor.groundFrom),
  };
  return [basis, equipmentGround(ocpdA, of.size, basis.groundFrom, metal, code, work, minGround)];
}

/** The ground that is counted on. A cable brings its own, which is compared with what is needed. */
export function figureGround(
  circuit: Circuit,
  conductor: ConductorChoice,
  about: GroundCase,
  work: Working,
): RunGrounds {
  const { ocpdA, metal, minGround, code } = about;
  const { size, groundFrom } = conductor;
  const need = equipmentGround(ocpdA, size, groundFrom, metal, code, work, minGround);
  const pinned = circuit.pins.egc;
  const perSegment: WireSize[] = [];
  for (const [index, of] of conductor.segments.entries()) {
    const { cable, method } = of;
    work.segment = index;
    const [basis, own] = segmentNeed(of, need, conductor, about, work);
    perSegment.push(pinned ?? own.size);
    if (cable === null) {
      if (pinned === undefined && own !== need && neededByRule(own, basis, code) !== own.size)
        evaluate(own.base, own, basis, about, work);
      continue;
    }
    // Metal-clad cable is made with the ground of the table, so an increase is what it lacks.
    const has = cable.egc ?? own.base;
    work.step('ground.cable', 'table.cables', { cable: cable.name, needs: own.size }, has);
    if (minGround !== null) findAtWater(circuit, index, work);
    // An aluminum ground is not compared with a size of copper: whether it may be there at all is asked.
    if (minGround === null || !hasAluminumGround(method, circuit)) evaluate(has, own, basis, about, work);
  }
  work.segment = undefined;
  return { need, taken: groundOfRun(circuit, need, conductor, about, work), perSegment };
}

/** The ground that goes with the conductor of the run: the one set by hand, which is judged, or what is needed. */
function groundOfRun(
  { pins: { egc: pinned } }: Circuit,
  need: GroundNeed,
  conductor: ConductorChoice,
  about: GroundCase,
  work: Working,
): WireSize {
  if (pinned !== undefined) {
    work.step('ground.pinned', 'ground.table', { pinned, needs: need.size }, pinned);
    evaluate(pinned, need, conductor, about, work);
    return pinned;
  }
  const inRaceway = conductor.segments.some(({ cable }) => cable === null);
  if (inRaceway && neededByRule(need, conductor, about.code) !== need.size)
    evaluate(need.base, need, conductor, about, work);
  return need.size;
}
