import type { BendMark, MarkedBend } from '../../core/route/bendMarks';
import { tapeInches } from '../../core/wording/routeWords';
import { DimensionLine } from './DimensionLine';
import './pictures.css';

interface BendPictureProps {
  readonly bend: MarkedBend;
  /** What is bent to either side at each mark, in order: up, down, or a quarter turn. */
  readonly turns: readonly (1 | -1)[];
  readonly riseIn: number;
  readonly widthPx: number;
}

const HEIGHT_PX = 190;
const STRAIGHT_Y = 150;

interface Spot {
  readonly x: number;
  readonly y: number;
}

/** The raceway as it will lie: straight until a mark, then at the angle that the bends add up to. */
function bentLine(
  marks: readonly BendMark[],
  turns: readonly (1 | -1)[],
  scale: number,
  lastIn: number,
): readonly Spot[] {
  const points: Spot[] = [{ x: 0, y: 0 }];
  let [angle, at] = [0, 0];
  for (const [index, mark] of [...marks, { atIn: lastIn, degrees: 0 }].entries()) {
    const from = points.at(-1) ?? { x: 0, y: 0 };
    const length = Math.max(0, mark.atIn - at) * scale;
    points.push({ x: from.x + length * Math.cos(angle), y: from.y - length * Math.sin(angle) });
    angle += (turns[index] ?? 0) * ((mark.degrees * Math.PI) / 180);
    at = mark.atIn;
  }
  return points;
}

/** The distance from mark to mark, on the straight piece. */
function BendDimensions({ marks, scale }: { readonly marks: readonly BendMark[]; readonly scale: number }) {
  return marks.slice(1).map(({ atIn }, index) => {
    const fromIn = marks[index]?.atIn ?? 0;
    const [from, to] = [20 + fromIn * scale, 20 + atIn * scale];
    if (to - from < 34) return null;
    return (
      <text
        key={index}
        x={(from + to) / 2}
        y={STRAIGHT_Y + 4}
        textAnchor="middle"
        className="figures small dimension"
      >
        {tapeInches(atIn - fromIn)}
      </text>
    );
  });
}

/** How far the raceway comes to lie above where it started. */
function RiseDimension({
  points,
  fit,
  riseIn,
  widthPx,
}: {
  readonly points: readonly Spot[];
  readonly fit: number;
  readonly riseIn: number;
  readonly widthPx: number;
}) {
  const last = points.at(-1);
  if (last === undefined || last.y > -8) return null;
  const x = Math.min(widthPx - 64, 26 + last.x * fit);
  const [top, bottom] = [112 + last.y * fit, 112];
  return (
    <g>
      <DimensionLine from={[x, top]} to={[x, bottom]} />
      <text x={x + 7} y={(top + bottom) / 2 + 4} className="figures small dimension">
        {tapeInches(riseIn)}
      </text>
    </g>
  );
}

/** A bend by hand: the raceway as it will lie above, and the straight piece with its marks and their distances below. */
export function BendPicture({ bend, turns, riseIn, widthPx }: BendPictureProps) {
  const { marks } = bend;
  const lastIn = Math.max(...marks.map(({ atIn }) => atIn), 1) * 1.25 + riseIn;
  const scale = (widthPx - 60) / lastIn;
  const points = bentLine(marks, turns, scale, lastIn);
  const top = Math.min(...points.map(({ y }) => y));
  const fit = Math.min(1, 84 / Math.max(1, -top));
  const line = points
    .map(({ x, y }) => `${(20 + x * fit).toFixed(1)} ${(112 + y * fit).toFixed(1)}`)
    .join('L');
  const words = marks
    .map(({ atIn, degrees }) => `${Math.round(degrees * 10) / 10}° at ${tapeInches(atIn)}`)
    .join(', ');
  return (
    <svg className="picture" width={widthPx} height={HEIGHT_PX} role="img" aria-label={`Marks: ${words}`}>
      <g fill="none" strokeLinejoin="round">
        <path d={`M${line}`} stroke="var(--ink)" strokeWidth="9" />
        <path d={`M${line}`} stroke="var(--sheet)" strokeWidth="6" />
        <path d={`M${line}`} stroke="var(--wire)" strokeWidth="2" />
      </g>
      <rect
        x={20}
        y={STRAIGHT_Y - 5}
        width={widthPx - 40}
        height={10}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth="1.4"
      />
      <BendDimensions marks={marks} scale={scale} />
      <RiseDimension points={points} fit={fit} riseIn={riseIn} widthPx={widthPx} />
      {marks.map(({ atIn, degrees }, index) => {
        const x = 20 + atIn * scale;
        return (
          <g key={index}>
            <path d={`M${x} ${STRAIGHT_Y - 9}V${STRAIGHT_Y + 9}`} stroke="var(--copper)" strokeWidth="2.4" />
            <text
              x={x}
              y={STRAIGHT_Y + 24 + (index % 2) * 14}
              textAnchor="middle"
              className="figures small strong"
            >
              {tapeInches(atIn)}
            </text>
            <text x={x} y={STRAIGHT_Y - 13} textAnchor="middle" className="figures small quiet">
              {Math.round(degrees * 10) / 10}°
            </text>
          </g>
        );
      })}
    </svg>
  );
}
