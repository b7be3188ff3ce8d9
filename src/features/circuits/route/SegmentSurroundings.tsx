import { useElementSize } from '@mantine/hooks';
import { Link } from 'react-router';
import { neighborsOf } from '../../../core/circuit/neighbors';
import { cite } from '../../../core/code/edition';
import { methodCitation, METHODS } from '../../../core/code/methods';
import { supportSpacing } from '../../../core/rules/supportMarks';
import { tapeInches } from '../../../core/wording/routeWords';
import { segmentConductors } from '../../../core/circuit/namedConductors';
import { methodName } from '../../../core/wording/words';
import { printNumber as n } from '../../../core/units/number';
import type { CircuitEvaluation, RouteEvaluation } from '../../../core/job/evaluation';
import { RacewayCrossSection } from '../../../ui/pictures/RacewayCrossSection';
import { TrenchPicture } from '../../../ui/pictures/TrenchPicture';
import { useReadyJob } from '../../job/JobPage';
import { BoxFigures, Figure, PullFigures, type Rules } from './SegmentFigures';
import { racewayContents } from './racewayContents';
import classes from './route.module.css';

interface SegmentSurroundingsProps {
  readonly view: CircuitEvaluation;
  readonly route: RouteEvaluation;
  readonly index: number;
}

/** Sections as they are numbered in the edition in force, and for the method of a segment. */
const rulesOf =
  ({ circuit, context }: CircuitEvaluation, index: number): Rules =>
  (key) =>
    methodCitation(cite(context.code, key), circuit.run[index]?.method ?? 'emt');

/** The jam ratio; only three equal conductors can wedge side by side, which the sizing looked at. */
function JamFigure({ view, index }: Pick<SegmentSurroundingsProps, 'view' | 'index'>) {
  const rules = rulesOf(view, index);
  const jam = view.solved.workings.raceway.find(
    (step) => step.id === 'raceway.jam' && step.segment === index,
  );
  return jam === undefined ? null : (
    <Figure
      name="Jam ratio"
      figure={n(Number(jam.result))}
      why="2.8 to 3.2 wedges three conductors"
      rule={rules('raceway.jam')}
    />
  );
}

function InsideRaceway({ view, index }: SegmentSurroundingsProps) {
  const rules = rulesOf(view, index);
  const { circuit, solved, context } = view;
  const segment = solved.figures.segments[index];
  const raceway = segment?.raceway;
  if (segment === undefined || !raceway) return null;
  const conductors = racewayContents(view, index);
  const own = circuit.run[index];
  const shared =
    own === undefined ? [] : neighborsOf(own, 'raceway', context.neighbors).map(({ name }) => name);
  return (
    <div className={classes['inside']}>
      <RacewayCrossSection insideIn={raceway.insideIn} conductors={conductors} sizePx={148} />
      <table className={classes['figures']}>
        <caption>
          {raceway.taken} {methodName(raceway.method)}
          {shared.length > 0 && `, shared with ${shared.join(', ')}`}
        </caption>
        <tbody>
          <Figure
            name="Fill"
            figure={`${n(raceway.fillPct, 1)} %`}
            why={`of ${n(raceway.limitPct)} %, ${raceway.conductors} conductors, ${n(raceway.areaIn2, 3)} in²`}
            rule={rules('raceway.fill')}
          />
          <Figure
            name="Code minimum"
            figure={raceway.legal}
            why={`${n(raceway.legalFillPct, 1)} % full`}
            rule={rules('raceway.size')}
          />
          <Figure
            name="Upsized for pulling"
            figure={raceway.comfort}
            why={raceway.comfort === raceway.legal ? 'the same' : 'by the shop practice'}
          />
          <Figure
            name="Ground"
            figure={`${raceway.ground} AWG`}
            why={shared.length > 0 ? 'one for all, by the largest device' : 'by its device'}
            rule={rules(shared.length > 0 ? 'ground.shared' : 'ground.table')}
          />
          <Figure
            name="Adjustment"
            figure={String(segment.terms.adjustment === 1 ? 1 : n(segment.terms.adjustment))}
            why="by the current-carrying conductors in the raceway or bundle"
            rule={rules('conductor.adjustment')}
          />
          <JamFigure view={view} index={index} />
        </tbody>
      </table>
    </div>
  );
}

