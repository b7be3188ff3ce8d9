import { isWet, type MethodId } from '../code/methods';
import type { GroundNeed } from '../rules/equipmentGround';
import { sizeRank, type WireSize } from '../units/wireSize';
import type { Working } from '../working/worked';
import type { Circuit } from './circuitSchema';
import type { ConductorChoice } from './chooseConductor';

/** Whether a ground is too small, and if so why: below the table, or not increased with the phases. */
function evaluate(
  has: WireSize,
  need: GroundNeed,
  conductor: ConductorChoice,
  ocpdA: number,
  work: Working,
): void {
  if (sizeRank(has) >= sizeRank(need.size)) return;
  const min = conductor.minSize ?? conductor.size;
  if (need.increased && sizeRank(has) >= sizeRank(need.base)) {
    work.found('stop', 'egc.not-upsized', 'ground.increased', {
      has,
      needs: need.size,
      min,
      size: conductor.size,
    });
  } else {
    work.found('stop', 'egc.too-small', 'ground.table', { has, needs: need.size, ocpdA });
  }
}

/** Outdoors and in the ground a pool or spa circuit has an insulated ground, which these cables lack. */
const BARE_GROUND: ReadonlySet<MethodId> = new Set(['nm-b', 'uf-b', 'ser']);

function insulatedGround({ run }: Circuit, index: number, minGround: WireSize | null, work: Working): void {
  const segment = run[index];
  if (minGround === null || segment === undefined || !BARE_GROUND.has(segment.method)) return;
  if (isWet(segment.place))
    work.found('stop', 'egc.insulated', 'ground.pool', { method: segment.method, place: segment.place });
}

/** The ground that is counted on. A cable brings its own, which is compared with what is needed. */
export function figureGround(
  circuit: Circuit,
  need: GroundNeed,
  conductor: ConductorChoice,
  { ocpdA, minGround }: { readonly ocpdA: number; readonly minGround: WireSize | null },
  work: Working,
): WireSize {
  for (const [index, { cable }] of conductor.segments.entries()) {
    if (cable === null) continue;
    // Metal-clad cable is made with the ground of the table, so an increase is what it lacks.
    const has = cable.egc ?? need.base;
    work.segment = index;
    insulatedGround(circuit, index, minGround, work);
    work.step('ground.cable', 'table.cables', { cable: cable.name, needs: need.size }, has);
    evaluate(has, need, conductor, ocpdA, work);
  }
  work.segment = undefined;
  const pinned = circuit.pins.egc;
  if (pinned === undefined) return need.size;
  work.step('ground.pinned', 'ground.table', { pinned, needs: need.size }, pinned);
  evaluate(pinned, need, conductor, ocpdA, work);
  return pinned;
}
