import { Button, Progress } from '@mantine/core';
import { useElementSize } from '@mantine/hooks';
import type { FieldFrame } from '../../../core/water/field/fieldModel';
import type { FieldPart, FieldValues } from '../../../core/water/field/fieldParts';
import type { FieldSolution } from '../../../core/water/field/solveField';
import type { Person, Touch } from '../../../core/water/field/touch';
import type { Point } from '../../../core/water/point';
import type { WaterReport } from '../../../core/water/waterReport';
import type { Yard } from '../../../core/water/yardSchema';
import { personWords, sourceWords, voltsWords } from '../../../core/wording/fieldWords';
import type { FieldFound } from '../../../store/field/fieldTask';
import type { Work } from '../../../store/worker/useWorker';
import { FieldPicture } from '../../../ui/pictures/yard/FieldPicture';
import { viewAround, yardScale, type YardScale } from '../../../ui/pictures/yard/yardScale';
import { waterWords } from '../waterPictureWords';
import { PersonGrips } from './PersonGrips';
import { columnClass } from '../../../ui/shell/columnClass';
import classes from '../water.module.css';

interface FieldPaneProps {
  readonly yard: Yard;
  readonly report: WaterReport;
  readonly parts: readonly FieldPart[];
  readonly work: Work<number, FieldFound> & { readonly stop: () => void };
  readonly solution: FieldSolution | undefined;
  readonly person: Person | undefined;
  readonly touch: Touch | undefined;
  readonly lifted: ReadonlySet<string>;
  readonly values: FieldValues;
  readonly onFlip: (id: string) => void;
  readonly onPlan: () => void;
  readonly onMove: (person: Person) => void;
}

const ROOM_FT = 11;
const LIMIT_V = 15;

const placeOf = (end: Person['hand'], parts: readonly FieldPart[], water: Point): Point =>
  'partId' in end ? (parts.find(({ id }) => id === end.partId)?.at ?? water) : end.at;

/** Where the hand is that is in the water: a little in from where the foot stands. */
function handIn(person: Person, parts: readonly FieldPart[], report: WaterReport, foot: Point): Point {
  if (!('partId' in person.hand) || person.hand.partId !== 'water')
    return placeOf(person.hand, parts, report.water.at);
  const near = report.placed.edge
    .nearPoints(foot)
    .toSorted(
      (a, b) => Math.hypot(a[0] - foot[0], a[1] - foot[1]) - Math.hypot(b[0] - foot[0], b[1] - foot[1]),
    )[0];
  return near === undefined
    ? report.water.at
    : [near[0] + (near[0] - foot[0]) * 0.5, near[1] + (near[1] - foot[1]) * 0.5];
}

/** The figure of this person, as large as it matters. */
function Figure({ touch, parts }: { readonly touch: Touch; readonly parts: readonly FieldPart[] }) {
  const [first, second] = personWords(touch.person, parts);
  return (
    <p className={classes['figure']} data-over={touch.volts > LIMIT_V || undefined} aria-live="polite">
      <b className="fig">{voltsWords(touch.volts)}</b> V
      <span>
        {first}, {second}
      </span>
    </p>
  );
}

