import {
  Chart,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartData,
  type ChartOptions,
  type Plugin,
} from 'chart.js';
import { Line } from 'react-chartjs-2';
import { useTheme } from '../theme/ThemeProvider';

Chart.register(LineController, LineElement, PointElement, LinearScale);

/** Drop against length for one size; the lines are straight, so two ends are enough. */
interface DropLine {
  readonly label: string;
  readonly percentPerFt: number;
  readonly highlighted: boolean;
}

export interface DropChartProps {
  readonly lines: readonly DropLine[];
  readonly lengthFt: number;
  readonly percent: number;
  readonly limitPct: number | null;
}

const token = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();

type Points = ChartData<'line', { x: number; y: number }[]>;

function chartData({ lines, lengthFt, percent, limitPct }: DropChartProps, maxFt: number): Points {
  const limit =
    limitPct === null
      ? []
      : [
          {
            label: 'limit',
            data: [
              { x: 0, y: limitPct },
              { x: maxFt, y: limitPct },
            ],
            borderColor: token('--ink2'),
            borderDash: [5, 4],
            borderWidth: 1.2,
            pointRadius: 0,
          },
        ];
  return {
    datasets: [
      ...lines.map(({ label, percentPerFt, highlighted }) => ({
        label,
        data: [
          { x: 0, y: 0 },
          { x: maxFt, y: percentPerFt * maxFt },
        ],
        borderColor: token(highlighted ? '--copper' : '--ink2'),
        borderWidth: highlighted ? 2.5 : 1,
        pointRadius: 0,
      })),
      ...limit,
      {
        label: 'here',
        data: [{ x: lengthFt, y: percent }],
        borderColor: token('--copper'),
        backgroundColor: token('--copper'),
        pointRadius: 5,
        borderWidth: 0,
      },
    ],
  };
}

const LABEL_GAP_PX = 4;

/** Writes its size on each line, where the line leaves the chart: at the right, or at the top. */
const sizeLabels = ({ lines }: DropChartProps): Plugin<'line'> => ({
  id: 'sizeLabels',
  afterDatasetsDraw: ({ ctx, chartArea, scales: { x, y } }) => {
    if (x === undefined || y === undefined) return;
    ctx.save();
    ctx.lineWidth = 4;
    ctx.strokeStyle = token('--ground');
    for (const { label, percentPerFt, highlighted } of lines) {
      const atTop = percentPerFt * x.max > y.max;
      const endX = atTop ? x.getPixelForValue(y.max / percentPerFt) : chartArea.right;
      const endY = atTop ? chartArea.top : y.getPixelForValue(percentPerFt * x.max);
      ctx.font = `${highlighted ? 650 : 500} 12px Words, sans-serif`;
      ctx.fillStyle = token(highlighted ? '--copper' : '--ink');
      ctx.textAlign = 'right';
      ctx.textBaseline = atTop ? 'top' : 'bottom';
      const at = [endX - LABEL_GAP_PX, endY + (atTop ? LABEL_GAP_PX : -LABEL_GAP_PX)] as const;
      ctx.strokeText(label, ...at);
      ctx.fillText(label, ...at);
    }
    ctx.restore();
  },
});

function options(maxFt: number, maxPct: number): ChartOptions<'line'> {
  const font = { family: 'Figures', size: 11 };
  const ticks = { color: token('--ink2'), font };
  return {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    parsing: false,
    scales: {
      x: {
        type: 'linear',
        min: 0,
        max: maxFt,
        ticks: { ...ticks, callback: (value) => `${value} ft` },
        grid: { color: token('--rule') },
      },
      y: {
        type: 'linear',
        min: 0,
        max: maxPct,
        ticks: { ...ticks, callback: (value) => `${value} %` },
        grid: { color: token('--rule') },
      },
    },
  };
}

/** Drop against length by size: the size of the run in copper, its neighbors thin, the limit dashed. */
export function DropChart(props: DropChartProps) {
  const { theme } = useTheme();
  const { lines, lengthFt, percent, limitPct } = props;
  const maxFt = Math.ceil((lengthFt * 1.6) / 20) * 20;
  const maxPct = Math.ceil(Math.max((limitPct ?? 3) * 1.4, percent * 1.3));
  const words = lines
    .map(({ label, percentPerFt }) => `${label} ${(percentPerFt * lengthFt).toFixed(1)} %`)
    .join(', ');
  return (
    <figure>
      <div style={{ height: 150 }}>
        <Line
          key={theme}
          aria-label={`Drop at ${lengthFt} feet by size: ${words}`}
          data={chartData(props, maxFt)}
          options={options(maxFt, maxPct)}
          plugins={[sizeLabels(props)]}
        />
      </div>
      <figcaption className="second">
        Drop against length: {words}.{' '}
        {limitPct === null ? 'No limit set.' : `Dashed: the limit of ${limitPct} %.`}
      </figcaption>
    </figure>
  );
}
