import type { StripRow } from '../../core/route/strip';
import { tapeInches } from '../../core/wording/routeWords';
import './pictures.css';

/** Units of the drawing in one inch of paper. */
const UNITS = 96;
const HEIGHT = 74;
const RULE_Y = 40;

/** One row of a strip at true scale: a rule in inches, and a bold mark where a support goes. */
export function SupportStrip({ row }: { readonly row: StripRow }) {
  const { fromIn, toIn, marksIn } = row;
  const width = (toIn - fromIn) * UNITS;
  const quarters = Array.from({ length: (toIn - fromIn) * 4 + 1 }, (_, at) => at / 4);
  const told = marksIn.map((inches) => `support at ${tapeInches(inches)}`).join(', ') || 'no support';
  return (
    <svg
      className="picture"
      style={{
        width: `${toIn - fromIn}in`,
        height: `${HEIGHT / UNITS}in`,
        marginBottom: 6,
        overflow: 'visible',
      }}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      role="img"
      aria-label={`Strip from ${fromIn} to ${toIn} in: ${told}`}
    >
      <rect
        x="0.5"
        y="14"
        width={width - 1}
        height="44"
        fill="none"
        stroke="var(--ink)"
        strokeDasharray="6 4"
      />
      <path d={`M0 ${RULE_Y}H${width}`} stroke="var(--ink)" strokeWidth="1" />
      {quarters.map((inches) => (
        <path
          key={inches}
          d={`M${inches * UNITS} ${RULE_Y}v${inches % 1 === 0 ? -14 : inches % 0.5 === 0 ? -9 : -5}`}
          stroke="var(--ink)"
          strokeWidth="0.8"
        />
      ))}
      {quarters
        .filter((inches) => inches % 1 === 0 && inches < toIn - fromIn)
        .map((inches) => (
          <text key={inches} x={inches * UNITS + 3} y={RULE_Y - 6} className="figures small">
            {fromIn + inches}
          </text>
        ))}
      <path
        d={`M6 66H${6 + UNITS}M6 62v8M${6 + UNITS} 62v8`}
        stroke="var(--ink)"
        strokeWidth="1.4"
        fill="none"
      />
      {marksIn.map((inches) => (
        <g key={inches}>
          <path d={`M${(inches - fromIn) * UNITS} 6V60`} stroke="var(--copper)" strokeWidth="3" />
          <text x={(inches - fromIn) * UNITS + 7} y="54" className="figures strong">
            {tapeInches(inches)}
          </text>
        </g>
      ))}
    </svg>
  );
}
