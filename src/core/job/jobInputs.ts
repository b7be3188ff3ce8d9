import { freshAppliance } from '../appliances/registry';
import type { Circuit } from '../circuit/circuitSchema';
import { newCircuit, newSegment } from '../circuit/newCircuit';
import { freshPanel, type Panel } from '../panel/panelSchema';
import { inputsOf, type Inputs } from '../sources/inputs';
import { USUAL_LENGTH_FT } from '../circuit/jobDefaults';
import type { Job } from './jobSchema';

/** Something of a job whose inputs have sources. */
export interface InputSubject {
  /** "circuit:kiln", "panel:main", "house": what stands before the slash of an input. */
  readonly name: string;
  /** The same while nothing of it changed. */
  readonly part: object;
}

/** What is known of a circuit and where it runs; what it is built of, its rating, its name and its drawing are chosen. */
const ofCircuit = ({ appliance, terminals, site, run, existing }: Circuit): object => ({
  family: appliance.family,
  nameplate: appliance.nameplate,
  terminals,
  site,
  run: run.map(({ id, method, place, lengthFt, burial, bored, sunlight, spaced, end }) => ({
    id,
    method,
    place,
    lengthFt,
    burial,
    bored,
    sunlight,
    spaced,
    end,
  })),
  existing,
});

/** Of a panel the plan is what comes, not what is there; a name and photographs say nothing of anything. */
const NO_INPUTS = ['name', 'photos', 'plan', 'feederId'] as const;

/** Everything of a job whose inputs have sources. */
export const subjectsOf = ({ house, panels, yard, circuits }: Job): readonly InputSubject[] => [
  { name: 'house', part: house },
  ...panels.map((part) => ({ name: `panel:${part.id}`, part })),
  ...(['waters', 'things', 'lines', 'areas'] as const).flatMap((list) =>
    yard[list].map((part) => ({ name: `yard:${part.id}`, part })),
  ),
  ...circuits.map((part) => ({ name: `circuit:${part.id}`, part })),
];

const isCircuit = (part: object): part is Circuit => 'appliance' in part;
const isPanel = (part: object): part is Panel => 'spaces' in part;

const known = new WeakMap<object, Inputs>();

/** The inputs of something of a job, by their places in it. */
export function inputsOfPart(part: object): Inputs {
  const before = known.get(part);
  if (before !== undefined) return before;
  const inputs = isCircuit(part) ? inputsOf(ofCircuit(part)) : inputsOf(part, NO_INPUTS);
  known.set(part, inputs);
  return inputs;
}

/** What stands in something new before anybody said a word of it. */
export function usualInputs(part: object): Inputs {
  if (isCircuit(part)) {
    const run = part.run.map(({ id, method, place }) => newSegment(id, method, USUAL_LENGTH_FT, place));
    return inputsOfPart(newCircuit(part.id, freshAppliance(part.appliance.family), run));
  }
  return isPanel(part) ? inputsOfPart(freshPanel(part.id, part.name, part.role, part.fedFrom)) : new Map();
}
