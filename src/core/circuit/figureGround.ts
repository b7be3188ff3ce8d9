import type { Edition } from '../code/edition';
import { isWet, type MethodId } from '../code/methods';
import { increasedGround, type GroundNeed } from '../rules/equipmentGround';
import { sizeRank, type WireSize } from '../units/wireSize';
import type { Working } from '../working/worked';
import type { Circuit } from './circuitSchema';
import type { ConductorChoice } from './chooseConductor';

/** What a ground is judged by. */
interface GroundCase {
  readonly ocpdA: number;
  readonly minGround: WireSize | null;
  readonly code: Edition;
}

/** The ground of the table, increased from the least size that may be run rather than from the least that carries. */
function neededByRule(
  { base, size, increased }: GroundNeed,
  conductor: ConductorChoice,
  code: Edition,
): WireSize {
  const { minSize, size: installed } = conductor;
  if (!increased || minSize === null) return size;
  return sizeRank(installed) > sizeRank(minSize) ? increasedGround(base, minSize, installed, code) : base;
}

/** Whether a ground is too small, and if so why: below the table, or not increased with the phases. */
function evaluate(
  has: WireSize,
  need: GroundNeed,
  conductor: ConductorChoice,
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

/** The ground that is counted on. A cable brings its own, which is compared with what is needed. */
export function figureGround(
  circuit: Circuit,
  need: GroundNeed,
  conductor: ConductorChoice,
  about: GroundCase,
  work: Working,
): WireSize {
  let inRaceway = false;
  for (const [index, { cable, method }] of conductor.segments.entries()) {
    inRaceway ||= cable === null;
    if (cable === null) continue;
    // Metal-clad cable is made with the ground of the table, so an increase is what it lacks.
    const has = cable.egc ?? need.base;
    work.segment = index;
    work.step('ground.cable', 'table.cables', { cable: cable.name, needs: need.size }, has);
    if (about.minGround !== null) findAtWater(circuit, index, work);
    // An aluminum ground is not compared with a size of copper: whether it may be there at all is asked.
    if (about.minGround === null || !hasAluminumGround(method, circuit))
      evaluate(has, need, conductor, about, work);
  }
  work.segment = undefined;
  const pinned = circuit.pins.egc;
  if (pinned === undefined) {
    if (inRaceway && neededByRule(need, conductor, about.code) !== need.size)
      evaluate(need.base, need, conductor, about, work);
    return need.size;
  }
  work.step('ground.pinned', 'ground.table', { pinned, needs: need.size }, pinned);
  evaluate(pinned, need, conductor, about, work);
  return pinned;
}
