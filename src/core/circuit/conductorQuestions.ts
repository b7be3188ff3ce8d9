import { smallestAllowed } from '../rules/candidateSizes';
import { minConductor } from '../rules/conductorSize';
import { isRefused } from '../units/refused';
import { parseWireSize, sizeRank, smallerSize, type WireSize } from '../units/wireSize';
import { cablesBeside, ownCarrying } from './neighbors';
import { togetherOf, workedRun, type ConductorCase } from './conductorCase';
import { sizeWithinDrop } from './raiseForDrop';

/** Above this the terminals are read at 75 °C whether marked or not (110.14(C)(1)(b)). */
const MARKS_MATTER_TO_A = 100;

/** Asks for the marks at both ends where a 75 °C mark would spare a size, the drop counted in. */
function askForMarks(about: ConductorCase, size: WireSize): void {
  const { circuit, load, houseV, demand, wires, neighbors, code, work } = about;
  const { panel, load: far } = circuit.terminals;
  const unmarked = panel === 'unmarked' || far === 'unmarked';
  if (!unmarked || demand.ocpdA > MARKS_MATTER_TO_A || panel === 60 || far === 60) return;
  const run = workedRun(circuit, ownCarrying(load, houseV), 75, code, neighbors);
  const together = togetherOf(circuit, run);
  const min = minConductor(together, demand, wires, code).size;
  if (min === undefined) return;
  // Where the drop asks for the larger size anyway the marks change nothing.
  const bare = sizeWithinDrop({ ...about, run, together }, min);
  // Where a practice asks for the larger size anyway they change nothing either.
  const at75 = load.min !== null && sizeRank(bare) < sizeRank(load.min.size) ? load.min.size : bare;
  if (sizeRank(at75) < sizeRank(size)) {
    work.found('ask', 'terminal.unmarked', 'conductor.terminals', { size, at75 });
  }
}

/** Compares the size with what the lug on the label takes. */
function lugRange({ circuit: { site }, work }: ConductorCase, size: WireSize): void {
  const min = site.lugLeast === undefined ? undefined : parseWireSize(site.lugLeast);
  const max = site.lugMost === undefined ? undefined : parseWireSize(site.lugMost);
  const under = min !== undefined && !isRefused(min) && sizeRank(size) < sizeRank(min);
  const over = max !== undefined && !isRefused(max) && sizeRank(size) > sizeRank(max);
  if (under || over) {
    work.found('stop', 'conductor.lug-range', 'terminal.lug', {
      size,
      min: site.lugLeast ?? '',
      max: site.lugMost ?? '',
    });
  }
}

/** More conductors than this are adjusted for (Table 310.15(C)(1)). */
const UNADJUSTED = 3;

/** Asks whether spacing is kept between cables in one trench, where they count together until it is. */
function askForSpacing({ circuit, neighbors, run, work }: ConductorCase): void {
  for (const [index, segment] of circuit.run.entries()) {
    const count = run[index]?.currentCarrying ?? 0;
    if (segment.spaced !== undefined || count <= UNADJUSTED) continue;
    const beside = cablesBeside(segment, neighbors);
    if (beside.length === 0) continue;
    work.segment = index;
    work.found('ask', 'conductor.spacing', 'conductor.adjustment', {
      count,
      with: beside.map(({ name }) => name),
    });
  }
  work.segment = undefined;
}

/** What the manufacturer, the label or the authority has to say about the conductor. */
export function conductorQuestions(about: ConductorCase, size: WireSize): void {
  const { circuit, code, work } = about;
  const smallest = circuit.run.reduce<WireSize>((min, { size: own = size }) => smallerSize(min, own), size);
  askForMarks(about, size);
  askForSpacing(about);
  if (circuit.material === 'al') {
    work.found('ask', 'conductor.aluminum-ends', 'conductor.aluminum-terminals', { size });
  }
  const { min } = about.load;
  if (min !== null && sizeRank(smallest) < sizeRank(min.size)) {
    work.found('check', 'conductor.below-practice', 'conductor.practice', {
      size: smallest,
      min: min.size,
      why: min.why,
    });
  }
  lugRange(about, circuit.run.at(-1)?.size ?? size);
  const floor = smallestAllowed(code, circuit.material);
  if (sizeRank(smallest) < sizeRank(floor.value)) {
    work.found('stop', 'conductor.below-local', floor.cite, { size: smallest, min: floor.value });
  }
}
