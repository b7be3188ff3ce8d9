import type { FieldFrame } from '../../../core/water/field/fieldModel';
import type { FieldSolution } from '../../../core/water/field/solveField';
import type { Point } from '../../../core/water/point';
import type { WaterReport } from '../../../core/water/waterReport';
import type { Yard } from '../../../core/water/yardSchema';
import { FieldContours } from './FieldContours';
import { useCurves } from './useCurves';
import { THING_MARKS } from './thingMarks';
import { YardGround } from './YardGround';
import { PerimeterBand, WaterBody } from './YardWater';
import { pathOf, type YardScale } from './yardScale';
import '../pictures.css';

interface FieldPictureProps {
  readonly yard: Yard;
  readonly report: WaterReport;
  readonly frame: FieldFrame;
  readonly solution: FieldSolution | undefined;
  readonly lifted: ReadonlySet<string>;
  readonly words: readonly string[];
  /** Where the two ends of the person are; the second may be a hand too. */
  readonly hand: Point;
  readonly other: Point;
  readonly scale: YardScale;
  readonly label: string;
}

/** Ring and tails: dotted where the bond is lifted. */
function Wires({ report, lifted, scale }: Pick<FieldPictureProps, 'report' | 'lifted' | 'scale'>) {
  const { ring, parts, plates } = report;
  const dash = (id: string): string | undefined => (lifted.has(id) ? '2 6' : undefined);
  return (
    <g fill="none" stroke="var(--wire)">
      {ring?.pieces.map((piece, at) => (
        <path key={at} d={pathOf(piece, scale)} strokeWidth="3" strokeDasharray={dash('ring')} />
      ))}
      {parts.map(
        ({ tail, candidate }) =>
          tail !== null && (
            <path
              key={candidate.id}
              d={pathOf(tail.path, scale)}
              strokeWidth="2"
              strokeDasharray={dash(candidate.id)}
            />
          ),
      )}
      {plates.map(({ tail, thing }) => (
        <path key={thing.id} d={pathOf(tail.path, scale)} strokeWidth="2" strokeDasharray={dash('water')} />
      ))}
    </g>
  );
}

const HEAD_PX = 7;

/** Somebody who bridges two places: a figure over the second, an arm to the first. */
function Person({ hand, other, scale }: Pick<FieldPictureProps, 'hand' | 'other' | 'scale'>) {
  const [hx, hy] = [scale.x(hand[0]), scale.y(hand[1])];
  const [fx, fy] = [scale.x(other[0]), scale.y(other[1])];
  const [sx, sy] = [fx, fy - 42];
  return (
    <g stroke="var(--ink)" strokeWidth="5" fill="none" strokeLinecap="round">
      <circle cx={sx} cy={sy - 14} r={HEAD_PX} strokeWidth="3" fill="var(--sheet)" />
      <path
        d={`M${sx} ${sy - 4}V${fy - 20}M${sx} ${fy - 20}L${fx - 6} ${fy}M${sx} ${fy - 20}L${fx + 6} ${fy}`}
      />
      <path d={`M${sx} ${sy}L${hx} ${hy}`} strokeWidth="3.5" />
      <circle cx={hx} cy={hy} r="5" fill="var(--copper)" stroke="var(--ground)" strokeWidth="1" />
      <circle cx={fx} cy={fy} r="5" fill="var(--copper)" stroke="var(--ground)" strokeWidth="1" />
    </g>
  );
}

/** What the soil around a water carries, and who bridges what. */
export function FieldPicture(props: FieldPictureProps) {
  const { yard, report, frame, solution, lifted, words, hand, other, scale, label } = props;
  const { band } = useCurves(report.water);
  const seen = new Set(frame.parts.map(({ id }) => id));
  return (
    <svg
      className="picture"
      role="img"
      aria-label={label}
      width={scale.widthPx}
      height={scale.heightPx}
      viewBox={`0 0 ${scale.widthPx} ${scale.heightPx}`}
    >
      <YardGround yard={yard} scale={scale} picked={null} />
      <PerimeterBand band={band} scale={scale} />
      {solution !== undefined && <FieldContours grid={frame.grid} cells={solution.cells} scale={scale} />}
      <WaterBody report={report} scale={scale} words={words} />
      <Wires report={report} lifted={lifted} scale={scale} />
      {yard.things
        .filter(({ id, kind }) => seen.has(id) || kind === 'water-plate')
        .map((thing) => {
          const { body, lines } = THING_MARKS[thing.kind];
          return (
            <g
              key={thing.id}
              transform={`translate(${scale.x(thing.at[0])} ${scale.y(thing.at[1])})`}
              stroke="var(--ink)"
              strokeWidth="1.5"
              fill="none"
            >
              <path d={body} fill="var(--sheet)" />
              {lines !== undefined && <path d={lines} strokeWidth="1.3" />}
            </g>
          );
        })}
      <Person hand={hand} other={other} scale={scale} />
    </svg>
  );
}
