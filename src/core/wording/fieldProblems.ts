import type { Accepts, FieldProblem } from '../job/zodProblem';

/** What the fields of a job are called, by the last part of their path. */
const FIELD: Readonly<Record<string, string>> = {
  polygon: 'Outline',
  curve: 'Outline',
  name: 'Name',
  authority: 'Authority',
  permitDate: 'Permit date',
  date: 'Date',
  edition: 'Edition',
  later: 'Future loads',
  lengthFt: 'Length in feet',
  ambientC: 'Ambient temperature, °C',
  currentCarrying: 'Current-carrying conductors',
  bendsDeg: 'Bends in degrees',
  heightFt: 'Height in feet',
  endHeightFt: 'Height of the station in feet',
  startHeightFt: 'Height of the panel in feet',
  maxDropPct: 'Voltage drop limit in percent',
  ocpdA: 'Breaker in amperes',
  size: 'Conductor size',
  egc: 'Ground size',
  trade: 'Trade size',
  method: 'Method',
  place: 'Where it runs',
  run: 'Run',
  circuits: 'Circuits',
  breakers: 'Breakers',
  va: 'Load in volt-amperes',
  amps: 'Amperes',
  volts: 'Volts',
  spaces: 'Spaces',
  mainA: 'Main breaker in amperes',
  busA: 'Bus rating in amperes',
  ratingA: 'Main breaker in amperes',
  areaFt2: 'Living area in square feet',
  days: 'Days of the record',
  intervalMinutes: 'Minutes between readings',
  peakA: 'Measured peak in amperes',
  caption: 'Caption',
  text: 'Text',
  photos: 'Photographs',
  answers: 'Answers',
};

const lastName = (path: string): string => /([A-Za-z][A-Za-z0-9]*)(?:\[\d+\])*$/.exec(path)?.[1] ?? path;

/** "outputAmps" as "output amps". */
const spelled = (name: string): string => {
  const words = name.replaceAll(/([a-z0-9])([A-Z])/g, '$1 $2').toLowerCase();
  return words.charAt(0).toUpperCase() + words.slice(1);
};

/** "circuits[2].run[0].lengthFt": in circuit 3, segment 1. */
function whereWords(path: string): string {
  const circuit = /circuits\[(\d+)\]/.exec(path)?.[1];
  const segment = /run\[(\d+)\]/.exec(path)?.[1];
  const panel = /panels\[(\d+)\]/.exec(path)?.[1];
  const parts = [
    circuit === undefined ? '' : `circuit ${Number(circuit) + 1}`,
    segment === undefined ? '' : `segment ${Number(segment) + 1}`,
    panel === undefined ? '' : `panel ${Number(panel) + 1}`,
  ].filter((part) => part !== '');
  return parts.length === 0 ? '' : ` (${parts.join(', ')})`;
}

const count = new Intl.NumberFormat('en-US', { maximumFractionDigits: 3 });

const COUNTED: Readonly<Record<string, string>> = { string: 'character', array: 'entry' };
const PLURAL: Readonly<Record<string, string>> = { string: 'characters', array: 'entries' };

/** "2,000", or "80 characters" where it is a length that is counted. */
const figureWords = (figure: number, of: string): string => {
  const noun = (figure === 1 ? COUNTED : PLURAL)[of];
  return noun === undefined ? count.format(figure) : `${count.format(figure)} ${noun}`;
};

const TYPE: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  object: 'a group of fields',
};

function acceptsWords(accepts: Accepts | undefined): string {
  switch (accepts?.kind) {
    case 'at-most':
      return `at most ${figureWords(accepts.figure, accepts.of)} is accepted`;
    case 'at-least':
      return `at least ${figureWords(accepts.figure, accepts.of)} is accepted`;
    case 'more-than':
      return `more than ${count.format(accepts.figure)} is accepted`;
    case 'one-of':
      return `${accepts.values.join(', ')} ${accepts.values.length === 1 ? 'is' : 'are'} accepted`;
    case 'type':
      return `${TYPE[accepts.of] ?? accepts.of} is needed`;
    case 'date':
      return 'a day such as 2026-09-01 is accepted';
    case 'known-field':
      return 'this field is not known here';
    case 'own':
      return accepts.says.charAt(0).toLowerCase() + accepts.says.slice(1).replace(/\.$/, '');
    default:
      return 'what stands there is not accepted';
  }
}

/** What is wrong with a field, in plain words: which one, where, and what is accepted. */
export function fieldProblemWords({ path, accepts }: FieldProblem): string {
  const name = lastName(path);
  const label = FIELD[name] ?? (name === '' ? 'The job' : spelled(name));
  return `${label}${whereWords(path)}: ${acceptsWords(accepts)}.`;
}