/** How the segment is held: spacing by rule and practice, and the marks for it. */
function Support({ view, index }: SegmentSurroundingsProps) {
  const rules = rulesOf(view, index);
  const { job } = useReadyJob();
  const { circuit, solved, context } = view;
  const segment = circuit.run[index];
  const figures = solved.figures.segments[index];
  if (segment === undefined || !figures?.supports) return null;
  const legal = supportSpacing(segment.method, figures.raceway?.taken ?? null, context.code);
  const noun = METHODS[segment.method].kind === 'cable' ? 'Staples' : 'Straps';
  return (
    <table className={classes['figures']}>
      <caption>
        {noun}{' '}
        <Link className="act" to={`/jobs/${job.id}/${circuit.id}/strip?segment=${index}`}>
          Full-size marks
        </Link>
      </caption>
      <tbody>
        <Figure
          name="By shop practice"
          figure={String(figures.supports.practice)}
          why={`code minimum ${figures.supports.legal}; equally spaced`}
        />
        <Figure
          name="Spacing, maximum"
          figure={tapeInches(legal.spacingIn)}
          why={`and within ${tapeInches(legal.withinIn)} of a box`}
          rule={rules('support.spacing')}
        />
      </tbody>
    </table>
  );
}

function Sleeve({ view, route, index }: SegmentSurroundingsProps) {
  const rules = rulesOf(view, index);
  const sleeve = route.report.sleeves.find(({ segment }) => segment === index);
  const figures = view.solved.figures.segments[index];
  if (sleeve === undefined || figures === undefined) return null;
  const letters = segmentConductors(figures, view.solved.figures).length > 0 ? 'NM' : '';
  return (
    <div className={classes['inside']}>
      <RacewayCrossSection
        insideIn={sleeve.insideIn}
        conductors={[{ letters, diameterIn: sleeve.widthIn, own: true }]}
        sizePx={110}
      />
      <table className={classes['figures']}>
        <caption>Cable in a raceway of {sleeve.trade}</caption>
        <tbody>
          <Figure
            name="Fill"
            figure={`${n(sleeve.fillPct, 1)} %`}
            why="by the circle on its wider side, of 53 %"
            rule={rules('raceway.fill')}
          />
        </tbody>
      </table>
    </div>
  );
}

/** What is inside and around one segment: conductors in their raceway, the pull, the trench, the box, the supports. */
export function SegmentSurroundings(props: SegmentSurroundingsProps) {
  const { route, index } = props;
  const { ref, width } = useElementSize();
  const rules = rulesOf(props.view, index);
  const { report } = route;
  const burial = report.burials.find(({ segment }) => segment === index);
  const box = report.boxes.find(({ station }) => station === index + 1);
  const pull = report.pulls.find(({ from, to }) => from <= index && index < to);
  const growthIn = report.growthIn[index] ?? 0;
  return (
    <div ref={ref} className={classes['around']}>
      {burial !== undefined && width > 0 && <TrenchPicture burial={burial} widthPx={Math.min(width, 460)} />}
      <InsideRaceway {...props} />
      <Sleeve {...props} />
      {growthIn > 0 && (
        <p className="second">
          Grows <span className="fig">{n(growthIn)} in</span> in a year over its longest straight; from 1/4 in
          on an expansion fitting is required ({rules('route.expansion').section}).
        </p>
      )}
      <div className={classes['tables']}>
        {pull !== undefined && <PullFigures pull={pull} rules={rules} />}
        {box !== undefined && <BoxFigures box={box} rules={rules} />}
        <Support {...props} />
      </div>
    </div>
  );
}
