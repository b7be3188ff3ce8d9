import type { BondRow } from '../../../core/water/bondRows';
import type { WaterReport } from '../../../core/water/waterReport';
import type { Yard } from '../../../core/water/yardSchema';
import { printNumber } from '../../../core/units/number';
import { YardGround } from './YardGround';
import { BondNumbers, Way, YardThings } from './YardThings';
import { BondWires, PerimeterBand, WaterBody, ZoneLines } from './YardWater';
import type { Placed } from './labelPlaces';
import { useCurves } from './useCurves';
import { yardLabels, type YardLabels } from './yardLabels';
import { boundsOf } from '../../../core/water/point';
import type { YardScale } from './yardScale';
import '../pictures.css';

interface YardPictureProps {
  readonly yard: Yard;
  /** The water that is looked at. */
  readonly report: WaterReport;
  readonly others: readonly WaterReport[];
  readonly rows: readonly BondRow[];
  readonly words: (report: WaterReport) => readonly string[];
  readonly scale: YardScale;
  readonly picked: string | null;
  readonly label: string;
  /** A picture of the site, with its lower left corner and size in feet. */
  readonly underlay?: SiteUnderlay | undefined;
}

/** A picture of the site as it lies under the plan. */
export interface SiteUnderlay {
  readonly href: string;
  readonly at: readonly [number, number];
  readonly widthFt: number;
  readonly heightFt: number;
}

/** Names of what runs through the yard, where there is room along it. */
function LineNames({ yard, labels }: { readonly yard: Yard; readonly labels: YardLabels['lines'] }) {
  return (
    <>
      {yard.lines.map(({ id, name }) => {
        const place = labels.get(id);
        return (
          place && (
            <text key={id} className="halo small" x={place.x} y={place.y}>
              {name}
            </text>
          )
        );
      })}
    </>
  );
}

const BAR_FT = [50, 20, 10, 5, 2] as const;

/** A scale bar of a round length. */
function ScaleBar({ scale }: Pick<YardPictureProps, 'scale'>) {
  const ft = BAR_FT.find((each) => each * scale.pxPerFt <= scale.widthPx / 3) ?? 1;
  const [right, y] = [scale.widthPx - 56, 14];
  const left = right - ft * scale.pxPerFt;
  return (
    <g stroke="var(--ink)" fill="none">
      <path d={`M${left} ${y}H${right}M${left} ${y - 4}v8M${right} ${y - 4}v8`} />
      <text className="small figures" x={right + 8} y={y + 4} stroke="none">
        {ft} ft
      </text>
    </g>
  );
}

/** North, where it is not up on the page too. */
function North({ northDeg }: { readonly northDeg: number }) {
  return (
    <g transform={`translate(22 24) rotate(${-northDeg})`}>
      <path d="M0 16V-12M-5 -5L0 -12L5 -5" fill="none" stroke="var(--ink)" strokeWidth="1.5" />
      <text className="small strong" x="8" y="0">
        N
      </text>
    </g>
  );
}

/** A picture of the site, faint under everything else. */
function Site({
  underlay: { href, at, widthFt, heightFt },
  scale,
}: {
  underlay: SiteUnderlay;
  scale: YardScale;
}) {
  return (
    <image
      href={href}
      x={scale.x(at[0])}
      y={scale.y(at[1] + heightFt)}
      width={widthFt * scale.pxPerFt}
      height={heightFt * scale.pxPerFt}
      preserveAspectRatio="none"
      opacity="0.45"
    />
  );
}

interface RingOffProps extends Pick<YardPictureProps, 'report' | 'scale'> {
  readonly place: Placed;
}

/** How far the ring lies off, measured at the left or right of the water. */
function RingOff({ report: { water, placed }, scale, place }: RingOffProps) {
  const { left, right } = boundsOf(placed.outline);
  const side = place.anchor === 'end' ? -1 : 1;
  const x = scale.x(side < 0 ? left : right);
  const y = place.y - 4;
  const off = side * (water.ringOffIn / 12) * scale.pxPerFt;
  return (
    <g stroke="var(--copper)" fill="none">
      <path
        d={`M${x + off + side * 26} ${y}H${x - side * 8}M${x + off - 4} ${y + 4}l8 -8M${x - 4} ${y + 4}l8 -8`}
      />
      <text className="dimension figures" x={place.x} y={place.y} textAnchor={place.anchor} stroke="none">
        {printNumber(water.ringOffIn)} in
      </text>
    </g>
  );
}

/** The yard around one of its waters, to scale: what stands where, the zones, the ring with its taps and tails. */
export function YardPicture(props: YardPictureProps) {
  const { yard, report, others, rows, words, scale, picked, label } = props;
  const { zones, band } = useCurves(report.water);
  const labels = yardLabels({ yard, report, others, rows, zones, scale, picked });
  return (
    <svg
      className="picture"
      role="img"
      aria-label={label}
      width={scale.widthPx}
      height={scale.heightPx}
      viewBox={`0 0 ${scale.widthPx} ${scale.heightPx}`}
    >
      <defs>
        <pattern id="yard-band" width="9" height="9" patternUnits="userSpaceOnUse">
          <rect width="9" height="9" fill="var(--back)" />
          <circle cx="2" cy="2" r="0.8" fill="var(--rule2)" />
          <circle cx="6.5" cy="6.5" r="0.8" fill="var(--rule2)" />
        </pattern>
      </defs>
      {props.underlay !== undefined && <Site underlay={props.underlay} scale={scale} />}
      <YardGround yard={yard} scale={scale} picked={picked} />
      <g data-water={report.water.id}>
        {report.plan.perimeter.method !== 'none' && <PerimeterBand band={band} scale={scale} />}
        <ZoneLines zones={zones} labels={labels.zones} scale={scale} />
      </g>
      {[...others, report].map((each) => (
        <g key={each.water.id} data-water={each.water.id}>
          <WaterBody report={each} scale={scale} words={words(each)} />
        </g>
      ))}
      {[...others, report].map((each) => (
        <g key={each.water.id} data-water={each.water.id}>
          <BondWires report={each} scale={scale} lit={picked} />
        </g>
      ))}
      {labels.ring !== undefined && (
        <g data-water={report.water.id}>
          <RingOff report={report} scale={scale} place={labels.ring} />
        </g>
      )}
      <YardThings report={report} rows={rows} scale={scale} picked={picked} labels={labels.things} />
      <BondNumbers report={report} rows={rows} scale={scale} picked={picked} />
      <Way report={report} scale={scale} picked={picked} place={labels.way} />
      <LineNames yard={yard} labels={labels.lines} />
      <ScaleBar scale={scale} />
      <North northDeg={yard.northDeg} />
    </svg>
  );
}
