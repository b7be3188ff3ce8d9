import { present } from '../../units/present';
import { cite, type Edition } from '../../code/edition';
import type { WireSize } from '../../units/wireSize';
import { cellOf, numberAnswer as n, wrongRules, type Drill, type Figure } from '../drill';
import type { Lots } from '../lots';
import { applianceDevice, ampacityIn, standardAfter, standardBelow } from '../sizing';

const amps = (value: number | undefined): string | undefined => (value === undefined ? undefined : n(value));
const CONTINUOUS = 1.25;

interface Heater {
  readonly kilowatts: number;
  readonly volts: 208 | 240;
  /** Whether 125 % is taken: it runs three hours, or its article counts it as continuous whatever the plate shows. */
  readonly continuous: boolean;
}

/** The volts that are taken for those on the plate. */
const nearVolts = ({ volts }: Heater): 208 | 240 => (volts === 240 ? 208 : 240);
const heaterAmps = ({ kilowatts }: Heater, volts: number): number => (1000 * kilowatts) / volts;

function amperesFigure(heater: Heater, code: Edition): Figure {
  const { kilowatts, volts } = heater;
  const current = heaterAmps(heater, volts);
  const other = nearVolts(heater);
  return {
    id: 'amperes',
    name: 'Amperes',
    hint: 'what it draws',
    is: { kind: 'number', unit: 'A' },
    answer: n(current),
    working: `${kilowatts} kW ÷ ${volts} V`,
    cite: cite(code, 'load.nameplate'),
    read: null,
    picks: null,
    wrong: wrongRules(n(current), [
      [
        'near-volts',
        `${other} V taken for ${volts} V`,
        `${kilowatts} kW ÷ ${other} V`,
        n(heaterAmps(heater, other)),
      ],
      [
        'three-phase',
        'divided by 1.73 too',
        `${kilowatts} kW ÷ ${volts} V ÷ 1.73`,
        n(current / Math.sqrt(3)),
      ],
      ['one-leg', 'at 120 V', `${kilowatts} kW ÷ 120 V`, n(heaterAmps(heater, 120))],
    ]),
    safe: null,
  };
}

function heaterBreaker(heater: Heater, code: Edition): Figure {
  const { volts, continuous } = heater;
  const current = heaterAmps(heater, volts);
  const factor = continuous ? CONTINUOUS : 1;
  const required = factor * current;
  const breaker = present(applianceDevice(code, required), '240.6(A)');
  const other = nearVolts(heater);
  const otherA = heaterAmps(heater, other);
  const forgotten = continuous ? current : CONTINUOUS * current;
  const standard = (value: number): string | undefined => amps(applianceDevice(code, value));
  return {
    id: 'breaker',
    name: 'Breaker',
    hint: 'smallest that may be used',
    is: { kind: 'number', unit: 'A' },
    answer: n(breaker),
    working: `${continuous ? `${n(current)} × 1.25 = ${n(required)} A` : `${n(current)} A`}, next size up`,
    cite: cite(code, 'breaker.continuous'),
    read: cellOf('standardOcpd', String(breaker), 'rating'),
    picks: 'cell',
    wrong: wrongRules(n(breaker), [
      [
        'wrong-125',
        continuous ? 'without the 125 %' : '125 % of a load that is not continuous',
        `${n(forgotten)} A`,
        standard(forgotten),
      ],
      ['round-down', 'rounded down', `${n(required)} A`, amps(standardBelow(code, required))],
      ['a-size-more', 'a size more, to be sure', 'the one after it', amps(standardAfter(code, breaker))],
      ['near-volts', `${other} V taken for ${volts} V`, `${n(otherA)} A`, standard(factor * otherA)],
    ]),
    safe: null,
  };
}

/** Storage water heaters of 120 gal or less (422.13) and duct heaters (424.4(B)) take 125 % whatever duty the plate shows. */
const ALWAYS_CONTINUOUS: ReadonlySet<string> = new Set(['Water heater', 'Duct heater']);

/** Breaker for a nameplate: amperes, what is required, the next size up (210.20(A), 240.6(A)). */
export function plateDrill(lots: Lots, code: Edition): Drill {
  const volts = lots.of([240, 240, 208] as const);
  const kilowatts = lots.whole(30, 120) / 10;
  const runsLong = lots.yes(70);
  const plate = lots.of(['Studio kiln', 'Water heater', 'Sauna heater', 'Duct heater'] as const);
  const heater: Heater = { kilowatts, volts, continuous: runsLong || ALWAYS_CONTINUOUS.has(plate) };
  return {
    plate: plate === 'Water heater' ? 'Water heater, 50 gal' : plate,
    lines: [
      ['KW', String(kilowatts)],
      ['V', String(volts)],
      ['PH', '1'],
      ['DUTY', runsLong ? 'cont' : '1 h'],
    ],
    figures: [amperesFigure(heater, code), heaterBreaker(heater, code)],
    tables: [cellOf('standardOcpd'), cellOf('ampacity')],
  };
}

