import type { Measurement } from './measurement';

/** One step: what is thought of, a guess, then what is read or said. */
export interface LessonStep {
  readonly say: string;
  readonly ask: string;
  readonly guesses: readonly [string, string, string];
  /** The guess that holds, by its place. */
  readonly right: 0 | 1 | 2;
  /** What is measured then; null: it is said. */
  readonly measure: Measurement | null;
  readonly then: string;
}

/** A short guided bench. */
export interface Lesson {
  readonly id: string;
  readonly name: string;
  /** The bench that is measured at. */
  readonly bench: string;
  readonly steps: readonly LessonStep[];
  /** Where it goes on. */
  readonly goOn: { readonly words: string; readonly path: string };
}

const volts = (station: number, of: Measurement['of'], on: boolean): Measurement => ({
  tool: 'volts',
  station,
  of,
  on,
});

/** Short guided benches: what a rule is for, seen at the tester. */
export const LESSONS: readonly Lesson[] = [
  {
    id: 'five-milliamperes',
    name: 'Why it trips at five milliamperes',
    bench: 'trips-with-pump',
    steps: [
      {
        say: 'A GFCI adds up what goes out on the hots and comes back on its neutral. Above 4 to 6 mA of difference it opens: less than that lets a hand go.',
        ask: 'The tub’s heater of 240 V runs alone. What comes back on the neutral?',
        guesses: ['Nothing: it uses both hots', 'All of its current', 'Half of it'],
        right: 0,
        measure: null,
        then: 'A 240 V load uses no neutral. Out on one hot, back on the other: no difference.',
      },
      {
        say: 'The pump is a 120 V load. Its neutral lies on the neutral bar, not on the load neutral of the device.',
        ask: 'How much does the device miss as the pump comes on?',
        guesses: ['About 5 mA', 'About 100 mA', 'All of the pump’s 9 A'],
        right: 2,
        measure: { tool: 'load', station: 1, of: null, on: true },
        then: 'Its current goes out through the device and comes back around it: a thousand times what trips it.',
      },
    ],
    goOn: { words: 'Find it on the bench: Trips with the pump', path: '/bench/faults/trips-with-pump' },
  },
  {
    id: 'two-legs',
    name: 'Two legs',
    bench: 'one-leg-twice',
    steps: [
      {
        say: 'A house has two hots of 120 V to the neutral, in opposite phase. Between them are 240 V.',
        ask: 'Both poles of a breaker stand on one leg. What is between its hots?',
        guesses: ['240 V', '120 V', 'Nothing'],
        right: 2,
        measure: volts(0, 'L1L2', false),
        then: 'The same leg twice: each is 120 V to the ground, nothing lies between them.',
      },
      {
        say: 'To the ground each of them looks sound.',
        ask: 'What does the second hot read to the ground?',
        guesses: ['120 V', '0 V', '240 V'],
        right: 0,
        measure: volts(2, 'L2G', false),
        then: 'That is why hot to hot is read, not each to the ground alone.',
      },
    ],
    goOn: { words: 'Find it on the bench: Charger will not start', path: '/bench/faults/one-leg-twice' },
  },
  {
    id: 'open-neutral',
    name: 'An open neutral',
    bench: 'shared-open',
    steps: [
      {
        say: 'Two circuits share a neutral: a heater of 12 A on one leg, a lamp of 3 A on the other. The neutral opens at the box.',
        ask: 'Both are now in series across 240 V. Which of them gets more than 120 V?',
        guesses: ['The heater', 'The lamp', 'Neither'],
        right: 1,
        measure: volts(2, 'L2N', true),
        then: 'The load of more ohms takes most of the volts. It burns out, and what hung beside it.',
      },
      {
        say: 'With the loads off a low-impedance tester reads nothing past the opening; one of high impedance still shows volts. Through the first load that is on, the wire beyond the opening turns live.',
        ask: 'What does the heater get?',
        guesses: ['About 50 V', '120 V', '240 V'],
        right: 0,
        measure: volts(2, 'L1N', true),
        then: 'Together they are 240 V again. Read under load.',
      },
    ],
    goOn: { words: 'Find it on the bench: One lamp bright, one dim', path: '/bench/faults/shared-open' },
  },
  {
    id: 'bonding',
    name: 'What bonding is for',
    bench: 'tub-ground',
    steps: [
      {
        say: 'Bonding joins all metal and the water, so that a body between two of them bridges next to nothing. It need not carry a fault, and a rod in the soil does not do its work.',
        ask: 'The ground of the tub is open before the enclosure, and its metal lies on nothing. What does a hot read to that metal?',
        guesses: ['240 V', '120 V, as to any ground', 'Something: a ghost, no ground'],
        right: 2,
        measure: { tool: 'low', station: 2, of: 'L1G', on: false },
        then: 'A low-impedance tester shows it: nothing returns that way. A fault would leave the metal live, and no breaker would open.',
      },
      {
        say: 'A pump leaks, and its ground is open. Its metal has a voltage that comes from the circuit itself.',
        ask: 'Somebody touches the pump and the earth. Does its GFCI trip?',
        guesses: [
          'Yes: the leak does not return by the neutral',
          'No: no GFCI sees it',
          'Only with the ring in the deck',
        ],
        right: 0,
        measure: null,
        then: 'What leaks leaves by the hot and comes back another way: above 4 to 6 mA the GFCI trips. Mend ground and pump all the same.',
      },
      {
        say: 'Around a pool the soil itself leaks. Between a hand on a rail and a foot in the water lies a part of it.',
        ask: 'A pool with its pump, metal and water bonded, the deck not. What may a bather bridge?',
        guesses: ['Nothing at all', 'Twenty volts or so', 'Only what the GFCI lets through'],
        right: 1,
        measure: null,
        then: 'About 21 V, and less than half a volt with the ring in the deck. That current comes by the soil, not by the circuit: no GFCI sees it. Finish the bonding.',
      },
    ],
    goOn: { words: 'Find it on the bench: Water tingles', path: '/bench/faults/tub-ground' },
  },
  {
    id: 'sixty-degrees',
    name: 'Why the 60 °C column',
    bench: 'hot-lug',
    steps: [
      {
        say: 'Insulation of 90 °C on the wire says what the wire stands. The screw it ends at stands less, and so does what is behind it.',
        ask: '6 AWG copper, ends not marked, 60 A breaker. How much may it carry?',
        guesses: ['55 A', '65 A', '75 A'],
        right: 0,
        measure: null,
        then: 'The 60 °C column, up to 100 A, unless both ends are marked for more. NM-B stays there whatever the ends say.',
      },
      {
        say: 'A lug that is too hot loosens, and a loose one is hotter still.',
        ask: 'One lug has 0.05 ohm and 48 A pass through it. How hot does it get over the ambient?',
        guesses: ['About 5 K', 'About 30 K', 'Over 100 K'],
        right: 2,
        measure: { tool: 'heat', station: 1, of: 'L1', on: true },
        then: 'More than a hundred watts in a screw. Torque by the label, and again after the wire was moved.',
      },
    ],
    goOn: { words: 'Drill it: Conductor by its column', path: '/bench/drills/column' },
  },
];
