import type { SectionGeometry, SectionSegment } from '../../core/route/sectionGeometry';
import { printNumber } from '../../core/units/number';
import { DimensionLine } from './DimensionLine';
import type { DrawnSection, StationNote, SegmentLabel } from './sectionDrawing';
import { CEILING_FT } from './SectionGround';
import type { SectionScale } from './sectionScale';

/** The rule of heights at the left of the section. */
export function SectionHeights({ scale }: { scale: SectionScale }) {
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

function Cover({ segment, scale }: { segment: SectionSegment; scale: SectionScale }) {
  const deepFt = Math.min(...segment.path.map(({ heightFt }) => heightFt));
  const [from, to] = [scale.x(segment.path[0]?.xFt ?? 0), scale.x(segment.path.at(-1)?.xFt ?? 0)];
  if (segment.place !== 'underground' || deepFt >= 0 || to - from < 150) return null;
  const x = from + 34;
  const [top, bottom] = [scale.y(0), scale.y(deepFt) - 4];
  return (
    <g>
      <DimensionLine from={[x, top]} to={[x, bottom]} />
      <text x={x + 9} y={(top + bottom) / 2 + 5} className="dimension">
        {printNumber(-deepFt * 12, 0)} in of cover
      </text>
    </g>
  );
}

interface LabelProps {
  readonly segment: SectionSegment;
  readonly label: SegmentLabel;
  readonly scale: SectionScale;
}

/** Room in pixels that a label needs before it is written; the tape below has it in any case. */
const roomFor = (label: SegmentLabel): number =>
  7 * Math.max(label.name.length, (label.trouble?.length ?? 0) * 0.94) + 30;

function Label({ segment, label, scale }: LabelProps) {
  const level = segment.path.reduce(
    (widest, point, index) => {
      const before = segment.path[index - 1];
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
          {label.severity === 'stop' ? (
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
          <text x={x + 17} y={y + 17} className={label.severity === 'stop' ? 'strong stop halo' : 'halo'}>
            {label.trouble}
          </text>
        </g>
      )}
    </g>
  );
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

interface StationLabelProps {
  readonly geometry: SectionGeometry;
  readonly index: number;
  readonly note: StationNote;
  readonly scale: SectionScale;
}

/** What stands at a station, written to the side that has more room; the tape has it where neither has. */
function StationLabel({ geometry, index, note, scale }: StationLabelProps) {
  const at = geometry.stations[index];
  if (at === undefined) return null;
  const x = scale.x(at.xFt);
  const left = x - scale.x(geometry.stations[index - 1]?.xFt ?? 0);
  const right = scale.x(geometry.stations[index + 1]?.xFt ?? at.xFt) - x;
  const room = 6.4 * Math.max(note.name.length, note.note.length) + 34;
  if (Math.max(left, right) < room) return null;
  const before = left >= right;
  const y = scale.y(at.heightFt) + (at.heightFt < 5 ? -22 : 24);
  return (
    <g textAnchor={before ? 'end' : 'start'}>
      <text x={x + (before ? -22 : 24)} y={y} className="strong halo">
        {note.name}
      </text>
      <text x={x + (before ? -22 : 24)} y={y + 15} className="small halo">
        {note.note}
      </text>
    </g>
  );
}

/** Everything that is written into the section. */
export function SectionWords({
  geometry,
  labels,
  panelLabel,
  applianceLabel,
  applianceAmps,
  stationNotes = [],
  scale,
}: DrawnSection) {
  const [panel] = geometry.stations;
  const last = geometry.stations.at(-1);
  return (
    <>
      {geometry.segments.map((segment, index) => {
        const label = labels[index];
        return (
          <g key={index}>
            {label && <Label segment={segment} label={label} scale={scale} />}
            <Cover segment={segment} scale={scale} />
          </g>
        );
      })}
      {geometry.stations.map((station, index) => {
        const note = stationNotes[index];
        return note ? (
          <StationLabel key={station.letter} geometry={geometry} index={index} note={note} scale={scale} />
        ) : null;
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
