import { Link, Outlet, useOutletContext, useParams } from 'react-router';
import { fileProblemWords } from '../../core/wording/fileProblems';
import type { OpenJob } from '../../store/jobSlice';
import { useOpenJob } from '../../store/useOpenJob';
import { Message } from '../../ui/shell/Message';

/** A job that is open and ready. */
export type ReadyJob = Extract<OpenJob, { status: 'ready' }>;

/** A job from opening it to closing it: its stages stand inside, and share it. */
export function JobPage() {
  const { jobId = '' } = useParams();
  const open = useOpenJob(jobId);
  switch (open.status) {
    case 'ready':
      return <Outlet context={open satisfies ReadyJob} />;
    case 'missing':
      return (
        <Message title="This job is not in this browser">
          Open its file from the <Link to="/">list of jobs</Link>, or look in the browser in which it was
          made.
        </Message>
      );
    case 'damaged':
      return (
        <Message title={`${open.name} cannot be opened`}>
          {fileProblemWords(open.problem, open.name)} <Link to="/">Back to the jobs</Link>
        </Message>
      );
    case 'none':
    case 'loading':
      return <Message title="Opening the job" />;
  }
}

/** The job that a stage stands in. */
export const useReadyJob = (): ReadyJob => useOutletContext<ReadyJob>();
