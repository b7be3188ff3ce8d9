import { cableMade, type CableConstruction } from '../rules/cableMade';
import { smallestAllowed } from '../rules/candidateSizes';
import { isCable, largestMade, leastConductor, madeEverywhere, type LeastSize } from '../rules/conductorSize';
import { findConductorStops, workSmaller, workSegment, type WorkedSegment } from '../rules/conductorWorking';
import { placeOfMethod } from '../rules/placeOfMethod';
import { largerSize, sizeRank, type WireSize } from '../units/wireSize';
import type { ConductorCase } from './conductorCase';
import { conductorQuestions } from './conductorQuestions';
import type { SegmentFigures } from './figures';
import { raiseForDrop } from './raiseForDrop';

type ConductorSegment = Pick<SegmentFigures, 'method' | 'terms' | 'verdict' | 'least' | 'cable'>;

/** The conductor of a run, and how every segment takes it. */
export interface ConductorChoice {
  readonly size: WireSize;
  readonly leastSize: WireSize | null;
  readonly raisedForDrop: boolean;
  readonly governing: number;
  readonly wires: number;
  readonly segmentes: readonly ConductorSegment[];
}

/**
 * The conductor of the whole run: the least size that passes in every segment, raised while the drop is
 * over its limit, or the pinned one, which is checked in every segment.
 */
export function chooseConductor(about: ConductorCase): ConductorChoice {
  const { circuit, demand, run, wires, code, work } = about;
  const least = leastConductor(run, demand, wires, code);
  demandStep(about);
  const { size: pinned } = circuit.pins;
  const size = pinned ?? chosenSize(about, least);
  const raised = pinned === undefined && least.size !== undefined && size !== grownLeast(about, least.size);
  const segmentes = run.map((segment, index) => {
    work.segment = index;
    return figureSegment(about, size, segment, index, least.perSegment[index] ?? null);
  });
  work.segment = undefined;
  const governing = tightest(segmentes, least.governing);
  const id = pinned === undefined ? 'conductor.chosen' : 'conductor.pinned';
  work.step(id, 'conductor.ampacity', { size, metal: circuit.material }, size);
  const terms = run[least.governing]?.terms;
  if (pinned === undefined && !raised && terms) workSmaller(size, demand, terms, code, work);
  conductorQuestions(about, size);
  return {
    size,
    leastSize: grownLeast(about, least.size),
    raisedForDrop: raised,
    governing,
    wires,
    segmentes,
  };
}

/** The least size that would do, the floor of an article counted in: growing to it is no reason to grow the ground. */
const grownLeast = ({ load }: ConductorCase, size: WireSize | undefined): WireSize | null =>
  size === undefined ? null : load.least === null ? size : largerSize(size, load.least.size);

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

function chosenSize(about: ConductorCase, least: LeastSize): WireSize {
  const { circuit, run, demand, wires, code, work } = about;
  if (least.size === undefined) {
    const method = run[least.governing]?.method ?? 'nm-b';
    const largest = largestMade(method, wires, circuit.material, code);
    work.found('stop', 'conductor.none', 'conductor.ampacity', { method, needsA: demand.designA, largest });
    return largest;
  }
  const floor = smallestAllowed(code, circuit.material);
  if (floor.by !== undefined && floor.value === least.size) {
    work.step('conductor.floor', floor.cite, { metal: circuit.material }, floor.value, { by: floor });
  }
  return raiseForDrop(about, leastByArticle(about, least.size));
}

/** No smaller than an article or a practice lets it be. */
function leastByArticle(
  { load: { least }, run, wires, code, work }: ConductorCase,
  size: WireSize,
): WireSize {
  if (least === null || sizeRank(size) >= sizeRank(least.size)) return size;
  const made = madeEverywhere(least.size, run, wires, code) ?? size;
  return work.step(
    'conductor.least',
    least.why === 'pool' ? 'ground.pool' : 'load.nameplate',
    { size, why: least.why },
    made,
  );
}

function figureSegment(
  about: ConductorCase,
  size: WireSize,
  segment: WorkedSegment,
  index: number,
  least: WireSize | null,
): ConductorSegment {
  const { circuit, demand, code, work } = about;
  const { method, terms } = segment;
  const verdict = workSegment(size, demand, segment, code, work);
  if (circuit.pins.size !== undefined) findConductorStops(size, demand, segment, verdict, least, code, work);
  placeOfMethod(method, circuit.run[index]?.place ?? 'indoor', code, work);
  return { method, terms, verdict, least, cable: isCable(method) ? madeCable(about, size, method) : null };
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
const tightest = (segmentes: readonly ConductorSegment[], first: number): number => {
  let at = first;
  for (const [index, { verdict }] of segmentes.entries()) {
    if (verdict.finalA < (segmentes[at]?.verdict.finalA ?? Infinity)) at = index;
  }
  return at;
};
