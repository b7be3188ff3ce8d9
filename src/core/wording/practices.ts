import type { Practices } from '../circuit/practices';

/** One shop practice: both schools, why each is kept, and what Pasture starts with. */
export interface PracticeWords<K extends keyof Practices = keyof Practices> {
  readonly key: K;
  readonly name: string;
  readonly schools: readonly { readonly value: Practices[K]; readonly name: string; readonly why: string }[];
  /** What it changes besides the figures of circuits. */
  readonly besides?: string;
}

const practice = <K extends keyof Practices>(words: PracticeWords<K>): PracticeWords<K> => words;

/** The shop practices with their schools. The law is never one of the options. */
export const PRACTICES: readonly PracticeWords[] = [
  practice({
    key: 'raceway',
    name: 'Size of a raceway',
    schools: [
      {
        value: 'comfort',
        name: 'A size up where the pull is hard',
        why: 'Stiff wire, bends past 180°, over 35 % full or long: the larger pipe saves the hour.',
      },
      { value: 'legal', name: 'Legal minimum', why: 'Cheaper, and good for short straight pulls.' },
    ],
  }),
  practice({
    key: 'supports',
    name: 'Straps and staples',
    schools: [
      { value: 'half', name: 'Half the largest spacing, equal', why: 'A straight line sells the next job.' },
      { value: 'code', name: 'The largest spacing', why: 'Fewer straps; the rule asks no more.' },
    ],
  }),
  practice({
    key: 'matchBreaker',
    name: 'Mini split and heat pump',
    schools: [
      {
        value: false,
        name: 'Wire to MCA, breaker to MOCP',
        why: 'The label was computed for it; 125 % is in it already.',
      },
      {
        value: true,
        name: 'Wire to match the breaker',
        why: 'Nobody after you takes a small wire on a large breaker for a mistake.',
      },
    ],
  }),
  practice({
    key: 'welderGeneralUse',
    name: 'Welder outlet',
    schools: [
      {
        value: true,
        name: 'Full-size conductors',
        why: 'Whatever is plugged in later stays within the breaker.',
      },
      {
        value: false,
        name: 'By its duty, for the welder only',
        why: 'Legal and lighter; labeled, and never used for anything else.',
      },
    ],
  }),
  practice({
    key: 'tubDevice',
    name: 'GFCI device of a tub',
    schools: [
      {
        value: 'near',
        name: 'In an enclosure near the tub',
        why: 'One device less: it is the disconnect too, and its reset is in reach.',
      },
      { value: 'panel', name: 'In the panel', why: 'Indoors and dry; it works with a three-wire feed.' },
    ],
  }),
  practice({
    key: 'groundFaultForm',
    name: 'GFCI breaker or receptacle',
    schools: [
      { value: 'device', name: 'A receptacle where one serves', why: 'Cheaper, and reset within reach.' },
      {
        value: 'breaker',
        name: 'Always a breaker',
        why: 'The whole run is protected, and nothing ages outdoors.',
      },
    ],
  }),
  practice({
    key: 'aluminum',
    name: 'Aluminum conductors',
    schools: [
      {
        value: 'feeders',
        name: 'Offered for feeders only',
        why: 'Lugs of most appliances and receptacles take copper alone.',
      },
      {
        value: 'all',
        name: 'Offered for every circuit',
        why: 'Cheaper on long runs, where both ends are marked for it.',
      },
    ],
    besides: 'It decides what Compare options offers, and changes no circuit by itself.',
  }),
  practice({
    key: 'spaContinuous',
    name: 'Load of a tub',
    schools: [
      { value: true, name: 'Continuous, 125 %', why: 'It heats for more than three hours.' },
      { value: false, name: 'Not continuous', why: 'Its thermostat cycles.' },
    ],
  }),
  practice({
    key: 'tanklessContinuous',
    name: 'Load of a tankless heater',
    schools: [
      {
        value: true,
        name: 'Continuous until its manufacturer says otherwise',
        why: 'The larger conductor where unsure.',
      },
      { value: false, name: 'Not continuous', why: 'Nobody showers for three hours.' },
    ],
  }),
  practice({
    key: 'pumpFullSize',
    name: 'Well pump',
    schools: [
      { value: true, name: '12 AWG at least', why: 'The circuit may serve something else one day.' },
      { value: false, name: 'What the motor table asks', why: 'A motor may have 14 AWG on 20 or 25 A.' },
    ],
  }),
];
