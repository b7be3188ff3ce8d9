import { cookingDemand } from '../../appliances/cookingDemand';
import { cite, type Edition } from '../../code/edition';
import type { TemperatureColumn } from '../../code/tables/shapes';
import { boxFill } from '../../route/boxFill';
import { burialCover } from '../../route/burialCover';
import { ambientFactor, ambientRow } from '../../rules/conductorAmpacity';
import { conductorArea, legalTrade } from '../../rules/racewayFill';
import { TRADE_SIZES, type TradeSize } from '../../units/tradeSize';
import type { WireSize } from '../../units/wireSize';
import { numberAnswer as n, wrongRules, type Drill, type Figure } from '../drill';
import type { Lots } from '../lots';
import { ampacityIn, groundOf } from '../sizing';

interface Pull {
  readonly type: 'EMT' | 'PVC40';
  readonly size: WireSize;
  readonly wires: number;
  readonly ground: WireSize;
}

function tradeFigure({ type, size, wires, ground }: Pull, code: Edition): Figure {
  const area = (insulation: 'THWN-2' | 'XHHW-2', grounds: 0 | 1): number =>
    wires * (conductorArea(size, insulation, code) ?? 0) +
    grounds * (conductorArea(ground, insulation, code) ?? 0);
  const [whole, bare, other] = [area('THWN-2', 1), area('THWN-2', 0), area('XHHW-2', 1)];
  const legal = (areaIn2: number, count: number, by: 'EMT' | 'PVC40' = type): TradeSize | undefined =>
    legalTrade(by, areaIn2, count, code)?.trade;
  const answer = legal(whole, wires + 1) ?? '4';
  const sizes = code.tables.raceways.types[type];
  const byWhole = TRADE_SIZES.find((trade) => whole <= (sizes[trade]?.area100 ?? 0));
  const words = (areaIn2: number): string => `${areaIn2.toFixed(4)} in²`;
  const another = type === 'EMT' ? 'PVC40' : 'EMT';
  return {
    id: 'trade',
    name: 'Trade size',
    hint: `smallest ${type === 'EMT' ? 'EMT' : 'PVC Schedule 40'}`,
    is: { kind: 'trade' },
    answer,
    working: `${n(wires)} × ${size} AWG and ${ground} AWG: ${words(whole)}, 40 %`,
    cite: cite(code, 'raceway.fill'),
    read: { table: 'raceways', row: answer, column: type },
    picks: 'row',
    wrong: wrongRules(answer, [
      ['no-ground', 'the ground left out', words(bare), legal(bare, wires)],
      ['whole-inside', 'filled whole', `${words(whole)} of 100 %`, byWhole],
      [
        'nipple',
        '60 %, as for a nipple',
        words(whole),
        legalTrade(type, whole, wires + 1, code, true)?.trade,
      ],
      ['two-wires', '31 %, as for two', words(whole), legal(whole, 2)],
      ['other-insulation', 'XHHW-2 areas', words(other), legal(other, wires + 1)],
      [
        'other-raceway',
        type === 'EMT' ? 'PVC table' : 'EMT table',
        words(whole),
        legal(whole, wires + 1, another),
      ],
    ]),
    safe: null,
  };
}

/** Raceway by its fill (Chapter 9). */
export function fillDrill(lots: Lots, code: Edition): Drill {
  const type = lots.of(['EMT', 'PVC40'] as const);
  const size: WireSize = lots.of(['12', '10', '8', '6', '4', '2']);
  const wires = lots.of([2, 3, 3, 4, 6]);
  const ground: WireSize = groundOf(code, ampacityIn(code, size, 75))?.cu ?? '10';
  return {
    plate: 'Pull into one raceway',
    lines: [
      ['RACEWAY', type === 'EMT' ? 'EMT' : 'PVC Sch 40'],
      ['WIRES', `${wires} of ${size} AWG THWN-2`],
      ['GROUND', `${ground} AWG THWN-2`],
      ['LENGTH', 'over 24 in'],
    ],
    figures: [tradeFigure({ type, size, wires, ground }, code)],
    tables: [
      { table: 'raceways', row: '', column: type },
      { table: 'insulated', row: '', column: '' },
      { table: 'fillLimits', row: '', column: '' },
    ],
  };
}

/** Box by its volume (314.16(B)). */
export function boxDrill(lots: Lots, code: Edition): Drill {
  const size: WireSize = lots.of(['14', '12', '10', '8']);
  const wires = lots.whole(4, 10);
  const grounds = lots.whole(2, 6);
  const clamps = lots.yes(70);
  const device = lots.yes(70);
  const contents = (part: {
    readonly wires?: number;
    readonly grounds?: number;
    readonly clamps?: boolean;
    readonly gangs?: number;
  }) =>
    boxFill(
      {
        conductors: [{ size, count: part.wires ?? wires }],
        egc: [{ size, count: part.grounds ?? grounds }],
        devices: device ? [{ size, gangs: part.gangs ?? 1 }] : [],
        clamps: part.clamps ?? clamps,
        fittings: 0,
      },
      code,
    ).reduce((sum, { in3 }) => sum + in3, 0);
  const each = contents({ wires: 1, grounds: 0, clamps: false, gangs: 0 });
  const whole = contents({});
  const answer = n(whole);
  const figure: Figure = {
    id: 'volume',
    name: 'Volume',
    hint: 'smallest box, in³',
    is: { kind: 'number', unit: 'in³' },
    answer,
    working: `${wires} wires, grounds as one${grounds > 4 && code.parameters.extraGroundShare.value > 0 ? ' and a quarter for each past four' : ''}${clamps ? ', clamps one' : ''}${device ? ', device two' : ''}: ${n(each)} in³ each`,
    cite: cite(code, 'table.conductor-volume'),
    read: { table: 'conductorVolume', row: size, column: 'in3' },
    picks: null,
    wrong: wrongRules(answer, [
      ['each-ground', 'every ground counted', `${grounds} grounds`, n(whole + (grounds - 1) * each)],
      ['no-grounds', 'grounds left out', 'none of them', n(contents({ grounds: 0 }))],
      ['no-clamps', 'clamps left out', 'none', clamps ? n(contents({ clamps: false })) : undefined],
      ['device-once', 'the device counted once', 'one in place of two', device ? n(whole - each) : undefined],
      ['no-device', 'the device left out', 'none', device ? n(contents({ gangs: 0 })) : undefined],
      ['wires-only', 'wires alone', `${wires} × ${n(each)}`, n(wires * each)],
    ]),
    safe: 'up',
  };
  return {
    plate: 'Box in the wall',
    lines: [
      ['WIRES', `${wires} of ${size} AWG`],
      ['GROUNDS', `${grounds} of ${size} AWG`],
      ['CLAMPS', clamps ? 'inside' : 'outside'],
      ['DEVICE', device ? 'one, single gang' : 'none'],
    ],
    figures: [figure],
    tables: [
      { table: 'conductorVolume', row: '', column: '' },
      { table: 'ampacity', row: '', column: '' },
    ],
  };
}

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
    tables: [{ table: 'burialCover', row: '', column: '' }],
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
    tables: [{ table: 'rangeDemand', row: '', column: '' }],
  };
}

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
      { table: 'ampacity', row: '', column: '' },
      { table: 'ambient', row: String(ambientRow(code, ambient)?.toC ?? ''), column: '' },
      { table: 'adjustment', row: '', column: '' },
    ],
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
    tables: [{ table: 'configurations', row: '', column: '' }],
  };
}
