import { CONDUCTOR_STROKE } from './conductorStroke';
import '../pictures.css';

/** A place that may be wrong, with its rank: places of one rank explain the readings alike. */
interface LadderMark {
  readonly conductor: string;
  /** A station by its letter, or a segment as "A-B". */
  readonly at: string;
  readonly rank: number;
}

interface LadderStation {
  readonly letter: string;
  readonly name: string;
}

interface CheckLadderProps {
  readonly stations: readonly LadderStation[];
  readonly conductors: readonly string[];
  /** The length of each segment, in words. */
  readonly lengths: readonly string[];
  readonly marks: readonly LadderMark[];
  /** Where is measured next: a station, and the conductors under the leads. */
  readonly leads: {
    readonly at: string;
    readonly conductors: readonly string[];
    readonly unit: string;
  } | null;
  readonly widthPx: number;
  readonly label: string;
}

interface Drawn extends CheckLadderProps {
  readonly boxPx: number;
  readonly heightPx: number;
  readonly xOf: (station: number) => number;
  readonly yOf: (conductor: string) => number;
}

const TOP_PX = 28;
const RAIL_PX = 24;
const BOX_PX = 92;
const JOINT_PX = 22;
const LEADS_PX = 26;
function Rails({ conductors, stations, boxPx, xOf, yOf }: Drawn) {
  const end = xOf(stations.length - 1) + boxPx - 8;
  return conductors.map((name) => {
    const [edge, core] = CONDUCTOR_STROKE[name] ?? ['var(--ink)', 'var(--ink)'];
    const d = `M${JOINT_PX} ${yOf(name)}H${end}`;
    return (
      <g key={name}>
        <path d={d} stroke={edge} strokeWidth="4.5" />
        <path d={d} stroke={core} strokeWidth="2.5" />
      </g>
    );
  });
}

function Stations({ stations, conductors, boxPx, heightPx, xOf, yOf }: Drawn) {
  return stations.map(({ letter, name }, at) => (
    <g key={letter}>
      <rect
        x={xOf(at)}
        y={TOP_PX}
        width={boxPx}
        height={heightPx - TOP_PX - LEADS_PX}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.5"
      />
      <rect x={xOf(at)} y="4" width="16" height="16" fill="var(--ink)" />
      <text
        className="small strong"
        x={xOf(at) + 8}
        y="16"
        textAnchor="middle"
        style={{ fill: 'var(--ground)' }}
      >
        {letter}
      </text>
      <text className="small strong" x={xOf(at) + 21} y="16">
        {name}
      </text>
      {conductors.map((conductor) => (
        <circle
          key={conductor}
          cx={xOf(at) + JOINT_PX}
          cy={yOf(conductor)}
          r="5"
          fill="var(--sheet)"
          stroke="var(--ink)"
        />
      ))}
    </g>
  ));
}

/** The places that explain the readings: at a joint, or in the wire before it. */
function Marks({ marks, stations, boxPx, xOf, yOf }: Drawn) {
  return marks.map(({ at, conductor, rank }) => {
    const [from, to] = at.split('-');
    const station = stations.findIndex(({ letter }) => letter === (to ?? from));
    const gap = xOf(station) - xOf(station - 1) - boxPx;
    const x = to === undefined ? xOf(station) + JOINT_PX : xOf(station) - Math.max(0, gap / 2);
    return (
      <g key={`${conductor} ${at}`}>
        <circle
          cx={x}
          cy={yOf(conductor)}
          r="9"
          fill="var(--stop-wash)"
          stroke="var(--stop)"
          strokeWidth="2"
        />
        <text className="small strong stop" x={x} y={yOf(conductor) + 4} textAnchor="middle">
          {rank}
        </text>
      </g>
    );
  });
}

/** The leads of the next measurement at its station. */
function Leads({ leads, stations, heightPx, xOf, yOf }: Drawn) {
  const probe = stations.findIndex(({ letter }) => letter === leads?.at);
  if (leads === null || probe < 0) return null;
  const x = xOf(probe) + JOINT_PX + 14;
  return (
    <g>
      {leads.conductors.map((name, at) => (
        <path
          key={name}
          d={`M${x + 12 + at * 14} ${heightPx - 22}V${yOf(name)}`}
          stroke="var(--copper)"
          strokeWidth="2"
        />
      ))}
      <rect
        x={x - 4}
        y={heightPx - 22}
        width="46"
        height="18"
        fill="var(--copper-wash)"
        stroke="var(--copper)"
      />
      <text
        className="small strong"
        x={x + 19}
        y={heightPx - 9}
        textAnchor="middle"
        style={{ fill: 'var(--copper)' }}
      >
        {leads.unit}
      </text>
    </g>
  );
}

/** The circuit as its conductors from station to station, a joint at each; marked is where something may be wrong. */
export function CheckLadder(props: CheckLadderProps) {
  const { stations, conductors, lengths, widthPx, label } = props;
  const boxPx = Math.min(BOX_PX, widthPx / stations.length - 12);
  const step = stations.length > 1 ? (widthPx - boxPx - 2) / (stations.length - 1) : 0;
  const drawn: Drawn = {
    ...props,
    boxPx,
    heightPx: TOP_PX + conductors.length * RAIL_PX + LEADS_PX + 4,
    xOf: (at) => 1 + at * step,
    yOf: (name) => TOP_PX + 14 + conductors.indexOf(name) * RAIL_PX,
  };
  return (
    <svg
      className="picture"
      role="img"
      aria-label={label}
      width={widthPx}
      height={drawn.heightPx}
      viewBox={`0 0 ${widthPx} ${drawn.heightPx}`}
    >
      <Rails {...drawn} />
      <Stations {...drawn} />
      {step - boxPx > 52 &&
        conductors.map((name) => (
          <text key={name} className="small strong halo" x={boxPx + 6} y={drawn.yOf(name) - 4}>
            {name}
          </text>
        ))}
      {step - boxPx > 52 &&
        lengths.map((length, at) => (
          <text
            key={`${at} ${length}`}
            className="small quiet"
            x={drawn.xOf(at) + boxPx + (step - boxPx) / 2}
            y="16"
            textAnchor="middle"
          >
            {length}
          </text>
        ))}
      <Marks {...drawn} />
      <Leads {...drawn} />
    </svg>
  );
}
