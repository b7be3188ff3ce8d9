import type { Diagnosed } from '../../core/checks/diagnosed';
import { printNumber as n } from '../../core/units/number';
import { dangerWords } from '../../core/wording/checkWords';
import { candidateWords, measurementWords, PAIR_NAME } from '../../core/wording/faultWords';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import classes from './checks.module.css';

/** Explanations past the leading ones that are told, to be seen as ruled out. */
const BESIDES = 2;
/** The bar of a misfit is full here. */
const FULL = 6;

function Misfit({ value }: { readonly value: number }) {
  return (
    <span className={classes['misfit']}>
      <span style={{ width: `${Math.min(100, (100 * value) / FULL)}%` }} />
    </span>
  );
}

/** What explains the readings, the leading ones of one rank first; what does not is struck. */
function Candidates({ diagnosis }: { readonly diagnosis: Diagnosed }) {
  const { first, candidates, tied } = diagnosis;
  return (
    <ol className={classes['candidates']} aria-label="What explains the readings">
      {candidates.slice(0, tied + BESIDES).map((each, at) => {
        const words = candidateWords(each);
        return (
          <li key={words} data-out={at >= first.length || undefined}>
            <span className="fig">{at < first.length ? at + 1 : ''}</span>
            {at < first.length ? <b>{words}</b> : <s>{words}</s>}
            <Misfit value={each.misfit} />
            <span className="fig">{n(each.misfit, 1)}</span>
          </li>
        );
      })}
    </ol>
  );
}

/** What is measured next, and what each leading explanation predicts there. */
function Next({ diagnosis }: { readonly diagnosis: Diagnosed }) {
  const { next, first } = diagnosis;
  if (next === null)
    return first.length < 2 ? (
      <p>One place explains them all. Off, locked, proved dead: open it, remake it, read again.</p>
    ) : (
      <p>
        No measurement at the stations parts them. Off, locked, proved dead: open them one by one, the first
        first.
      </p>
    );
  const groups = new Map<string, number[]>();
  for (const [at, value] of next.predicts.entries()) {
    const shown = value === null ? 'no path' : `${n(value, next.live ? 1 : 2)} ${next.live ? 'V' : 'ohm'}`;
    groups.set(shown, [...(groups.get(shown) ?? []), at + 1]);
  }
  return (
    <>
      <p>{measurementWords(next)}.</p>
      <ul className={classes['predicts']} aria-label="What each predicts">
        {[...groups].map(([value, ranks]) => (
          <li key={value}>
            <b className="fig">{value}</b> if {ranks.join(', ')}
          </li>
        ))}
      </ul>
    </>
  );
}

/** The diagnosis in place: dangers first, what explains the readings, what is measured next. */
export function DiagnosisPane({ diagnosis }: { readonly diagnosis: Diagnosed }) {
  const { dangers, first, unexplained, suspect } = diagnosis;
  return (
    <section className={classes['diagnosis']} aria-label="Diagnosis" role="region">
      {dangers.length === 0 && !unexplained && (
        <p className={classes['danger']}>
          <SeverityShape severity="stop" size={13} /> <b>Leave it off until it is mended.</b>
        </p>
      )}
      {dangers.map((danger) => (
        <p key={danger.kind} className={classes['danger']} role="alert">
          <SeverityShape severity="stop" size={13} /> <b>{dangerWords(danger)}</b>
        </p>
      ))}
      {unexplained && (
        <p role="alert">
          <b>No single fault explains these: two at once, or a reading is wrong.</b>{' '}
          {suspect !== null &&
            `Read ${PAIR_NAME[suspect.pair]} at ${suspect.at}, load ${suspect.on ? 'on' : 'off'}, again: without it one fault explains the rest.`}
        </p>
      )}
      <div className={classes['columns']}>
        <div>
          <h2>
            What explains all readings{' '}
            <span className="second">
              {first.length > 1 ? `none so far parts 1 to ${first.length}` : 'one place'}
            </span>
          </h2>
          <Candidates diagnosis={diagnosis} />
        </div>
        <div>
          <h2>Next</h2>
          <Next diagnosis={diagnosis} />
        </div>
      </div>
    </section>
  );
}
