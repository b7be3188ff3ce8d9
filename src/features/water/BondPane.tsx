import type { AnyFinding } from '../../core/findings/finding';
import { worstSeverity } from '../../core/findings/severity';
import type { WaterEvaluation } from '../../core/job/evaluation';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { bondRows, notBonded, type BondRow } from '../../core/water/bondRows';
import type { WaterReport } from '../../core/water/waterReport';
import { bondNote, bondTitle } from '../../core/wording/bondWords';
import { bondReason } from '../../core/wording/waterWords';
import { severityWord } from '../../core/wording/words';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { FindingList } from '../job/FindingList';
import { GridInstead } from './GridInstead';
import { LoopWorking } from './LoopWorking';
import classes from './water.module.css';

interface BondPaneProps {
  readonly evaluation: JobEvaluation;
  readonly view: WaterEvaluation;
  readonly picked: string | null;
  readonly onPick: (id: string | null) => void;
}

const SHELL_CODES: ReadonlySet<string> = new Set(['bond.points', 'bond.points-uneven', 'bond.taps']);
const WATER_CODES: ReadonlySet<string> = new Set(['bond.water']);

/** What is open about a row. */
function openOf(row: BondRow, open: readonly AnyFinding[]): readonly AnyFinding[] {
  const codes = (known: ReadonlySet<string>) => open.filter(({ code }) => known.has(code));
  switch (row.kind) {
    case 'shell':
      return codes(SHELL_CODES);
    case 'water':
      return codes(WATER_CODES);
    case 'surface':
      return open.filter(
        ({ code, subject }) =>
          subject.kind === 'water' &&
          code.startsWith('bond.') &&
          !SHELL_CODES.has(code) &&
          !WATER_CODES.has(code),
      );
    case 'part':
    case 'plate': {
      const id = row.kind === 'part' ? row.part.candidate.id : row.thing.id;
      return open.filter(
        ({ code, subject }) => code.startsWith('bond.') && subject.kind === 'yard' && subject.itemId === id,
      );
    }
  }
}

const itemOf = (row: BondRow): string | null =>
  row.kind === 'part' ? row.part.candidate.id : row.kind === 'plate' ? row.thing.id : null;

interface RowProps extends Pick<BondPaneProps, 'picked' | 'onPick'> {
  readonly row: BondRow;
  readonly report: WaterReport;
  readonly open: readonly AnyFinding[];
}

/** One thing that is bonded: its number on the plan, how it is bonded, and how that stands. */
function Row({ row, report, open, picked, onPick }: RowProps) {
  const severity = worstSeverity(openOf(row, open));
  const id = itemOf(row);
  return (
    <li data-picked={(id !== null && id === picked) || undefined}>
      <button
        type="button"
        disabled={id === null}
        onClick={() => {
          onPick(id === picked ? null : id);
        }}
      >
        <span className="fig">{row.number}</span>
        <b>{bondTitle(row, report)}</b>
        <span className={classes['state']}>
          <SeverityShape severity={severity} /> {severity === 'ok' ? 'OK' : severityWord[severity]}
        </span>
        <span className={classes['note']}>{bondNote(row, report)}</span>
      </button>
    </li>
  );
}

/** What need not be bonded, folded away. */
function NotBonded({ report }: { readonly report: WaterReport }) {
  const free = notBonded(report);
  if (free.length === 0) return null;
  return (
    <details>
      <summary>Not bonded, and why</summary>
      <ul className={classes['free']}>
        {free.map(({ candidate, verdict }) => (
          <li key={candidate.id}>
            <b>{candidate.name}</b> {bondReason[verdict.reason]}
          </li>
        ))}
      </ul>
    </details>
  );
}

/** What must be bonded around a water and why, what need not, the copper it takes, and what was found. */
export function BondPane({ evaluation, view, picked, onPick }: BondPaneProps) {
  const { report, findings } = view;
  const rows = bondRows(report);
  const open = evaluation.openOf(findings);
  return (
    <>
      <section aria-label="What must be bonded">
        <h2>
          What must be bonded <cite className="fig">680.26(B)</cite>
        </h2>
        {rows.length === 0 && (
          <p className="second">
            {report.water.kind === 'storable'
              ? 'Part III asks no grid of a storable pool (680.30).'
              : 'Metal within 5 ft: none recorded, look.'}
          </p>
        )}
        <ol className={classes['rows']}>
          {rows.map((row) => (
            <Row key={row.number} row={row} report={report} open={open} picked={picked} onPick={onPick} />
          ))}
        </ol>
        <NotBonded report={report} />
      </section>
      <LoopWorking report={report} />
      <GridInstead report={report} yard={evaluation.job.yard} />
      {findings.length > 0 && (
        <section aria-label="Findings about the water">
          <h2>Findings</h2>
          <FindingList sizes={evaluation} findings={findings} />
        </section>
      )}
    </>
  );
}
