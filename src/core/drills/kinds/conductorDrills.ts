import { present } from '../../units/present';
import { cite, type Edition } from '../../code/edition';
import type { TemperatureColumn } from '../../code/tables/shapes';
import { terminalColumn } from '../../rules/conductorAmpacity';
import type { WireSize } from '../../units/wireSize';
import { cellOf, numberAnswer as n, wireAnswer, wrongRules, type Drill, type Figure } from '../drill';
import type { Lots } from '../lots';
import { applianceDevice, groundOf, protectedSize, sizeIn } from '../sizing';

const wire = (size: WireSize | undefined): string | undefined => size && wireAnswer(size);
const CONTINUOUS = 1.25;

interface Column {
  readonly load: number;
  readonly continuous: boolean;
  readonly cable: boolean;
  readonly mark: 75 | 'unmarked';
  readonly required: number;
  readonly breaker: number;
}

function columnFigure({ load, continuous, cable, mark, required, breaker }: Column, code: Edition): Figure {
  const terminals = terminalColumn({ panel: mark, load: mark }, breaker);
  const column: TemperatureColumn = cable ? 60 : terminals;
  const size = protectedSize(code, column, required, breaker) ?? '14';
  const answer = wireAnswer(size);
  const other = column === 60 ? 75 : 60;
  const at = (each: TemperatureColumn, current: number): string | undefined =>
    wire(protectedSize(code, each, current, breaker));
  const by = (each: TemperatureColumn, current: number): string | undefined =>
    wire(sizeIn(code, each, current));
  return {
    id: 'conductor',
    name: 'Conductor',
    hint: 'smallest copper that may be used',
    is: { kind: 'wire' },
    answer,
    working: `${continuous ? `${load} × 1.25 = ${n(required)} A` : `${load} A`}, ${column} °C column, breaker ${breaker} A`,
    cite: cite(code, 'conductor.terminals'),
    read: cellOf('ampacity', size, String(column)),
    picks: 'row',
    wrong: wrongRules(answer, [
      ['other-column', `${other} °C column`, `${n(required)} A at ${other} °C`, at(other, required)],
      ['at-90', '90 °C column, as the insulation', `${n(required)} A at 90 °C`, by(90, required)],
      ['no-125', 'without the 125 %', `${load} A at ${column} °C`, by(column, load)],
      ['no-125-other', `without the 125 %, ${other} °C column`, `${load} A at ${other} °C`, by(other, load)],
      ['small-rule', '240.4(D) forgotten', `${n(required)} A at ${column} °C alone`, by(column, required)],
      [
        'wire-to-breaker',
        'the whole breaker as the load',
        `${breaker} A at ${column} °C`,
        by(column, breaker),
      ],
    ]),
    safe: 'up',
  };
}

/** Conductor by its column: load, terminals and method decide it (110.14(C), 334.80). */
export function columnDrill(lots: Lots, code: Edition): Drill {
  const load = lots.whole(14, 78);
  const continuous = lots.yes(60);
  const cable = lots.yes();
  const mark = lots.of([75, 75, 'unmarked'] as const);
  const required = continuous ? CONTINUOUS * load : load;
  const breaker = present(applianceDevice(code, required), '240.6(A)');
  return {
    plate: 'Kitchen table figures',
    lines: [
      ['LOAD', `${load} A`],
      ['RUNS', continuous ? '3 h or more' : 'under 3 h'],
      ['WIRING', cable ? 'NM-B' : 'THWN-2 in EMT'],
      ['TERM', mark === 75 ? '75 °C both ends' : 'no mark'],
      ['BREAKER', `${breaker} A`],
    ],
    figures: [columnFigure({ load, continuous, cable, mark, required, breaker }, code)],
    tables: [cellOf('ampacity'), cellOf('smallConductor'), cellOf('standardOcpd')],
  };
}

/** Ground by its breaker, never larger than the conductors (250.122). */
export function groundDrill(lots: Lots, code: Edition): Drill {
  const breaker = lots.of([15, 20, 25, 30, 40, 50, 60, 70, 80, 90, 100, 125, 150, 200]);
  const column = lots.of([60, 75] as const);
  const phase = protectedSize(code, column, breaker, breaker) ?? '12';
  const row = groundOf(code, breaker);
  const size = row?.cu ?? '14';
  const answer = wireAnswer(size);
  const rows = code.tables.equipmentGround.rows;
  const at = rows.findIndex((each) => each === row);
  const figure: Figure = {
    id: 'ground',
    name: 'Ground',
    hint: 'smallest copper',
    is: { kind: 'wire' },
    answer,
    working: `${breaker} A: row of ${row?.ocpd ?? 0} A`,
    cite: cite(code, 'ground.table'),
    read: cellOf('equipmentGround', String(row?.ocpd ?? ''), 'cu'),
    picks: 'cell',
    wrong: wrongRules(answer, [
      ['row-below', 'the row below', 'the next smaller device', rows[at - 1] && wire(rows[at - 1]?.cu)],
      ['row-above', 'the row above', 'the next larger device', rows[at + 1] && wire(rows[at + 1]?.cu)],
      ['aluminum-column', 'aluminum column', `${breaker} A`, row && wire(row.al)],
      ['ground-by-wire', 'as large as the conductors', `${phase} AWG`, wire(phase)],
    ]),
    safe: 'up',
  };
  return {
    plate: 'Circuit in the panel',
    lines: [
      ['BREAKER', `${breaker} A`],
      ['HOTS', `${phase} AWG copper`],
      ['GROUND', 'copper'],
    ],
    figures: [figure],
    tables: [cellOf('equipmentGround'), cellOf('ampacity')],
  };
}
