/** What a drawn plate shows of one mark. */
export type ShownMark = number | boolean | string | readonly unknown[] | Readonly<Record<string, unknown>>;

/** A made-up plate: its heading, its rows as a label and what stands beside it, and what a reader should find. */
export interface MadeUpPlate {
  readonly kind: string;
  readonly head: string;
  readonly rows: readonly (readonly [label: string, value: string])[];
  readonly small: readonly string[];
  readonly marks: Readonly<Record<string, ShownMark>>;
  /** Rows of a plate by voltage: each a set of marks of its own. */
  readonly byVoltage?: readonly Readonly<Record<string, number>>[];
  readonly contradicts?: boolean;
}

/** Draws numbers of a seed: from 0 to 1, one of a list, a whole number of a range. */
export interface Dice {
  readonly roll: () => number;
  readonly one: <T>(list: readonly T[]) => T;
  readonly whole: (least: number, most: number) => number;
}

/** Dice of a seed (mulberry32): the same seed, the same plates. */
export function diceOf(seed: number): Dice {
  let state = seed >>> 0;
  const roll = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
  const whole = (least: number, most: number): number => least + Math.floor(roll() * (most - least + 1));
  return { roll, whole, one: (list) => list[whole(0, list.length - 1)] as (typeof list)[number] };
}

const tenths = (value: number): number => Math.round(value * 10) / 10;
const STEPS = [15, 20, 25, 30, 35, 40, 45, 50, 60] as const;

const SMALL = [
  'SUITABLE FOR OUTDOOR USE',
  'READ THE INSTALLATION MANUAL BEFORE WIRING',
  'USE COPPER CONDUCTORS ONLY',
  'DISCONNECT POWER BEFORE SERVICING',
  'FOR HOUSEHOLD USE ONLY',
];

const serial = ({ whole }: Dice): readonly [string, string] => [
  `MODEL ${whole(10, 99)}-${String.fromCharCode(65 + whole(0, 25))}${whole(100, 999)}`,
  `SERIAL ${whole(10, 99)} ${whole(1000, 9999)} ${whole(10_000, 99_999)}`,
];

/** MCA and MOCP of a hermetic machine, with what they are made of. */
function hermetic(dice: Dice, head: string, kind: string): MadeUpPlate {
  const rla = tenths(8 + dice.roll() * 20);
  const fla = tenths(0.6 + dice.roll() * 1.8);
  const mca = tenths(1.25 * rla + fla);
  const isWrong = dice.roll() < 0.12;
  const fit = STEPS.find((step) => step >= mca * 1.3) ?? 60;
  const mocp = isWrong ? (STEPS.findLast((step) => step < mca) ?? 15) : fit;
  const lra = dice.whole(50, 120);
  const volts = dice.one([[208, 230], [230], [208, 240]]);
  const hasParts = dice.roll() < 0.7;
  const parts: [string, string][] = hasParts
    ? [
        ['COMPRESSOR RLA', `${rla.toFixed(1)} A`],
        ['COMPRESSOR LRA', `${lra} A`],
        ['FAN MOTOR FLA', `${fla.toFixed(1)} A`],
      ]
    : [];
  return {
    kind,
    head,
    rows: [
      serial(dice),
      [dice.one(['POWER SUPPLY', 'VOLTS', 'RATED VOLTAGE']), `${volts.join('/')} V`],
      ['PHASE 1', '60 HZ'],
      [dice.one(['MIN. CIRCUIT AMPACITY', 'MCA', 'MINIMUM CIRCUIT AMPACITY']), `${mca.toFixed(1)} A`],
      [dice.one(['MAX. OVERCURRENT PROTECTION', 'MOCP', 'MAX FUSE OR CKT BKR', 'MAX. FUSE']), `${mocp} A`],
      ...parts,
    ],
    small: [dice.one(SMALL), 'REFRIGERANT R-454B 4 LB 10 OZ'],
    marks: {
      volts: volts.length === 1 ? (volts[0] ?? 0) : volts,
      phase: 1,
      hz: 60,
      MCA: mca,
      MOCP: mocp,
      ...(hasParts && { RLA: rla, LRA: lra, FLA: fla }),
    },
    contradicts: mocp < mca,
  };
}

