import { smallestAllowed } from '../rules/candidateSizes';
import { leastConductor } from '../rules/conductorSize';
import { sizeRank, type WireSize } from '../units/wireSize';
import { workedRun, type ConductorCase } from './conductorCase';

/** Above this the terminals are read at 75 °C whether marked or not (110.14(C)(1)(b)). */
const MARKS_MATTER_TO_A = 100;

/** Asks for the marks at both ends where a 75 °C mark would spare a size. */
function askForMarks({ circuit, demand, wires, code, work }: ConductorCase, size: WireSize): void {
  const { panel, load } = circuit.terminals;
  const unmarked = panel === 'unmarked' || load === 'unmarked';
  if (!unmarked || demand.ocpdA > MARKS_MATTER_TO_A || panel === 60 || load === 60) return;
  const at75 = leastConductor(workedRun(circuit, 75, code), demand, wires, code).size;
  if (at75 !== undefined && sizeRank(at75) < sizeRank(size)) {
    work.found('ask', 'terminal.unmarked', 'conductor.terminals', { size, at75 });
  }
}

/** What the maker, the label or the authority has to say about the conductor. */
export function conductorQuestions(about: ConductorCase, size: WireSize): void {
  const { circuit, code, work } = about;
  askForMarks(about, size);
  if (circuit.material === 'al') {
    work.found('ask', 'conductor.aluminum-ends', 'conductor.aluminum-terminals', { size });
  }
  const floor = smallestAllowed(code, circuit.material);
  if (sizeRank(size) < sizeRank(floor.value)) {
    work.found('stop', 'conductor.below-local', floor.cite, { size, least: floor.value });
  }
}
