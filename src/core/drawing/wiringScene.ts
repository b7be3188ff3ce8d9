import type { Letters } from '../wiring/conductors';
import type { Enclosure, Entering } from '../wiring/enclosures';
import {
  deviceRows,
  FIRST_ROW,
  levelOf,
  levelsOf,
  rowY,
  SPLICE_ROW,
  targetOf,
  UNDER_DEVICE,
  type Levels,
} from './wiringLevels';

/** A point of the drawing, in its own units: 12 of them are the height of a word. */
export interface ScenePoint {
  readonly x: number;
  readonly y: number;
}

/** The side of an enclosure: line towards the panel at the left, load at the right. */
export type Side = 'left' | 'right';

/** A conductor from where it enters to its screw, corner by corner. */
export interface DrawnWire {
  readonly key: string;
  readonly entered: Entering;
  readonly side: Side;
  readonly path: readonly ScenePoint[];
  /** Where it ends: under a screw, or under a cap. */
  readonly capped: boolean;
}

/** Two conductors spliced in a box, or one that is capped there. */
export interface DrawnSplice {
  readonly key: string;
  readonly line: StrandPath | null;
  readonly load: StrandPath | null;
  /** The connector. */
  readonly at: ScenePoint;
}

interface StrandPath {
  readonly letters: Letters;
  readonly marked: Letters | null;
  readonly size: string;
  readonly path: readonly ScenePoint[];
}

/** A bar with its screws. */
export interface DrawnBar {
  readonly name: 'neutral' | 'ground';
  readonly left: number;
  readonly right: number;
  readonly y: number;
}

