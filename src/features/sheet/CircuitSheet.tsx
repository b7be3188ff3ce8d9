import { edition } from '../../core/code/edition';
import { useMemo } from 'react';
import { answerTo, isAnswered } from '../../core/findings/answers';
import { FIGURE_KEYS } from '../../core/findings/subject';
import type { Job } from '../../core/job/jobSchema';
import { stationLetter } from '../../core/circuit/stations';
import { groupOf } from '../../core/service/chargerGroups';
import { sectionGeometry } from '../../core/route/sectionGeometry';
import { printLength } from '../../core/units/length';
import { printNumber } from '../../core/units/number';
import { celsius, feet } from '../../core/units/quantity';
import { printTemperature } from '../../core/units/temperature';
import { bondSheet } from '../../core/wording/bondSheet';
import { SHEET_CAUTIONS } from '../../core/wording/cautions';
import { circuitNote, holdsWords, segmentName, supportWords } from '../../core/wording/conductors';
import { segmentConductors } from '../../core/circuit/namedConductors';
import { findingSentence } from '../../core/wording/findings';
import { circuitLine, ladderWords } from '../../core/wording/ladder';
import { environmentName, severityWord } from '../../core/wording/words';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { footingLine } from '../../core/known/footingLine';
import { findingKey } from '../../core/findings/finding';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { stationNotes } from '../../ui/pictures/stationNotes';
import { sectionFacts } from '../../ui/pictures/sectionFacts';
import { sectionLabels } from '../../ui/pictures/sectionLabels';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { RunSection } from '../../ui/pictures/RunSection';
import { WiringOnSheet, WorkingsOnSheet } from './WorkingsOnSheet';
import { ProofOnSheet } from './ProofOnSheet';
import { RouteOnSheet } from './RouteOnSheet';
import { SheetFacts } from './SheetFacts';
import classes from './SheetPage.module.css';
import { printDay } from '../../core/units/day';
import { today } from '../../store/clock';

interface CircuitSheetProps {
  readonly evaluation: JobEvaluation;
  readonly view: CircuitEvaluation;
}

interface OnSheet {
  readonly job: Job;
  readonly view: CircuitEvaluation;
}

const SHEET_PX = 720;

/** What every page says of its job: code, authority, permit, amendments. */
export function JobFacts({ job }: Pick<OnSheet, 'job'>) {
  return (
    <dl>
      <dt>Job</dt>
      <dd>{job.name}</dd>
      <dt>Code</dt>
      <dd>
        {job.edition}
        {edition(job.edition).certainty === 'preliminary' && ', preliminary, not verified'}
      </dd>
      <dt>Authority</dt>
      <dd>{job.authority || 'not named'}</dd>
      <dt>Permit</dt>
      <dd>{job.permitDate === null ? 'not applied for yet' : `applied for ${job.permitDate}`}</dd>
      <dt>Local amendments</dt>
      <dd>
        {job.amendments.length === 0 ? 'none recorded' : job.amendments.map(({ title }) => title).join('; ')}
      </dd>
    </dl>
  );
}

function Head({ job, view }: OnSheet) {
  const { circuit, solved } = view;
  const group = groupOf(job.house.groups, circuit.id);
  return (
    <header className={classes['head']}>
      <div>
        <h1>{circuit.name}</h1>
        <p>{circuitNote(circuit, solved.figures)}</p>
        {group !== undefined && (
          <p>
            In {group.name}: {printNumber(group.limitA)} A together by load management.
          </p>
        )}
        <p className={`fig ${classes['line']}`}>{circuitLine(solved, circuit)}</p>
      </div>
      <JobFacts job={job} />
    </header>
  );
}

