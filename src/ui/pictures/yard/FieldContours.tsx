import { contours } from 'd3-contour';
import type { FieldGrid } from '../../../core/water/field/fieldModel';
import { voltsWords } from '../../../core/wording/fieldWords';
import type { YardScale } from './yardScale';

/** Volts at which a line is drawn, when they lie within what there is. */
const LEVELS = [0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100] as const;
/** At most so many lines: the lowest are left out first. */
const MOST = 6;

interface FieldContoursProps {
  readonly grid: FieldGrid;
  readonly cells: Float64Array;
  readonly scale: YardScale;
}

type Ring = readonly (readonly number[])[];

const longest = (rings: readonly Ring[]): Ring =>
  rings.reduce<Ring>((best, ring) => (ring.length > best.length ? ring : best), []);

/** The potential of the soil as lines of equal volts, as on a map. */
export function FieldContours({ grid, cells, scale }: FieldContoursProps) {
  const { n, stepFt, origin } = grid;
  const most = cells.reduce((max, each) => Math.max(max, each), 0);
  const levels = LEVELS.filter((level) => level < most).slice(-MOST);
  const lines = contours()
    .size([n, n])
    .thresholds([...levels])(Array.from(cells));
  const px = ([column = 0, row = 0]: readonly number[]): readonly [number, number] => [
    scale.x(origin[0] + column * stepFt),
    scale.y(origin[1] + row * stepFt),
  ];
  const path = (ring: Ring): string =>
    ring
      .map((point, at) => {
        const [x, y] = px(point);
        return `${at === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`;
      })
      .join('') + 'Z';
  return (
    <g fill="none" stroke="var(--ink)">
      {lines.map(({ value, coordinates }) => {
        const rings = coordinates.flat();
        const whole = longest(rings);
        const top = whole.reduce<readonly number[]>(
          (best, point) => ((point[1] ?? 0) > (best[1] ?? -1) ? point : best),
          whole[0] ?? [0, 0],
        );
        const [x, y] = px(top);
        // The figure of the person stands in the upper right corner.
        const underFigure = x > scale.widthPx - 230 && y < 110;
        const named = x > 20 && x < scale.widthPx - 20 && y > 12 && y < scale.heightPx - 6 && !underFigure;
        return (
          <g key={value}>
            <path
              d={rings.map(path).join('')}
              strokeWidth={value >= 1 ? 1.4 : 1}
              strokeDasharray={value >= 1 ? undefined : '5 4'}
            />
            {named && (
              <text className="halo small figures strong" x={x} y={y + 4} textAnchor="middle" stroke="none">
                {voltsWords(value)} V
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
