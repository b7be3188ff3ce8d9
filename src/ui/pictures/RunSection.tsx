import { METHODS } from '../../core/code/methods';
import { stationLetter, type SectionGeometry, type SectionStretch } from '../../core/run/sectionGeometry';
import { printNumber } from '../../core/units/number';
import type { FigureStanding } from '../../core/circuit/standings';
import { MethodLine } from './MethodLine';
import './pictures.css';
import {
  alongPath,
  isNarrow,
  roundedPath,
  sectionRoom,
  sectionScale,
  type SectionScale,
} from './sectionScale';
import { CEILING_FT, SectionGround } from './SectionGround';
import { SectionStations } from './SectionStations';

/** What is written beside a stretch. */
export interface StretchLabel {
  /** Conductor and method: "NM-B 6/2", "6 AWG in 3/4 EMT". */
  readonly name: string;
  readonly standing: FigureStanding;
  /** The worst finding of the stretch in a few words. */
  readonly trouble: string | null;
  /** Share of the drawn way at which each support stands, 0 to 1. */
  readonly supports: readonly number[];
}

export interface RunSectionProps {
  readonly geometry: SectionGeometry;
  readonly labels: readonly StretchLabel[];
  readonly panelLabel: string;
  readonly applianceLabel: string;
  readonly applianceAmps: string;
  readonly lit: number | null;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Where each station's flag stands on the tape below, pixels from the left. */
  readonly flagsPx?: readonly number[];
  readonly onStretch?: (index: number) => void;
}

const LEADER_PX = 22;

function Heights({ scale }: { scale: SectionScale }) {
  const marks: number[] = [];
  for (let ft = Math.ceil(scale.bottomFt); ft <= scale.topFt; ft += 1) marks.push(ft);
  const x = scale.leftPx - 34;
  return (
    <g>
      <path d={`M${x} ${scale.y(scale.topFt) + 2}V${scale.heightPx}`} stroke="var(--rule2)" fill="none" />
      {marks.map((ft) => (
        <path key={ft} d={`M${x - (ft % 4 === 0 ? 7 : 4)} ${scale.y(ft)}H${x}`} stroke="var(--rule2)" />
      ))}
      {marks
        .filter((ft) => ft % 4 === 0)
        .map((ft) => (
          <text key={ft} x={x - 10} y={scale.y(ft) + 4} textAnchor="end" className="small quiet">
            {ft === 0 ? 'grade' : `${ft} ft`}
          </text>
        ))}
    </g>
  );
}

function Cover({ stretch, scale }: { stretch: SectionStretch; scale: SectionScale }) {
  const deepFt = Math.min(...stretch.path.map(({ heightFt }) => heightFt));
  const [from, to] = [scale.x(stretch.path[0]?.xFt ?? 0), scale.x(stretch.path.at(-1)?.xFt ?? 0)];
  if (stretch.place !== 'underground' || deepFt >= 0 || to - from < 150) return null;
  const x = from + 34;
  const [top, bottom] = [scale.y(0), scale.y(deepFt) - 4];
  return (
    <g>
      <path
        d={`M${x} ${top}V${bottom}M${x - 4} ${top + 4}l8 -8M${x - 4} ${bottom + 4}l8 -8`}
        stroke="var(--copper)"
        strokeWidth="1.2"
        fill="none"
      />
      <text x={x + 9} y={(top + bottom) / 2 + 5} className="dimension">
        {printNumber(-deepFt * 12, 0)} in of cover
      </text>
    </g>
  );
}

interface LabelProps {
  readonly stretch: SectionStretch;
  readonly label: StretchLabel;
  readonly scale: SectionScale;
}

/** Room in pixels that a label needs before it is written; the tape below has it in any case. */
const roomFor = (label: StretchLabel): number =>
  7 * Math.max(label.name.length, (label.trouble?.length ?? 0) * 0.94) + 30;

