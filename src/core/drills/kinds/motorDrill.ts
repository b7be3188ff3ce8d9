import { present } from '../../units/present';
import { overloadPercent } from '../../appliances/motor';
import { tableCurrent } from '../../appliances/motorCurrent';
import { cite, type Edition } from '../../code/edition';
import { terminalColumn } from '../../rules/conductorAmpacity';
import { cellOf, numberAnswer as n, wireAnswer, wrongRules, type Drill, type Figure } from '../drill';
import { horsepowerOf } from '../../units/horsepower';
import type { Lots } from '../lots';
import { applianceDevice, cappedGround, groundOf, sizeIn, standardBelow } from '../sizing';

/** Powers of single-phase motors, as plates say them. */
export const HP_1 = ['1/2', '3/4', '1', '1-1/2', '2', '3', '5', '7-1/2', '10'] as const;
/** Powers of three-phase motors. */
export const HP_3 = ['1', '1-1/2', '2', '3', '5', '7-1/2', '10', '15', '20'] as const;
const NAMES = [
  'Shop compressor',
  'Dust collector',
  'Table saw',
  'Car lift',
  'Well booster',
  'Grain auger',
] as const;
const WATTS_PER_HP = 746;

interface Motor {
  readonly hp: string;
  readonly volts: number;
  readonly phase: 1 | 3;
  readonly plateA: number;
  readonly serviceFactor: number;
  /** Design letter; none on a single-phase plate. */
  readonly letter: 'B' | 'C' | null;
  /** Whether both ends are marked for 75 °C. */
  readonly marked: boolean;
  readonly flcA: number;
  readonly otherFlcA: number | undefined;
  readonly nearFlcA: number | undefined;
}

function drawn(lots: Lots, code: Edition): Motor {
  const phase = lots.yes(60) ? 1 : 3;
  const hp = phase === 1 ? lots.of(HP_1) : lots.of(HP_3);
  const volts = phase === 1 ? lots.of([115, 208, 230, 230]) : lots.of([208, 230, 460]);
  const own = { hp: horsepowerOf(hp), volts, phase } as const;
  const flcA = present(tableCurrent(own, code), 'Tables 430.248 and 430.250').flcA;
  const near = volts === 230 ? 208 : 230;
  // A plate reads less than the table: today's motors are better than its average.
  const plateA = Math.round(10 * flcA * (0.82 + 0.13 * lots.share())) / 10;
  return {
    hp,
    volts,
    phase,
    plateA,
    serviceFactor: lots.of([1, 1.15, 1.15, 1.25]),
    letter: phase === 3 ? lots.of(['B', 'C']) : null,
    marked: phase === 1 && lots.yes(),
    flcA,
    otherFlcA: tableCurrent({ ...own, phase: phase === 1 ? 3 : 1 }, code)?.flcA,
    nearFlcA: tableCurrent({ ...own, volts: near }, code)?.flcA,
  };
}

/** The column of its terminals: 75 °C by a design letter or a mark, and past 100 A (110.14(C)(1)). */
function columnOf({ letter, marked, flcA }: Motor, code: Edition): 60 | 75 {
  const mark = letter !== null || marked ? 75 : 'unmarked';
  return terminalColumn(
    { panel: mark, load: mark },
    present(applianceDevice(code, 2.5 * flcA), '240.6(A)'),
  ) === 75
    ? 75
    : 60;
}

/** Why that column. */
function columnWords({ letter, marked }: Motor, column: 60 | 75): string {
  if (letter !== null) return `design ${letter}: 75 °C column`;
  if (marked) return 'terminals marked 75 °C';
  return column === 60 ? 'no letter, no mark: 60 °C column' : 'over 100 A: 75 °C column';
}

const orUndefined = (value: number | undefined): string | undefined =>
  value === undefined ? undefined : n(value);