/** Knife switches at the parts that a bond ties to the others. */
function Switches({
  parts,
  lifted,
  scale,
  report,
  onFlip,
}: Pick<FieldPaneProps, 'parts' | 'lifted' | 'report' | 'onFlip'> & { readonly scale: YardScale }) {
  const [cx, cy] = report.water.at;
  return (
    <>
      {parts
        .filter(({ bonds }) => bonds)
        .map(({ id, name, at }) => {
          const off = lifted.has(id);
          const long = Math.hypot(at[0] - cx, at[1] - cy) || 1;
          const [x, y] = [
            scale.x(at[0]) + ((at[0] - cx) / long) * 34,
            scale.y(at[1]) - ((at[1] - cy) / long) * 34,
          ];
          return (
            <button
              key={id}
              type="button"
              className={classes['switch']}
              style={{
                left: Math.min(scale.widthPx - 60, Math.max(24, x)),
                top: Math.min(scale.heightPx - 14, Math.max(40, y)),
              }}
              aria-pressed={!off}
              aria-label={`Bond of ${name}, ${off ? 'lifted' : 'on'}`}
              onClick={() => {
                onFlip(id);
              }}
            >
              <svg width="40" height="22" viewBox="0 0 40 22" aria-hidden>
                <circle cx="10" cy="13" r="3" fill="var(--copper)" />
                <path d={off ? 'M10 13L26 4' : 'M10 13H30'} stroke="var(--copper)" strokeWidth="3" />
                <circle
                  cx="30"
                  cy="13"
                  r="3"
                  fill={off ? 'none' : 'var(--copper)'}
                  stroke="var(--copper)"
                  strokeWidth="1.5"
                />
              </svg>
              <span>{off ? `${name} off` : name}</span>
            </button>
          );
        })}
    </>
  );
}

/** How far the work is, and what there is to say where there is no field. */
function Status({ work, parts }: Pick<FieldPaneProps, 'work' | 'parts'>) {
  if (parts.every(({ leaks }) => !leaks))
    return (
      <p className={classes['progress']}>
        No pump, heater or unit stands by this water: place it on the plan first.
      </p>
    );
  if (work.state === 'running')
    return (
      <div className={classes['progress']} role="status">
        <Progress value={(work.progress ?? 0) * 100} aria-label="Working out the soil" />
        <Button size="xs" variant="default" onClick={work.stop}>
          Stop
        </Button>
      </div>
    );
  return work.state === 'stopped' ? (
    <p className={classes['progress']}>Stopped: change a value to start again.</p>
  ) : null;
}

/** Until the soil is worked out there is a frame without cells. */
const noFrame = (parts: readonly FieldPart[]): FieldFrame => ({
  grid: { n: 1, stepFt: 1, origin: [0, 0] },
  parts,
});

/** The volts around the water, who bridges them, and the bonds as switches. */
export function FieldPane(props: FieldPaneProps) {
  const { yard, report, parts, work, solution, person, touch, lifted, values, onPlan, onMove } = props;
  const { ref, width, height } = useElementSize<HTMLDivElement>();
  const near = parts.filter(({ kind }) => kind !== 'fence').map(({ at }) => at);
  const scale = yardScale(
    viewAround([...report.placed.outline, ...near], ROOM_FT),
    Math.max(320, Math.floor(width)),
    Math.max(360, Math.floor(height)),
  );
  const other = person === undefined ? report.water.at : placeOf(person.other, parts, report.water.at);
  const hand = person === undefined ? report.water.at : handIn(person, parts, report, other);
  return (
    <section className={columnClass('middle', classes['plan'])} aria-label="Touch voltage">
      <header>
        <h1>Touch voltage</h1>
        <span className="second">{sourceWords(values, parts)}</span>
        <span className={classes['tools']}>
          <button type="button" className="act" onClick={onPlan}>
            Plan
          </button>
        </span>
      </header>
      <div className={classes['picture']} ref={ref}>
        <FieldPicture
          yard={yard}
          report={report}
          frame={work.state === 'done' ? work.result.frame : noFrame(parts)}
          solution={solution}
          lifted={lifted}
          words={waterWords(report)}
          hand={hand}
          other={other}
          scale={scale}
          label={`Lines of equal volts around ${report.water.name}`}
        />
        <Switches {...props} scale={scale} />
        {person !== undefined && (
          <PersonGrips
            person={person}
            parts={parts}
            hand={hand}
            other={other}
            scale={scale}
            onMove={onMove}
          />
        )}
        {touch !== undefined && <Figure touch={touch} parts={parts} />}
        <Status work={work} parts={parts} />
      </div>
      <p className={columnClass('legend', classes['legend'])}>
        Lines: volts of the soil to remote earth; dashed below 1 V.
      </p>
    </section>
  );
}
