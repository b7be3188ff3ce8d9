import { cableMade, type CableConstruction } from '../rules/cableMade';
import { smallestAllowed } from '../rules/candidateSizes';
import {
  isCable,
  largestMade,
  leastThatCarries,
  minConductor,
  madeEverywhere,
  type MinSize,
} from '../rules/conductorSize';
import { findConductorStops, workSmaller, workSegment, type WorkedSegment } from '../rules/conductorWorking';
import { placeOfMethod } from '../rules/placeOfMethod';
import { largerSize, sizeRank, type WireSize } from '../units/wireSize';
import type { Segment } from './circuitSchema';
import { insulatedWires, takingRunSize, type ConductorCase } from './conductorCase';
import { conductorQuestions } from './conductorQuestions';
import { bringsFeedNeutral } from './feedNeutral';
import type { SegmentFigures } from './figures';
import { raiseForDrop } from './raiseForDrop';

type ConductorSegment = Pick<SegmentFigures, 'method' | 'terms' | 'verdict' | 'size' | 'min' | 'cable'>;

/** The conductor of a run, and how every segment takes it. */
export interface ConductorChoice {
  readonly size: WireSize;
  readonly minSize: WireSize | null;
  /** What the ground is increased from: the least that would carry the load, which aluminum is not bought in. */
  readonly groundFrom: WireSize;
  readonly raisedForDrop: boolean;
  readonly governing: number;
  readonly wires: number;
  readonly segments: readonly ConductorSegment[];
}

/** The least size for the segments that take the size of the run, and what every segment by itself would take. */
function minOfRun({ circuit, run, together, demand, wires, code }: ConductorCase): MinSize {
  const all = minConductor(run, demand, wires, code);
  if (together === run) return all;
  const some = minConductor(together, demand, wires, code);
  return { ...some, perSegment: all.perSegment, governing: takingRunSize(circuit)[some.governing] ?? 0 };
}

/** The smallest of the sizes where every segment has its own; otherwise the run has a size besides. */
function smallestOwn({ circuit }: ConductorCase): WireSize | undefined {
  const own = circuit.run.flatMap(({ size }) => size ?? []);
  return own.length < circuit.run.length ? undefined : own.toSorted((a, b) => sizeRank(a) - sizeRank(b))[0];
}

/**
 * The conductor of the whole run: the least size that passes in every segment, raised while the drop is
 * over its limit, or the pinned one, which is checked in every segment. A segment that has a size of its own is
 * judged by that. Null where no size of the tables fits:
 * never a figure that somebody could build by.
 */
