import { METHODS } from '../../core/code/methods';
import { stationLetter } from '../../core/circuit/stations';
import { type SectionSegment } from '../../core/route/sectionGeometry';
import { printNumber } from '../../core/units/number';
import { MethodLine } from './MethodLine';
import './pictures.css';
import { alongPath } from '../../core/route/alongPath';
import { isNarrow, roundedPath, sectionRoom, sectionScale, type SectionScale } from './sectionScale';
import type { DrawnSection, RunSectionProps } from './sectionDrawing';
import { SectionGround } from './SectionGround';
import { SectionStations } from './SectionStations';
import { SectionHeights, SectionWords } from './SectionWords';
import { drawnZones } from './sectionZones';

const LEADER_PX = 22;

function Couplings({ segment, scale }: { segment: SectionSegment; scale: SectionScale }) {
  const double = segment.method === 'rmc' || segment.method === 'imc';
  if (!double && segment.method !== 'emt') return null;
  const shares: number[] = [];
  for (let ft = 10; ft < segment.lengthFt - 1; ft += 10) shares.push(ft / segment.lengthFt);
  return (
    <>
      {shares.map((share) => {
        const { at, upright } = alongPath(segment.path, share);
        const [x, y] = [scale.x(at.xFt), scale.y(at.heightFt)];
        const d = upright ? `M${x - 6} ${y}h12` : `M${x} ${y - 6}v12`;
        const second = upright ? `M${x - 6} ${y + 3}h12` : `M${x + 3} ${y - 6}v12`;
        return <path key={share} d={double ? d + second : d} stroke="var(--ink)" strokeWidth="1.6" />;
      })}
    </>
  );
}

function Supports({
  segment,
  shares,
  scale,
}: {
  segment: SectionSegment;
  shares: readonly number[];
  scale: SectionScale;
}) {
  const cable = METHODS[segment.method].kind === 'cable';
  return (
    <>
      {shares.map((share) => {
        const { at, upright } = alongPath(segment.path, share);
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

function Segments({ geometry, labels, highlighted, onSegment, scale }: DrawnSection) {
  return geometry.segments.map((segment, index) => {
    const label = labels[index];
    const d = roundedPath(segment.path, scale, 12);
    return (
      <g key={index} onClick={() => onSegment?.(index)} style={{ cursor: onSegment ? 'pointer' : 'default' }}>
        <path d={d} stroke="transparent" strokeWidth="26" fill="none" />
        <MethodLine
          method={segment.method}
          d={d}
          stopped={label?.severity === 'stop'}
          highlighted={highlighted === index}
        />
        <Couplings segment={segment} scale={scale} />
        {label && <Supports segment={segment} shares={label.supports} scale={scale} />}
      </g>
    );
  });
}

/** Dotted lines from every station to its flag on the tape below. */
function Leaders({ geometry, flagsPx = [], scale }: DrawnSection) {
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
  const { geometry, widthPx, heightPx, window } = props;
  const scale = sectionScale(geometry, sectionRoom(widthPx, heightPx), window);
  const drawn = { ...props, scale, zones: drawnZones(geometry, scale) };
  return (
    <svg
      className="picture"
      width={widthPx}
      height={heightPx + LEADER_PX}
      role="img"
      aria-label={sectionWords(props)}
    >
      <Patterns />
      <clipPath id="drawn">
        <rect x={scale.leftPx - 24} width={scale.widthPx - scale.leftPx + 24} height={heightPx} />
      </clipPath>
      <g clipPath={window === undefined ? undefined : 'url(#drawn)'}>
        <SectionGround geometry={geometry} zones={drawn.zones} scale={scale} />
        <Segments {...drawn} />
        <SectionStations {...drawn} />
        {!isNarrow(widthPx) && <SectionWords {...drawn} />}
      </g>
      {!isNarrow(widthPx) && <SectionHeights scale={scale} />}
      <Leaders {...drawn} />
    </svg>
  );
}

/** The picture in words, for whoever does not see it. */
function sectionWords({ geometry, labels, applianceLabel }: RunSectionProps): string {
  const parts = geometry.segments.map(
    ({ lengthFt }, index) =>
      `${stationLetter(index)} to ${stationLetter(index + 1)}: ${printNumber(lengthFt, 1)} ft of ${labels[index]?.name ?? ''}`,
  );
  return `Section of the run from the panel to ${applianceLabel}. ${parts.join('; ')}.`;
}
