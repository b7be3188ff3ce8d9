import { Link, useParams } from 'react-router';
import { fileProblemWords } from '../../core/wording/fileProblems';
import { useOpenJob } from '../../store/useOpenJob';
import { CircuitsStage } from './CircuitsStage';
import { Message } from '../../ui/shell/Message';

/** The Circuits stage of a job, from opening it to closing it. */
export function CircuitsPage() {
  const { jobId = '', circuitId } = useParams();
  const open = useOpenJob(jobId);
  switch (open.status) {
    case 'ready':
      return <CircuitsStage open={open} circuitId={circuitId} />;
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