function Label({ stretch, label, scale }: LabelProps) {
  const level = stretch.path.reduce(
    (widest, point, index) => {
      const before = stretch.path[index - 1];
      const width = before === undefined ? 0 : point.xFt - before.xFt;
      return width > widest.width && before !== undefined
        ? { width, fromFt: before.xFt, heightFt: point.heightFt }
        : widest;
    },
    { width: 0, fromFt: 0, heightFt: 0 },
  );
  const room = level.width * scale.pxPerFtAlong;
  if (room < roomFor(label)) return null;
  const x = scale.x(level.fromFt) + Math.min(34, (room - roomFor(label)) / 2 + 14);
  const buried = level.heightFt < 0;
  // Above the ceiling the words go over the line, where no joists are.
  const below = level.heightFt > CEILING_FT ? -12 : 27;
  const y = scale.y(level.heightFt) + (buried ? 24 : below);
  return (
    <g>
      <text x={buried ? x + 140 : x} y={y} className="strong halo">
        {label.name}
      </text>
      {label.trouble !== null && (
        <g>
          {label.standing === 'stop' ? (
            <path
              transform={`translate(${x} ${y + 7})`}
              d="M0 0H11V11H0ZM2 4.5V6.5H9V4.5Z"
              fill="var(--stop)"
              fillRule="evenodd"
            />
          ) : (
            <path
              transform={`translate(${x} ${y + 6})`}
              d="M6 1.4 11 10.8H1Z"
              fill="none"
              stroke="var(--ink)"
              strokeWidth="1.4"
            />
          )}
          <text x={x + 17} y={y + 17} className={label.standing === 'stop' ? 'strong stop halo' : 'halo'}>
            {label.trouble}
          </text>
        </g>
      )}
    </g>
  );
}

function Couplings({ stretch, scale }: { stretch: SectionStretch; scale: SectionScale }) {
  const double = stretch.method === 'rmc' || stretch.method === 'imc';
  if (!double && stretch.method !== 'emt') return null;
  const shares: number[] = [];
  for (let ft = 10; ft < stretch.lengthFt - 1; ft += 10) shares.push(ft / stretch.lengthFt);
  return (
    <>
      {shares.map((share) => {
        const { at, upright } = alongPath(stretch.path, share);
        const [x, y] = [scale.x(at.xFt), scale.y(at.heightFt)];
        const d = upright ? `M${x - 6} ${y}h12` : `M${x} ${y - 6}v12`;
        const second = upright ? `M${x - 6} ${y + 3}h12` : `M${x + 3} ${y - 6}v12`;
        return <path key={share} d={double ? d + second : d} stroke="var(--ink)" strokeWidth="1.6" />;
      })}
    </>
  );
}

function Supports({
  stretch,
  shares,
  scale,
}: {
  stretch: SectionStretch;
  shares: readonly number[];
  scale: SectionScale;
}) {
  const cable = METHODS[stretch.method].kind === 'cable';
  return (
    <>
      {shares.map((share) => {
        const { at, upright } = alongPath(stretch.path, share);
        const [x, y] = [scale.x(at.xFt), scale.y(at.heightFt)];
        const half = cable ? 5 : 6.5;
        return (
          <path
            key={share}
            d={upright ? `M${x - half} ${y}h${2 * half}` : `M${x} ${y - half}v${2 * half}`}
            stroke="var(--ink)"
            strokeWidth={cable ? 1.3 : 2}
          />
        );
      })}
    </>
  );
}

function Patterns() {
  return (
    <defs>
      <pattern id="cut" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="5" height="5" fill="var(--sheet)" />
        <path d="M0 0V5" stroke="var(--ink)" strokeWidth="1.1" />
      </pattern>
      <pattern id="soil" width="22" height="9" patternUnits="userSpaceOnUse">
        <path d="M1 8 8 1M5 8 12 1M9 8 16 1" stroke="var(--rule2)" strokeWidth="1" fill="none" />
      </pattern>
    </defs>
  );
}

