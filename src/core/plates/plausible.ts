import type { MarkName, MarkValue } from './mark';

/** Between which figures a mark lies on what a house has. */
const BOUNDS: Readonly<Partial<Record<MarkName, readonly [least: number, most: number]>>> = {
  MCA: [1, 120],
  MOCP: [10, 200],
  amps: [0.3, 100],
  outputAmps: [6, 80],
  inputAmps: [1, 200],
  RLA: [0.5, 90],
  LRA: [3, 400],
  FLA: [0.1, 60],
  serviceFactor: [1, 1.75],
  dutyPct: [5, 100],
  I1max: [5, 200],
  I1eff: [3, 200],
  breakerA: [10, 200],
  kW: [0.2, 40],
  hp: [0.1, 50],
  busA: [60, 400],
  mainA: [60, 400],
  interruptingKA: [1, 65],
  spaces: [2, 84],
  torqueLbIn: [5, 400],
};

/** Volts that a house or a shop has, or a machine is made for. */
const VOLTS: readonly number[] = [110, 115, 120, 125, 200, 208, 220, 230, 240, 250, 277, 440, 460, 480];

const isRating: readonly MarkName[] = ['MOCP', 'breakerA', 'mainA'];

/** Whether a value is one that the mark may have: a figure within its bounds, a rating that devices have, volts that are used. */
export function isPlausible(mark: MarkName, value: MarkValue, ratings: readonly number[]): boolean {
  const figures = typeof value === 'number' ? [value] : Array.isArray(value) ? value : [];
  return figures.every((figure) => {
    if (typeof figure !== 'number') return true;
    if (mark === 'volts') return VOLTS.includes(figure);
    if (isRating.includes(mark)) return ratings.includes(figure);
    const bounds = BOUNDS[mark];
    return bounds === undefined || (figure >= bounds[0] && figure <= bounds[1]);
  });
}
