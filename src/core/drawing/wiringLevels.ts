import type { Enclosure, Entering } from '../wiring/enclosures';
import type { Landing } from '../wiring/terminations';

/** The middle of the first row of terminals. */
export const FIRST_ROW = 96;
/** From row to row of terminals, of one pole each. */
export const ROW = 44;
/** How far a device reaches above its first row and below its last. */
export const UNDER_DEVICE = 26;
/** From splice to splice in a box. */
export const SPLICE_ROW = 34;
const TO_NEUTRAL = 60;
const TO_GROUND = 92;
const TO_CAP = 44;
const TO_WALL = 84;

/** The heights that all enclosures of a circuit have in common, so that they stand in one row. */
export interface Levels {
  readonly rows: number;
  readonly neutral: number;
  readonly ground: number;
  readonly cap: number;
  readonly wall: number;
}

/** The middle of a row of terminals. */
export const rowY = (row: number): number => FIRST_ROW + row * ROW;

/** The levels of some enclosures, by the one that needs the most rows. */
export function levelsOf(enclosures: readonly Enclosure[]): Levels {
  const rows = Math.max(
    ...enclosures.map(deviceRows),
    ...enclosures.map(({ splice }) => Math.ceil(((splice?.joints.length ?? 0) * SPLICE_ROW - ROW) / ROW)),
  );
  const neutral = rowY(rows - 1) + UNDER_DEVICE + TO_NEUTRAL;
  const ground = neutral + TO_GROUND;
  const cap = ground + TO_CAP;
  return { rows, neutral, ground, cap, wall: ground + TO_WALL };
}

const HOT_ROW: Readonly<Partial<Record<Landing['role'], number>>> = { 'hot-1': 0, 'hot-2': 1, 'hot-3': 2 };

/** Terminals that stand on a device in a row of their own below its hots. */
const ON_DEVICE: ReadonlySet<Landing['terminal']> = new Set([
  'device-neutral',
  'line-neutral',
  'load-neutral',
]);

/** Where in an enclosure a conductor goes. */
type Target = 'device' | 'neutral' | 'ground' | 'cap';

/** Where in its enclosure a conductor goes: to the device, to a bar, or under a cap. */
export function targetOf({ landing }: Entering, { kind }: Enclosure): Target {
  const { role, terminal } = landing;
  if (terminal === 'capped') return 'cap';
  if (HOT_ROW[role] !== undefined) return 'device';
  if (role === 'ground') return 'ground';
  return ON_DEVICE.has(terminal) && kind !== 'subpanel' ? 'device' : 'neutral';
}

/** Rows of terminals on the device of an enclosure: its poles, and its neutral below them. */
export function deviceRows(enclosure: Enclosure): number {
  const neutral = [...enclosure.line, ...enclosure.load].some(
    (each) => each.landing.role === 'neutral' && targetOf(each, enclosure) === 'device',
  );
  return enclosure.device.poles + (neutral ? 1 : 0);
}

/** The height at which a conductor ends. */
export function levelOf(entered: Entering, enclosure: Enclosure, levels: Levels): number {
  switch (targetOf(entered, enclosure)) {
    case 'cap':
      return levels.cap;
    case 'ground':
      return levels.ground;
    case 'neutral':
      return levels.neutral;
    case 'device':
      return rowY(HOT_ROW[entered.landing.role] ?? enclosure.device.poles);
  }
}
