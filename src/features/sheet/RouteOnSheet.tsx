import { stationLetter, segmentSpan } from '../../core/circuit/stations';
import type { BoxReport } from '../../core/route/boxes';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { fittingName, stationName } from '../../core/wording/routeWords';
import { answerTo, isAnswered } from '../../core/findings/answers';
import { segmentIndex } from '../../core/findings/subject';
import { findingSentence } from '../../core/wording/findings';
import { methodName, severityWord } from '../../core/wording/words';
import { printLength } from '../../core/units/length';
import { printNumber as n } from '../../core/units/number';
import { feet } from '../../core/units/quantity';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import classes from './SheetPage.module.css';

interface RouteOnSheetProps {
  readonly evaluation: JobEvaluation;
  readonly view: CircuitEvaluation;
}

function Findings({ evaluation, view }: RouteOnSheetProps) {
  const { book } = evaluation;
  const { report } = evaluation.routeOf(view);
  if (report.findings.length === 0) return null;
  return (
    <ul className={classes['findings']}>
      {report.findings.map((finding, at) => {
        const answered = isAnswered(book, finding);
        const answer = answerTo(book, finding);
        return (
          <li key={`${finding.code} ${at}`}>
            <SeverityShape
              severity={finding.severity === 'note' || answered ? 'ok' : finding.severity}
              size={11}
            />
            <span>
              <b>{severityWord[finding.severity]}.</b> {segmentSpan(segmentIndex(finding.subject) ?? 0)}:{' '}
              {findingSentence(finding)} <span className="fig">{finding.cite.section}</span>
              {answer !== undefined && ` Answer: ${answer}`}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

/** What one box, body or disconnect has to be. */
function boxLine({ needsIn3, minIn, minAreaIn2, hasIn3, box, knockouts }: BoxReport): string {
  if (minIn !== null) return `${n(minIn, 1)} in long or more`;
  if (minAreaIn2 !== null) return `${n(minAreaIn2)} in² inside or more, no splices`;
  if (needsIn3 === 0) return `holes for ${knockouts.map(({ trade }) => trade).join(' and ')}`;
  return `needs ${n(needsIn3)} in³, ${hasIn3 === null ? (box?.name ?? 'a larger enclosure') : `has ${n(hasIn3)} in³`}`;
}

/** Lines of the route: boxes, trench, pulls and fittings, each with its figures. */
function lines({
  evaluation,
  view,
}: RouteOnSheetProps): readonly (readonly [what: string, figures: string])[] {
  const { report } = evaluation.routeOf(view);
  return [
    ...report.boxes.map((box): readonly [string, string] => [
      `${stationLetter(box.station)}, ${box.kind === 'appliance' ? 'receptacle box' : stationName[box.kind].toLowerCase()}`,
      boxLine(box),
    ]),
    ...report.burials.map(({ segment, coverIn, needs, trench, routes }): readonly [string, string] => [
      `${segmentSpan(segment)}, trench`,
      `${n(coverIn, 1)} in of cover, ${needs === null ? 'may not be buried' : `${needs.coverIn} in by rule`}; dig ${trench.depthIn} in deep, ${trench.widthIn} in wide, ${n(trench.soilYd3, 1)} yd³${
        routes.length > 1
          ? `; with ${routes
              .filter(({ own }) => !own)
              .map(({ name }) => name)
              .join(', ')}`
          : ''
      }`,
    ]),
    ...report.pulls.map((pull): readonly [string, string] => [
      `${stationLetter(pull.from)} to ${stationLetter(pull.to)}, pull`,
      `${n(pull.degrees)}° of ${n(pull.limitDeg)}°; ${n(pull.pounds, 0)} lb, pulled from ${stationLetter(pull.better === 'forward' ? pull.to : pull.from)}`,
    ]),
    ...report.fittings
      .filter(({ planned }) => planned)
      .map(({ fitting, segment, count }): readonly [string, string] => [
        `${segmentSpan(segment)}, ${fittingName[fitting].toLowerCase()}`,
        fitting === 'ribbon' ? `${count} ft` : String(count),
      ]),
    ...report.bought.map(({ name, buyFt, cutFt }): readonly [string, string] => [
      name,
      `cut ${printLength(feet(cutFt))}, buy ${buyFt} ft`,
    ]),
    ...report.raceways.map(
      ({ method, trade, sticks, couplings, connectors, lengthFt }): readonly [string, string] => [
        `${trade} ${methodName(method)}`,
        `${printLength(feet(lengthFt))}${sticks.length > 0 ? `, ${sticks.length} sticks, ${couplings} couplings` : ''}, ${connectors} connectors`,
      ],
    ),
  ];
}

/** The route on the sheet: what stands along it, what is dug, pulled, fitted, cut and bought. */
export function RouteOnSheet(props: RouteOnSheetProps) {
  return (
    <section>
      <h2>Cut list</h2>
      <table className={classes['segments']}>
        <tbody>
          {lines(props).map(([what, figures]) => (
            <tr key={what}>
              <th scope="row">{what}</th>
              <td>{figures}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Findings {...props} />
    </section>
  );
}
