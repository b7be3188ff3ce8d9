import { counted } from '../../core/wording/words';
import { nowMs } from '../../store/clock';
import { daysLeft, fromBin } from '../../store/persistence/bin';
import { useBin } from '../../store/useJobs';
import type { Outcome } from './OutcomeNotice';
import classes from './JobsPage.module.css';

const day = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium' });

/** The deleted jobs, each to be brought back until it leaves the bin. */
export function Bin({ onOutcome }: { readonly onOutcome: (outcome: Outcome) => void }) {
  const jobs = useBin();
  if (jobs === undefined || jobs.length === 0) return null;
  const bringBack = async (binId: string, name: string): Promise<void> => {
    const id = await fromBin(binId);
    onOutcome(
      id === undefined
        ? { severity: 'stop', words: `${name} is not in the bin any more.` }
        : { severity: 'ok', words: `${name} is back, with its photographs and its undo.` },
    );
  };
  return (
    <details className={classes['bin']}>
      <summary>Bin: {counted(jobs.length, 'deleted job')}</summary>
      <ul>
        {jobs.map(({ id, record: { name }, binnedAt }) => (
          <li key={id}>
            <b>{name}</b>
            <span className="second">
              deleted {day.format(binnedAt)}, leaves in {counted(daysLeft({ binnedAt }, nowMs()), 'day')}
            </span>
            <button
              type="button"
              className="act"
              aria-label={`Bring back ${name}`}
              onClick={() => void bringBack(id, name)}
            >
              Bring back
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
