import { neighborsOf } from '../../../core/circuit/neighbors';
import { conductorDiameter } from '../../../core/rules/racewayFill';
import { segmentConductors } from '../../../core/circuit/namedConductors';
import type { CircuitEvaluation } from '../../../core/job/evaluation';

/** One conductor seen end on. */
export interface SeenConductor {
  readonly letters: string;
  readonly diameterIn: number;
  /** Whether it belongs to the circuit itself rather than to its neighbors. */
  readonly own: boolean;
}

/** Letters of the conductors that another circuit brings: hots, and its neutral. */
const lettersOf = (wires: number, neutral: boolean, volts: number): readonly string[] =>
  volts === 120 ? ['BK', 'WH'] : ['BK', 'RD', ...(wires > 2 ? [neutral ? 'WH' : 'BU'] : [])];

/** Every conductor in the raceway of a segment: the circuit's, those of its neighbors, and the one ground last. */
export function racewayContents(
  { circuit, solved, context }: CircuitEvaluation,
  index: number,
): readonly SeenConductor[] {
  const segment = solved.figures.segments[index];
  const raceway = segment?.raceway;
  if (segment === undefined || !raceway) return [];
  const { code } = context;
  const own = segmentConductors(segment, solved.figures).filter(
    ({ letters }) => letters !== 'GN' && letters !== 'BARE',
  );
  const run = circuit.run[index];
  const others = run === undefined ? [] : neighborsOf(run, 'raceway', context.neighbors);
  return [
    ...own.map(({ letters, size }) => ({
      letters,
      diameterIn: conductorDiameter(size, circuit.insulation, code),
      own: true,
    })),
    ...others.flatMap(({ wires, neutral, volts, size, insulation }) =>
      size === null
        ? []
        : lettersOf(wires, neutral, volts).map((letters) => ({
            letters,
            diameterIn: conductorDiameter(size, insulation, code),
            own: false,
          })),
    ),
    { letters: 'GN', diameterIn: conductorDiameter(raceway.ground, circuit.insulation, code), own: true },
  ];
}
