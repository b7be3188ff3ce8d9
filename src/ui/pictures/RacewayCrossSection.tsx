import { packConductors } from '../../core/route/packConductors';
import './pictures.css';

interface CrossSectionConductor {
  readonly diameterIn: number;
  /** Letters of the insulation: BK, RD, WH, GN. */
  readonly letters: string;
  /** False for those of another circuit, which are drawn lighter. */
  readonly own?: boolean;
}

interface RacewayCrossSectionProps {
  readonly insideIn: number;
  readonly conductors: readonly CrossSectionConductor[];
  readonly sizePx: number;
}

const FILL: Readonly<Record<string, string>> = {
  BK: 'var(--ink2)',
  RD: 'var(--stop-wash)',
  WH: 'var(--sheet)',
  GN: 'var(--pasture-wash)',
};
const TEXT: Readonly<Record<string, string>> = { BK: 'var(--ground)' };
const WALL = 0.09;

/** A raceway seen end on, its conductors at true proportion where they would come to lie. */
export function RacewayCrossSection({ insideIn, conductors, sizePx }: RacewayCrossSectionProps) {
  const packed = packConductors(
    conductors.map(({ diameterIn }) => diameterIn),
    insideIn,
  );
  const outer = insideIn / 2 + WALL * insideIn;
  const scale = sizePx / (2 * outer);
  const words = conductors.map(({ letters }) => letters).join(', ');
  return (
    <svg
      className="picture"
      width={sizePx}
      height={sizePx}
      role="img"
      aria-label={`Raceway seen end on with ${words}`}
    >
      <g transform={`translate(${sizePx / 2} ${sizePx / 2}) scale(${scale})`}>
        <circle r={outer} fill="var(--rule2)" />
        <circle r={insideIn / 2} fill="var(--sheet)" />
        {packed.map(({ x, y, r }, index) => (
          <circle
            key={index}
            cx={x}
            cy={y}
            r={r}
            fill={FILL[conductors[index]?.letters ?? ''] ?? 'var(--sheet)'}
            stroke="var(--ink)"
            strokeWidth={1.2 / scale}
            strokeDasharray={conductors[index]?.own === false ? `${3 / scale} ${2 / scale}` : undefined}
          />
        ))}
      </g>
      {packed.map(({ x, y }, index) => {
        const letters = conductors[index]?.letters ?? '';
        return (
          <text
            key={index}
            x={sizePx / 2 + x * scale}
            y={sizePx / 2 + y * scale + 4}
            textAnchor="middle"
            className="figures small strong"
            style={{ fill: TEXT[letters] ?? 'var(--ink)' }}
          >
            {letters}
          </text>
        );
      })}
    </svg>
  );
}