function range(dice: Dice): MadeUpPlate {
  const kw = tenths(8 + dice.roll() * 6);
  const low = tenths(kw * (208 / 240) ** 2);
  return {
    kind: 'range',
    head: 'ELECTRIC RANGE',
    rows: [
      serial(dice),
      ['120/240 V AC 60 HZ', `${kw.toFixed(1)} kW`],
      ['120/208 V AC 60 HZ', `${low.toFixed(1)} kW`],
    ],
    small: ['3-POLE 4-WIRE', dice.one(SMALL)],
    marks: { hz: 60 },
    byVoltage: [
      { volts: 240, kW: kw },
      { volts: 208, kW: low },
    ],
  };
}

function dryer(dice: Dice): MadeUpPlate {
  const kw = dice.one([4.8, 5.2, 5.4, 5.6]);
  return {
    kind: 'dryer',
    head: 'CLOTHES DRYER',
    rows: [serial(dice), ['VOLTS', '120/240'], ['WATTS', `${kw * 1000}`], ['HZ', '60']],
    small: [dice.one(SMALL)],
    marks: { volts: 240, kW: kw, hz: 60 },
  };
}

function waterHeater(dice: Dice): MadeUpPlate {
  const watts = dice.one([3500, 4500, 5500]);
  return {
    kind: 'water-heater',
    head: 'ELECTRIC WATER HEATER',
    rows: [
      serial(dice),
      ['VOLTS AC', '240'],
      ['PHASE', '1'],
      ['TOTAL WATTS', `${watts}`],
      ['CAPACITY', '50 GAL'],
    ],
    small: [dice.one(SMALL)],
    marks: { volts: 240, phase: 1, kW: watts / 1000 },
  };
}

function charger(dice: Dice): MadeUpPlate {
  const output = dice.one([16, 24, 32, 40, 48]);
  return {
    kind: 'ev',
    head: 'ELECTRIC VEHICLE SUPPLY EQUIPMENT',
    rows: [
      serial(dice),
      ['INPUT', '208/240 V 60 HZ 1 PH'],
      ['OUTPUT', `${output} A MAX`],
      ['CIRCUIT BREAKER', `${output * 1.25} A`],
    ],
    small: [dice.one(SMALL)],
    marks: { volts: [208, 240], hz: 60, phase: 1, outputAmps: output, breakerA: output * 1.25 },
  };
}

function tub(dice: Dice): MadeUpPlate {
  const amps = dice.one([24, 32, 40, 44]);
  const breaker = amps > 40 ? 60 : dice.one([50, 60]);
  return {
    kind: 'hot-tub',
    head: dice.one(['SPA', 'HOT TUB']),
    rows: [
      serial(dice),
      ['240 V 60 HZ 1 PH', '4 WIRE'],
      ['TOTAL AMPS', `${amps}`],
      ['MAX. OVERCURRENT PROTECTION', `${breaker} A`],
    ],
    small: ['CONNECT ONLY TO A CIRCUIT PROTECTED BY A CLASS A GFCI'],
    marks: { volts: 240, hz: 60, phase: 1, amps, MOCP: breaker, gfciRequired: true },
  };
}

function twoVoltMotor(dice: Dice, kind: string, head: string): MadeUpPlate {
  const [hp, low] = dice.one([
    ['3/4', 13.8],
    ['1', 16],
    ['1-1/2', 20],
    ['2', 24],
  ] as const);
  const sf = dice.one([1, 1.15, 1.25, 1.65]);
  return {
    kind,
    head,
    rows: [
      serial(dice),
      ['HP', hp],
      ['VOLTS', '115/230'],
      ['AMPS', `${low.toFixed(1)}/${(low / 2).toFixed(1)}`],
      ['PH 1', 'HZ 60'],
      ['S.F.', sf.toFixed(2)],
      ['RPM', '3450'],
    ],
    small: ['THERMALLY PROTECTED', dice.one(SMALL)],
    marks: {
      hp: { '3/4': 0.75, '1': 1, '1-1/2': 1.5, '2': 2 }[hp],
      volts: [115, 230],
      amps: [low, low / 2],
      phase: 1,
      hz: 60,
      serviceFactor: sf,
    },
  };
}

