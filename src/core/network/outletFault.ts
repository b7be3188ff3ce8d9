import { PAIR_OF, PAIRS, type Conductor, type Pair } from './network';

/** Outlets by what they have: a hot and a neutral, two hots and a neutral, two hots. */
export const OUTLETS = ['120', '120/240', '240'] as const;
/** A kind of outlet. */
export type Outlet = (typeof OUTLETS)[number];

/** What may be wrong at an outlet, told by its voltages alone. */
export const OUTLET_FAULTS = [
  'reversed',
  'hot-ground-swapped',
  'open-hot',
  'open-neutral',
  'open-ground',
  'same-leg',
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

const plain = (live: Partial<Potentials>): readonly Case[] => [{ live: { ...SOUND, ...live }, floats: null }];

/** How an outlet with a fault may look, with and without loads. */
function casesOf(fault: OutletFault, outlet: Outlet): readonly Case[] {
  switch (fault) {
    case 'reversed':
      return outlet === '240' ? [] : plain({ L1: 0, N: LEG });
    case 'hot-ground-swapped':
      return plain({ L1: 0, G: LEG });
    case 'open-hot':
      return outlet === '120' ? dead(SOUND, 'L1', ['N']) : [];
    case 'open-neutral':
      return outlet === '240' ? [] : dead(SOUND, 'N', outlet === '120' ? ['L1'] : ['L1', 'L2']);
    case 'open-ground':
      return dead(SOUND, 'G', []);
    case 'same-leg':
      return outlet === '120' ? [] : plain({ L2: LEG });
    case 'lost-leg-1':
      return outlet === '120' ? [] : dead(SOUND, 'L1', outlet === '240' ? ['L2'] : ['L2', 'N']);
    case 'lost-leg-2':
      return outlet === '120' ? [] : dead(SOUND, 'L2', outlet === '240' ? ['L1'] : ['L1', 'N']);
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

const misfit = (of: (pair: Pair) => number, readings: OutletReadings): number => {
  const all = given(readings);
  const squares = all.map(([pair, volts]) => {
    const volt = of(pair);
    return ((volts - volt) / (SHARE * volt + NEAR_NOTHING)) ** 2;
  });
  return Math.sqrt(squares.reduce((sum, each) => sum + each, 0) / Math.max(1, squares.length));
};

/** How far the best look of a fault is from what was read. */
function misfitOf(fault: OutletFault, outlet: Outlet, readings: OutletReadings): number {
  if (fault === 'supply-208')
    return outlet === '120'
      ? Infinity
      : misfit(
          (pair) => (pair === 'L1L2' ? TWO_PHASES : expected({ live: SOUND, floats: null }, pair)),
          readings,
        ) * 2;
  return casesOf(fault, outlet).reduce(
    (least, each) =>
      Math.min(
        least,
        misfit((pair) => expected(each, pair), readings),
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
 */
export function outletFault(outlet: Outlet, readings: OutletReadings): OutletDiagnosis {
  const within = given(readings).every(([pair, volts]) => {
    const volt = expected({ live: SOUND, floats: null }, pair);
    return Math.abs(volts - volt) <= SHARE * volt + (volt === 0 ? NEAR_NOTHING : 0);
  });
  if (within) return { verdict: 'as-expected', candidates: [] };
  const fits = OUTLET_FAULTS.map((fault) => {
    const shared = fault === 'open-neutral' && outlet === '120/240' && sharedNeutral(readings);
    return { fault, misfit: shared ? 0 : misfitOf(fault, outlet, readings) };
  }).filter((each) => each.misfit <= EXPLAINS);
  const weights = fits.map((each) => Math.exp(-(each.misfit ** 2) / 2));
  const all = weights.reduce((sum, each) => sum + each, 0);
  const candidates = fits
    .map(({ fault }, at): OutletCandidate => ({ fault, likelihood: (weights[at] ?? 0) / all }))
    .toSorted((a, b) => b.likelihood - a.likelihood);
  return { verdict: candidates.length === 0 ? 'unexplained' : 'fault', candidates };
}
