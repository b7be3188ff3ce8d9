import { nth } from '../units/nth';
import type { Meter } from './meter';
import { PAIR_OF, PAIRS, type Conductor, type Pair } from './network';

/** Outlets by what they have: a hot and a neutral, two hots and a neutral, two hots. */
export const OUTLETS = ['120', '120/240', '240'] as const;
/** A kind of outlet. */
export type Outlet = (typeof OUTLETS)[number];

/** What may be wrong at an outlet, told by its voltages alone; of those that read alike the dangerous one first. */
export const OUTLET_FAULTS = [
  'live-frame',
  'reversed',
  'hot-ground-swapped',
  'open-hot',
  'open-neutral',
  'neutral-joint',
  'open-ground',
  'same-leg',
  'second-hot',
  'lost-leg-1',
  'lost-leg-2',
  'hot-2-neutral-swapped',
  'supply-208',
  'supply-240',
  'supply-low',
  'supply-high',
] as const;
/** A fault of an outlet. */
export type OutletFault = (typeof OUTLET_FAULTS)[number];

/** Volts as a tester shows them; what was not measured is left out. */
export type OutletReadings = Readonly<Partial<Record<Pair, number | undefined>>>;

/** A fault with how well it explains what was read. */
export interface OutletCandidate {
  readonly fault: OutletFault;
  /** Of all faults that explain it, a share. */
  readonly likelihood: number;
}

/** What the voltages of an outlet say. */
export interface OutletDiagnosis {
  readonly verdict: 'as-expected' | 'fault' | 'unexplained';
  readonly candidates: readonly OutletCandidate[];
}

/** Volts of every conductor against the bonded point; the second hot is in opposite phase. */
type Potentials = Readonly<Record<Conductor, number>>;

const LEG = 120;
const SOUND: Potentials = { L1: LEG, L2: -LEG, N: 0, G: 0 };
/** Service voltage may be off by so much; near nothing a tester still shows a little. */
const SHARE = 0.05;
const NEAR_NOTHING = 2;
/** What hangs on nothing may show a little more. */
const RESIDUE = 3;
/** Steps in which what lies between two volts is tried. */
const BETWEEN = 24;
/** Against the ground a neutral has this much under load; more is a poor joint, or a long run with much on it. */
const NEUTRAL_DROP = { least: 2, most: 30 } as const;
/** Voltages of two legs that are 120 degrees apart. */
const TWO_PHASES = 208;
/** A fault explains readings that are off by so many allowances in the mean; one is as likely as its misfit is small. */
const EXPLAINS = 1;

const dead = (live: Potentials, part: Conductor, others: readonly Conductor[]) =>
  // A conductor that hangs on nothing reads nothing to the others; one that a load pulls takes the place of another.
  [null, ...others.map((each) => live[each])].map((at) => ({
    live: { ...live, [part]: at ?? 0 },
    floats: at === null ? part : null,
  }));

interface Case {
  readonly live: Potentials;
  /** A conductor that reads nothing to any other. */
  readonly floats: Conductor | null;
}

/** One conductor anywhere between two volts, both of them left out. */
const between = (part: Conductor, from: number, to: number): readonly Case[] =>
  Array.from({ length: BETWEEN - 1 }, (_, at) => ({
    live: { ...SOUND, [part]: from + ((to - from) * (at + 1)) / BETWEEN },
    floats: null,
  }));

const plain = (live: Partial<Potentials>): readonly Case[] => [{ live: { ...SOUND, ...live }, floats: null }];

/** How an outlet with a fault may look, with and without loads. */
function casesOf(fault: OutletFault, outlet: Outlet, meter: Meter | undefined): readonly Case[] {
  switch (fault) {
    case 'live-frame':
      return [...plain({ G: LEG }), ...(outlet === '120' ? [] : plain({ G: -LEG }))];
    case 'second-hot':
      return outlet === '240' ? [...plain({ L2: 0 }), ...plain({ L1: 0 })] : [];
    case 'neutral-joint':
      return outlet === '240'
        ? []
        : [1, -1].flatMap((side) => between('N', side * NEUTRAL_DROP.least, side * NEUTRAL_DROP.most));
    case 'reversed':
      return outlet === '240' ? [] : plain({ L1: 0, N: LEG });
    case 'hot-ground-swapped':
      return plain({ L1: 0, G: LEG });
    case 'open-hot':
      return outlet === '120' ? dead(SOUND, 'L1', ['N']) : [];
    case 'open-neutral':
      return outlet === '240' ? [] : dead(SOUND, 'N', outlet === '120' ? ['L1'] : ['L1', 'L2']);
    case 'open-ground':
      // By a high impedance it takes what lies beside it: of one hot and a neutral about half.
      return [
        ...dead(SOUND, 'G', []),
        ...(meter === 'low-z' || outlet !== '120' ? [] : between('G', 0, LEG)),
      ];
    case 'same-leg':
      return outlet === '120' ? [] : plain({ L2: LEG });
    case 'lost-leg-1':
      return outlet === '120'
        ? []
        : outlet === '240'
          ? dead(SOUND, 'L1', ['L2'])
          : // Fed through the 240 V load it lies anywhere between the other leg and the neutral.
            [...dead(SOUND, 'L1', ['L2', 'N']), ...between('L1', -LEG, 0)];
    case 'lost-leg-2':
      return outlet === '120'
        ? []
        : outlet === '240'
          ? dead(SOUND, 'L2', ['L1'])
          : [...dead(SOUND, 'L2', ['L1', 'N']), ...between('L2', LEG, 0)];
    case 'hot-2-neutral-swapped':
      return outlet === '120/240' ? plain({ L2: 0, N: -LEG }) : [];
    case 'supply-240':
      return outlet === '120' ? plain({ N: -LEG }) : [];
    case 'supply-208':
      return [];
    case 'supply-low':
      return plain({ L1: 0.88 * LEG, L2: -0.88 * LEG });
    case 'supply-high':
      return plain({ L1: 1.12 * LEG, L2: -1.12 * LEG });
  }
}