function welder(dice: Dice): MadeUpPlate {
  const max = dice.whole(28, 50);
  const duty = dice.one([20, 30, 40, 60]);
  const effective = tenths(max * Math.sqrt(duty / 100));
  return {
    kind: 'welder',
    head: 'ARC WELDING POWER SOURCE',
    rows: [
      serial(dice),
      ['U1 230 V 1 PH', '60 HZ'],
      ['I1 MAX', `${max} A`],
      ['I1 EFF', `${effective.toFixed(1)} A`],
      ['DUTY CYCLE', `${duty} %`],
    ],
    small: [dice.one(SMALL)],
    marks: { volts: 230, phase: 1, hz: 60, I1max: max, I1eff: effective, dutyPct: duty },
  };
}

function kiln(dice: Dice): MadeUpPlate {
  const amps = dice.whole(24, 48);
  const off = dice.roll() < 0.2;
  return {
    kind: 'kiln',
    head: 'ELECTRIC KILN',
    rows: [
      serial(dice),
      ['VOLTS', '240'],
      ['AMPS', `${amps}`],
      ['WATTS', `${(off ? amps + 12 : amps) * 240}`],
      ['PHASE', '1'],
    ],
    small: ['MAX. TEMP. 2340 F'],
    marks: { volts: 240, amps, kW: ((off ? amps + 12 : amps) * 240) / 1000, phase: 1 },
    contradicts: off,
  };
}

function breaker(dice: Dice): MadeUpPlate {
  const amps = dice.one([30, 40, 50, 60]);
  const torque = dice.one([36, 40, 45]);
  const range = dice.one([
    ['8', '2'],
    ['14', '4'],
    ['10', '1/0'],
  ]);
  return {
    kind: 'breaker',
    head: `2-POLE ${amps} A TYPE W`,
    rows: [
      ['120/240 V', 'INT. RATING 10 kA'],
      ['WIRE CU/AL', `${range.join(' - ')} AWG`],
      ['TORQUE', `${torque} LB-IN`],
    ],
    small: ['TERMINALS 60/75 C WIRE. HACR.'],
    marks: {
      breakerA: amps,
      volts: 240,
      interruptingKA: 10,
      wireRange: { from: range[0], to: range[1] },
      torqueLbIn: [{ from: range[0], to: range[1], value: torque }],
      terminalC: 75,
    },
  };
}

function panel(dice: Dice): MadeUpPlate {
  const bus = dice.one([100, 125, 200, 225]);
  const spaces = dice.one([20, 24, 30, 40]);
  return {
    kind: 'panel',
    head: 'LOAD CENTER',
    rows: [
      ['BUS', `${bus} A MAX`],
      ['120/240 V 1 PH', '3 WIRE'],
      ['MAIN BREAKER', `${bus === 225 ? 200 : bus} A`],
      ['SPACES', `${spaces}`],
      ['USE TYPE', 'W AND WT BREAKERS ONLY'],
    ],
    small: ['SHORT CIRCUIT RATING 22 kA'],
    marks: {
      busA: bus,
      mainA: bus === 225 ? 200 : bus,
      volts: 240,
      phase: 1,
      spaces,
      breakerTypes: ['W', 'WT'],
      interruptingKA: 22,
    },
  };
}

const KINDS: readonly ((dice: Dice) => MadeUpPlate)[] = [
  (dice) => hermetic(dice, 'HEAT PUMP OUTDOOR UNIT', 'mini-split'),
  (dice) => hermetic(dice, 'POOL HEATER HEAT PUMP', 'pool-heater'),
  range,
  dryer,
  waterHeater,
  charger,
  tub,
  (dice) => twoVoltMotor(dice, 'pool-pump', 'POOL PUMP MOTOR'),
  (dice) => twoVoltMotor(dice, 'motor', 'INDUCTION MOTOR'),
  welder,
  kiln,
  breaker,
  panel,
];

/** A made-up plate of a number: kinds in turn, figures by the dice. */
export const madeUpPlate = (at: number, dice: Dice): MadeUpPlate => (KINDS[at % KINDS.length] ?? range)(dice);
