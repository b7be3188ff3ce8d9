import { useState } from 'react';
import { Link } from 'react-router';
import type { Job } from '../../../core/job/jobSchema';
import {
  countRows,
  FRESH_COUNT,
  withFetched,
  withUsed,
  type CountRow,
} from '../../../core/takeoff/noonCount';
import type { NoonCount } from '../../../core/takeoff/materialsDocument';
import type { Takeoff } from '../../../core/takeoff/takeoff';
import { printDollars } from '../../../core/units/money';
import { parseNumber, printNumber as n } from '../../../core/units/number';
import { MATERIALS_CAUTION } from '../../../core/wording/footCautions';
import { amountWords, standWords, tripText } from '../../../core/wording/countWords';
import { itemName } from '../../../core/wording/itemWords';
import { counted } from '../../../core/wording/words';
import { evaluationOf } from '../../../store/evaluation';
import { useJobEditor } from '../../../store/useJobEditor';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { fileName } from '../../../ui/files/fileName';
import { shareFile } from '../../../ui/files/shareFile';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { useReadyJob } from '../../job/JobPage';
import { StageFrame } from '../../job/StageFrame';
import { partWords } from '../partWords';
import { usePriced } from '../usePriced';
import classes from './count.module.css';

type Put = (count: NoonCount, label: string, mergeKey?: string) => void;

interface OfCount {
  readonly count: NoonCount;
  readonly put: Put;
  readonly canWrite: boolean;
}

const USED = { min: 0, max: 100_000, units: ['ft'], shown: '' } as const;

/** What was used, what is still to go, where what is on hand ends. */
function Bar({ row }: { readonly row: CountRow }) {
  const { used, planned, toGo, onHand } = row;
  const taken = used ?? planned;
  const whole = Math.max(taken + toGo, onHand, 1);
  const share = (amount: number) => `${(100 * amount) / whole}%`;
  return (
    <span className={classes['bar']} aria-hidden>
      <i data-mark="used" style={{ width: share(taken) }} />
      <i data-mark="to-go" style={{ left: share(taken), width: share(toGo) }} />
      {row.short > 0 && <i data-mark="short" style={{ left: share(onHand), width: share(whole - onHand) }} />}
      <i data-mark="post" style={{ left: share(onHand) }} />
    </span>
  );
}

/** One line: ticked where it was used as planned, or what was used typed in. */
function Row({ row, count, put, canWrite }: OfCount & { readonly row: CountRow }) {
  const { key, item, planned, used, short } = row;
  const name = itemName(item);
  const asPlanned = used === planned;
  return (
    <li className={classes['row']}>
      <input
        type="checkbox"
        aria-label={`${name}: used as planned, ${amountWords(planned, item)}`}
        checked={asPlanned}
        disabled={!canWrite}
        onChange={() => {
          put(withUsed(count, key, asPlanned ? null : planned), `Counted: ${name}`);
        }}
      />
      <div>
        <p>
          <b>{name}</b>
          <span data-short={short > 0 || undefined}>
            {short > 0 && <SeverityShape severity="stop" size={12} />}
            {standWords(row)}
          </span>
        </p>
        <Bar row={row} />
      </div>
      <div className={classes['figure']}>
        <QuantityField<number | null>
          bare
          label={`Used of ${name}`}
          value={used}
          disabled={!canWrite}
          inputMode="decimal"
          print={(value) => (value === null ? '' : n(value, 1))}
          parse={(text) => (text.trim() === '' ? null : parseNumber(text, USED))}
          onValue={(value, mergeKey) => {
            put(withUsed(count, key, value), `Counted: ${name}`, mergeKey);
          }}
        />
        <span>of {n(planned, 1)}</span>
      </div>
    </li>
  );
}

/** Which parts of the job are up: what they take by the plan is what should be used by now. */
function Up({
  job,
  takeoff,
  count,
  put,
  canWrite,
}: OfCount & { readonly job: Job; readonly takeoff: Takeoff }) {
  return (
    <fieldset className={classes['up']}>
      <legend>What is up?</legend>
      {takeoff.parts.map(({ key, source }) => {
        const { mark, name } = partWords(source, job);
        const on = count.up.includes(key);
        return (
          <button
            key={key}
            type="button"
            aria-pressed={on}
            aria-label={`${mark} ${name}`}
            title={name}
            disabled={!canWrite}
            onClick={() => {
              const up = on ? count.up.filter((each) => each !== key) : [...count.up, key];
              put({ ...count, up }, `${on ? 'Not up' : 'Up'}: ${name}`);
            }}
          >
            {mark}
          </button>
        );
      })}
    </fieldset>
  );
}