function Figures({ job, view }: OnSheet) {
  const { circuit, solved, severities } = view;
  const footing = footingLine(view, job.sources);
  return (
    <section>
      <h2>Figures</h2>
      <table className={classes['figures']}>
        <tbody>
          {FIGURE_KEYS.map((figureKey) => {
            const { name, figure, unit, reason } = ladderWords(figureKey, solved, circuit);
            return (
              <tr key={figureKey}>
                <th scope="row">{name}</th>
                <td className={`fig ${classes['figure']}`}>
                  {figure} <small>{unit}</small>
                </td>
                <td>{reason}</td>
                <td className={classes['severity']}>
                  <SeverityShape severity={severities[figureKey]} size={10} />{' '}
                  {severityWord[severities[figureKey]]}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {footing !== undefined && <p>{footing}</p>}
    </section>
  );
}

function Run({ view }: Pick<CircuitSheetProps, 'view'>) {
  const { circuit, solved } = view;
  const { figures } = solved;
  return (
    <section>
      <h2>Run</h2>
      <table className={classes['segments']}>
        <thead>
          <tr>
            <th scope="col">Segment</th>
            <th scope="col">Length</th>
            <th scope="col">Method and location</th>
            <th scope="col">Conductors</th>
            <th scope="col">Ampacity</th>
            <th scope="col">Supports</th>
          </tr>
        </thead>
        <tbody>
          {figures.segments.map((segment, index) => {
            const { lengthFt = 0, place = 'indoor', ambientC = 30 } = circuit.run[index] ?? {};
            return (
              <tr key={index}>
                <th scope="row">
                  {stationLetter(index)} to {stationLetter(index + 1)}
                </th>
                <td className="fig">{printLength(feet(lengthFt))}</td>
                <td>
                  {segmentName(segment)}, {environmentName[place]}, {printTemperature(celsius(ambientC))}
                </td>
                <td>
                  {segmentConductors(segment, figures)
                    .map(({ letters, size, note }) => [letters, size, note].filter(Boolean).join(' '))
                    .join(', ')}
                </td>
                <td>{holdsWords(segment, figures)}</td>
                <td>{supportWords(segment)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}

function Findings({ evaluation, view }: CircuitSheetProps) {
  const { book } = evaluation;
  const { solved } = view;
  if (solved.findings.length === 0) return null;
  return (
    <section>
      <h2>Findings and answers</h2>
      <ul className={classes['findings']}>
        {solved.findings.map((finding, at) => {
          const answer = answerTo(book, finding);
          const answered = isAnswered(book, finding);
          return (
            <li key={`${findingKey(finding)} ${at}`}>
              <SeverityShape
                severity={finding.severity === 'note' || answered ? 'ok' : finding.severity}
                size={11}
              />
              <span>
                <b>{severityWord[finding.severity]}.</b> {findingSentence(finding)}{' '}
                <span className="fig">{finding.cite.section}</span>
                {answer !== undefined && (
                  <>
                    <br />
                    Answer: {answer}
                  </>
                )}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** One circuit as a page for the inspector: run, figures, working with sections, findings and answers, cautions. */
export function CircuitSheet({ evaluation, view }: CircuitSheetProps) {
  const { circuit, solved } = view;
  const { figures } = solved;
  const { job } = evaluation;
  const { open: onRoute, report } = evaluation.routeOf(view);
  const own = evaluation.check(circuit.id);
  const geometry = useMemo(() => sectionGeometry(circuit.run, circuit.startHeightFt), [circuit]);
  return (
    <article className={classes['sheet']} data-theme="paper">
      <Head job={job} view={view} />
      <RunSection
        geometry={geometry}
        labels={sectionLabels({ ...view, onRoute, say: findingSentence })}
        stationNotes={stationNotes(report)}
        {...sectionFacts(view, geometry)}
        highlighted={null}
        widthPx={SHEET_PX}
        heightPx={170}
      />
      <Run view={view} />
      {circuit.existing === null && <RouteOnSheet evaluation={evaluation} view={view} />}
      <Figures job={job} view={view} />
      <SheetFacts evaluation={evaluation} view={view} />
      <Findings evaluation={evaluation} view={view} />
      <WiringOnSheet job={job} view={view} />
      {own !== undefined && <ProofOnSheet job={job} view={view} own={own} />}
      <WorkingsOnSheet job={job} view={view} />
      <section>
        <h2>Cautions</h2>
        <ul className={classes['cautions']}>
          {figures.load.minGround !== null &&
            bondSheet(
              circuit.id,
              job.yard.things,
              evaluation.waters.map(({ report }) => report),
            ).map((line) => <li key={line}>{line}</li>)}
          {SHEET_CAUTIONS.map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
        </ul>
      </section>
      <footer className={classes['signs']}>
        <span>Prepared by</span>
        <span>License</span>
        <span>Inspected by</span>
        <span>Printed {printDay(today())}</span>
      </footer>
    </article>
  );
}
