import type { Circuit } from '../circuit/circuitSchema';
import { isThreeWire } from '../circuit/existingWork';
import { isSized, type SegmentFigures, type SizedFigures, type SolvedCircuit } from '../circuit/figures';
import { stationKinds } from '../circuit/stations';
import { METHODS } from '../code/methods';
import type { Edition } from '../code/edition';
import type { WireSize } from '../units/wireSize';
import { sizeRank } from '../units/wireSize';

/** Insulation of a conductor by its letters. */
export type Letters = 'BK' | 'RD' | 'BU' | 'WH' | 'GN' | 'BARE';

/** What a conductor is for. */
export type Role = 'hot-1' | 'hot-2' | 'hot-3' | 'neutral' | 'ground' | 'spare' | 'pigtail';

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
  /** Order of landing at this end, from 1: grounds, neutrals, hots. */
  readonly order: number;
  readonly torqueLbIn: number;
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
  /** Whether torque comes from the label or is the default table's. */
  readonly torqueFrom: 'label' | 'default';
  readonly service: boolean;
  /** Where its breaker stands. */
  readonly from: 'panel' | 'spa-panel';
  /** What it ends at: the appliance, or the lugs of a spa panel with a pair of breakers. */
  readonly to: 'load' | 'spa-panel';
}

interface Conductor {
  readonly role: Role;
  readonly letters: Letters;
  readonly size: WireSize;
  readonly marked: Letters | null;
}

const HOT_LETTERS: readonly Letters[] = ['BK', 'RD', 'BU'];
const HOT_ROLES: readonly Role[] = ['hot-1', 'hot-2', 'hot-3'];

/** Letters of a cable's hots: the white of a two-wire cable is the second one and is marked. */
function cableHots(hots: number, wires: number, size: WireSize): readonly Conductor[] {
  return Array.from({ length: hots }, (_, at): Conductor => {
    const role = HOT_ROLES[at] ?? 'hot-3';
    const white = at === 1 && wires === 2;
    return { role, letters: white ? 'WH' : (HOT_LETTERS[at] ?? 'BK'), size, marked: white ? 'RD' : null };
  });
}

/** The conductors of one segment, by what they are for. */
function conductors(figures: SizedFigures, { method, cable: made }: SegmentFigures): readonly Conductor[] {
  const { size, ocpd, load, groundTaken } = figures;
  const cable = METHODS[method].kind === 'cable';
  const onePole = ocpd.poles === 1;
  const hots = onePole ? 1 : ocpd.poles;
  const neutral = onePole || load.neutral;
  const wires = made?.wires ?? hots + (neutral ? 1 : 0);
  const hotWires = cable
    ? cableHots(hots, neutral ? 3 : wires, size)
    : Array.from({ length: hots }, (_, at): Conductor => ({
        role: HOT_ROLES[at] ?? 'hot-3',
        letters: HOT_LETTERS[at] ?? 'BK',
        size,
        marked: null,
      }));
  const rest: Conductor[] = [];
  if (neutral) rest.push({ role: 'neutral', letters: 'WH', size, marked: null });
  else if (cable && wires > hots) rest.push({ role: 'spare', letters: 'WH', size, marked: null });
  const ground = cable ? (made?.egc ?? groundTaken) : groundTaken;
  const bare = cable && method !== 'mc';
  return [
    ...hotWires,
    ...rest,
    { role: 'ground', letters: bare ? 'BARE' : 'GN', size: ground, marked: null },
  ];
}

/** Two conductors of the same purpose spliced in a box; one that goes no farther is capped. */
export interface Joint {
  readonly role: Role;
  readonly from: Pick<Conductor, 'letters' | 'marked' | 'size'>;
  readonly to: Pick<Conductor, 'letters' | 'marked' | 'size'> | null;
}

/** What is spliced in a box between two segments. */
export interface Splice {
  /** Station, by position. */
  readonly station: number;
  readonly joints: readonly Joint[];
}

/** The splices of a box between two segments: each conductor to its own, a spare capped. */
function spliceAt(station: number, before: readonly Conductor[], after: readonly Conductor[]): Splice {
  const joints = before.map((from): Joint => ({
    role: from.role,
    from,
    to: after.find(({ role }) => role === from.role) ?? null,
  }));
  const only = after.filter(({ role }) => !before.some((each) => each.role === role));
  return {
    station,
    joints: [...joints, ...only.map((from): Joint => ({ role: from.role, from, to: null }))],
  };
}

