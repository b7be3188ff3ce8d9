import { Button } from '@mantine/core';
import type { ReactNode } from 'react';
import { useNavigate } from 'react-router';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import type { AnyFinding } from '../../core/findings/finding';
import { findingKey } from '../../core/findings/finding';
import { circuitOf } from '../../core/findings/subject';
import { planned } from '../../core/panel/spaces';
import { serviceVolts } from '../../core/service/houseSchema';
import { chosenAnswer } from '../../core/service/serviceReport';
import { circuitLine } from '../../core/wording/ladder';
import { findingSentence } from '../../core/wording/findings';
import { severityWord } from '../../core/wording/words';
import { evaluationOf } from '../../store/evaluation';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { PrintButton } from '../../ui/shell/PrintButton';
import { ShareButton } from '../../ui/shell/ShareButton';
import { DirectoryTable } from '../../ui/tables/DirectoryTable';
import { LoadTable } from '../../ui/tables/LoadTable';
import { useReadyJob } from '../job/JobPage';
import { CircuitSheet, JobFacts } from './CircuitSheet';
import { serviceWords } from './SheetFacts';
import classes from './SheetPage.module.css';

interface OfJob {
  readonly evaluation: JobEvaluation;
}

/** Stops first, then what is still asked, then what is doubtful. */
const OPEN = ['stop', 'ask', 'check'] as const;

function OpenList({ evaluation }: OfJob) {
  const open = evaluation.openOf(evaluation.findings);
  const found = OPEN.flatMap((severity) => open.filter((each) => each.severity === severity));
  const nameOf = ({ subject }: AnyFinding): string =>
    evaluation.circuit(circuitOf(subject) ?? '')?.circuit.name ??
    (subject.kind === 'panel'
      ? (evaluation.job.panels.find(({ id }) => id === subject.panelId)?.name ?? 'Panel')
      : subject.kind === 'service'
        ? 'Service'
        : 'Job');
  return (
    <section>
      <h2>Open</h2>
      {found.length === 0 && <p>Nothing is open.</p>}
      <ul className={classes['findings']}>
        {found.map((finding, at) => (
          <li key={`${findingKey(finding)} ${at}`}>
            <SeverityShape severity={finding.severity === 'note' ? 'ok' : finding.severity} size={11} />
            <span>
              <b>
                {severityWord[finding.severity]}, {nameOf(finding)}.
              </b>{' '}
              {findingSentence(finding)} <span className="fig">{finding.cite.section}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Contents({ evaluation }: OfJob) {
  return (
    <section>
      <h2>Circuits</h2>
      <table className={classes['segments']}>
        <tbody>
          {evaluation.circuits.map(({ circuit, solved, severity }, at) => (
            <tr key={circuit.id}>
              <td className="fig">{at + 1}</td>
              <th scope="row">{circuit.name}</th>
              <td className="fig">{circuitLine(solved, circuit)}</td>
              <td className={classes['severity']}>
                <SeverityShape severity={severity} size={10} /> {severityWord[severity]}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Service({ evaluation }: OfJob) {
  const { job, service, context } = evaluation;
  const answer = chosenAnswer(service.report, job.house);
  return (
    <section>
      <h2>Service load</h2>
      <p>{serviceWords(evaluation)}</p>
      {answer !== undefined && (
        <LoadTable
          code={context.code}
          houseV={serviceVolts(job.house)}
          then={answer.after}
          name="After this job"
        />
      )}
    </section>
  );
}

function Paper({ children }: { readonly children: ReactNode }) {
  return (
    <article className={classes['sheet']} data-theme="paper">
      {children}
    </article>
  );
}

/** Everything of a job on paper: what it is and what is open, the service, the panels, and a sheet for every circuit. */
export function JobPrintPage() {
  const { job } = useReadyJob();
  const navigate = useNavigate();
  const evaluation = evaluationOf(job);
  return (
    <main className={classes['desk']}>
      <div className={classes['tools']}>
        <PrintButton />
        <ShareButton title={job.name} />
        <Button variant="default" onClick={() => void navigate(`/jobs/${job.id}`)}>
          Back to the circuits
        </Button>
      </div>
      <Paper>
        <header className={classes['head']}>
          <h1>{job.name}</h1>
          <JobFacts job={job} />
        </header>
        <Contents evaluation={evaluation} />
        <OpenList evaluation={evaluation} />
      </Paper>
      <Paper>
        <Service evaluation={evaluation} />
        {evaluation.panels.map(({ panel, wanted }) => (
          <section key={panel.id}>
            <h2>{panel.name}: directory, as it will be</h2>
            <DirectoryTable installed={planned(panel, wanted)} />
          </section>
        ))}
      </Paper>
      {evaluation.circuits.map((view) => (
        <CircuitSheet key={view.circuit.id} evaluation={evaluation} view={view} />
      ))}
    </main>
  );
}
