import type { GroundFaultForm } from '../code/groundFaultForms';
import type { LightRaceway } from '../water/lightRaceway';
import type { CircuitEvaluation } from './evaluation';
import type { Job } from './jobSchema';

/** Forms that protect all conductors of a circuit from the panel on. */
const FROM_PANEL: ReadonlySet<GroundFaultForm> = new Set(['breaker', 'dual-function']);

/** Whether the conductors of a circuit are protected wherever they run. */
const isProtected = ({ solved }: CircuitEvaluation): boolean => {
  const { required, form } = solved.figures.outlet.gfci;
  return required === true && FROM_PANEL.has(form);
};

const racewaysOf = ({ circuit }: CircuitEvaluation): readonly string[] =>
  circuit.run.flatMap(({ shares }) => shares?.raceway ?? []);

/** The raceways that circuits of underwater lights share with circuits that lack GFCI protection in them. */
export function lightRaceways(
  { yard }: Job,
  circuits: readonly CircuitEvaluation[],
): readonly LightRaceway[] {
  return yard.things.flatMap((thing) => {
    if (thing.kind !== 'light' || thing.circuitId === undefined) return [];
    const own = circuits.find(({ circuit }) => circuit.id === thing.circuitId);
    if (own === undefined) return [];
    const raceways = new Set(racewaysOf(own));
    return circuits
      .filter((each) => each !== own && !isProtected(each) && racewaysOf(each).some((id) => raceways.has(id)))
      .map(({ circuit }): LightRaceway => {
        return {
          thingId: thing.id,
          circuitId: own.circuit.id,
          other: circuit.name,
          pastGfci: isProtected(own),
        };
      });
  });
}
