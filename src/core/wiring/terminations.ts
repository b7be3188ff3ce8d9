import type { Circuit } from '../circuit/circuitSchema';
import { isThreeWire } from '../circuit/existingWork';
import { landedIn, type LandedIn } from '../circuit/panelLanding';
import type { SolveContext } from '../circuit/solveContext';
import { isSized, type SolvedCircuit } from '../circuit/figures';
import { stationKinds } from '../circuit/stations';
import type { WireSize } from '../units/wireSize';
import { conductors, type Conductor, type Letters, type Role } from './conductors';
import { defaultTorque } from './defaultTorque';
import { spliceAt, type Splice } from './splices';

/** Where a conductor is landed. */
export type Terminal =
  | 'breaker-1'
  | 'breaker-2'
  | 'breaker-3'
  | 'device-neutral'
  | 'neutral-bar'
  | 'ground-bar'
  | 'bonded-bar'
  | 'line-1'
  | 'line-2'
  | 'line-3'
  | 'line-neutral'
  | 'out-1'
  | 'out-2'
  | 'out-3'
  | 'load-1'
  | 'load-2'
  | 'load-3'
  | 'load-neutral'
  | 'load-ground'
  | 'capped';

/** One conductor at one end: where it lands, how it is marked, how tight, and when. */
export interface Landing {
  readonly role: Role;
  readonly letters: Letters;
  readonly size: WireSize;
  readonly terminal: Terminal;
  /** The letters that it is re-marked with, where its own do not say what it is. */
  readonly marked: Letters | null;
  /** Order of landing in the whole circuit, from 1: the far end first, at each end grounds, neutrals, hots. */
  readonly order: number;
  readonly torqueLbIn: number;
  /** Whether that is on the label of its device; else it is the default table's. */
  readonly isLabeled: boolean;
}

/** What stands between panel and load, with a side of its own for each. */
export type Between = 'spa-enclosure' | 'dead-front' | 'disconnect';

/** One end of a segment of wire: panel, load, or a side of what stands between them. */
export interface End {
  readonly at: 'panel' | 'line-side' | 'load-side' | 'load';
  readonly landings: readonly Landing[];
}

/** The wiring of a circuit at its ends: the load first, the panel last, so that nothing can be live by accident. */
export interface Wiring {
  readonly ends: readonly End[];
  /** Splices in the boxes between segments, from the panel on. */
  readonly splices: readonly Splice[];
  readonly between: Between | null;
  /** The station of the run at which that stands; null where the run does not say. */
  readonly betweenStation: number | null;
  /** Whether torque comes from labels, is the default table's, or some from the one and some from the other. */
  readonly torqueFrom: 'label' | 'default' | 'both';
  /** The panel as it was looked at: its role, and whether its bars are bonded. */
  readonly panel: LandedIn;
  /** Where its breaker stands. */
  readonly from: 'panel' | 'spa-panel';
  /** What it ends at: the appliance, or the lugs of a spa panel with a pair of breakers. */
  readonly to: 'load' | 'spa-panel';
}

const ORDER: Readonly<Record<Role, number>> = {
  ground: 1,
  neutral: 2,
  pigtail: 2,
  'hot-1': 3,
  'hot-2': 4,
  'hot-3': 5,
  spare: 6,
};

function landed(
  all: readonly Conductor[],
  to: (conductor: Conductor) => Terminal,
  torque: (size: WireSize, terminal: Terminal) => Pick<Landing, 'torqueLbIn' | 'isLabeled'>,
): readonly Landing[] {
  return all
    .map((conductor) => {
      const terminal = to(conductor);
      return {
        ...conductor,
        terminal,
        order: ORDER[conductor.role],
        ...torque(conductor.size, terminal),
      };
    })
    .toSorted((a, b) => a.order - b.order);
}

const BARS: ReadonlySet<Terminal> = new Set(['neutral-bar', 'ground-bar', 'bonded-bar']);

