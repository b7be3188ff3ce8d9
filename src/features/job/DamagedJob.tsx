import { Link } from 'react-router';
import { fileProblemWords } from '../../core/wording/fileProblems';
import type { Damaged } from '../../store/jobSlice';
import { openRepaired } from '../../store/openJob';
import { Message } from '../../ui/shell/Message';

/** Hands what is stored of a job to the browser as a file, as it is. */
async function exportStored({ name, saved }: Damaged): Promise<void> {
  const { downloadText } = await import('../../ui/files/download');
  const { document, version } = saved.record;
  const text = JSON.stringify({ pasture: 'job', version, job: document, journal: saved.journal }, null, 2);
  downloadText(text, `${name}.stored.json`, 'application/json');
}

/** A job that cannot be opened: what is wrong with it, and what can still be done. */
export function DamagedJob({ damaged }: { readonly damaged: Damaged }) {
  const { name, problem, undoTo } = damaged;
  return (
    <Message title={`${name} cannot be opened`}>
      {fileProblemWords(problem, name)}{' '}
      {undoTo !== null && (
        <button type="button" className="act" onClick={() => void openRepaired(damaged)}>
          Undo back to before “{undoTo}”
        </button>
      )}{' '}
      <button type="button" className="act" onClick={() => void exportStored(damaged)}>
        Export what is stored
      </button>{' '}
      <Link to="/">Back to the jobs</Link>
    </Message>
  );
}
