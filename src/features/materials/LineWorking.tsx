import type { Job } from '../../core/job/jobSchema';
import { sourceKey, type Need } from '../../core/takeoff/need';
import type { PricedLine } from '../../core/takeoff/pricedTakeoff';
import { printDollars } from '../../core/units/money';
import { itemName } from '../../core/wording/itemWords';
import { boughtWords, needWords, noPrice, priceWords, tooLongWords } from '../../core/wording/takeoffWords';
import { printNumber as n } from '../../core/units/number';
import { counted, inFeet } from '../../core/wording/words';
import { useJobEditor } from '../../store/useJobEditor';
import { LineFields } from './LineFields';
import { partWords } from './partWords';
import { today } from '../../store/clock';
import { WhatIf } from './WhatIf';
import classes from './materials.module.css';

interface LineWorkingProps {
  readonly job: Job;
  readonly priced: PricedLine;
  readonly part: string | null;
}

const sum = (needs: readonly Need[], of: (piece: NonNullable<Need['piece']>) => number): string =>
  n(
    needs.reduce((total, { piece }) => total + (piece === null ? 0 : of(piece)), 0),
    1,
  );

/** The pieces of a line: how each length came about. */
function Pieces({
  job,
  needs,
  part,
}: {
  readonly job: Job;
  readonly needs: readonly Need[];
  readonly part: string | null;
}) {
  return (
    <table className={classes['working']}>
      <thead>
        <tr>
          {['piece', 'run', 'waste', 'ends', 'cut, ft'].map((head) => (
            <th key={head} scope="col">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {needs.map(({ piece, source, where }) =>
          piece === null ? null : (
            <tr key={piece.id} data-picked={sourceKey(source) === part || undefined}>
              <th scope="row">
                {partWords(source, job).mark} {where}
              </th>
              <td className="fig">{n(piece.runFt, 1)}</td>
              <td className="fig">{n(piece.wasteFt, 1)}</td>
              <td className="fig">
                {n(piece.endsFt[0], 1)} + {n(piece.endsFt[1], 1)}
              </td>
              <td className="fig">{n(piece.cutFt, 1)}</td>
            </tr>
          ),
        )}
        <tr data-total>
          <th scope="row">Need</th>
          <td className="fig">{sum(needs, ({ runFt }) => runFt)}</td>
          <td className="fig">{sum(needs, ({ wasteFt }) => wasteFt)}</td>
          <td className="fig">{sum(needs, ({ endsFt }) => endsFt[0] + endsFt[1])}</td>
          <td className="fig">{sum(needs, ({ cutFt }) => cutFt)}</td>
        </tr>
      </tbody>
    </table>
  );
}

/** Where each of what is counted goes. */
function Counted({
  job,
  needs,
  part,
}: {
  readonly job: Job;
  readonly needs: readonly Need[];
  readonly part: string | null;
}) {
  return (
    <table className={classes['working']}>
      <tbody>
        {needs.map(({ source, where, count }, at) => (
          <tr key={at} data-picked={sourceKey(source) === part || undefined}>
            <th scope="row">
              {partWords(source, job).mark} {where}
            </th>
            <td className="fig">{n(count, 1)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** How the line is bought, what is left over, and whether it could be cheaper. */
function Bought({ priced }: Pick<LineWorkingProps, 'priced'>) {
  const { line, cuts } = priced;
  return (
    <>
      <h2>Bought</h2>
      <table className={classes['working']}>
        <tbody>
          <tr>
            <th scope="row">{needWords(line)}</th>
            <td className="fig">{boughtWords(priced)}</td>
          </tr>
          {cuts !== undefined && (
            <>
              <tr>
                <th scope="row">Left over</th>
                <td className="fig">{inFeet(cuts.plan.bars.reduce((all, { leftFt }) => all + leftFt, 0))}</td>
              </tr>
              <tr>
                <th scope="row">No way costs less than</th>
                <td className="fig">{printDollars(cuts.plan.boundCents)}</td>
              </tr>
            </>
          )}
        </tbody>
      </table>
      {cuts !== undefined && (
        <p className="second">
          {cuts.plan.proved
            ? `Proved: nothing cheaper exists at these prices${cuts.held > 0 ? ', as it is laid by hand' : ''}.`
            : 'Not proved: a cheaper way may exist.'}
        </p>
      )}
    </>
  );
}

/** Bars of the line that were laid by hand, and the way back to the cheapest plan. */
function ByHand({ job, priced: { line, cuts } }: Pick<LineWorkingProps, 'job' | 'priced'>) {
  const { canWrite, edit } = useJobEditor();
  if (cuts === undefined || cuts.held === 0) return null;
  return (
    <p>
      {counted(cuts.held, 'bar')} laid by hand.{' '}
      <button
        type="button"
        className="act"
        disabled={!canWrite}
        onClick={() => {
          const kept = job.materials.kept.filter(({ item }) => item !== line.key);
          edit(
            { kind: 'change', part: 'materials', fields: { kept } },
            `Cheapest again: ${itemName(line.item)}`,
          );
        }}
      >
        Cheapest again
      </button>
    </p>
  );
}

/** The chosen line: its pieces, how they are bought, and whether it could be cheaper. */
export function LineWorking({ job, priced, part }: LineWorkingProps) {
  const { line, cuts, cents, offer, tooLong } = priced;
  const needs = line.needs.toSorted((a, b) => (b.piece?.cutFt ?? 0) - (a.piece?.cutFt ?? 0));
  return (
    <>
      <h2>
        {itemName(line.item)}{' '}
        <span className="fig">{cents === undefined ? noPrice(priced) : printDollars(cents)}</span>
      </h2>
      {line.pieces.length > 0 ? (
        <Pieces job={job} needs={needs} part={part} />
      ) : (
        <Counted job={job} needs={needs} part={part} />
      )}
      {line.pieces.length > 0 && (
        <p className="second">
          Ends: what is left in panels, boxes and at devices for making up; a box requires 6 in free (300.14).
          Waste: a share of the run, up to the foot.
        </p>
      )}
      <LineFields key={line.key} job={job} priced={priced} />
      <p className="second">{priceWords(offer, today())}</p>
      {tooLong !== null && <p role="alert">{tooLongWords(tooLong)}</p>}
      <Bought priced={priced} />
      <ByHand job={job} priced={priced} />
      {cuts !== undefined && <WhatIf job={job} priced={priced} />}
    </>
  );
}
