import { apart, boundsOf, middleOfBounds, outlineSides, type Point } from '../../../core/water/point';
import { nearestOn, type Segment } from '../../../core/water/segments';
import type { WaterReport } from '../../../core/water/waterReport';
import type { ZoneLine } from '../../../core/wording/zoneLines';
import { textPx } from './labelPlaces';
import { NARROW_PX, type YardLabels } from './yardLabels';
import { pathOf, type YardScale } from './yardScale';
import type { ZoneCurve } from './zoneCurves';

interface WaterProps {
  readonly report: WaterReport;
  readonly scale: YardScale;
}

const DASHES: Readonly<Record<ZoneLine['ft'], string>> = {
  5: '14 4 2 4',
  6: '8 4',
  10: '2 4',
  20: '1.5 5',
};

interface ZonesProps {
  readonly zones: readonly ZoneCurve[];
  readonly labels: YardLabels['zones'];
  readonly scale: YardScale;
}

/** The lines at which rules of distance end, each with what it says. */
export function ZoneLines({ zones, labels, scale }: ZonesProps) {
  return (
    <>
      {zones.map(({ ft, curve }) => (
        <path
          key={ft}
          d={pathOf(curve, scale, true)}
          fill="none"
          stroke={ft === 20 ? 'var(--ink2)' : 'var(--ink)'}
          strokeWidth={ft === 5 ? 1.5 : 1.1}
          strokeDasharray={DASHES[ft]}
        />
      ))}
      {zones.map(({ ft, says }) => {
        const place = labels.get(ft);
        return (
          place && (
            <text key={ft} className="halo small" x={place.x} y={place.y} textAnchor={place.anchor}>
              <tspan fontWeight="650">{ft} ft</tspan>
              {scale.widthPx < NARROW_PX ? '' : ` ${says}`}
            </text>
          )
        );
      })}
    </>
  );
}

/** The surface to 3 ft from the inside wall. */
export const PerimeterBand = ({
  band,
  scale,
}: {
  readonly band: readonly Point[];
  readonly scale: YardScale;
}) => <path d={pathOf(band, scale, true)} fill="url(#yard-band)" stroke="var(--rule2)" strokeWidth="1" />;

const WAVES: readonly (readonly [number, number])[] = [
  [-0.3, 0.55],
  [0.3, 0.5],
  [-0.25, -0.6],
  [0.28, -0.65],
];

/** The water itself, named. */
export function WaterBody({ report, scale, words }: WaterProps & { readonly words: readonly string[] }) {
  const { outline } = report.placed;
  const drawn = outline.map(([x, y]): Point => [scale.x(x), scale.y(y)]);
  const { left, right, low: top, high: bottom } = boundsOf(drawn);
  const [cx, cy] = middleOfBounds(drawn);
  const roomy = right - left > 150 && bottom - top > 90;
  return (
    <>
      <path
        d={pathOf(outline, scale, true)}
        fill="var(--water-wash)"
        stroke="var(--water)"
        strokeWidth="2.5"
      />
      {roomy &&
        WAVES.map(([dx, dy], at) => (
          <path
            key={at}
            d={`M${cx + dx * (right - left) - 24} ${cy + (dy * (bottom - top)) / 2}h48`}
            stroke="var(--water)"
            strokeDasharray="18 6 8 6"
            fill="none"
          />
        ))}
      {words
        .filter((line, at) => at === 0 || textPx(line) < right - left)
        .map((line, at, shown) => (
          <text
            key={line}
            x={cx}
            y={cy + (at - (shown.length - 1) / 2) * 19 + 4}
            textAnchor="middle"
            style={{
              fill: 'var(--water)',
              fontWeight: at === 0 ? 650 : undefined,
              fontSize: at === 0 && roomy ? 15 : 12,
            }}
          >
            {line}
          </text>
        ))}
    </>
  );
}

/** The ring, the ties to the shell and the tails: wire without a casing. */
export function BondWires({ report, scale, lit }: WaterProps & { readonly lit: string | null }) {
  const { ring, grid, around, ties, parts, plates, copper, placed } = report;
  const tapPx = (report.water.ringOffIn / 12) * scale.pxPerFt;
  return (
    <g fill="none" stroke="var(--wire)">
      {ring?.pieces.map((piece, at) => (
        <path key={at} d={pathOf(piece, scale)} strokeWidth="3" />
      ))}
      {grid !== null && (
        <path d={grid.pieces.map((piece) => pathOf(piece, scale)).join('')} strokeWidth="1.5" />
      )}
      {around.length > 0 && <path d={pathOf(around, scale)} strokeWidth="3" />}
      {[
        ...parts.map(({ tail, candidate }) => ({ tail, id: candidate.id })),
        ...plates.map(({ tail, thing }) => ({ tail, id: thing.id })),
      ].map(
        ({ tail, id }) =>
          tail !== null && (
            <path
              key={id}
              d={pathOf(tail.path, scale)}
              strokeWidth={id === lit ? 4 : 2}
              stroke={id === lit ? 'var(--copper)' : undefined}
            />
          ),
      )}
      {copper.taps > 1 &&
        ties.points.map((point, at) => {
          const [x, y] = [scale.x(point[0]), scale.y(point[1])];
          const [dx, dy] = outwards(point, placed.outline);
          const [ix, iy] = [x - dx * 8, y - dy * 8];
          return (
            <g key={at}>
              <path d={`M${ix} ${iy}L${x + dx * tapPx} ${y + dy * tapPx}`} strokeWidth="2" />
              <path d={`M${ix - dy * 6} ${iy + dx * 6}L${ix + dy * 6} ${iy - dx * 6}`} strokeWidth="2" />
              <rect
                x={x + dx * tapPx - 5}
                y={y + dy * tapPx - 5}
                width="10"
                height="10"
                fill="var(--wire)"
                stroke="var(--ground)"
                strokeWidth="1"
              />
            </g>
          );
        })}
    </g>
  );
}

/** Square outward from the side of the outline that a point lies on, in pixels: down is positive. */
function outwards(at: Point, outline: readonly Point[]): Point {
  const far = (side: Segment): number => apart(nearestOn(side, at), at);
  const sides = outlineSides(outline);
  const side = sides.reduce((best, each) => (far(each) < far(best) ? each : best), sides[0] ?? [at, at]);
  const [from, to] = side;
  const long = apart(from, to) || 1;
  return [(to[1] - from[1]) / long, (to[0] - from[0]) / long];
}
