import type { BurialReport } from '../../core/route/burials';
import { printNumber } from '../../core/units/number';
import './pictures.css';

interface TrenchPictureProps {
  readonly burial: BurialReport;
  readonly widthPx: number;
}

const TOP_PX = 26;
const BELOW_PX = 24;
const HEIGHT_PX = 208;

/** A trench cut across: every way at its depth and its size, the cover it has, the ribbon, and what is dug. */
export function TrenchPicture({ burial, widthPx }: TrenchPictureProps) {
  const { trench, ways, coverIn, needs } = burial;
  const scale = Math.min((HEIGHT_PX - TOP_PX - BELOW_PX) / trench.depthIn, (widthPx * 0.42) / trench.widthIn);
  const grade = TOP_PX;
  const bottom = grade + trench.depthIn * scale;
  const left = (widthPx - trench.widthIn * scale) / 2;
  const right = left + trench.widthIn * scale;
  const y = (inches: number): number => grade + inches * scale;
  return (
    <svg
      className="picture"
      width={widthPx}
      height={HEIGHT_PX}
      role="img"
      aria-label={`Trench ${printNumber(trench.widthIn)} in wide and ${printNumber(trench.depthIn)} in deep with ${ways.map(({ name }) => name).join(', ')}`}
    >
      <rect x={4} y={grade} width={widthPx - 8} height={HEIGHT_PX - grade} fill="var(--earth)" />
      <rect x={left} y={grade} width={right - left} height={bottom - grade} fill="var(--back)" stroke="var(--ink)" strokeWidth="1.4" />
      <path d={`M4 ${grade}H${left}M${right} ${grade}H${widthPx - 4}`} stroke="var(--ink)" strokeWidth="2" />
      {trench.ribbonIn !== null && (
        <g>
          <path d={`M${left + 4} ${y(trench.ribbonIn)}H${right - 4}`} stroke="var(--copper)" strokeWidth="3" strokeDasharray="7 3" />
          <path d={`M${right - 4} ${y(trench.ribbonIn)}H${right + 14}`} stroke="var(--rule2)" />
          <text x={right + 18} y={y(trench.ribbonIn) + 4} className="small">
            ribbon, <tspan className="figures">{printNumber(trench.ribbonIn)}</tspan> in down
          </text>
        </g>
      )}
      {ways.map((way, index) => {
        const radius = Math.max(4, (way.outsideIn * scale) / 2);
        const x = left + (trench.acrossIn[index] ?? 0) * scale;
        const cy = y(way.coverIn) + (way.outsideIn * scale) / 2;
        return (
          <g key={index}>
            {way.cable ? (
              <ellipse cx={x} cy={cy} rx={radius} ry={Math.max(2.5, radius * 0.45)} fill="var(--ink)" />
            ) : (
              <circle cx={x} cy={cy} r={radius} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" />
            )}
            {!way.cable && <circle cx={x} cy={cy} r={Math.max(1.5, radius * 0.4)} fill="var(--wire)" />}
            <path d={`M${x} ${cy}L${right + 14} ${y(trench.depthIn) - 4 - 16 * (ways.length - 1 - index)}`} stroke="var(--rule2)" fill="none" />
            <text x={right + 18} y={y(trench.depthIn) - 16 * (ways.length - 1 - index)} className={way.own ? 'small strong' : 'small'}>
              {way.name}
            </text>
          </g>
        );
      })}
      <g stroke="var(--copper)" strokeWidth="1.2" fill="none">
        <path d={`M${left - 16} ${grade}V${y(coverIn)}M${left - 20} ${grade + 4}l8 -8M${left - 20} ${y(coverIn) + 4}l8 -8`} />
        <path d={`M${left} ${bottom + 12}H${right}M${left - 4} ${bottom + 16}l8 -8M${right - 4} ${bottom + 16}l8 -8`} />
      </g>
      <text x={left - 24} y={(grade + y(coverIn)) / 2} textAnchor="end" className="strong">
        <tspan className="figures">{printNumber(coverIn, 1)}</tspan> in of cover
      </text>
      <text x={left - 24} y={(grade + y(coverIn)) / 2 + 15} textAnchor="end" className="small quiet">
        {needs === null ? 'may not be buried' : `${printNumber(needs.coverIn)} in by rule`}
      </text>
      <text x={left - 24} y={bottom + 4} textAnchor="end" className="small quiet">
        dig <tspan className="figures">{printNumber(trench.depthIn)}</tspan> in
      </text>
      <text x={right + 10} y={bottom + 16} className="small quiet">
        <tspan className="figures">{printNumber(trench.widthIn)}</tspan> in wide
      </text>
      <text x={widthPx / 2} y={14} textAnchor="middle" className="small quiet">
        {printNumber(trench.soilYd3, 1)} yd³ to dig
      </text>
    </svg>
  );
} // prettier-ignore