/** Default torque of a slotted lug for a size, pound-inches; the label always comes first (110.14(D)). */
export function defaultTorque(size: WireSize, code: Edition): number {
  const rows: readonly { readonly size: string; readonly slotLarge: number }[] = code.tables.torque.screws;
  const rank = sizeRank(size);
  const row = rows.find(({ size: range }) => {
    const [from = '', to = from] = range.split('-').map((part) => (part === '18' ? '14' : part));
    const within = [from, to].map((each) => rankOf(each));
    return rank >= Math.min(...within) && rank <= Math.max(...within);
  });
  return row?.slotLarge ?? 50;
}

const RANKS: Readonly<Record<string, WireSize>> = {
  14: '14',
  10: '10',
  8: '8',
  6: '6',
  4: '4',
  3: '3',
  2: '2',
  1: '1',
  '1/0': '1/0',
  '2/0': '2/0',
  '3/0': '3/0',
  '4/0': '4/0',
  250: '250',
  350: '350',
  400: '400',
  500: '500',
  600: '600',
  750: '750',
};
const rankOf = (text: string): number => sizeRank(RANKS[text] ?? '14');

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
  torque: (size: WireSize) => number,
): readonly Landing[] {
  return all
    .map((conductor) => ({
      ...conductor,
      terminal: to(conductor),
      order: ORDER[conductor.role],
      torqueLbIn: torque(conductor.size),
    }))
    .toSorted((a, b) => a.order - b.order)
    .map((landing, at) => ({ ...landing, order: at + 1 }));
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

/**
 * Which conductor goes to which terminal at both ends, on both sides of a device between them, and to which in every
 * splice box: each end by the segment that arrives there; colors, re-marking,
 * torque and order of landing, right for the form of the GFCI device and for service or subpanel. Null where no
 * conductor fits.
 */
export function wiring(circuit: Circuit, { figures }: SolvedCircuit, code: Edition): Wiring | null {
  // The neutral of three wires grounds the frame: there is no ground to draw, and nothing is landed anew.
  if (!isSized(figures) || isThreeWire(circuit)) return null;
  const { gfci } = figures.outlet;
  const from = circuit.feedId === null ? 'panel' : 'spa-panel';
  const to = feedsPair(circuit) ? 'spa-panel' : 'load';
  const service = from === 'panel' && circuit.site.panel !== 'subpanel';
  const kinds = stationKinds(circuit.run);
  const bySegment = figures.segments.map((segment) => conductors(figures, segment));
  const [first = []] = bySegment;
  const last = bySegment.at(-1) ?? first;
  const torque = (size: WireSize): number => circuit.site.torqueLbIn ?? defaultTorque(size, code);
  const ground: Terminal = service ? 'bonded-bar' : 'ground-bar';
  const neutralAt: Terminal = service ? 'bonded-bar' : 'neutral-bar';
  const breakerDevice = gfci.form === 'breaker' || gfci.form === 'dual-function';
  const atPanel = (conductor: Conductor): Terminal => {
    if (conductor.role === 'ground') return ground;
    if (conductor.role === 'neutral') return breakerDevice ? 'device-neutral' : neutralAt;
    if (conductor.role === 'pigtail') return neutralAt;
    return ON_BREAKER[conductor.role] ?? 'capped';
  };
  const pigtail: Conductor = { role: 'pigtail', letters: 'WH', size: '14', marked: null };
  const between = to === 'spa-panel' ? null : betweenOf(figures.outlet);
  const atLoad = to === 'spa-panel' ? ON_LINE : ON_LOAD;
  const ends: End[] = [
    { at: 'load', landings: landed(last, ({ role }) => atLoad[role] ?? 'capped', torque) },
  ];
  if (between !== null) {
    const { line, load, pigtail: attached } = SIDES[between];
    // Where it stands in the run: its line side is what arrives there, its load side what leaves.
    const station = kinds.indexOf('disconnect');
    const leaves = station < 0 ? last : (bySegment[station] ?? last);
    const arrives = station < 0 ? last : (bySegment[station - 1] ?? last);
    ends.push({
      at: 'load-side',
      landings: landed(
        attached ? [...leaves, pigtail] : leaves,
        ({ role }) => load[role] ?? 'capped',
        torque,
      ),
    });
    ends.push({ at: 'line-side', landings: landed(arrives, ({ role }) => line[role] ?? 'capped', torque) });
  }
  ends.push({ at: 'panel', landings: landed(breakerDevice ? [...first, pigtail] : first, atPanel, torque) });
  const splices = kinds.flatMap((kind, station) => {
    const [before, after] = [bySegment[station - 1], bySegment[station]];
    return kind === 'box' && before !== undefined && after !== undefined
      ? [spliceAt(station, before, after)]
      : [];
  });
  const torqueFrom = circuit.site.torqueLbIn === undefined ? 'default' : 'label';
  return { ends, splices, between, torqueFrom, service, from, to };
}
