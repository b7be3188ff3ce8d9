import { cite, type Edition } from '../../code/edition';
import type { TemperatureColumn } from '../../code/tables/shapes';
import { ambientFactor, ambientRow } from '../../rules/conductorAmpacity';
import type { WireSize } from '../../units/wireSize';
import { cellOf, numberAnswer as n, wrongRules, type Drill, type Figure } from '../drill';
import type { Lots } from '../lots';
import { ampacityIn } from '../sizing';

/** Derating for both causes, then the terminals (310.15). */
export function deratingDrill(lots: Lots, code: Edition): Drill {
  const size: WireSize = lots.of(['12', '10', '8', '6', '4']);
  const count = lots.of([3, 4, 6, 8, 9, 12]);
  const ambient = lots.of([28, 34, 38, 43, 48]);
  const factor =
    code.tables.adjustment.rows.find(({ from, to }) => count >= from && (to === null || count <= to))
      ?.factor ?? 1;
  const hot = (column: TemperatureColumn): number => ambientFactor(code, ambient, column);
  const at = (column: TemperatureColumn): number => ampacityIn(code, size, column);
  const corrected = at(90) * hot(90) * factor;
  const final = Math.min(corrected, at(75));
  const answer = n(final);
  const figure: Figure = {
    id: 'ampacity',
    name: 'Ampacity',
    hint: 'terminals 75 °C',
    is: { kind: 'number', unit: 'A' },
    answer,
    working: `${at(90)} × ${hot(90)} × ${factor} = ${n(corrected)} A, at most ${at(75)} A`,
    cite: cite(code, 'conductor.ampacity'),
    read: { table: 'ampacity', row: size, column: '90' },
    picks: null,
    wrong: wrongRules(answer, [
      [
        'from-75',
        'begun in the 75 °C column',
        `${at(75)} × ${hot(75)} × ${factor}`,
        n(at(75) * hot(75) * factor),
      ],
      ['no-heat', 'the heat left out', `${at(90)} × ${factor}`, n(at(90) * factor)],
      ['no-count', 'the number left out', `${at(90)} × ${hot(90)}`, n(at(90) * hot(90))],
      ['no-cap', 'the terminals left out', `${n(corrected)} A`, n(corrected)],
      ['plain-75', 'no derating', `${at(75)} A`, n(at(75))],
      ['plain-90', 'the 90 °C column itself', `${at(90)} A`, n(at(90))],
      [
        'worse-only',
        'only the worse of both',
        `${at(90)} × ${Math.min(hot(90), factor)}`,
        n(Math.min(at(75), at(90) * Math.min(hot(90), factor))),
      ],
    ]),
    safe: 'down',
  };
  return {
    plate: 'Raceway in the attic',
    lines: [
      ['WIRE', `${size} AWG THWN-2`],
      ['CARRYING', `${count} conductors`],
      ['AMBIENT', `${ambient} °C`],
      ['TERM', '75 °C both ends'],
    ],
    figures: [figure],
    tables: [
      cellOf('ampacity'),
      { table: 'ambient', row: String(ambientRow(code, ambient)?.toC ?? ''), column: '' },
      cellOf('adjustment'),
    ],
  };
}