/** Readings between conductors that the outlet has. */
const given = (readings: OutletReadings): readonly (readonly [Pair, number])[] =>
  PAIRS.flatMap((pair) => {
    const volts = readings[pair];
    return volts === undefined ? [] : [[pair, volts] as const];
  });

const expected = ({ live, floats }: Case, pair: Pair): number => {
  const [a, b] = PAIR_OF[pair];
  return a === floats || b === floats ? 0 : Math.abs(live[a] - live[b]);
};

const misfit = (
  of: (pair: Pair) => number,
  readings: OutletReadings,
  floats: Conductor | null = null,
): number => {
  const all = given(readings);
  const squares = all.map(([pair, volts]) => {
    const volt = of(pair);
    const isOpen = floats !== null && PAIR_OF[pair].includes(floats);
    return ((volts - volt) / (SHARE * volt + (isOpen ? RESIDUE : NEAR_NOTHING))) ** 2;
  });
  return Math.sqrt(squares.reduce((sum, each) => sum + each, 0) / Math.max(1, squares.length));
};

/** How far the best look of a fault is from what was read. */
function misfitOf(
  fault: OutletFault,
  outlet: Outlet,
  readings: OutletReadings,
  meter: Meter | undefined,
): number {
  if (fault === 'supply-208')
    return outlet === '120'
      ? Infinity
      : misfit(
          (pair) => (pair === 'L1L2' ? TWO_PHASES : expected({ live: SOUND, floats: null }, pair)),
          readings,
        ) * 2;
  return casesOf(fault, outlet, meter).reduce(
    (least, each) =>
      Math.min(
        least,
        misfit((pair) => expected(each, pair), readings, each.floats),
      ),
    Infinity,
  );
}

/** Both voltages to the neutral off, their sum whole: the neutral is open and the loads share what is between the legs. */
function sharedNeutral({ L1N, L2N, L1L2 }: OutletReadings): boolean {
  if (L1N === undefined || L2N === undefined) return false;
  const between = L1L2 ?? 2 * LEG;
  const whole = Math.abs(L1N + L2N - between) < SHARE * between;
  return whole && Math.abs(L1N - L2N) > 2 * SHARE * LEG;
}

/**
 * What the voltages of an outlet, measured without knowing the circuit behind it, say. It tells what explains them, never
 * that anything is safe.
 *
 * @param meter - The tester by its impedance; left out where it is not known.
 */
export function outletFault(
  outlet: Outlet,
  readings: OutletReadings,
  meter: Meter | undefined,
): OutletDiagnosis {
  const within = given(readings).every(([pair, volts]) => {
    const volt = expected({ live: SOUND, floats: null }, pair);
    return Math.abs(volts - volt) <= SHARE * volt + (volt === 0 ? NEAR_NOTHING : 0);
  });
  if (within) return { verdict: 'as-expected', candidates: [] };
  const fits = OUTLET_FAULTS.map((fault) => {
    const shared = fault === 'open-neutral' && outlet === '120/240' && sharedNeutral(readings);
    return { fault, misfit: shared ? 0 : misfitOf(fault, outlet, readings, meter) };
  }).filter((each) => each.misfit <= EXPLAINS);
  const weights = fits.map((each) => Math.exp(-(each.misfit ** 2) / 2));
  const all = weights.reduce((sum, each) => sum + each, 0);
  const candidates = fits
    .map(({ fault }, at): OutletCandidate => ({ fault, likelihood: nth(weights, at) / all }))
    .toSorted((a, b) => b.likelihood - a.likelihood);
  return { verdict: candidates.length === 0 ? 'unexplained' : 'fault', candidates };
}