/** The torque on the label of the device that holds a terminal: each device has its own (110.14(D)). */
function labelFor(
  { torqueLbIn, torqueBarLbIn, torqueDisconnectLbIn, torqueEndLbIn }: Circuit['site'],
  at: End['at'],
  holder: Between | 'panel' | 'load',
  terminal: Terminal,
): number | undefined {
  if (at === 'load') return torqueEndLbIn;
  if (holder !== 'panel') return torqueDisconnectLbIn;
  return BARS.has(terminal) ? torqueBarLbIn : torqueLbIn;
}

/** Numbers the landings of a circuit from its far end to its panel. */
function numbered(ends: readonly End[]): readonly End[] {
  let order = 0;
  return ends.map((end) => ({
    ...end,
    landings: end.landings.map((landing) => ({ ...landing, order: (order += 1) })),
  }));
}

const ON_BREAKER: Partial<Record<Role, Terminal>> = {
  'hot-1': 'breaker-1',
  'hot-2': 'breaker-2',
  'hot-3': 'breaker-3',
};
const ON_LOAD: Partial<Record<Role, Terminal>> = {
  'hot-1': 'load-1',
  'hot-2': 'load-2',
  'hot-3': 'load-3',
  neutral: 'load-neutral',
  ground: 'load-ground',
};
const ON_LINE: Partial<Record<Role, Terminal>> = {
  'hot-1': 'line-1',
  'hot-2': 'line-2',
  'hot-3': 'line-3',
  neutral: 'neutral-bar',
  ground: 'ground-bar',
};
const ON_OUT: Partial<Record<Role, Terminal>> = {
  'hot-1': 'out-1',
  'hot-2': 'out-2',
  'hot-3': 'out-3',
  neutral: 'neutral-bar',
  ground: 'ground-bar',
};

/** Terminals on the two sides of what stands between: neutrals and grounds are kept apart in each (250.24(A)(5), 250.142(B)). */
const SIDES: Readonly<
  Record<
    Between,
    {
      readonly line: Partial<Record<Role, Terminal>>;
      readonly load: Partial<Record<Role, Terminal>>;
      readonly pigtail: boolean;
    }
  >
> = {
  'spa-enclosure': {
    line: ON_LINE,
    load: { ...ON_BREAKER, neutral: 'device-neutral', pigtail: 'neutral-bar', ground: 'ground-bar' },
    pigtail: true,
  },
  'dead-front': {
    line: { ...ON_LINE, neutral: 'line-neutral' },
    load: { ...ON_OUT, neutral: 'device-neutral' },
    pigtail: false,
  },
  disconnect: { line: ON_LINE, load: ON_OUT, pigtail: false },
};

/** Whether it feeds a spa panel from which a pair of breakers feeds the tub. */
const feedsPair = ({ appliance }: Circuit): boolean =>
  appliance.family === 'hot-tub' && appliance.nameplate.feeds === 'pair';

/** The device between panel and load: the ground-fault one first, then a disconnect that is not the breaker itself. */
function betweenOf({ gfci, disconnect }: SolvedCircuit['figures']['outlet']): Between | null {
  if (gfci.form === 'spa-enclosure' || gfci.form === 'dead-front') return gfci.form;
  return disconnect.kind === 'switch' || disconnect.kind === 'motor-switch' ? 'disconnect' : null;
}

/** The splices of the boxes between segments: each by what arrives and what leaves. */
const splicesOf = (
  kinds: ReturnType<typeof stationKinds>,
  bySegment: readonly (readonly Conductor[])[],
): readonly Splice[] =>
  kinds.flatMap((kind, station) => {
    const [before, after] = [bySegment[station - 1], bySegment[station]];
    return kind === 'box' && before !== undefined && after !== undefined
      ? [spliceAt(station, before, after)]
      : [];
  });

/** Whether the torque of all ends comes from labels, of none, or of some. */
function torqueFromOf(ends: readonly End[]): Wiring['torqueFrom'] {
  const labeled = ends.flatMap(({ landings }) => landings.map(({ isLabeled }) => isLabeled));
  if (labeled.every(Boolean)) return 'label';
  return labeled.some(Boolean) ? 'both' : 'default';
}

