import { present } from '../../units/present';
import { cite, type Edition } from '../../code/edition';
import { boxFill } from '../../route/boxFill';
import { conductorArea, legalTrade } from '../../rules/racewayFill';
import { TRADE_SIZES, type TradeSize } from '../../units/tradeSize';
import type { WireSize } from '../../units/wireSize';
import { cellOf, numberAnswer as n, wrongRules, type Drill, type Figure } from '../drill';
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
    wires * present(conductorArea(size, insulation, code), 'Table 5', size) +
    grounds * present(conductorArea(ground, insulation, code), 'Table 5', ground);
  const [whole, bare, other] = [area('THWN-2', 1), area('THWN-2', 0), area('XHHW-2', 1)];
  const legal = (areaIn2: number, count: number, by: 'EMT' | 'PVC40' = type): TradeSize | undefined =>
    legalTrade(by, areaIn2, count, code)?.trade;
  const answer = legal(whole, wires + 1) ?? '4';
  const sizes = code.tables.raceways.types[type];
  const byWhole = TRADE_SIZES.find((trade) => {
    const row = sizes[trade];
    return row !== undefined && whole <= row.area100;
  });
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
    tables: [{ table: 'raceways', row: '', column: type }, cellOf('insulated'), cellOf('fillLimits')],
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
    tables: [cellOf('conductorVolume'), cellOf('ampacity')],
  };
}
