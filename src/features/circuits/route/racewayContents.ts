import { companyOf } from '../../../core/circuit/company';
import { conductorDiameter } from '../../../core/rules/racewayFill';
import { stretchConductors } from '../../../core/circuit/namedConductors';
import type { CircuitView } from '../../../store/circuitView';

/** One conductor seen end on. */
export interface SeenConductor {
  readonly letters: string;
  readonly diameterIn: number;
  /** Whether it belongs to the circuit itself rather than to its company. */
  readonly own: boolean;
}

/** Letters of the conductors that another circuit brings: hots, and its neutral. */
const lettersOf = (wires: number, neutral: boolean, volts: number): readonly string[] =>
  volts === 120 ? ['BK', 'WH'] : ['BK', 'RD', ...(wires > 2 ? [neutral ? 'WH' : 'BU'] : [])];

/** Every conductor in the raceway of a stretch: the circuit's, those of its company, and the one ground last. */
export function racewayContents(
  { circuit, solved, context }: CircuitView,
  index: number,
): readonly SeenConductor[] {
  const stretch = solved.figures.stretches[index];
  const raceway = stretch?.raceway;
  if (stretch === undefined || !raceway) return [];
  const { code } = context;
  const own = stretchConductors(stretch, solved.figures).filter(
    ({ letters }) => letters !== 'GN' && letters !== 'BARE',
  );
  const run = circuit.run[index];
  const others = run === undefined ? [] : companyOf(run, 'raceway', context.company);
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
