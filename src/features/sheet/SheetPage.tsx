import { Button } from '@mantine/core';
import { useMemo } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { readJobDocument } from '../../core/job/jobFile';
import { fileProblemWords } from '../../core/wording/fileProblems';
import { circuitView } from '../../store/circuitView';
import { useSavedJob } from '../../store/useJobs';
import { Message } from '../../ui/shell/Message';
import { CircuitSheet } from './CircuitSheet';
import classes from './SheetPage.module.css';

/** The circuit sheet on the screen, with the way to print it. */
export function SheetPage() {
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
  const { job } = read;
  const circuit = job.circuits.find(({ id }) => id === circuitId);
  if (circuit === undefined) return <Message title="This circuit is not in the job">{back}</Message>;
  return (
    <main className={classes['desk']}>
      <div className={classes['tools']}>
        <Button
          onClick={() => {
            window.print();
          }}
        >
          Print
        </Button>
        <Button variant="default" onClick={() => void navigate(`/jobs/${jobId}/${circuitId}`)}>
          Back to the circuit
        </Button>
      </div>
      <CircuitSheet job={job} view={circuitView(job, circuit)} />
    </main>
  );
}
