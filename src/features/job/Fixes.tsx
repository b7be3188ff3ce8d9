import type { AnyFinding } from '../../core/findings/finding';
import type { JobSizes } from '../../core/job/jobSizes';
import { printPriceChange } from '../../core/units/money';
import { findingSentence } from '../../core/wording/findings';
import { fixNote, fixWords } from '../../core/wording/fixes';
import { fixAnswering, fixesOf } from '../../store/fixing';
import { useJobEditor } from '../../store/useJobEditor';
import classes from './FindingCard.module.css';

export interface FixesProps {
  readonly sizes: JobSizes;
  readonly finding: AnyFinding;
  /** Whether its first fix is the one that the key A applies. */
  readonly first?: boolean;
  /** Whether the job was edited since: its fixes are being tried anew. */
  readonly stale?: boolean;
}

/** What else a fix reaches, in a few words. */
const reachWords = (names: readonly string[]): string =>
  names.length === 0 ? '' : `Also changes ${names.join(', ')}.`;

/** The proved fixes of a finding as buttons: what each changes, leaves and costs. Fetched after the figures. */
export function Fixes({ sizes, finding, first = false, stale = false }: FixesProps) {
  const { canWrite, edit } = useJobEditor();
  const fixes = fixesOf(sizes.job, finding);
  if (fixes.length === 0) return null;
  return (
    <ul className={classes['fixes']} aria-label={`Fixes: ${findingSentence(finding)}`}>
      {fixes.map(({ change, command, cost, reaches }, index) => {
        const note = [fixNote(change), reachWords(reaches)].filter((each) => each !== '').join(' ');
        return (
          <li key={fixWords(change)}>
            <button
              type="button"
              className={classes['fix']}
              data-first={(first && index === 0) || undefined}
              disabled={!canWrite || stale}
              onClick={() => {
                edit(command, fixWords(change), undefined, fixAnswering(finding));
              }}
            >
              <span>
                {first && index === 0 && <kbd className={`fig ${classes['key']}`}>A</kbd>}
                {fixWords(change)}
                {note !== '' && <span className={classes['note']}>{note}</span>}
              </span>
              <span className="fig" title="Material by the default price list">
                {printPriceChange(cost)}
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
