import { useState } from 'react';
import type { Diagnosed } from '../../core/checks/diagnosed';
import { parseNumber, printNumber as n } from '../../core/units/number';
import { dangerWords } from '../../core/wording/checkWords';
import { candidateWords, measurementWords, PAIR_NAME } from '../../core/wording/faultWords';
import type { CircuitCheck } from '../../core/checks/checksDocument';
import type { CheckEvaluation } from '../../core/job/evaluation';
import { isPair } from '../../core/network/network';
import type { NextMeasurement } from '../../core/network/nextMeasurement';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { useCheckEditor } from './useCheckEditor';
import classes from './checks.module.css';

interface DiagnosisPaneProps {
  readonly circuitId: string;
  readonly own: CheckEvaluation;
  readonly diagnosis: Diagnosed;
}

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
  const ruledOut = candidates.slice(0, tied + BESIDES).filter((each) => !first.includes(each));
  return (
    <ol className={classes['candidates']} aria-label="What explains the readings">
      {[...first, ...ruledOut].map((each, at) => {
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

const VOLTS = { min: 0, max: 1000, units: ['v', 'volts'], shown: 'volts' } as const;
const OHMS = { min: 0, max: 100_000, units: ['ohm'], shown: 'ohm, or OL for no path' } as const;
const NO_PATH = /^(ol|open|none)$/i;

/** Where the reading that is asked for is typed: live volts and dead ohms alike. It counts once it is recorded. */
function AskedReading({ circuitId, next }: { readonly circuitId: string; readonly next: NextMeasurement }) {
  const { canWrite, change } = useCheckEditor(circuitId);
  const [value, setValue] = useState<number | null | undefined>();
  const { at, pair, on, live } = next;
  return (
    <form
      className={classes['asked']}
      onSubmit={(event) => {
        event.preventDefault();
        if (value === undefined) return;
        change(
          ({ readings, ohms }) =>
            live && isPair(pair) && value !== null
              ? { readings: [...readings, { at, pair, on, volts: value }] }
              : { ohms: [...ohms, { at, of: pair, on, ohms: value }] },
          'A reading',
        );
      }}
    >
      <QuantityField<number | null | undefined>
        label={live ? `Read at ${at}, volts` : `Read at ${at}, ohm`}
        help={live ? undefined : 'OL: no path'}
        value={value}
        disabled={!canWrite}
        inputMode="text"
        print={(read) => (read === undefined ? '' : read === null ? 'OL' : n(read, 2))}
        parse={(text) => {
          const typed = text.trim();
          if (typed === '') return undefined;
          return !live && NO_PATH.test(typed) ? null : parseNumber(text, live ? VOLTS : OHMS);
        }}
        onValue={setValue}
      />
      <button type="submit" className="act" disabled={!canWrite || value === undefined}>
        Record
      </button>
    </form>
  );
}

/** Ohms that were read dead, each taken back by its button. */
function DeadReadings({
  circuitId,
  ohms,
}: {
  readonly circuitId: string;
  readonly ohms: CircuitCheck['ohms'];
}) {
  const { canWrite, change } = useCheckEditor(circuitId);
  return (
    <ul aria-label="Read dead">
      {ohms.map((each) => {
        const words = `${each.at}, ${isPair(each.of) ? PAIR_NAME[each.of] : each.of}: ${each.ohms === null ? 'no path' : `${n(each.ohms, 2)} ohm`}`;
        return (
          <li key={words}>
            {words}{' '}
            <button
              type="button"
              className="act"
              disabled={!canWrite}
              aria-label={`Take back ${words}`}
              onClick={() => {
                change((check) => ({ ohms: check.ohms.filter((one) => one !== each) }), 'A reading');
              }}
            >
              Take back
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** What is measured next, and what each leading explanation predicts there. */
function Next({ diagnosis, circuitId }: Pick<DiagnosisPaneProps, 'diagnosis' | 'circuitId'>) {
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
      <AskedReading
        key={`${next.at} ${next.pair} ${String(next.on)} ${String(next.live)}`}
        circuitId={circuitId}
        next={next}
      />
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
export function DiagnosisPane({ circuitId, own, diagnosis }: DiagnosisPaneProps) {
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
              {first.length > 1 ? `${first.length} places read alike so far` : 'one place'}
            </span>
          </h2>
          <Candidates diagnosis={diagnosis} />
        </div>
        <div>
          <h2>Next</h2>
          <Next diagnosis={diagnosis} circuitId={circuitId} />
          {own.check.ohms.length > 0 && <DeadReadings circuitId={circuitId} ohms={own.check.ohms} />}
        </div>
      </div>
    </section>
  );
}
