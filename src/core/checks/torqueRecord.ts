import { freshCheck, type Checks, type CircuitCheck } from './checksDocument';

type Torque = CircuitCheck['torque'][number];

/** A driver is good to this share of what it is set to. */
const TORQUE_SHARE = 0.06;
const EXACT = 1e-9;

/** Whether what was applied is what the label or the table names, by the tolerance of a driver. */
export const isSetTo = (applied: number | null | undefined, wanted: number): boolean =>
  applied != null && Math.abs(applied - wanted) <= TORQUE_SHARE * wanted + EXACT;

/** What was read on a circuit; nothing yet where nothing was. */
export const checkOf = (checks: Checks, circuitId: string): CircuitCheck =>
  checks.find(({ id }) => id === circuitId) ?? freshCheck(circuitId);

/** Pound-inches that were applied last to each terminal of a circuit. */
export const appliedTorque = (checks: Checks, circuitId: string): Readonly<Record<string, number>> =>
  Object.fromEntries(
    checkOf(checks, circuitId).torque.map(({ terminal, first, second }) => [terminal, second ?? first]),
  );

/** A check with the torque of one terminal; null: it was not tightened yet. */
export function withTorque(check: CircuitCheck, terminal: string, torque: Omit<Torque, 'terminal'> | null) {
  const others = check.torque.filter((each) => each.terminal !== terminal);
  return { ...check, torque: torque === null ? others : [...others, { terminal, ...torque }] };
}

/** A terminal to be tightened next: none yet at first, then each for the second time. */
export function nextTorque(
  check: CircuitCheck,
  terminals: readonly string[],
): { readonly terminal: string; readonly time: 'first' | 'second' } | null {
  const known = new Map(check.torque.map((each) => [each.terminal, each]));
  const first = terminals.find((each) => !known.has(each));
  if (first !== undefined) return { terminal: first, time: 'first' };
  const second = terminals.find((each) => known.get(each)?.second == null);
  return second === undefined ? null : { terminal: second, time: 'second' };
}
