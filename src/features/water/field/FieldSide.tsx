import { Button } from '@mantine/core';
import { useElementSize } from '@mantine/hooks';
import type { FieldPart } from '../../../core/water/field/fieldParts';
import type { Rung } from '../../../core/water/field/fieldWork';
import type { FieldSolution } from '../../../core/water/field/solveField';
import type { Touch } from '../../../core/water/field/touch';
import { touchSteps, voltsWords } from '../../../core/wording/fieldWords';
import type { Work } from '../../../store/worker/useWorker';
import { LadderChart } from '../../../ui/pictures/yard/LadderChart';
import { columnClass } from '../../../ui/shell/columnClass';
import classes from '../water.module.css';

interface FieldSideProps {
  readonly ladder: Work<number, readonly Rung[]>;
  readonly parts: readonly FieldPart[];
  readonly lifted: ReadonlySet<string>;
  readonly touch: Touch | undefined;
  readonly solution: FieldSolution | undefined;
  readonly onFlip: (id: string) => void;
}

/** The rung on which the bonds as they are stand: all of its kinds on, all above it lifted. */
function rungNow(
  rungs: readonly Rung[],
  parts: readonly FieldPart[],
  lifted: ReadonlySet<string>,
): number | undefined {
  const at = rungs.findIndex((_, index) => {
    const kinds = new Set(rungs.slice(0, index + 1).flatMap(({ added }) => added ?? []));
    return parts.every(({ id, kind, bonds }) => !bonds || kinds.has(kind) === !lifted.has(id));
  });
  return at < 0 ? undefined : at;
}

/** The worst of some rungs; undefined where there is none. */
const worstOf = (rungs: readonly Rung[]): Rung | undefined =>
  rungs.reduce<Rung | undefined>(
    (max, each) => (max === undefined || each.volts > max.volts ? each : max),
    undefined,
  );

/** Each bond as a rung, and what they teach. */
function Ladder({ ladder, parts, lifted }: Pick<FieldSideProps, 'ladder' | 'parts' | 'lifted'>) {
  const { ref, width } = useElementSize<HTMLDivElement>();
  const rungs = ladder.state === 'done' ? ladder.result : [];
  const [first] = rungs;
  const worst = worstOf(rungs);
  return (
    <section aria-label="Bonds, one after the other">
      <h2>
        Before and after <span className="second">log scale, volts</span>
      </h2>
      <div ref={ref}>
        {ladder.state === 'running' && (
          <p className="second" role="status">
            Working out each bond: {Math.round((ladder.progress ?? 0) * 100)} %
          </p>
        )}
        {rungs.length > 0 && (
          <LadderChart
            rungs={rungs}
            now={rungNow(rungs, parts, lifted)}
            widthPx={Math.max(240, Math.floor(width))}
          />
        )}
      </div>
      {first !== undefined && worst !== undefined && worst.volts > 2 * first.volts && (
        <p>
          <b>Partly bonded is worse than not bonded:</b> {voltsWords(first.volts)} V without a bond,{' '}
          {voltsWords(worst.volts)} V with some of them. Finish it; lift none.
        </p>
      )}
    </section>
  );
}

/** The bonds one after the other, and how the figure of this person came about. */
export function FieldSide({ ladder, parts, lifted, touch, solution, onFlip }: FieldSideProps) {
  const off =
    parts.find(({ id, kind }) => lifted.has(id) && kind === 'ring') ?? parts.find(({ id }) => lifted.has(id));
  return (
    <aside className={columnClass('side')} aria-label="Before and after">
      <Ladder ladder={ladder} parts={parts} lifted={lifted} />
      {touch !== undefined && solution !== undefined && (
        <table className={classes['copper']}>
          <tbody>
            {touchSteps(touch, solution.currentA).map(([label, figure], at) => (
              <tr key={label} data-lit={at === 2 || undefined}>
                <th scope="row">{label}</th>
                <td className="fig">{figure}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {off !== undefined && (
        <Button
          onClick={() => {
            onFlip(off.id);
          }}
        >
          Close the bond of {off.name}
        </Button>
      )}
      <p>
        <b>Teaching figures, never a pass.</b> A model, not a measurement: prove the bonds with a meter,
        protect with GFCI.
      </p>
    </aside>
  );
}