function currentFigure(motor: Motor, code: Edition): Figure {
  const { hp, volts, phase, flcA, plateA, otherFlcA, nearFlcA } = motor;
  const answer = n(flcA);
  const byPower = (horsepowerOf(hp) * WATTS_PER_HP) / (volts * (phase === 3 ? Math.sqrt(3) : 1));
  return {
    id: 'current',
    name: 'Table current',
    hint: 'for wire and breaker',
    is: { kind: 'number', unit: 'A' },
    answer,
    working: `${hp} hp, ${volts} V, ${phase === 1 ? 'single-phase' : '3-phase'}`,
    cite: cite(code, phase === 1 ? 'table.motor-1' : 'table.motor-3'),
    read: { table: phase === 1 ? 'motorSinglePhase' : 'motorThreePhase', row: hp, column: String(volts) },
    picks: 'cell',
    wrong: wrongRules(answer, [
      ['plate-for-table', 'the plate in place of the table', `${n(plateA)} A on the plate`, n(plateA)],
      [
        'other-phase-table',
        phase === 1 ? '3-phase table for single-phase' : 'single-phase table for 3-phase',
        'the other table',
        orUndefined(otherFlcA),
      ],
      ['near-volts', 'the column beside it', volts === 230 ? '208 V' : '230 V', orUndefined(nearFlcA)],
      ['by-watts', 'by 746 W a horsepower', `${hp} hp ÷ ${volts} V`, n(byPower)],
    ]),
    safe: null,
  };
}

function conductorFigure(motor: Motor, code: Edition): Figure {
  const { flcA, plateA } = motor;
  const column = columnOf(motor, code);
  const other = column === 60 ? 75 : 60;
  const required = 1.25 * flcA;
  const size = sizeIn(code, column, required) ?? '14';
  const answer = wireAnswer(size);
  const wire = (at: 60 | 75, amps: number): string | undefined => {
    const found = sizeIn(code, at, amps);
    return found && wireAnswer(found);
  };
  const breaker = present(applianceDevice(code, 2.5 * flcA), '240.6(A)');
  return {
    id: 'conductor',
    name: 'Conductor',
    hint: 'smallest copper that may be used',
    is: { kind: 'wire' },
    answer,
    working: `${n(flcA)} × 1.25 = ${n(required)} A; ${columnWords(motor, column)}`,
    cite: cite(code, 'motor.conductor'),
    read: { table: 'ampacity', row: size, column: String(column) },
    picks: 'row',
    wrong: wrongRules(answer, [
      ['other-column', `${other} °C column`, `${n(required)} A at ${other} °C`, wire(other, required)],
      ['no-125', 'without the 125 %', `${n(flcA)} A at ${column} °C`, wire(column, flcA)],
      [
        'plate-for-table',
        'the plate in place of the table',
        `${n(plateA)} × 1.25 A`,
        wire(column, 1.25 * plateA),
      ],
      [
        'no-125-other',
        `without the 125 %, ${other} °C column`,
        `${n(flcA)} A at ${other} °C`,
        wire(other, flcA),
      ],
      [
        'wire-to-breaker',
        'the wire sized to the breaker',
        `${breaker} A at ${column} °C`,
        wire(column, breaker),
      ],
    ]),
    safe: 'up',
  };
}

function overloadFigure(motor: Motor, code: Edition): Figure {
  const { flcA, plateA, serviceFactor } = motor;
  const percent = overloadPercent(serviceFactor);
  const other = percent === 125 ? 115 : 125;
  const answer = n((percent / 100) * plateA);
  return {
    id: 'overload',
    name: 'Overload',
    hint: 'most that it may be set to',
    is: { kind: 'number', unit: 'A' },
    answer,
    working: `${n(plateA)} × ${percent / 100}, service factor ${serviceFactor}`,
    cite: cite(code, 'motor.overload'),
    read: null,
    picks: null,
    wrong: wrongRules(answer, [
      [
        'table-on-overload',
        'table current on the overload',
        `${n(flcA)} × ${percent / 100}`,
        n((percent / 100) * flcA),
      ],
      [
        'other-percent',
        `${other} % for this service factor`,
        `${n(plateA)} × ${other / 100}`,
        n((other / 100) * plateA),
      ],
      ['no-percent', 'the plate itself', `${n(plateA)} A`, n(plateA)],
      ['table-itself', 'the table itself', `${n(flcA)} A`, n(flcA)],
      [
        'by-service-factor',
        'times its service factor',
        `${n(plateA)} × ${serviceFactor}`,
        n(plateA * serviceFactor),
      ],
    ]),
    safe: 'down',
  };
}

