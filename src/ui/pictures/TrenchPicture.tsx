import type { BurialReport } from '../../core/route/burials';
import { printNumber } from '../../core/units/number';
import { DimensionLine } from './DimensionLine';
import './pictures.css';

interface TrenchPictureProps {
  readonly burial: BurialReport;
  readonly widthPx: number;
}

const TOP_PX = 8;
const BELOW_PX = 24;
const HEIGHT_PX = 208;

/** How the trench is laid onto the picture. */
interface TrenchScale {
  readonly perIn: number;
  readonly left: number;
  readonly right: number;
  readonly bottom: number;
}

const trenchScale = ({ trench }: BurialReport, widthPx: number): TrenchScale => {
  const perIn = Math.min((HEIGHT_PX - TOP_PX - BELOW_PX) / trench.depthIn, (widthPx * 0.42) / trench.widthIn);
  const left = (widthPx - trench.widthIn * perIn) / 2;
  return { perIn, left, right: left + trench.widthIn * perIn, bottom: TOP_PX + trench.depthIn * perIn };
};

interface PartProps {
  readonly burial: BurialReport;
  readonly at: TrenchScale;
}

function Ribbon({ burial: { trench }, at: { perIn, left, right } }: PartProps) {
  if (trench.ribbonIn === null) return null;
  const y = TOP_PX + trench.ribbonIn * perIn;
  return (
    <g>
      <path
        d={`M${left + 4} ${y}H${right - 4}`}
        stroke="var(--copper)"
        strokeWidth="3"
        strokeDasharray="7 3"
      />
      <path d={`M${right - 4} ${y}H${right + 14}`} stroke="var(--rule2)" />
      <text x={right + 18} y={y + 4} className="small">
        ribbon, <tspan className="figures">{printNumber(trench.ribbonIn)}</tspan> in down
      </text>
    </g>
  );
}

/** Every raceway or cable at its depth and its size, with its name at the side. */
function Routes({ burial: { trench, routes }, at: { perIn, left, right, bottom } }: PartProps) {
  return routes.map(({ name, own, cable, coverIn, outsideIn }, index) => {
    const radius = Math.max(4, (outsideIn * perIn) / 2);
    const x = left + (trench.acrossIn[index] ?? 0) * perIn;
    const y = TOP_PX + coverIn * perIn + (outsideIn * perIn) / 2;
    const lineY = bottom - 4 - 16 * (routes.length - 1 - index);
    return (
      <g key={index}>
        {cable ? (
          <ellipse cx={x} cy={y} rx={radius} ry={Math.max(2.5, radius * 0.45)} fill="var(--ink)" />
        ) : (
          <>
            <circle cx={x} cy={y} r={radius} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" />
            <circle cx={x} cy={y} r={Math.max(1.5, radius * 0.4)} fill="var(--wire)" />
          </>
        )}
        <path d={`M${x} ${y}L${right + 14} ${lineY}`} stroke="var(--rule2)" fill="none" />
        <text x={right + 18} y={lineY + 4} className={own ? 'small strong' : 'small'}>
          {name}
        </text>
      </g>
    );
  });
}

function Dimensions({ burial: { trench, coverIn, needs }, at: { perIn, left, right, bottom } }: PartProps) {
  const cover = TOP_PX + coverIn * perIn;
  const middle = (TOP_PX + cover) / 2;
  return (
    <>
      <DimensionLine from={[left - 16, TOP_PX]} to={[left - 16, cover]} />
      <DimensionLine from={[left, bottom + 12]} to={[right, bottom + 12]} />
      <text x={left - 24} y={middle} textAnchor="end" className="strong">
        <tspan className="figures">{printNumber(coverIn, 1)}</tspan> in of cover
      </text>
      <text x={left - 24} y={middle + 15} textAnchor="end" className="small quiet">
        {needs === null ? 'may not be buried' : `${printNumber(needs.coverIn)} in by rule`}
      </text>
      <text x={left - 24} y={bottom + 4} textAnchor="end" className="small quiet">
        dig <tspan className="figures">{printNumber(trench.depthIn)}</tspan> in
      </text>
      <text x={right + 10} y={bottom + 16} className="small quiet">
        <tspan className="figures">{printNumber(trench.widthIn)}</tspan> in wide,{' '}
        <tspan className="figures">{printNumber(trench.soilYd3, 1)}</tspan> yd³ to dig
      </text>
    </>
  );
}

/** A trench cut across: every route at its depth and its size, the cover it has, the ribbon, and what is dug. */
export function TrenchPicture({ burial, widthPx }: TrenchPictureProps) {
  const { trench, routes } = burial;
  const at = trenchScale(burial, widthPx);
  const { left, right, bottom } = at;
  const words = `Trench ${printNumber(trench.widthIn)} in wide and ${printNumber(trench.depthIn)} in deep with ${routes.map(({ name }) => name).join(', ')}`;
  return (
    <svg className="picture" width={widthPx} height={HEIGHT_PX} role="img" aria-label={words}>
      <rect x={4} y={TOP_PX} width={widthPx - 8} height={HEIGHT_PX - TOP_PX} fill="var(--earth)" />
      <rect
        x={left}
        y={TOP_PX}
        width={right - left}
        height={bottom - TOP_PX}
        fill="var(--back)"
        stroke="var(--ink)"
        strokeWidth="1.4"
      />
      <path
        d={`M4 ${TOP_PX}H${left}M${right} ${TOP_PX}H${widthPx - 4}`}
        stroke="var(--ink)"
        strokeWidth="2"
      />
      <Ribbon burial={burial} at={at} />
      <Routes burial={burial} at={at} />
      <Dimensions burial={burial} at={at} />
    </svg>
  );
}
