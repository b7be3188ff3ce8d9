import type { Appliance } from '../../src/core/appliances/registry';
import type { Circuit, Segment } from '../../src/core/circuit/circuitSchema';
import { DEFAULT_PRACTICES } from '../../src/core/circuit/jobDefaults';
import { isSized, type SizedFigures, type SolvedCircuit } from '../../src/core/circuit/figures';
import { solveCircuit } from '../../src/core/circuit/solveCircuit';
import type { SolveContext } from '../../src/core/circuit/solveContext';
import { edition, type EditionYear } from '../../src/core/code/edition';
import type { FindingCode } from '../../src/core/findings/finding';

export const segment = (part: Partial<Segment> = {}): Segment => ({
  id: 'segment',
  method: 'nm-b',
  lengthFt: 40,
  place: 'indoor',
  ambientC: 30,
  currentCarrying: null,
  bendsDeg: 0,
  heightFt: 8,
  endHeightFt: 4,
  ...part,
});

export const charger = (
  plate: Partial<Extract<Appliance, { family: 'ev' }>['nameplate']> = {},
): Appliance => ({
  family: 'ev',
  nameplate: { outputAmps: 48, volts: 240, connection: 'hardwired', ...plate },
});

export const load = (
  plate: Partial<Extract<Appliance, { family: 'load' }>['nameplate']> = {},
): Appliance => ({
  family: 'load',
  nameplate: { amps: 24, continuousAmps: 24, volts: 240, neutral: false, ...plate },
});

export const circuit = (part: Partial<Circuit> = {}): Circuit => ({
  id: 'circuit',
  name: 'A circuit',
  appliance: charger(),
  material: 'cu',
  insulation: 'THWN-2',
  terminals: { panel: 75, load: 75 },
  startHeightFt: 5,
  run: [segment()],
  pins: {},
  maxDropPct: 3,
  site: {},
  feedId: null,
  existing: null,
  photos: [],
  ...part,
});

export const context = (year: EditionYear = 2023, part: Partial<SolveContext> = {}): SolveContext => ({
  code: edition(year),
  practices: DEFAULT_PRACTICES,
  survey: { permitDate: '2025-06-01', occupancy: 'one-family', houseV: 240 },
  ...part,
});

/** A circuit of the given parts, solved under 2023. */
export const solveAny = (part: Partial<Circuit> = {}, under: SolveContext = context()): SolvedCircuit =>
  solveCircuit(circuit(part), under);

/** A circuit that was solved and has its conductor. */
export type Sized = SolvedCircuit & { readonly figures: SizedFigures };

/** A solved circuit whose conductor must have been found. */
export function sized(solved: SolvedCircuit): Sized {
  const { figures } = solved;
  if (!isSized(figures)) throw new Error(`No conductor: ${codes(solved).join(', ')}`);
  return { ...solved, figures };
}

/** The same where a conductor must have been found. */
export const solve = (part: Partial<Circuit> = {}, under: SolveContext = context()): Sized =>
  sized(solveAny(part, under));

export const codes = (solved: SolvedCircuit): FindingCode[] => solved.findings.map(({ code }) => code);
