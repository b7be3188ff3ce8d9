import type { Candidate } from '../network/diagnose';
import { isPair, type Conductor, type Pair } from '../network/network';
import type { NextMeasurement } from '../network/nextMeasurement';
import type { OutletDiagnosis, OutletFault } from '../network/outletFault';
import { printNumber as n } from '../units/number';

/** A conductor in a sentence. */
const CONDUCTOR_NAME: Readonly<Record<Conductor, string>> = {
  L1: 'line 1',
  L2: 'line 2',
  N: 'neutral',
  G: 'ground',
};

/** A pair as a tester's leads are put: "L1 to N". */
export const PAIR_NAME: Readonly<Record<Pair, string>> = {
  L1L2: 'L1 to L2',
  L1N: 'L1 to N',
  L2N: 'L2 to N',
  L1G: 'L1 to G',
  L2G: 'L2 to G',
  NG: 'N to G',
};

/** Where something is wrong: the joint of a station, or the wire of a segment. */
const placeWords = (at: string): string =>
  at.includes('-') ? `wire ${at.replace('-', ' to ')}` : `joint at ${at}`;

const SWAPPED: Readonly<Record<Pair, string>> = {
  L1L2: 'Both hots on one leg',
  L1N: 'Line 1 and neutral reversed',
  L2N: 'Line 2 and neutral reversed',
  L1G: 'Line 1 and ground reversed',
  L2G: 'Line 2 and ground reversed',
  NG: 'Neutral and ground exchanged',
};

const upper = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** What may be wrong, in words: "Neutral, joint at B: 0.62 ohm". */
export function candidateWords({
  fault,
  conductor,
  at,
  ohms,
}: Pick<Candidate, 'fault' | 'conductor' | 'at' | 'ohms'>): string {
  if (isPair(conductor))
    return fault === 'short' ? `Neutral and ground joined at ${at}` : `${SWAPPED[conductor]} at ${at}`;
  const what = `${upper(CONDUCTOR_NAME[conductor])}, ${placeWords(at)}`;
  return fault === 'open' ? `${what}: open` : `${what}: ${n(ohms ?? 0, 2)} ohm`;
}

/** What is measured next: "Dead: ohms across the neutral joint at B". */
export function measurementWords({
  at,
  pair,
  on,
  live,
}: Pick<NextMeasurement, 'at' | 'pair' | 'on' | 'live'>): string {
  const loads = on ? 'loads on' : 'loads off';
  if (!isPair(pair))
    return `Off, locked, proved dead, hots lifted at the source: ohms across the ${CONDUCTOR_NAME[pair]} joint at ${at}, ${loads}`;
  return live
    ? `Volts ${PAIR_NAME[pair]} at ${at}, ${loads}`
    : `Off, locked, proved dead, hots lifted at the source: ohms ${PAIR_NAME[pair]} at ${at}, ${loads}`;
}

/** What is wrong at an outlet, why its voltages say so, and what is looked at next. */
export const OUTLET_FAULT: Readonly<
  Record<OutletFault, { readonly what: string; readonly why: string; readonly next: string }>
> = {
  'live-frame': {
    what: 'Ground open, a hot on the frame: metal is live',
    why: 'A hot reads nothing to ground: the ground has its voltage.',
    next: 'Off at the panel now. Off, locked, proved dead: ground to the panel bar has no path, or hot to frame is low: live frame. Both sound: hot and neutral reversed.',
  },
  reversed: {
    what: 'Hot and neutral reversed',
    why: 'The neutral is 120 V above ground, the hot is not.',
    next: 'Off at the panel now. Off, locked, proved dead: ground to the panel bar and hot to frame; both sound: look at the terminals of this outlet, then of the one before it.',
  },
  'hot-ground-swapped': {
    what: 'Hot and ground reversed: frames are live',
    why: 'The ground is 120 V above the neutral.',
    next: 'Switch it off now. Off, locked, proved dead: look at the terminals.',
  },
  'open-hot': {
    what: 'Hot open, or breaker or GFCI tripped',
    why: 'The hot reads nothing to neutral and ground.',
    next: 'Look at the breaker and the GFCI before it: a low-impedance tester from hot to ground draws 12 mA and trips a GFCI. Then volts one station nearer to the panel.',
  },
  'open-neutral': {
    what: 'Neutral open: switch it off now, loads see the wrong voltage',
    why: 'The neutral does not stay near ground.',
    next: 'Off, locked, proved dead: continuity of the neutral, one joint after the other from the panel.',
  },
  'open-ground': {
    what: 'Ground open',
    why: 'Nothing reads to ground; by a high impedance about half, which decides nothing.',
    next: 'Take it for live. Read again with a low impedance or with a load. Off, locked, proved dead: continuity of the ground from the panel.',
  },
  'neutral-joint': {
    what: 'Neutral joint poor, or much load on a long run',
    why: 'The neutral is off ground by more than the 2 V of usual drop.',
    next: 'Which load is on, and how long is the run? If its drop is less: off, locked, proved dead: the neutral joints from the panel.',
  },
  'second-hot': {
    what: 'Second hot on the neutral or the ground',
    why: 'Between the hots it reads 120 V, and one of them lies on ground.',
    next: 'Off at the panel now. Off, locked, proved dead: look at the second pole and where its conductor lands.',
  },
  'same-leg': {
    what: 'Both hots on one leg: their neutral currents add up',
    why: 'Each hot reads 120 V to neutral or ground, nothing between them.',
    next: 'Look at the spaces of the breaker: two spaces on two legs, handles tied.',
  },
  'lost-leg-1': {
    what: 'Line 1 lost',
    why: 'Line 1 reads what its loads pull it to; through a 240 V load it is fed from line 2.',
    next: 'Open all loads and read L1 to N again: nothing means lost, 120 V means both hots on one leg.',
  },
  'lost-leg-2': {
    what: 'Line 2 lost',
    why: 'Line 2 reads what its loads pull it to; through a 240 V load it is fed from line 1.',
    next: 'Open all loads and read L2 to N again: nothing means lost, 120 V means both hots on one leg.',
  },
  'hot-2-neutral-swapped': {
    what: 'Neutral and a hot reversed: 240 V on 120 V loads',
    why: 'One hot reads 240 V to neutral, the other 120 V.',
    next: 'Switch it off now. Off, locked, proved dead: look at the terminals.',
  },
  'supply-208': {
    what: 'Two phases of a 208Y/120 supply',
    why: 'Between the hots it reads 208 V, each to neutral 120 V.',
    next: 'Read the nameplates: heaters give three quarters, some chargers and heat pumps are not listed for it.',
  },
  'supply-240': {
    what: 'Wired for 240 V',
    why: 'Hot to neutral reads 240 V.',
    next: 'Switch it off now. Off, locked, proved dead: a two-pole breaker where a single-pole one belongs.',
  },
  'supply-low': {
    what: 'Supply low',
    why: 'Every reading is low by one share.',
    next: 'Read at the service: low there too, call the utility.',
  },
  'supply-high': {
    what: 'Supply high',
    why: 'Every reading is high by one share.',
    next: 'Read at the service: high there too, call the utility.',
  },
};

/** What the voltages of an outlet come to. It never says that anything is safe. */
export const VERDICT: Readonly<Record<OutletDiagnosis['verdict'], string>> = {
  'as-expected':
    'The voltages are as expected. That says nothing of the ground under load, nor of what was not measured.',
  fault: 'The voltages are explained by what is named.',
  unexplained:
    'No single fault explains these voltages: two at once, or a reading is wrong. Prove the tester, read again.',
};