/** The one trip: what is short, and what it comes to. */
function Trip({
  job,
  rows,
  count,
  put,
  canWrite,
}: OfCount & { readonly job: Job; readonly rows: readonly CountRow[] }) {
  const short = rows.filter((row) => row.short > 0);
  const cents = short.reduce((sum, row) => sum + (row.cents ?? 0), 0);
  if (short.length === 0)
    return (
      <section className={classes['trip']} aria-label="The trip">
        <h2>Nothing to fetch. Eat here.</h2>
      </section>
    );
  return (
    <section className={classes['trip']} aria-label="The trip">
      <h2>
        One trip, {counted(short.length, 'thing')} <span className="fig">{printDollars(cents)}</span>
      </h2>
      <ul>
        {short.map((row) => (
          <li key={row.key}>
            <span>{itemName(row.item)}</span>
            <span className="fig">{amountWords(Math.ceil(row.short), row.item)}</span>
            <span className="fig">{row.cents === undefined ? 'no price' : printDollars(row.cents)}</span>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className={classes['take']}
        onClick={() =>
          void shareFile(tripText(rows), `${fileName(`${job.name} trip`, 'trip')}.txt`, 'text/plain')
        }
      >
        Take the list
      </button>
      <button
        type="button"
        className="act"
        disabled={!canWrite}
        onClick={() => {
          put(withFetched(count, rows), 'Fetched what was short');
        }}
      >
        It is fetched
      </button>
    </section>
  );
}

const SHOWN = 6;

/** The lines of the count: what is short and the first of the rest, or all of them. */
function Rows({ rows, ...own }: OfCount & { readonly rows: readonly CountRow[] }) {
  const { count, put, canWrite } = own;
  const [all, setAll] = useState(false);
  const shown = rows.filter((row, at) => all || row.short > 0 || at < SHOWN);
  const tickAll = (): void => {
    const open = rows.filter(({ planned, used }) => planned > 0 && used === null);
    const next = open.reduce((acc, { key, planned }) => withUsed(acc, key, planned), count);
    put(next, 'All as planned');
  };
  return (
    <>
      <p className={classes['legend']}>
        <span>Tick: as planned</span>
        <span data-mark="used">used</span>
        <span data-mark="to-go">to go</span>
        <span data-mark="short">short</span>
      </p>
      <ul>
        {shown.map((row) => (
          <Row key={row.key} row={row} {...own} />
        ))}
      </ul>
      <p className={classes['fold']}>
        {(all || shown.length < rows.length) && (
          <button
            type="button"
            className="act"
            onClick={() => {
              setAll(!all);
            }}
          >
            {all ? 'Fold' : counted(rows.length - shown.length, 'more line')}
          </button>
        )}
        <button type="button" className="act" disabled={!canWrite} onClick={tickAll}>
          Tick all as planned
        </button>
      </p>
    </>
  );
}

/** The count at noon, made for a phone: tick what was used, see what is short, fetch it in one trip. */
export function CountPage() {
  const { job } = useReadyJob();
  const { canWrite, edit } = useJobEditor();
  const evaluation = evaluationOf(job);
  const { priced } = usePriced(evaluation);
  const count = job.materials.count ?? FRESH_COUNT;
  const rows = countRows(priced, count);
  const put: Put = (next, label, mergeKey) => {
    edit({ kind: 'change', part: 'materials', fields: { count: next } }, label, mergeKey);
  };
  const foot = (
    <>
      <span>Count all, then go once.</span>
      <span className="second">{MATERIALS_CAUTION}</span>
    </>
  );
  const own = { count, put, canWrite };
  return (
    <StageFrame current="materials" board={classes['board']} foot={foot}>
      <div className={classes['page']}>
        <header>
          <h1>Noon count</h1>
          <Link className="act" to={`/jobs/${job.id}/materials`}>
            Cut plan and list
          </Link>
        </header>
        <Up job={job} takeoff={evaluation.takeoff} {...own} />
        {count.up.length > 0 ? (
          <>
            <Rows rows={rows} {...own} />
            <Trip job={job} rows={rows} {...own} />
          </>
        ) : (
          <p>Nothing is up yet: put up the bulk of the run, say here what is up, and count.</p>
        )}
      </div>
    </StageFrame>
  );
}
