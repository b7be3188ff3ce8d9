import type { Circuit } from '../circuit/circuitSchema';
import type { Candidates } from './candidate';
import { ofCircuit } from './ofCircuit';

/** The same appliance on a circuit that is planned anew: nothing is set by hand, and a feeder has four wires. */
function asNew(circuit: Circuit): Circuit {
  const { appliance } = circuit;
  const { receptacle: _receptacle, ...site } = circuit.site;
  return {
    ...circuit,
    existing: null,
    pins: {},
    site,
    appliance:
      appliance.family === 'feeder'
        ? { ...appliance, nameplate: { ...appliance.nameplate, wires: 4, bondingScrew: false } }
        : appliance,
  };
}

const planNew: Candidates = ofCircuit((circuit) => [
  {
    kind: 'plan-new',
    circuit: asNew(circuit),
    describe: ({ ocpd, size, load }) => ({
      kind: 'plan-new',
      ocpdA: ocpd.ratingA,
      size,
      wires: load.neutral ? 3 : 2,
    }),
  },
]);

const swapBreaker: Candidates = (evaluation, finding) => {
  const { standardOcpd } = evaluation.context.code.tables;
  return ofCircuit((circuit) =>
    standardOcpd.ratings
      .filter((rating) => rating !== circuit.pins.ocpdA && rating <= MAX_SWAP_A)
      .toSorted((a, b) => b - a)
      .map((ocpdA) => ({
        kind: 'swap-breaker' as const,
        circuit: { ...circuit, pins: { ...circuit.pins, ocpdA } },
        describe: () => ({ kind: 'swap-breaker' as const, ocpdA }),
      })),
  )(evaluation, finding);
};

/** Breakers of household panels; an existing one is swapped for no larger. */
const MAX_SWAP_A = 100;

const BREAKER = /^(ocpd\.|conductor\.small-rule)/;

/** What is worth trying for an existing circuit: another breaker on its conductors, or a circuit planned anew. */
export const existingCandidates: Candidates = (evaluation, finding) => [
  ...(BREAKER.test(finding.code) ? swapBreaker(evaluation, finding) : []),
  ...(finding.severity === 'stop' ? planNew(evaluation, finding) : []),
];
