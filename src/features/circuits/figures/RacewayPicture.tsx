import { conductorDiameter } from '../../../core/rules/racewayFill';
import { segmentConductors } from '../../../core/circuit/namedConductors';
import { printNumber } from '../../../core/units/number';
import { methodName } from '../../../core/wording/words';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { RacewayCrossSection } from '../../../ui/pictures/RacewayCrossSection';
import classes from '../working/WorkingPane.module.css';

interface RacewayPictureProps {
  readonly view: CircuitEvaluation;
  readonly segment: number | null;
}

/** The raceway end on, with its figures beside it. */
export function RacewayPicture({ view, segment }: RacewayPictureProps) {
  const { circuit, solved, context } = view;
  const { figures } = solved;
  const chosen = segment === null ? undefined : figures.segments[segment];
  const shown = chosen?.raceway
    ? chosen
    : figures.segments.find(({ raceway }) => raceway === figures.raceway);
  const raceway = shown?.raceway;
  if (shown === undefined || !raceway) return null;
  const conductors = segmentConductors(shown, figures).map(({ letters, size }) => ({
    letters,
    diameterIn: conductorDiameter(size, circuit.insulation, context.code),
  }));
  return (
    <div className={classes['cross']}>
      <RacewayCrossSection insideIn={raceway.insideIn} conductors={conductors} sizePx={84} />
      <p className="second">
        <b>
          {raceway.taken} {methodName(raceway.method)}
        </b>
        <br />
        full <span className="fig">{printNumber(raceway.fillPct, 0)} %</span> of{' '}
        <span className="fig">{printNumber(raceway.limitPct)} %</span>
        <br />
        true proportion
      </p>
    </div>
  );
}