const CHARGER_A = [16, 24, 32, 40, 48, 64, 80] as const;

/** A charger on and off: the most that a circuit allows, and the circuit for a setting (625.42). */
export function chargerDrill(lots: Lots, code: Edition): Drill {
  const breaker = lots.of([20, 25, 30, 40, 50, 60, 70, 80, 100]);
  const most = breaker / CONTINUOUS;
  const setting = lots.of(CHARGER_A);
  const needs = present(applianceDevice(code, CONTINUOUS * setting), '240.6(A)');
  const onList = CHARGER_A.findLast((each) => each <= most) ?? 0;
  const figures: readonly Figure[] = [
    {
      id: 'setting',
      name: 'Most it may draw',
      hint: `on a ${breaker} A breaker`,
      is: { kind: 'number', unit: 'A' },
      answer: n(most),
      working: `${breaker} ÷ 1.25`,
      cite: cite(code, 'load.ev-setting'),
      read: null,
      picks: null,
      wrong: wrongRules(n(most), [
        ['whole-breaker', 'the whole breaker', `${breaker} A`, n(breaker)],
        ['less-25', '25 % less', `${breaker} × 0.75`, n(0.75 * breaker)],
        ['up-125', 'times 1.25', `${breaker} × 1.25`, n(CONTINUOUS * breaker)],
        ['as-sold', 'the next charger that is sold', `${onList} A`, onList === 0 ? undefined : n(onList)],
      ]),
      safe: 'down',
    },
    {
      id: 'breaker',
      name: 'Breaker',
      hint: `for a charger set to ${setting} A`,
      is: { kind: 'number', unit: 'A' },
      answer: n(needs),
      working: `${setting} × 1.25 = ${n(CONTINUOUS * setting)} A, next size up`,
      cite: cite(code, 'breaker.continuous'),
      read: cellOf('standardOcpd', String(needs), 'rating'),
      picks: 'cell',
      wrong: wrongRules(n(needs), [
        ['no-125', 'without the 125 %', `${setting} A`, amps(applianceDevice(code, setting))],
        [
          'round-down',
          'rounded down',
          `${n(CONTINUOUS * setting)} A`,
          amps(standardBelow(code, CONTINUOUS * setting)),
        ],
        ['a-size-more', 'a size more, to be sure', 'the one after it', amps(standardAfter(code, needs))],
      ]),
      safe: null,
    },
  ];
  return {
    plate: 'EV charger',
    lines: [
      ['BREAKER THERE', `${breaker} A`],
      ['V', '240'],
      ['SETTING WANTED', `${setting} A`],
      ['DUTY', 'cont'],
    ],
    figures,
    tables: [cellOf('standardOcpd'), cellOf('ampacity')],
  };
}

/** Small wires: their largest device, whatever their ampacity (240.4(D)). */
export function smallWireDrill(lots: Lots, code: Edition): Drill {
  const metal = lots.of(['cu', 'cu', 'al'] as const);
  const size: WireSize = metal === 'cu' ? lots.of(['14', '12', '10']) : lots.of(['12', '10']);
  const limits = code.tables.smallConductor;
  const most = present(limits[metal][size], '240.4(D)', size);
  const other = metal === 'cu' ? limits.al[size] : limits.cu[size];
  const figure: Figure = {
    id: 'device',
    name: 'Largest breaker',
    hint: 'for a heater, no motor and no welder',
    is: { kind: 'number', unit: 'A' },
    answer: n(most),
    working: `${size} AWG ${metal === 'cu' ? 'copper' : 'aluminum'}`,
    cite: cite(code, 'breaker.small-conductor'),
    read: cellOf('smallConductor', size, metal),
    picks: 'cell',
    wrong: wrongRules(n(most), [
      [
        'at-75',
        '75 °C ampacity',
        `${ampacityIn(code, size, 75, metal)} A`,
        n(ampacityIn(code, size, 75, metal)),
      ],
      [
        'at-90',
        '90 °C ampacity',
        `${ampacityIn(code, size, 90, metal)} A`,
        n(ampacityIn(code, size, 90, metal)),
      ],
      [
        'at-60',
        '60 °C ampacity',
        `${ampacityIn(code, size, 60, metal)} A`,
        n(ampacityIn(code, size, 60, metal)),
      ],
      ['other-metal', metal === 'cu' ? 'aluminum column' : 'copper column', `${other ?? 0} A`, amps(other)],
    ]),
    safe: 'down',
  };
  return {
    plate: 'Wire in hand',
    lines: [
      ['SIZE', `${size} AWG`],
      ['METAL', metal === 'cu' ? 'copper' : 'aluminum'],
      ['INSULATION', 'THWN-2, 90 °C dry'],
      ['TERM', '75 °C'],
    ],
    figures: [figure],
    tables: [cellOf('smallConductor'), cellOf('ampacity')],
  };
}