function breakerFigure(motor: Motor, code: Edition): Figure {
  const { flcA, plateA } = motor;
  const amps = 2.5 * flcA;
  const answer = orUndefined(applianceDevice(code, amps)) ?? '';
  const standard = (value: number): string | undefined => orUndefined(applianceDevice(code, value));
  return {
    id: 'breaker',
    name: 'Breaker',
    hint: 'inverse time, largest to begin with',
    is: { kind: 'number', unit: 'A' },
    answer,
    working: `${n(flcA)} × 250 % = ${n(amps)} A, next size up`,
    cite: cite(code, 'table.motor-device'),
    read: { table: 'standardOcpd', row: answer, column: 'rating' },
    picks: 'cell',
    wrong: wrongRules(answer, [
      ['round-down', 'rounded down', `${n(amps)} A`, orUndefined(standardBelow(code, amps))],
      ['plate-for-table', 'the plate in place of the table', `${n(plateA)} × 250 %`, standard(2.5 * plateA)],
      ['at-125', 'at 125 %, as for a heater', `${n(flcA)} × 125 %`, standard(1.25 * flcA)],
      ['fuse-percent', '175 %, as for time-delay fuses', `${n(flcA)} × 175 %`, standard(1.75 * flcA)],
      ['at-300', '300 %, as for plain fuses', `${n(flcA)} × 300 %`, standard(3 * flcA)],
    ]),
    safe: 'down',
  };
}

function groundFigure(motor: Motor, code: Edition): Figure {
  const { flcA } = motor;
  const breaker = present(applianceDevice(code, 2.5 * flcA), '240.6(A)');
  const conductor = sizeIn(code, columnOf(motor, code), 1.25 * flcA) ?? '14';
  const row = groundOf(code, breaker);
  const size = cappedGround(code, breaker, conductor) ?? '14';
  const answer = wireAnswer(size);
  const below = groundOf(code, present(applianceDevice(code, 1.25 * flcA), '240.6(A)'));
  return {
    id: 'ground',
    name: 'Ground',
    hint: 'smallest copper',
    is: { kind: 'wire' },
    answer,
    working: `${breaker} A: ${row?.cu ?? ''} by the table${row?.cu === size ? '' : `, never larger than the ${conductor} AWG conductors`}`,
    cite: cite(code, 'ground.table'),
    read: { table: 'equipmentGround', row: String(row?.ocpd ?? ''), column: 'cu' },
    // The cell is not the answer where the conductors are smaller.
    picks: row?.cu === size ? 'cell' : null,
    wrong: wrongRules(answer, [
      [
        'ground-over-wire',
        'larger than the conductors',
        `${breaker} A by the table`,
        row && wireAnswer(row.cu),
      ],
      ['aluminum-column', 'aluminum column', `${breaker} A`, row && wireAnswer(row.al)],
      ['ground-by-wire', 'as large as the conductors', `${conductor} AWG`, wireAnswer(conductor)],
      ['ground-by-125', 'by a breaker at 125 %', `${n(1.25 * flcA)} A`, below && wireAnswer(below.cu)],
    ]),
    safe: 'up',
  };
}

/** A motor's five figures by its plate: current, conductor, overload, breaker, ground (Article 430). */
export function motorDrill(lots: Lots, code: Edition): Drill {
  const motor = drawn(lots, code);
  const { hp, volts, phase, plateA, serviceFactor, letter, marked } = motor;
  const figures = [currentFigure, conductorFigure, overloadFigure, breakerFigure, groundFigure].map(
    (figure) => figure(motor, code),
  );
  return {
    plate: lots.of(NAMES),
    lines: [
      ['HP', hp],
      ['PH', String(phase)],
      ['V', String(volts)],
      ['HZ', '60'],
      ['A', n(plateA)],
      ['SF', String(serviceFactor)],
      ...(letter === null ? [['TERM', marked ? '75 °C' : 'no mark'] as const] : [['DES', letter] as const]),
      ['DUTY', 'cont'],
    ],
    figures,
    tables: [
      cellOf('motorSinglePhase'),
      cellOf('motorThreePhase'),
      cellOf('ampacity'),
      cellOf('standardOcpd'),
      cellOf('equipmentGround'),
    ],
  };
}
