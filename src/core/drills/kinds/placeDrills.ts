import { cookingDemand } from '../../appliances/cookingDemand';
import { cite, type Edition } from '../../code/edition';
import { burialCover } from '../../route/burialCover';
import { cellOf, numberAnswer as n, wrongRules, type Drill, type Figure } from '../drill';
import type { Lots } from '../lots';

const BURIED = [
  ['uf-b', 'UF-B'],
  ['rmc', 'RMC'],
  ['pvc40', 'PVC Sch 40'],
] as const;
const PLACES = [
  ['yard', 'yard'],
  ['under-slab', 'under a 4 in slab'],
  ['under-concrete', 'under 2 in of concrete'],
  ['driveway', 'driveway of the house'],
  ['street', 'street'],
] as const;

/** Cover of what is buried (Table 300.5). */
export function burialDrill(lots: Lots, code: Edition): Drill {
  const [method, name] = lots.of(BURIED);
  const [place, where] = lots.of(PLACES);
  const small = lots.yes(35);
  const cover = (part: Partial<Parameters<typeof burialCover>[0]>): string | undefined => {
    const found = burialCover(
      { method, place, volts: small ? 120 : 240, ocpdA: small ? 20 : 50, gfci: small, ...part },
      code,
    );
    return found === null ? undefined : n(found.coverIn);
  };
  const answer = cover({}) ?? '0';
  const figure: Figure = {
    id: 'cover',
    name: 'Cover',
    hint: 'least, inches',
    is: { kind: 'number', unit: 'in' },
    answer,
    working: `${name}, ${where}${small ? ', 120 V 20 A behind a GFCI' : ''}`,
    cite: cite(code, 'table.burial'),
    read: null,
    picks: 'cell',
    wrong: wrongRules(answer, [
      ...BURIED.map(
        ([each, words]) =>
          [`as-${each}`, `${words} column`, `as ${words}`, cover({ method: each, gfci: false })] as const,
      ),
      ...PLACES.map(([each, words]) => [`in-${each}`, 'another row', words, cover({ place: each })] as const),
      [
        'gfci-column',
        small ? 'without the column of 120 V 20 A' : 'the column of 120 V 20 A',
        'the fourth column',
        small ? cover({ gfci: false }) : cover({ volts: 120, ocpdA: 20, gfci: true }),
      ],
    ]),
    safe: 'up',
  };
  return {
    plate: 'Trench',
    lines: [
      ['METHOD', name],
      ['WHERE', where],
      ['CIRCUIT', small ? '120 V, 20 A, GFCI' : '240 V, 50 A'],
    ],
    figures: [figure],
    tables: [cellOf('burialCover')],
  };
}

/** Demand of ranges (Table 220.55, its notes). */
export function rangeDrill(lots: Lots, code: Edition): Drill {
  const units = lots.of([1, 1, 1, 2, 3]);
  const kilowatts = Array.from({ length: units }, () => lots.whole(90, 190) / 10);
  const { demandVA, columnKW, increasePct } = cookingDemand(kilowatts, code);
  const whole = kilowatts.reduce((sum, kw) => sum + kw, 0);
  const answer = n(demandVA / 1000);
  const mean = whole / units;
  const steps = (from: number): number => Math.max(0, Math.ceil(mean - from));
  const figure: Figure = {
    id: 'demand',
    name: 'Demand',
    hint: 'kW, column C',
    is: { kind: 'number', unit: 'kW' },
    answer,
    working: `${columnKW} kW${increasePct > 0 ? ` and ${increasePct} % for what is above 12 kW` : ''}`,
    cite: cite(code, 'load.cooking'),
    read: { table: 'rangeDemand', row: String(units), column: 'C' },
    // What is above 12 kW is worked out past the cell.
    picks: n(columnKW) === answer ? 'cell' : null,
    wrong: wrongRules(answer, [
      ['no-increase', 'no 5 % a kilowatt', `${columnKW} kW`, n(columnKW)],
      ['nameplate', 'the plates themselves', `${n(whole)} kW`, n(whole)],
      [
        'every-part',
        'every part of a kilowatt counted',
        `5 % × ${steps(12)}`,
        n(columnKW * (1 + 0.05 * steps(12))),
      ],
      ['from-eight', '5 % from 8 kW on', `5 % × ${steps(8)}`, n(columnKW * (1 + 0.05 * steps(8)))],
      ['each-by-itself', 'each by itself', `${units} × 8 kW`, n(8 * units)],
    ]),
    safe: 'up',
  };
  return {
    plate: 'Kitchen',
    lines: kilowatts.map((kw, at) => [`RANGE ${at + 1}`, `${kw} kW`]),
    figures: [figure],
    tables: [cellOf('rangeDemand')],
  };
}

type Configuration = Edition['tables']['configurations']['rows'][number];

function configurationFigure(asked: Configuration, rows: readonly Configuration[], code: Edition): Figure {
  const { config: answer, volts, amps, neutral, ground } = asked;
  const like = (is: (row: Configuration) => boolean): string | undefined =>
    rows.find((row) => row !== asked && is(row))?.config;
  const sameWires = (row: Configuration): boolean =>
    row.volts === volts && row.neutral === neutral && row.ground === ground;
  return {
    id: 'configuration',
    name: 'Configuration',
    hint: 'such as 14-50',
    is: { kind: 'word', words: rows.map(({ config }) => config) },
    answer,
    working: `${volts} V, ${amps} A, ${neutral ? 'neutral' : 'no neutral'}, ${ground ? 'ground' : 'no ground'}`,
    cite: cite(code, 'table.configurations'),
    read: { table: 'configurations', row: answer, column: 'amps' },
    picks: 'row',
    wrong: wrongRules(answer, [
      [
        'no-ground',
        ground ? 'one without a ground' : 'one with a ground',
        'the other wires',
        like((row) => row.volts === volts && row.amps === amps && row.neutral === neutral),
      ],
      [
        'no-neutral',
        neutral ? 'one without a neutral' : 'one with a neutral',
        'the other wires',
        like(
          (row) =>
            row.amps === amps && row.neutral !== neutral && row.ground === ground && row.volts !== '125',
        ),
      ],
      [
        'other-volts',
        'of other volts',
        'as many amperes',
        like((row) => row.amps === amps && row.volts !== volts),
      ],
      ['more-amps', 'of more amperes', 'the same wires', like((row) => row.amps > amps && sameWires(row))],
      ['fewer-amps', 'of fewer amperes', 'the same wires', like((row) => row.amps < amps && sameWires(row))],
    ]),
    safe: null,
  };
}

/** Receptacle by volts, amperes and wires. */
export function receptacleDrill(lots: Lots, code: Edition): Drill {
  const rows = code.tables.configurations.rows.filter(
    ({ config, locking }) => !locking && /^\d+-\d+$/.test(config),
  );
  const asked = lots.of(rows);
  return {
    plate: 'Plug of an appliance',
    lines: [
      ['V', asked.volts],
      ['A', String(asked.amps)],
      ['NEUTRAL', asked.neutral ? 'yes' : 'no'],
      ['GROUND', asked.ground ? 'yes' : 'no'],
    ],
    figures: [configurationFigure(asked, rows, code)],
    tables: [cellOf('configurations')],
  };
}
