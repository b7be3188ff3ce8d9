import { CONDUCTOR_LETTERS, CONDUCTOR_STROKE } from '../checks/conductorStroke';
import '../pictures.css';
import classes from './bench.module.css';

interface BenchStation {
  readonly letter: string;
  readonly name: string;
}

interface BenchTerminal {
  readonly key: string;
  readonly station: number;
  readonly conductor: string;
}

interface BenchLoad {
  readonly station: number;
  readonly between: readonly [string, string];
}

interface BenchPictureProps {
  readonly stations: readonly BenchStation[];
  readonly conductors: readonly string[];
  readonly terminals: readonly BenchTerminal[];
  readonly loads: readonly BenchLoad[];
  readonly gfci: number | null;
  /** Whether neutral and ground are bonded at the first station. */
  readonly bonded: boolean;
  readonly breakerOn: boolean;
  /** Terminals under the leads. */
  readonly leads: { readonly red: string | null; readonly black: string | null };
  /** Where it was wrong, once that is proved: a station, or a segment as "A-B". */
  readonly wrong: readonly { readonly at: string; readonly conductors: readonly string[] }[];
  readonly label: string;
  readonly onTerminal: (key: string) => void;
}

interface Drawn extends BenchPictureProps {
  readonly heightPx: number;
  readonly gap: number;
  readonly xOf: (station: number) => number;
}

const BOX = 132;
/** Between enclosures; less where four of them stand side by side. */
const GAP = { usual: 84, close: 54 } as const;
const MANY = 4;
const TOP = 26;
const ROW = 46;
const SCREW = 26;
const LEADS = 46;

const yOf = (conductors: readonly string[], name: string): number =>
  TOP + 28 + conductors.indexOf(name) * ROW;

function Wires({ conductors, stations, gap, xOf }: Drawn) {
  return conductors.map((name) => {
    const [edge, core] = CONDUCTOR_STROKE[name] ?? ['var(--ink)', 'var(--ink)'];
    const y = yOf(conductors, name);
    return stations.slice(1).map((station, at) => {
      const d = `M${xOf(at) + SCREW} ${y}H${xOf(at + 1) + SCREW}`;
      const middle = xOf(at) + BOX + gap / 2;
      return (
        <g key={`${name} ${station.letter}`}>
          <path d={d} stroke={edge} strokeWidth="5" />
          <path d={d} stroke={core} strokeWidth="3" />
          <rect x={middle - 13} y={y - 8} width="26" height="16" fill="var(--ground)" />
          <text className="small strong" x={middle} y={y + 4} textAnchor="middle">
            {CONDUCTOR_LETTERS[name] ?? name}
          </text>
        </g>
      );
    });
  });
}

function Boxes({ stations, heightPx, xOf }: Drawn) {
  return stations.map(({ letter, name }, at) => (
    <g key={letter}>
      <rect
        x={xOf(at)}
        y={TOP}
        width={BOX}
        height={heightPx - TOP - LEADS}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.5"
      />
      <rect x={xOf(at)} y="3" width="16" height="16" fill="var(--ink)" />
      <text
        className="small strong"
        x={xOf(at) + 8}
        y="15"
        textAnchor="middle"
        style={{ fill: 'var(--ground)' }}
      >
        {letter}
      </text>
      <text className="small strong" x={xOf(at) + 22} y="15">
        {name}
      </text>
    </g>
  ));
}

/** Breaker at the panel, GFCI at its station: across the conductors that they switch. */
function Devices({ conductors, gfci, breakerOn, xOf }: Drawn) {
  const hots = conductors.filter((name) => name.startsWith('L'));
  const [top, bottom] = [yOf(conductors, hots[0] ?? ''), yOf(conductors, hots.at(-1) ?? '')];
  return (
    <>
      <g>
        <rect
          x={xOf(0) + 62}
          y={top - 14}
          width="60"
          height={bottom - top + 28}
          className={classes['device']}
        />
        <text className="small strong" x={xOf(0) + 92} y={(top + bottom) / 2 - 1} textAnchor="middle">
          breaker
        </text>
        <text className="small" x={xOf(0) + 92} y={(top + bottom) / 2 + 12} textAnchor="middle">
          {breakerOn ? 'on' : 'off'}
        </text>
      </g>
      {gfci !== null && (
        <g>
          <rect
            x={xOf(gfci) + 62}
            y={top - 14}
            width="60"
            height={yOf(conductors, 'N') - top + 28}
            className={classes['device']}
          />
          <text
            className="small strong"
            x={xOf(gfci) + 92}
            y={(top + yOf(conductors, 'N')) / 2 + 4}
            textAnchor="middle"
          >
            GFCI
          </text>
        </g>
      )}
    </>
  );
}

/** The bonding screw of each enclosure between neutral and ground: in at the service, out elsewhere. */
function Bonds({ conductors, stations, bonded, xOf }: Drawn) {
  if (!conductors.includes('N') || !conductors.includes('G')) return null;
  const [n, g] = [yOf(conductors, 'N'), yOf(conductors, 'G')];
  return stations.map(({ letter }, at) => {
    const isIn = bonded && at === 0;
    const x = xOf(at) + SCREW;
    return (
      <g key={letter}>
        <path
          d={`M${x} ${n + 10}V${g - 10}`}
          stroke="var(--ink)"
          strokeWidth={isIn ? 5 : 1}
          strokeDasharray={isIn ? undefined : '2 3'}
        />
        <circle
          cx={x}
          cy={(n + g) / 2}
          r="4.5"
          fill={isIn ? 'var(--ink)' : 'var(--ground)'}
          stroke="var(--ink)"
        />
      </g>
    );
  });
}