/** The body that bears terminals. */
export interface DrawnDevice {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** An enclosure as it is drawn. */
export interface WiringScene {
  readonly enclosure: Enclosure;
  readonly width: number;
  readonly height: number;
  readonly device: DrawnDevice | null;
  readonly bars: readonly DrawnBar[];
  readonly wires: readonly DrawnWire[];
  readonly splices: readonly DrawnSplice[];
  /** Where the raceway or cable enters, from and to. */
  readonly entries: readonly { readonly side: Side; readonly from: number; readonly to: number }[];
}

const SLOT = 16;
const EDGE = 18;
const GLYPH = 7;
const BESIDE_LETTERS = 10;
const SCREW = 12;
const BUSES = 54;
const BODY = 78;
const BLOCK = 44;
const BESIDE_BLOCK = 66;
const SPLICE = 30;

/** How long the level part of a conductor is, so that its letters stand on it. */
const lettersRoom = (all: readonly { readonly letters: string; readonly size: string }[]): number =>
  Math.max(0, ...all.map(({ letters, size }) => letters.length + 1 + size.length)) * GLYPH + BESIDE_LETTERS;

/** How far a side of an enclosure reaches from its wall to its screws. */
const reach = (entered: readonly Entering[]): number =>
  entered.length === 0
    ? EDGE
    : EDGE + entered.length * SLOT + lettersRoom(entered.map(({ landing }) => landing));

/** What enters through the wall: all but the pigtail, which is a part of its device. */
const throughWall = (entered: readonly Entering[]): readonly Entering[] =>
  entered.filter(({ landing }) => landing.role !== 'pigtail');

/** The conductors of one side: the one that climbs highest stands nearest the wall, so that none crosses another. */
function wiresOf(
  enclosure: Enclosure,
  side: Side,
  screws: { readonly device: number; readonly bar: number },
  width: number,
  levels: Levels,
): readonly DrawnWire[] {
  const entered = throughWall(side === 'left' ? enclosure.line : enclosure.load);
  return entered
    .map((each) => ({ each, y: levelOf(each, enclosure, levels) }))
    .toSorted((a, b) => a.y - b.y)
    .map(({ each, y }, at) => {
      const target = targetOf(each, enclosure);
      const inset = EDGE + at * SLOT;
      const x = side === 'left' ? inset : width - inset;
      const screwX = target === 'device' ? screws.device : screws.bar;
      const up = { x, y: levels.wall };
      return {
        key: `${each.end} ${each.landing.role}`,
        entered: each,
        side,
        capped: target === 'cap',
        path: target === 'cap' ? [up, { x, y }] : [up, { x, y }, { x: screwX, y }],
      };
    });
}

const PIGTAIL_IN = 40;

/** The white pigtail of a GFCI breaker, from the foot of the device to the neutral bar below it. */
function pigtailOf(
  enclosure: Enclosure,
  device: DrawnDevice,
  bar: DrawnBar | undefined,
): readonly DrawnWire[] {
  const entered = [...enclosure.load, ...enclosure.line].find(({ landing }) => landing.role === 'pigtail');
  if (entered === undefined || bar === undefined) return [];
  const x = device.left + PIGTAIL_IN;
  return [
    {
      key: `${entered.end} pigtail`,
      entered,
      side: 'right',
      capped: false,
      path: [
        { x, y: device.bottom },
        { x, y: bar.y },
      ],
    },
  ];
}

function entriesOf(wires: readonly DrawnWire[]): WiringScene['entries'] {
  return (['left', 'right'] as const).flatMap((side) => {
    const xs = wires.filter((each) => each.side === side && each.entered.landing.role !== 'pigtail');
    const at = xs.map(({ path }) => path[0]?.x ?? 0);
    return at.length === 0 ? [] : [{ side, from: Math.min(...at) - 10, to: Math.max(...at) + 10 }];
  });
}

/** A bar is drawn where something lands on it, or where neutral and ground must be seen apart or bonded. */
function barsOf(enclosure: Enclosure, left: number, right: number, levels: Levels): readonly DrawnBar[] {
  const targets = new Set([...enclosure.line, ...enclosure.load].map((each) => targetOf(each, enclosure)));
  const bare = enclosure.kind === 'appliance' || enclosure.kind === 'receptacle';
  if (bare) return [];
  const neutral = enclosure.bond !== null || targets.has('neutral');
  return [
    ...(neutral ? [{ name: 'neutral' as const, left, right, y: levels.neutral }] : []),
    { name: 'ground' as const, left, right, y: levels.ground },
  ];
}

/** Panel, device between, or load: a body with its terminals, and the bars below it. */
function terminalScene(enclosure: Enclosure, levels: Levels): WiringScene {
  const { kind, line, load } = enclosure;
  const isPanel = load.length > 0 && line.length === 0;
  const block = kind === 'appliance' || kind === 'receptacle';
  const [onLine, onLoad] = [throughWall(line), throughWall(load)];
  const left = isPanel ? EDGE + BUSES : reach(onLine) + (block ? 0 : SCREW);
  const right = left + (block ? BLOCK : BODY);
  const width = right + (onLoad.length === 0 ? (block ? BESIDE_BLOCK : EDGE + SCREW) : SCREW + reach(onLoad));
  const device = {
    left,
    right,
    top: FIRST_ROW - UNDER_DEVICE,
    bottom: rowY(deviceRows(enclosure) - 1) + UNDER_DEVICE,
  };
  const out = block ? -SCREW : SCREW;
  const bars = barsOf(enclosure, left - SCREW * (isPanel ? 4 : 2), right + SCREW * 2, levels);
  const wires = [
    ...wiresOf(enclosure, 'left', { device: left - out, bar: left - (block ? out : SCREW) }, width, levels),
    ...wiresOf(enclosure, 'right', { device: right + out, bar: right + SCREW }, width, levels),
  ];
  const neutralBar = bars.find(({ name }) => name === 'neutral');
  return {
    enclosure,
    width,
    height: levels.wall,
    device,
    bars,
    wires: [...wires, ...pigtailOf(enclosure, device, neutralBar)],
    splices: [],
    entries: entriesOf(wires),
  };
}

/** A splice box: every conductor to its own, one above the other, the outermost highest. */
function boxScene(enclosure: Enclosure, levels: Levels): WiringScene {
  const joints = enclosure.splice?.joints ?? [];
  const strands = joints.flatMap(({ from, to }) => [from, ...(to === null ? [] : [to])]);
  const side = EDGE + joints.length * SLOT + lettersRoom(strands);
  const width = 2 * side + SPLICE;
  const middle = width / 2;
  const splices = joints.map(({ role, from, to, only }, at): DrawnSplice => {
    const y = FIRST_ROW + at * SPLICE_ROW;
    const inset = EDGE + at * SLOT;
    const strand = (of: NonNullable<typeof to>, x: number): StrandPath => ({
      ...of,
      path: [
        { x, y: levels.wall },
        { x, y },
        { x: middle, y },
      ],
    });
    return {
      key: `${role} ${at}`,
      line: only === 'load' ? null : strand(from, inset),
      load: only === 'load' ? strand(from, width - inset) : to && strand(to, width - inset),
      at: { x: middle, y },
    };
  });
  const last = EDGE + Math.max(0, joints.length - 1) * SLOT;
  return {
    enclosure,
    width,
    height: levels.wall,
    device: null,
    bars: [],
    wires: [],
    splices,
    entries: [
      { side: 'left', from: EDGE - 10, to: last + 10 },
      { side: 'right', from: width - last - 10, to: width - EDGE + 10 },
    ],
  };
}

/** Lays out the enclosures of a circuit in one row, every conductor from its entry to its screw without crossing. */
export function wiringScenes(enclosures: readonly Enclosure[]): readonly WiringScene[] {
  const levels = levelsOf(enclosures);
  return enclosures.map((each) =>
    each.splice === null ? terminalScene(each, levels) : boxScene(each, levels),
  );
}