interface DrawnProps extends RunSectionProps {
  readonly scale: SectionScale;
}

function Stretches({ geometry, labels, lit, onStretch, scale }: DrawnProps) {
  return geometry.stretches.map((stretch, index) => {
    const label = labels[index];
    const d = roundedPath(stretch.path, scale, 12);
    return (
      <g key={index} onClick={() => onStretch?.(index)} style={{ cursor: onStretch ? 'pointer' : 'default' }}>
        <path d={d} stroke="transparent" strokeWidth="26" fill="none" />
        <MethodLine method={stretch.method} d={d} stopped={label?.standing === 'stop'} lit={lit === index} />
        <Couplings stretch={stretch} scale={scale} />
        {label && <Supports stretch={stretch} shares={label.supports} scale={scale} />}
      </g>
    );
  });
}

function EndLabel({ x, y, name, note }: { x: number; y: number; name: string; note: string }) {
  return (
    <g>
      <text x={x} y={y} className="strong halo">
        {name}
      </text>
      <text x={x} y={y + 15} className="halo">
        {note}
      </text>
    </g>
  );
}

/** Everything that is written into the section. */
function Words({ geometry, labels, panelLabel, applianceLabel, applianceAmps, scale }: DrawnProps) {
  const [panel] = geometry.stations;
  const last = geometry.stations.at(-1);
  return (
    <>
      <Heights scale={scale} />
      {geometry.stretches.map((stretch, index) => {
        const label = labels[index];
        return (
          <g key={index}>
            {label && <Label stretch={stretch} label={label} scale={scale} />}
            <Cover stretch={stretch} scale={scale} />
          </g>
        );
      })}
      {panel && (
        <EndLabel x={scale.x(0) + 22} y={scale.y(panel.heightFt) + 22} name="Panel" note={panelLabel} />
      )}
      {last && (
        <EndLabel
          x={scale.x(last.xFt) + 34}
          y={scale.y(last.heightFt) - 4}
          name={applianceLabel}
          note={applianceAmps}
        />
      )}
    </>
  );
}

/** Dotted lines from every station to its flag on the tape below. */
function Leaders({ geometry, flagsPx = [], scale }: DrawnProps) {
  return geometry.stations.map(({ letter, xFt, heightFt }, index) => {
    const flag = flagsPx[index];
    if (flag === undefined) return null;
    const x = scale.x(xFt);
    const d = `M${x} ${scale.y(heightFt) + 12}V${scale.heightPx - 4}L${flag} ${scale.heightPx + LEADER_PX}`;
    return <path key={letter} d={d} fill="none" stroke="var(--rule2)" strokeDasharray="1.5 3" />;
  });
}

/** The run as a lengthwise section through house and yard, to scale along its length. */
export function RunSection(props: RunSectionProps) {
  const { geometry, widthPx, heightPx } = props;
  const drawn = { ...props, scale: sectionScale(geometry, sectionRoom(widthPx, heightPx)) };
  return (
    <svg
      className="picture"
      width={widthPx}
      height={heightPx + LEADER_PX}
      role="img"
      aria-label={sectionWords(props)}
    >
      <Patterns />
      <SectionGround geometry={geometry} scale={drawn.scale} />
      <Stretches {...drawn} />
      <SectionStations stations={geometry.stations} scale={drawn.scale} />
      {!isNarrow(widthPx) && <Words {...drawn} />}
      <Leaders {...drawn} />
    </svg>
  );
}

/** The picture in words, for whoever does not see it. */
function sectionWords({ geometry, labels, applianceLabel }: RunSectionProps): string {
  const parts = geometry.stretches.map(
    ({ lengthFt }, index) =>
      `${stationLetter(index)} to ${stationLetter(index + 1)}: ${printNumber(lengthFt, 1)} ft of ${labels[index]?.name ?? ''}`,
  );
  return `Section of the run from the panel to ${applianceLabel}. ${parts.join('; ')}.`;
}
