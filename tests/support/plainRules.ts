import { readFileSync } from 'node:fs';

/**
 * A second, plain reckoning of what the rules come to, from the second copy of the tables: it shares no code with the
 * core, so that a mistake would have to be made twice.
 */
type Cells = Readonly<Record<string, Readonly<Record<string, number | string | null>>>>;

const tables = JSON.parse(readFileSync('tests/fixtures/second-tables.json', 'utf8')) as Cells;

const cell = (table: string, key: string): number => {
  const value = tables[table]?.[key];
  if (typeof value !== 'number') throw new Error(`No ${key} in ${table}.`);
  return value;
};

const STANDARD: readonly number[] = Object.entries(tables['standardOcpd2017'] ?? {})
  .filter(([key]) => key.startsWith('ratings'))
  .map(([, value]) => Number(value));

const nextStandard = (amps: number): number => STANDARD.find((rating) => rating >= amps - 1e-9) ?? Infinity;

/** Horsepower of the rows of the single-phase motor table, as they are written and as numbers. */
export const HORSEPOWER: readonly (readonly [row: string, hp: number])[] = [
  ['1/2', 0.5],
  ['3/4', 0.75],
  ['1', 1],
  ['1-1/2', 1.5],
  ['2', 2],
  ['3', 3],
  ['5', 5],
  ['7-1/2', 7.5],
];

/** A motor that is marked in amperes too: what is carried, and the ceiling of its breaker (430.6(A)(1) Ex. No. 3). */
export function plainMotor(row: string, plateShare: number) {
  const flcA = cell('motorSinglePhase', `rows ${row} 230`);
  const plateA = Math.round(10 * flcA * plateShare) / 10;
  const carriedA = Math.max(flcA, plateA);
  return { plateA, minAmpacityA: 1.25 * carriedA, ceilingA: nextStandard(2.5 * Math.min(flcA, plateA)) };
}

const BURIAL_ROW: Readonly<Record<string, number>> = {
  yard: 0,
  'under-slab': 3,
  street: 4,
  driveway: 5,
  'under-building': 2,
};
const BURIAL_COLUMN: Readonly<Record<string, number>> = { 'uf-b': 0, rmc: 1, imc: 1, pvc40: 2, pvc80: 2 };

/** Least cover, inches; null for cable under a building (300.5(C)). */
export function plainCover(
  method: string,
  place: string,
  volts: number,
  ocpdA: number,
  gfci: boolean,
): number | null {
  if (method === 'uf-b' && place === 'under-building') return null;
  const row = BURIAL_ROW[place] ?? 0;
  const own = cell('burialCover', `rows ${row} coverIn ${BURIAL_COLUMN[method] ?? 0}`);
  const less = cell('burialCover', `rows ${row} coverIn 3`);
  return volts === 120 && ocpdA <= 20 && gfci ? Math.min(own, less) : own;
}

/** Whether metal furniture is bonded (680.26(B)(7)). */
export function plainFurniture(
  ft: number,
  heightFt: number,
  fixed: boolean | undefined,
  barrier: boolean,
): boolean | 'ask' {
  if (fixed === false || barrier || ft > 5 || heightFt > 12) return false;
  return fixed === true ? true : 'ask';
}

/** The heavier of two legs, amperes of design, each by itself (430.24). */
export function plainLegs(
  loads: readonly {
    readonly amps: number;
    readonly leg: string;
    readonly motor: boolean;
    readonly continuous: boolean;
  }[],
): number {
  const legs = ['A', 'B'].map((leg) => {
    let sum = 0;
    let most = -1;
    let mostIsContinuous = true;
    for (const load of loads) {
      if (load.leg !== leg && load.leg !== 'both') continue;
      sum += load.continuous ? 1.25 * load.amps : load.amps;
      if (!load.motor || load.amps < most) continue;
      mostIsContinuous = load.amps > most ? load.continuous : mostIsContinuous && load.continuous;
      most = load.amps;
    }
    return most >= 0 && !mostIsContinuous ? sum + 0.25 * most : sum;
  });
  return Math.max(...legs);
}

type Volts = Readonly<Record<string, number>>;

/** Dangers of an outlet with all of its readings, by what is written about them. */
export function plainDangers(
  outlet: '120' | '120/240' | '240',
  volts: Volts,
  meter: string,
): readonly string[] {
  const { L1N = 0, L2N = 0, L1L2 = 0, L1G = 0, L2G = 0, NG = 0 } = volts;
  const isLine = (v: number): boolean => Math.abs(v - 240) <= 36 || Math.abs(v - 208) <= 31.2;
  const isLeg = (v: number): boolean => v >= 100 && v <= 140;
  const found: string[] = [];
  const hasNeutral = outlet !== '240';
  const hasTwo = outlet !== '120';
  if ((hasNeutral && NG > 30) || (hasTwo && (isLine(L1G) || isLine(L2G)))) found.push('live-metal');
  if (outlet === '120/240' && Math.abs(L1N - L2N) > 9) {
    const isOutside = [L1N, L2N].some((v) => v < 110 || v > 127);
    if (isOutside && Math.abs(L1G - L2G) < 6) found.push('neutral-lost');
  }
  if (outlet === '240' && isLeg(L1L2)) found.push('second-hot');
  const isDead = L1G < 3 && (!hasTwo || L2G < 3) && (!hasNeutral || NG < 3);
  const isLive =
    (hasNeutral && isLeg(L1N)) || (hasTwo && isLine(L1L2)) || (outlet === '120/240' && isLeg(L2N));
  const isHalf =
    outlet === '120' && isLeg(L1N) && L1G > 30 && NG > 30 && Math.abs(L1G + NG - L1N) <= 0.15 * L1N;
  if ((isDead && isLive) || (meter !== 'low-z' && isHalf)) found.push('ground-open');
  return found;
}
