import { neighborsOf } from '../../core/circuit/neighbors';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { placeOf } from '../../core/panel/placeOf';
import { chosenAnswer } from '../../core/service/serviceReport';
import { printNumber as n } from '../../core/units/number';
import { segmentSpan } from '../../core/circuit/stations';
import { formName } from '../../core/wording/places';
import { methodTitle } from '../../core/wording/serviceNames';
import { counted } from '../../core/wording/words';
import classes from './SheetPage.module.css';

interface SheetFactsProps {
  readonly evaluation: JobEvaluation;
  readonly view: CircuitEvaluation;
}

/** Where the breaker stands: panel, spaces, legs, and the line of the directory. */
function panelWords({ panels }: JobEvaluation, { circuit }: CircuitEvaluation): readonly string[] {
  if (circuit.existing !== null) return ['Existing circuit: its breaker is in the panel already.'];
  if (circuit.feedId !== null) return ['Breaker in the spa panel at the end of its feed.'];
  const place = placeOf(panels, circuit.id);
  if (place === null) return ['No space yet: place it in the Panel stage.'];
  const { panel, line, legs } = place;
  const many = legs.length > 1;
  return [
    `${panel.name}, ${panel.role === 'service' ? 'service equipment' : 'subpanel'}.`,
    `${many ? 'Spaces' : 'Space'} ${line.spaces}, ${many ? 'legs' : 'leg'} ${legs.join(' and ')}.`,
    `Directory: ${line.text}.`,
  ];
}

/** What the service carries with everything that this job adds. */
export function serviceWords({ job, service }: JobEvaluation): string {
  const answer = chosenAnswer(service.report, job.house);
  const { amps } = service.report.limit;
  if (answer === undefined || answer.spareA === null || amps === null)
    return 'Service load not known yet: the main breaker or the house is not recorded.';
  return `${n(answer.after.amps, 1)} A of ${n(amps)} A with this job, ${methodTitle[answer.method].toLowerCase()} method: ${
    answer.spareA < 0 ? `${n(-answer.spareA, 1)} A too much` : `${n(answer.spareA, 1)} A left`
  }.`;
}

/** Which device protects people, and in which form. */
function protectionWords({ solved }: CircuitEvaluation): string {
  const { gfci, afci } = solved.figures.outlet;
  const form = gfci.form === 'none' ? 'No GFCI protection' : formName[gfci.form];
  return `${form.charAt(0).toUpperCase()}${form.slice(1)}${afci.required === true ? '; AFCI protection' : ''}.`;
}

/** Which other circuits are in the same raceway, segment by segment. */
function sharedWords({ circuit, context }: CircuitEvaluation): readonly string[] {
  return circuit.run.flatMap((segment, index) => {
    const others = neighborsOf(segment, 'raceway', context.neighbors);
    if (others.length === 0) return [];
    const names = others.map(
      ({ name, wires, size }) => `${name} (${counted(wires, 'wire')}${size === null ? '' : ` ${size}`})`,
    );
    return [`${segmentSpan(index)}: ${names.join(', ')}. One ground serves all.`];
  });
}

function Column({ name, lines }: { readonly name: string; readonly lines: readonly string[] }) {
  return (
    <div>
      <h3>{name}</h3>
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
    </div>
  );
}

/** What an inspector asks first: where it stands in the panel, whether the service carries it, how it is protected. */
export function SheetFacts({ evaluation, view }: SheetFactsProps) {
  const shared = sharedWords(view);
  return (
    <div className={classes['facts']}>
      <Column name="Panel and space" lines={panelWords(evaluation, view)} />
      <Column name="Service" lines={[serviceWords(evaluation)]} />
      <Column name="Protection" lines={[protectionWords(view)]} />
      {shared.length > 0 && <Column name="In the same raceway" lines={shared} />}
    </div>
  );
}
