import { cableMade, type CableConstruction } from '../rules/cableMade';
import { smallestAllowed } from '../rules/candidateSizes';
import { isCable, largestMade, minConductor, madeEverywhere, type MinSize } from '../rules/conductorSize';
import { findConductorStops, workSmaller, workSegment, type WorkedSegment } from '../rules/conductorWorking';
import { placeOfMethod } from '../rules/placeOfMethod';
import { largerSize, sizeRank, type WireSize } from '../units/wireSize';
import type { ConductorCase } from './conductorCase';
import { conductorQuestions } from './conductorQuestions';
import type { SegmentFigures } from './figures';
import { raiseForDrop } from './raiseForDrop';

type ConductorSegment = Pick<SegmentFigures, 'method' | 'terms' | 'verdict' | 'min' | 'cable'>;

/** The conductor of a run, and how every segment takes it. */
export interface ConductorChoice {
  readonly size: WireSize;
  readonly minSize: WireSize | null;
  readonly raisedForDrop: boolean;
  readonly governing: number;
  readonly wires: number;
  readonly segments: readonly ConductorSegment[];
}

/**
 * The conductor of the whole run: the least size that passes in every segment, raised while the drop is
 * over its limit, or the pinned one, which is checked in every segment.
 */
export function chooseConductor(about: ConductorCase): ConductorChoice {
  const { circuit, demand, run, wires, code, work } = about;
  const min = minConductor(run, demand, wires, code);
  demandStep(about);
  const { size: pinned } = circuit.pins;
  const size = pinned ?? chosenSize(about, min);
  const raised = pinned === undefined && min.size !== undefined && size !== grownMin(about, min.size);
  const segments = run.map((segment, index) => {
    work.segment = index;
    return figureSegment(about, size, segment, index, min.perSegment[index] ?? null);
  });
  work.segment = undefined;
  const governing = tightest(segments, min.governing);
  const id = pinned === undefined ? 'conductor.chosen' : 'conductor.pinned';
  work.step(id, 'conductor.ampacity', { size, metal: circuit.material }, size);
  const terms = run[min.governing]?.terms;
  if (pinned === undefined && !raised && terms) workSmaller(size, demand, terms, code, work);
  conductorQuestions(about, size);
  return {
    size,
    minSize: grownMin(about, min.size),
    raisedForDrop: raised,
    governing,
    wires,
    segments,
  };
}

/** The least size that would do, the floor of an article counted in: growing to it is no reason to grow the ground. */
const grownMin = ({ load }: ConductorCase, size: WireSize | undefined): WireSize | null =>
  size === undefined ? null : load.min === null ? size : largerSize(size, load.min.size);

function demandStep({ load, demand, code, work }: ConductorCase): void {
  const factor = code.parameters.continuousFactor;
  const { continuousA, otherA } = load;
  work.step(
    'conductor.required',
    'conductor.continuous',
    { continuousA, otherA, factor: factor.value },
    demand.designA,
    { by: factor },
  );
}

function chosenSize(about: ConductorCase, min: MinSize): WireSize {
  const { circuit, run, demand, wires, code, work } = about;
  if (min.size === undefined) {
    const method = run[min.governing]?.method ?? 'nm-b';
    const largest = largestMade(method, wires, circuit.material, code);
    work.found('stop', 'conductor.none', 'conductor.ampacity', { method, needsA: demand.designA, largest });
    return largest;
  }
  const floor = smallestAllowed(code, circuit.material);
  if (floor.by !== undefined && floor.value === min.size) {
    work.step('conductor.floor', floor.cite, { metal: circuit.material }, floor.value, { by: floor });
  }
  return raiseForDrop(about, minByArticle(about, min.size));
}

/** No smaller than an article or a practice lets it be. */
function minByArticle({ load: { min }, run, wires, code, work }: ConductorCase, size: WireSize): WireSize {
  if (min === null || sizeRank(size) >= sizeRank(min.size)) return size;
  const made = madeEverywhere(min.size, run, wires, code) ?? size;
  return work.step(
    'conductor.least',
    min.why === 'pool' ? 'ground.pool' : 'load.nameplate',
    { size, why: min.why },
    made,
  );
}

function figureSegment(
  about: ConductorCase,
  size: WireSize,
  segment: WorkedSegment,
  index: number,
  min: WireSize | null,
): ConductorSegment {
  const { circuit, demand, code, work } = about;
  const { method, terms } = segment;
  const verdict = workSegment(size, demand, segment, code, work);
  if (circuit.pins.size !== undefined) findConductorStops(size, demand, segment, verdict, min, code, work);
  placeOfMethod(method, circuit.run[index]?.place ?? 'indoor', code, work);
  return { method, terms, verdict, min, cable: isCable(method) ? madeCable(about, size, method) : null };
}

function madeCable(
  { circuit, wires, code, work }: ConductorCase,
  size: WireSize,
  method: WorkedSegment['method'],
): CableConstruction | null {
  const cable = cableMade(code, method, size, wires, circuit.material);
  if (cable === undefined) {
    work.found('stop', 'conductor.not-made', 'table.cables', { method, size });
    return null;
  }
  work.step('cable.made', 'table.cables', { method, size, wires }, cable.name);
  return cable;
}

/** The segment with the least ampacity, which is the one to look at first. */
const tightest = (segments: readonly ConductorSegment[], first: number): number => {
  let at = first;
  for (const [index, { verdict }] of segments.entries()) {
    if (verdict.finalA < (segments[at]?.verdict.finalA ?? Infinity)) at = index;
  }
  return at;
};
