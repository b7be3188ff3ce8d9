import { tableCurrent } from '../../appliances/motorCurrent';
import { cite, type Edition } from '../../code/edition';
import { cellOf, numberAnswer as n, wrongRules, type Drill, type Figure } from '../drill';
import { horsepowerOf } from '../../units/horsepower';
import type { Lots } from '../lots';

import { HP_1, HP_3 } from './motorDrill';

interface Turned {
  readonly phase: 1 | 3;
  readonly hp: string;
  readonly volts: number;
  readonly flcA: number;
  readonly rows: readonly string[];
  readonly columns: readonly number[];
  readonly current: (row: string, at: number) => number;
}

const turnedRead = ({ phase, hp, volts }: Turned) =>
  ({
    table: phase === 1 ? 'motorSinglePhase' : 'motorThreePhase',
    row: hp,
    column: String(volts),
  }) as const;

function powerFigure(turned: Turned, code: Edition): Figure {
  const { phase, hp, volts, flcA, rows, current } = turned;
  const near = volts === 230 ? 208 : 230;
  const at = rows.indexOf(hp);
  return {
    id: 'power',
    name: 'Horsepower',
    hint: `which motor draws ${n(flcA)} A at ${volts} V`,
    is: { kind: 'word', words: rows },
    answer: hp,
    working: `${n(flcA)} A in the ${volts} V column`,
    cite: cite(code, phase === 1 ? 'table.motor-1' : 'table.motor-3'),
    read: turnedRead(turned),
    picks: 'row',
    wrong: wrongRules(hp, [
      [
        'near-volts',
        'the column beside it',
        `${near} V`,
        rows.find((row) => n(current(row, near)) === n(flcA)),
      ],
      ['row-below', 'a row too low', 'the next smaller motor', rows[at - 1]],
      ['row-above', 'a row too high', 'the next larger motor', rows[at + 1]],
    ]),
    safe: null,
  };
}

function voltsFigure(turned: Turned, code: Edition): Figure {
  const { phase, hp, volts, flcA, columns, current } = turned;
  return {
    id: 'volts',
    name: 'Volts',
    hint: `at which ${hp} hp draw ${n(flcA)} A`,
    is: { kind: 'number', unit: 'V' },
    answer: String(volts),
    working: `${n(flcA)} A in the row of ${hp} hp`,
    cite: cite(code, phase === 1 ? 'table.motor-1' : 'table.motor-3'),
    read: turnedRead(turned),
    picks: 'column',
    wrong: wrongRules(
      String(volts),
      columns.map((each) => [
        `volts-${each}`,
        'another column',
        `${n(current(hp, each))} A there`,
        String(each),
      ]),
    ),
    safe: null,
  };
}

/** No motor of a row is made for the volts of a column: nobody answers with it. */
const NONE_A = 0;

/** Turned around: two of horsepower, volts and current give the third. */
export function turnedMotorDrill(lots: Lots, code: Edition): Drill {
  const phase = lots.yes() ? 1 : 3;
  const rows = phase === 1 ? HP_1 : HP_3;
  const columns = phase === 1 ? ([115, 208, 230] as const) : ([208, 230, 460] as const);
  const [hp, volts] = [lots.of<string>(rows), lots.of<number>(columns)];
  const current = (row: string, at: number): number =>
    tableCurrent({ hp: horsepowerOf(row), volts: at, phase }, code)?.flcA ?? NONE_A;
  const turned: Turned = { phase, hp, volts, flcA: current(hp, volts), rows, columns, current };
  const asksPower = lots.yes();
  return {
    plate: 'Motor without its plate',
    lines: [
      ['PH', String(phase)],
      ['A, table', n(turned.flcA)],
      asksPower ? ['V', String(volts)] : ['HP', hp],
    ],
    figures: [asksPower ? powerFigure(turned, code) : voltsFigure(turned, code)],
    tables: [cellOf('motorSinglePhase'), cellOf('motorThreePhase')],
  };
}