/** Where a conductor is landed in the panel: on bars that are bonded or apart, its neutral on a GFCI breaker where it has one. */
const panelTerminal =
  (isBonded: boolean, breakerDevice: boolean) =>
  ({ role }: Conductor): Terminal => {
    const neutral = isBonded ? 'bonded-bar' : 'neutral-bar';
    if (role === 'ground') return isBonded ? 'bonded-bar' : 'ground-bar';
    if (role === 'neutral') return breakerDevice ? 'device-neutral' : neutral;
    return role === 'pigtail' ? neutral : (ON_BREAKER[role] ?? 'capped');
  };

/**
 * Which conductor goes to which terminal at both ends, on both sides of a device between them, and to which in every
 * splice box: each end by the segment that arrives there; colors, re-marking,
 * torque and order of landing, right for the form of the GFCI device and for the bars of the panel as they were seen. Null where no
 * conductor fits.
 */
export function wiring(
  circuit: Circuit,
  { figures }: SolvedCircuit,
  { code, panel: placed }: Pick<SolveContext, 'code' | 'panel'>,
): Wiring | null {
  // The neutral of three wires grounds the frame: there is no ground to draw, and nothing is landed anew.
  if (!isSized(figures) || isThreeWire(circuit)) return null;
  const { gfci } = figures.outlet;
  const from = circuit.feedId === null ? 'panel' : 'spa-panel';
  const to = feedsPair(circuit) ? 'spa-panel' : 'load';
  // A spa panel keeps neutrals and grounds apart (680.42, 250.142(B)); of a panel its record decides.
  const panel: LandedIn =
    from === 'spa-panel' ? { role: 'subpanel', bars: 'apart' } : landedIn(circuit, placed);
  const kinds = stationKinds(circuit.run);
  const bySegment = figures.segments.map((segment) => conductors(figures, segment));
  const [first = []] = bySegment;
  const last = bySegment.at(-1) ?? first;
  const torqueAt =
    (at: End['at'], holder: Between | 'panel' | 'load') =>
    (size: WireSize, terminal: Terminal): Pick<Landing, 'torqueLbIn' | 'isLabeled'> => {
      const label = labelFor(circuit.site, at, holder, terminal);
      return { torqueLbIn: label ?? defaultTorque(size, code), isLabeled: label !== undefined };
    };
  const breakerDevice = gfci.form === 'breaker' || gfci.form === 'dual-function';
  const atPanel = panelTerminal(panel.bars === 'bonded', breakerDevice);
  const pigtail: Conductor = { role: 'pigtail', letters: 'WH', size: '14', marked: null };
  const between = to === 'spa-panel' ? null : betweenOf(figures.outlet);
  const atLoad = to === 'spa-panel' ? ON_LINE : ON_LOAD;
  const ends: End[] = [
    { at: 'load', landings: landed(last, ({ role }) => atLoad[role] ?? 'capped', torqueAt('load', 'load')) },
  ];
  // Where it stands in the run: its line side is what arrives there, its load side what leaves.
  const station = kinds.indexOf('disconnect');
  const betweenStation = between === null || station < 0 ? null : station;
  if (between !== null) {
    const { line, load, pigtail: attached } = SIDES[between];
    const leaves = station < 0 ? last : (bySegment[station] ?? last);
    const arrives = station < 0 ? last : (bySegment[station - 1] ?? last);
    ends.push({
      at: 'load-side',
      landings: landed(
        attached ? [...leaves, pigtail] : leaves,
        ({ role }) => load[role] ?? 'capped',
        torqueAt('load-side', between),
      ),
    });
    ends.push({
      at: 'line-side',
      landings: landed(arrives, ({ role }) => line[role] ?? 'capped', torqueAt('line-side', between)),
    });
  }
  ends.push({
    at: 'panel',
    landings: landed(breakerDevice ? [...first, pigtail] : first, atPanel, torqueAt('panel', 'panel')),
  });
  const splices = splicesOf(kinds, bySegment);
  const torqueFrom = torqueFromOf(ends);
  return { ends: numbered(ends), splices, between, betweenStation, torqueFrom, panel, from, to };
}