export function chooseConductor(about: ConductorCase): ConductorChoice | null {
  const { circuit, load, demand, run, wires, code, work } = about;
  if (load.beyondTables) {
    evaluatePlaces(about);
    return null;
  }
  const min = minOfRun(about);
  demandStep(about);
  const pinned = smallestOwn(about) ?? circuit.pins.size;
  const size = pinned ?? (min.size === undefined ? undefined : chosenSize(about, min.size));
  if (size === undefined) {
    evaluatePlaces(about);
    nothingFits(about, min.governing);
    return null;
  }
  const raised = pinned === undefined && min.size !== undefined && size !== grownMin(about, min.size);
  const segments = run.map((segment, index) => {
    work.segment = index;
    return figureSegment(
      about,
      circuit.run[index]?.size ?? size,
      segment,
      index,
      min.perSegment[index] ?? null,
    );
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
    groundFrom: groundFrom(about, min.size) ?? size,
    raisedForDrop: raised,
    governing,
    wires,
    segments,
  };
}

/** The least size that would do, the floor of an article counted in: growing to it is no reason to grow the ground. */
const grownMin = ({ load }: ConductorCase, size: WireSize | undefined): WireSize | null =>
  size === undefined ? null : load.min === null ? size : largerSize(size, load.min.size);

/**
 * Copper is increased from the least size that may be run, aluminum from the least that would carry the load: its shop
 * floor and the sizes that cable is made in are an increase. A cable that is not made is increased from there too.
 */
function groundFrom(about: ConductorCase, min: WireSize | undefined): WireSize | null {
  const { circuit, together, demand, code } = about;
  const bare =
    circuit.material === 'cu' && min !== undefined
      ? min
      : leastThatCarries(together, demand, circuit.material, code);
  return grownMin(about, bare ?? min);
}

function demandStep({ load, demand, code, work }: ConductorCase): void {
  const factor = code.parameters.continuousFactor;
  const { continuousA, otherA } = load;
  work.step(
    'conductor.required',
    demand.section,
    { continuousA, otherA, factor: factor.value },
    demand.designA,
    { by: factor },
  );
}

/** Whether the methods may be where they run, which no conductor decides. */
function evaluatePlaces({ circuit, code, work }: ConductorCase): void {
  for (const [index, { method, place }] of circuit.run.entries()) {
    work.segment = index;
    placeOfMethod(method, place, code, work);
  }
  work.segment = undefined;
}

/** Says why no conductor fits: the place is too hot, the tables have no such cable, or none that is large enough. */
function nothingFits(about: ConductorCase, index: number): void {
  const { circuit, demand, wires, code, work } = about;
  const segment = about.run[index];
  if (segment === undefined) return;
  const { method, terms, ambientC } = segment;
  work.segment = index;
  const metal = circuit.material;
  const largest = largestMade(method, wires, metal, code);
  if (terms.ambient === 0) work.found('stop', 'conductor.too-hot', 'conductor.ambient', { ambientC, method });
  else if (largest === undefined)
    work.found('stop', 'conductor.not-in-tables', 'table.cables', { method, metal, wires });
  else {
    workSegment(largest, demand, segment, code, work);
    const needsA = demand.designA;
    work.found('stop', 'conductor.none', 'conductor.ampacity', { method, metal, needsA, largest });
  }
  work.segment = undefined;
}

function chosenSize(about: ConductorCase, min: WireSize): WireSize {
  const { circuit, code, work } = about;
  const floor = smallestAllowed(code, circuit.material);
  if (floor.by !== undefined && floor.value === min) {
    work.step('conductor.floor', floor.cite, { metal: circuit.material }, floor.value, { by: floor });
  }
  return raiseForDrop(about, minByArticle(about, min));
}

/** No smaller than an article or a practice lets it be. */
function minByArticle(
  { load: { min }, together, wires, code, work }: ConductorCase,
  size: WireSize,
): WireSize {
  if (min === null || sizeRank(size) >= sizeRank(min.size)) return size;
  const made = madeEverywhere(min.size, together, wires, code) ?? size;
  return work.step('conductor.least', 'conductor.practice', { size, why: min.why }, made);
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
  const own = circuit.run[index];
  if (own?.size !== undefined)
    work.step('conductor.pinned', 'conductor.ampacity', { size, metal: circuit.material }, size);
  const verdict = workSegment(size, demand, segment, code, work);
  if (circuit.pins.size !== undefined || own?.size !== undefined)
    findConductorStops(size, demand, segment, verdict, min, code, work);
  placeOfMethod(method, own?.place ?? 'indoor', code, work);
  const wires = insulatedWires(about.load) + (bringsFeedNeutral(about.circuit, index) ? 1 : 0);
  const cable = isCable(method) ? madeCable(about, size, method, wires, own?.cableWires) : null;
  return { method, terms, verdict, size, min, cable };
}

/** The cable of a segment: the one on hand where it has conductors enough, or the one that is bought. */
function madeCable(
  { circuit, code, work }: ConductorCase,
  size: WireSize,
  method: WorkedSegment['method'],
  needed: number,
  onHand: Segment['cableWires'],
): CableConstruction | null {
  if (onHand !== undefined && onHand < needed)
    work.found('stop', 'conductor.cable-wires', 'table.cables', { method, has: onHand, needs: needed });
  const wires = Math.max(needed, onHand ?? 0);
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
