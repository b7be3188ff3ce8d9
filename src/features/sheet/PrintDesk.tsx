import { Button } from '@mantine/core';
import { useMemo, type ReactNode } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { readJobDocument } from '../../core/job/jobFile';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { fileProblemWords } from '../../core/wording/fileProblems';
import { evaluationApart } from '../../store/evaluation';
import { useSavedJob } from '../../store/useJobs';
import { Message } from '../../ui/shell/Message';
import { PrintButton } from '../../ui/shell/PrintButton';
import { ShareButton } from '../../ui/shell/ShareButton';
import classes from './SheetPage.module.css';

/** A circuit to be printed, with its job. */
export interface PrintedCircuit {
  readonly evaluation: JobEvaluation;
  readonly view: CircuitEvaluation;
}

interface PrintDeskProps {
  /** The page of a circuit. */
  readonly page: (of: PrintedCircuit) => ReactNode;
  /** What of the stage is gone back to. */
  readonly back: string;
  /** Whether it can be handed on as a file as well: a strip of true scale is paper only. */
  readonly shares?: boolean;
}

/** A page of a circuit on the screen, with the way to print it. */
export function PrintDesk({ page, back: part, shares = false }: PrintDeskProps) {
  const { jobId = '', circuitId = '' } = useParams();
  const saved = useSavedJob(jobId);
  const navigate = useNavigate();
  const read = useMemo(
    () => (saved ? readJobDocument(saved.record.document, saved.record.version) : undefined),
    [saved],
  );
  if (saved === undefined) return <Message title="Opening the sheet" />;
  const back = <Link to="/">Back to the jobs</Link>;
  if (saved === null || read === undefined)
    return <Message title="This job is not in this browser">{back}</Message>;
  if (!read.ok) {
    return (
      <Message title="This job cannot be opened">
        {fileProblemWords(read.problem, saved.record.name)} {back}
      </Message>
    );
  }
  const evaluation = evaluationApart(read.job);
  const view = evaluation.circuit(circuitId);
  if (view === undefined) return <Message title="This circuit is not in the job">{back}</Message>;
  return (
    <main className={classes['desk']}>
      <div className={classes['tools']}>
        <PrintButton />
        {shares && <ShareButton title={`${read.job.name}, ${view.circuit.name}`} />}
        <Button variant="default" onClick={() => void navigate(`/jobs/${jobId}/${circuitId}${part}`)}>
          Back to the circuit
        </Button>
      </div>
      {page({ evaluation, view })}
    </main>
  );
}
