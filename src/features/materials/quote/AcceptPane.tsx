import { Button } from '@mantine/core';
import { useState } from 'react';
import { extrasSince } from '../../../core/estimate/extras';
import { asPicked } from '../../../core/estimate/circuitOptions';
import type { Job } from '../../../core/job/jobSchema';
import { findingSentence } from '../../../core/wording/findings';
import { printDay } from '../../../core/units/day';
import { printDollars, printPriceChange } from '../../../core/units/money';
import { cents as toCents } from '../../../core/units/quantity';
import { evaluationOf } from '../../../store/evaluation';
import { memo } from '../../../store/memo';
import type { Quoted } from '../../../store/quote/quoteTask';
import { useJobEditor } from '../../../store/useJobEditor';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { TextField } from '../../../ui/fields/TextField';
import { partWords } from '../partWords';
import { today } from '../../../store/clock';
import { useQuoteEditor } from './useQuoteEditor';
import shared from '../materials.module.css';
import classes from './quote.module.css';

interface AcceptPaneProps {
  readonly job: Job;
  readonly quoted: Quoted;
  /** False while the price is worked out anew. */
  readonly isCurrent: boolean;
}

/** What became dearer or cheaper since the quote was accepted: each a written extra. */
function Extras({ job, quoted: { estimate } }: Pick<AcceptPaneProps, 'job' | 'quoted'>) {
  const { accepted } = job.quote;
  if (accepted === null) return null;
  const extras = extrasSince(accepted, estimate);
  if (extras.length === 0) return <p className="second">Nothing changed since: no extras.</p>;
  const whole = extras.reduce((sum, { cents }) => sum + cents, 0);
  return (
    <table className={shared['working']}>
      <thead>
        <tr>
          <th scope="col">extras since then</th>
          <th scope="col">price</th>
        </tr>
      </thead>
      <tbody>
        {extras.map(({ key, name, cents }) => {
          const part = estimate.parts.find((each) => each.key === key);
          return (
            <tr key={key}>
              <th scope="row">{name ?? (part === undefined ? key : partWords(part.source, job).name)}</th>
              <td className="fig">{printPriceChange(toCents(cents))}</td>
            </tr>
          );
        })}
        <tr data-total>
          <th scope="row">All extras</th>
          <td className="fig">{printPriceChange(toCents(whole))}</td>
        </tr>
      </tbody>
    </table>
  );
}

function Open({ job, quoted, isCurrent }: AcceptPaneProps) {
  const { canWrite, edit } = useJobEditor();
  const [by, setBy] = useState('');
  const { estimate, stops } = quoted;
  const [stop] = stops;
  const accept = (): void => {
    const { commands } = asPicked(evaluationOf(job), memo);
    const parts = estimate.parts.map(({ key, source, price }) => {
      return { key, name: partWords(source, job).name, cents: price.likely };
    });
    const accepted = { date: today(), by, cents: estimate.price.likely, parts };
    edit(
      {
        kind: 'batch',
        commands: [...commands, { kind: 'change', part: 'quote', fields: { accepted, picked: [] } }],
      },
      `Accepted by ${by}`,
    );
  };
  return (
    <>
      {stop !== undefined && (
        <p className={classes['stop']}>
          <SeverityShape severity="stop" size={11} />
          <span>
            As picked the job breaks a rule: {findingSentence(stop)} Pick another option, or change the plan.
          </span>
        </p>
      )}
      <TextField label="Accepted by" value={by} maxLength={80} disabled={!canWrite} onText={setBy} />
      <Button disabled={!canWrite || by.trim() === '' || stop !== undefined || !isCurrent} onClick={accept}>
        Accepted: {printDollars(estimate.price.likely)}
      </Button>
      <p className="second">Puts what is picked into the plan. What changes after it becomes an extra.</p>
    </>
  );
}

/** Acceptance of the quote: who, when, what it came to; after it, the extras. */
export function AcceptPane({ job, quoted, isCurrent }: AcceptPaneProps) {
  const { canWrite, put } = useQuoteEditor(job);
  const { accepted } = job.quote;
  return (
    <section className={classes['accept']} aria-label="Acceptance">
      <h2>Acceptance</h2>
      {accepted === null ? (
        <Open job={job} quoted={quoted} isCurrent={isCurrent} />
      ) : (
        <>
          <p>
            {printDollars(accepted.cents)} accepted by {accepted.by}, {printDay(accepted.date)}.
          </p>
          <Extras job={job} quoted={quoted} />
          <button
            type="button"
            className="act"
            disabled={!canWrite}
            onClick={() => {
              put({ accepted: null }, 'Take the acceptance back');
            }}
          >
            Take the acceptance back
          </button>
        </>
      )}
    </section>
  );
}