function Loads({ conductors, loads, gfci, xOf }: Drawn) {
  return loads.map(({ station, between: [a, b] }, at) => {
    const x = xOf(station) + (station === gfci ? 54 : 74 + at * 26);
    const [y1, y2] = [yOf(conductors, a), yOf(conductors, b)];
    return (
      <g key={`${station} ${a} ${b}`} stroke="var(--ink)" fill="none">
        <path
          d={`M${xOf(station) + SCREW} ${y1}H${x}V${(y1 + y2) / 2 - 9}M${x} ${(y1 + y2) / 2 + 9}V${y2}H${xOf(station) + SCREW}`}
        />
        <rect x={x - 7} y={(y1 + y2) / 2 - 9} width="14" height="18" fill="var(--sheet)" />
        <path d={`M${x - 7} ${(y1 + y2) / 2}h4l2 -5l3 10l2 -5h3`} />
      </g>
    );
  });
}

/** What was wrong, at its place. */
function Wrong({ conductors, stations, wrong, gap, xOf }: Drawn) {
  return wrong.flatMap(({ at, conductors: names }) => {
    const [from = '', to] = at.split('-');
    const station = stations.findIndex(({ letter }) => letter === (to ?? from));
    const x = to === undefined ? xOf(station) + SCREW : xOf(station) - gap / 2 + 22;
    return names.map((name) => (
      <circle
        key={`${at} ${name}`}
        cx={x}
        cy={yOf(conductors, name)}
        r="14"
        fill="none"
        stroke="var(--stop)"
        strokeWidth="3"
      />
    ));
  });
}

function Terminals({ terminals, conductors, leads, onTerminal, xOf }: Drawn) {
  return terminals.map(({ key, station, conductor }) => {
    const [x, y] = [xOf(station) + SCREW, yOf(conductors, conductor)];
    const lead = leads.red === key ? 'red' : leads.black === key ? 'black' : null;
    return (
      <g
        key={key}
        role="button"
        tabIndex={0}
        className={classes['terminal']}
        aria-label={`Terminal ${key}${lead === null ? '' : `, ${lead} lead`}`}
        onClick={() => {
          onTerminal(key);
        }}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' && event.key !== ' ') return;
          event.preventDefault();
          onTerminal(key);
        }}
      >
        <rect x={x - 22} y={y - 21} width="60" height="42" fill="transparent" />
        <circle cx={x} cy={y} r="8" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.5" />
        <path d={`M${x - 4} ${y + 4}l8 -8`} stroke="var(--ink)" strokeWidth="1.5" />
        <text className="small strong figures halo" x={x + 12} y={y - 6}>
          {key}
        </text>
      </g>
    );
  });
}

/** The leads from the tester below to their terminals. */
function Leads({ terminals, conductors, leads, stations, heightPx, xOf }: Drawn) {
  const middle = xOf(stations.length - 1) / 2 + BOX / 2;
  return (['red', 'black'] as const).map((which) => {
    const terminal = terminals.find(({ key }) => key === leads[which]);
    if (terminal === undefined) return null;
    const [x, y] = [xOf(terminal.station) + SCREW, yOf(conductors, terminal.conductor)];
    const from = middle + (which === 'red' ? -16 : 16);
    const color = which === 'red' ? 'var(--rd)' : 'var(--bk)';
    const d = `M${from} ${heightPx}C${from} ${heightPx - 60} ${x} ${heightPx - 20} ${x + 4} ${y + 12}`;
    return (
      <g key={which} className={classes['lead']}>
        {which === 'black' && <path d={d} stroke="var(--bk-edge)" strokeWidth="5" fill="none" />}
        <path d={d} stroke={color} strokeWidth="3" fill="none" />
        <path d={`M${x + 4} ${y + 16}L${x} ${y}`} stroke={color} strokeWidth="6" />
      </g>
    );
  });
}

/** A circuit to practice on: enclosures, conductors by their insulation, terminals under which leads are put. */
export function BenchPicture(props: BenchPictureProps) {
  const { stations, conductors, label } = props;
  const gap = stations.length < MANY ? GAP.usual : GAP.close;
  const xOf = (station: number): number => 2 + station * (BOX + gap);
  const widthPx = xOf(stations.length - 1) + BOX + 2;
  const heightPx = TOP + 56 + (conductors.length - 1) * ROW + LEADS;
  const drawn: Drawn = { ...props, heightPx, gap, xOf };
  return (
    <svg
      className="picture"
      role="group"
      aria-label={label}
      width={widthPx}
      height={heightPx}
      viewBox={`0 0 ${widthPx} ${heightPx}`}
    >
      <Boxes {...drawn} />
      <Bonds {...drawn} />
      <Wires {...drawn} />
      <Loads {...drawn} />
      <Devices {...drawn} />
      <Wrong {...drawn} />
      <Terminals {...drawn} />
      <Leads {...drawn} />
    </svg>
  );
}
