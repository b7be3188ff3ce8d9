import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { wholeTable } from '../../../src/core/code/tableFace';
import { standardBelow } from '../../../src/core/drills/sizing';
import { judge, readAnswer, type Drill, type Figure } from '../../../src/core/drills/drill';
import { DRILL_KINDS, DRILL_YEAR, drawDrill } from '../../../src/core/drills/drillKinds';
import { Lots } from '../../../src/core/drills/lots';
import { runs } from '../../support/luck';

/** Drawn of each kind: together over 20,000. */
const EACH = runs(100).numRuns;
const code = edition(DRILL_YEAR);

const kindOf = (id: string) => {
  const kind = DRILL_KINDS.find((each) => each.id === id);
  if (kind === undefined) throw new Error(`no drill ${id}`);
  return kind;
};
const lineOf = ({ lines }: Drill, label: string): string => lines.find(([name]) => name === label)?.[1] ?? '';
const figureOf = ({ figures }: Drill, id: string): Figure => {
  const figure = figures.find((each) => each.id === id);
  if (figure === undefined) throw new Error(`no figure ${id}`);
  return figure;
};
const seeds = Array.from({ length: EACH }, (_, at) => at * 7919 + 11);

/** What a cell of the table that a figure reads answers, as it is picked there. */
function pickedIn({ read, picks, is }: Figure): string | undefined {
  if (read === null || picks === null) return undefined;
  const face = wholeTable(code, read, 'cu');
  const row = face?.rows.find(({ key }) => key === read.row);
  const column = face?.columns.findIndex(({ key }) => key === read.column) ?? -1;
  const cell = row?.cells[column];
  if (cell === undefined) return `no cell at ${read.table} ${read.row} ${read.column}`;
  return readAnswer(is, picks === 'cell' ? cell : picks === 'row' ? read.row : read.column);
}

describe.each(DRILL_KINDS.map((kind) => [kind.id, kind] as const))('%s', (_, kind) => {
  test('every plate: one right answer, which its table bears out; every wrong one by a rule that is named', () => {
    for (const seed of seeds) {
      const drill = drawDrill(kind, seed);
      expect(drill.figures.length).toBeGreaterThan(0);
      for (const figure of drill.figures) {
        const { answer, wrong, is } = figure;
        const at = `${kind.id} ${seed} ${figure.id}`;
        expect(kind.asks, at).toContain(figure.id);
        // Written as answers are, so that it can be typed.
        expect(readAnswer(is, answer), at).toBe(answer);
        expect(judge(figure, answer), at).toEqual({ right: true, by: [], holds: null });
        expect(new Set(wrong.map(({ id }) => id)).size, at).toBe(wrong.length);
        for (const rule of wrong) {
          expect(readAnswer(is, rule.answer), `${at} ${rule.id}`).toBe(rule.answer);
          const { right, by } = judge(figure, rule.answer);
          expect(right, `${at} ${rule.id}`).toBe(false);
          expect(by, at).toContain(rule);
          expect(rule.words.length, at).toBeGreaterThan(3);
        }
        if (figure.picks !== null && figure.read !== null) expect(pickedIn(figure), at).toBe(answer);
        expect(figure.cite.section, at).not.toBe('');
        expect(`${answer} ${figure.working}`, at).not.toMatch(/NaN|undefined|Infinity/);
      }
    }
  });

  test('the same seed gives the same plate, another one most often another', () => {
    expect(drawDrill(kind, 5)).toEqual(drawDrill(kind, 5));
    const plates = new Set(
      [1, 2, 3, 4, 5, 6, 7, 8].map((seed) => JSON.stringify(drawDrill(kind, seed).lines)),
    );
    expect(plates.size).toBeGreaterThan(1);
  });

  test('most plates have a wrong rule that gives something else', () => {
    const all = seeds.slice(0, 200).flatMap((seed) => drawDrill(kind, seed).figures);
    expect(all.filter(({ wrong }) => wrong.length > 0).length / all.length).toBeGreaterThan(0.6);
  });
});

/** The first plate of a kind whose lines are these. */
function plateWith(id: string, wanted: Readonly<Record<string, string>>): Drill {
  for (let seed = 0; seed < 60_000; seed += 1) {
    const drill = drawDrill(kindOf(id), seed);
    if (Object.entries(wanted).every(([label, value]) => lineOf(drill, label) === value)) return drill;
  }
  throw new Error(`no plate of ${id} with ${JSON.stringify(wanted)}`);
}

describe('plates that were worked by hand', () => {
  test('5 hp, 230 V, 3-phase, design B: 15.2 A, 14 AWG, 40 A, ground 14 and not the 10 of the table', () => {
    const drill = plateWith('motor', { HP: '5', PH: '3', V: '230', DES: 'B', SF: '1.15' });
    const plateA = Number(lineOf(drill, 'A'));
    expect(figureOf(drill, 'current').answer).toBe('15.2');
    expect(figureOf(drill, 'conductor').answer).toBe('14 AWG');
    expect(figureOf(drill, 'overload').answer).toBe(String(Math.round(plateA * 12.5) / 10));
    expect(figureOf(drill, 'breaker').answer).toBe('40');
    const ground = figureOf(drill, 'ground');
    expect(ground.answer).toBe('14 AWG');
    expect(judge(ground, '10 AWG').by.map(({ id }) => id)).toContain('ground-over-wire');
    // 12 AWG is what the 60 °C column gives, and what is left without the 125 % there.
    const conductor = judge(figureOf(drill, 'conductor'), '12 AWG');
    expect(conductor.by.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['other-column', 'no-125-other']),
    );
    expect(conductor.holds).toBe(true);
    // 19.0 A on the overload is the table current times 1.25: over the rule.
    const overload = judge(figureOf(drill, 'overload'), '19');
    expect(overload.by.map(({ id }) => id)).toContain('table-on-overload');
    expect(overload.holds).toBe(false);
  });

  test('5 hp, 230 V, single-phase, marked 75 °C: 28 A, 10 AWG, 70 A', () => {
    const drill = plateWith('motor', { HP: '5', PH: '1', V: '230', TERM: '75 °C' });
    expect(['current', 'conductor', 'breaker'].map((id) => figureOf(drill, id).answer)).toEqual([
      '28',
      '10 AWG',
      '70',
    ]);
    const unmarked = plateWith('motor', { HP: '5', PH: '1', V: '230', TERM: 'no mark' });
    expect(figureOf(unmarked, 'conductor').answer).toBe('8 AWG');
  });

  test('a charger of 48 A takes 60 A; a 50 A breaker allows 40 A', () => {
    expect(figureOf(plateWith('charger', { 'SETTING WANTED': '48 A' }), 'breaker').answer).toBe('60');
    const fifty = figureOf(plateWith('charger', { 'BREAKER THERE': '50 A' }), 'setting');
    expect(fifty.answer).toBe('40');
    expect(judge(fifty, '37.5').by.map(({ id }) => id)).toEqual(['less-25']);
    expect(judge(fifty, '37.5').holds).toBe(true);
    expect(judge(fifty, '50').holds).toBe(false);
  });

  test.each([...DRILL_KINDS])('$id: no breaker that is larger than the right one is said to hold', (kind) => {
    for (const seed of seeds.slice(0, 60))
      for (const figure of drawDrill(kind, seed).figures) {
        if (!/breaker|device|ocpd/i.test(figure.id) || figure.is.kind !== 'number') continue;
        expect(judge(figure, String(Number(figure.answer) * 2)).holds, `${kind.id} ${figure.id}`).not.toBe(
          true,
        );
      }
  });

  test('small wires by their own limits, whatever their ampacity', () => {
    const drill = plateWith('small-wire', { SIZE: '12 AWG', METAL: 'copper' });
    expect(figureOf(drill, 'device').answer).toBe('20');
    expect(judge(figureOf(drill, 'device'), '25').by.map(({ id }) => id)).toEqual(['at-75']);
    expect(figureOf(plateWith('small-wire', { SIZE: '10 AWG', METAL: 'aluminum' }), 'device').answer).toBe(
      '25',
    );
  });

  test('a 60 A breaker takes a 10 AWG ground, one of 70 A an 8', () => {
    expect(figureOf(plateWith('ground', { BREAKER: '60 A' }), 'ground').answer).toBe('10 AWG');
    expect(figureOf(plateWith('ground', { BREAKER: '70 A' }), 'ground').answer).toBe('8 AWG');
  });

  test('cover: UF-B in the yard 24 in, RMC 6 in, a GFCI circuit of 120 V 12 in', () => {
    const cover = (METHOD: string, CIRCUIT: string): string =>
      figureOf(plateWith('burial', { METHOD, CIRCUIT, WHERE: 'yard' }), 'cover').answer;
    expect(cover('UF-B', '240 V, 50 A')).toBe('24');
    expect(cover('RMC', '240 V, 50 A')).toBe('6');
    expect(cover('UF-B', '120 V, 20 A, GFCI')).toBe('12');
  });

  test('ranges: 8 kW to 12 kW, 5 % for each further kilowatt or its major part', () => {
    const demand = (kw: string): string =>
      figureOf(plateWith('range', { 'RANGE 1': kw, 'RANGE 2': '' }), 'demand').answer;
    expect(demand('11.8 kW')).toBe('8');
    expect(demand('12.4 kW')).toBe('8');
    expect(demand('12.5 kW')).toBe('8.4');
    expect(demand('16.4 kW')).toBe('9.6');
  });

  test('GFCI: a 240 V receptacle in a garage from 2020 on; a hardwired outlet outdoors from 2020 on', () => {
    const needs = (OUTLET: string, WHERE: string, CODE: string): string =>
      figureOf(plateWith('gfci', { OUTLET, WHERE, CODE }), 'gfci').answer;
    const plug = 'receptacle of a compressor, 240 V, 20 A';
    expect([2017, 2020, 2023].map((year) => needs(plug, 'garage', String(year)))).toEqual([
      'no',
      'yes',
      'yes',
    ]);
    expect(needs('compressor, 240 V, hardwired', 'outdoors', '2017')).toBe('no');
    expect(needs('compressor, 240 V, hardwired', 'outdoors', '2020')).toBe('yes');
  });

  test('12 AWG for a 20 A breaker, though 14 has 20 A in the 75 °C column', () => {
    const drill = plateWith('column', {
      LOAD: '20 A',
      RUNS: 'under 3 h',
      TERM: '75 °C both ends',
      WIRING: 'THWN-2 in EMT',
    });
    const conductor = figureOf(drill, 'conductor');
    expect(conductor.answer).toBe('12 AWG');
    expect(judge(conductor, '14 AWG').by.map(({ id }) => id)).toContain('small-rule');
    expect(judge(conductor, '14 AWG').holds).toBe(false);
  });

  test('derating begins in the 90 °C column and ends at the terminals', () => {
    const drill = plateWith('derating', { WIRE: '4 AWG THWN-2', CARRYING: '6 conductors', AMBIENT: '38 °C' });
    // 95 A × 0.91 × 0.80.
    expect(figureOf(drill, 'ampacity').answer).toBe('69.2');
    const cool = plateWith('derating', { WIRE: '4 AWG THWN-2', CARRYING: '3 conductors', AMBIENT: '28 °C' });
    expect(figureOf(cool, 'ampacity').answer).toBe('85');
    expect(judge(figureOf(cool, 'ampacity'), '95').by.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['no-cap', 'plain-90']),
    );
  });

  test('a motor turned around: power by volts and current, volts by power and current', () => {
    const power = plateWith('motor-turned', { PH: '1', 'A, table': '28', V: '230' });
    expect(figureOf(power, 'power').answer).toBe('5');
    const at = plateWith('motor-turned', { PH: '3', 'A, table': '28', HP: '10' });
    expect(figureOf(at, 'volts').answer).toBe('230');
  });
});

describe('answers as they are typed', () => {
  test.each([
    [{ kind: 'number', unit: 'A' }, '16,5 A', '16.5'],
    [{ kind: 'number', unit: 'A' }, '19.0', '19'],
    [{ kind: 'number', unit: 'A' }, 'about', undefined],
    [{ kind: 'number', unit: 'A' }, '', undefined],
    [{ kind: 'wire' }, '#12', '12 AWG'],
    [{ kind: 'wire' }, '1/0 AWG', '1/0 AWG'],
    [{ kind: 'wire' }, '13', undefined],
    [{ kind: 'trade' }, '1-1/4', '1-1/4'],
    [{ kind: 'trade' }, '5/8', undefined],
    [{ kind: 'word', words: ['yes', 'no'] }, 'YES', 'yes'],
    [{ kind: 'word', words: ['yes', 'no'] }, 'maybe', undefined],
  ] as const)('%j: %s is %s', (is, typed, expected) => {
    expect(readAnswer(is, typed)).toBe(expected);
  });

  test('lots: shares below one, every one of some, whole numbers from end to end', () => {
    const lots = new Lots(3);
    const drawn = Array.from({ length: 2000 }, () => lots.whole(1, 6));
    expect([...new Set(drawn)].toSorted()).toEqual([1, 2, 3, 4, 5, 6]);
    expect(Array.from({ length: 500 }, () => lots.share()).every((share) => share >= 0 && share < 1)).toBe(
      true,
    );
    expect(() => lots.of([])).toThrow('nothing to draw from');
  });
});

describe('standard ratings', () => {
  const code = edition(2023);

  test('one that is a rating is the largest that is not above itself', () => {
    expect([59, 60, 61].map((amps) => standardBelow(code, amps))).toEqual([50, 60, 60]);
    expect(standardBelow(code, 14)).toBeUndefined();
  });
});

test('a receptacle of more or fewer amperes that is offered as wrong has the wires of the right one', () => {
  const rowOf = (config: string) => code.tables.configurations.rows.find((row) => row.config === config);
  for (const seed of seeds) {
    const { answer, wrong } = figureOf(drawDrill(kindOf('receptacle'), seed), 'configuration');
    const right = rowOf(answer);
    for (const { id, answer: other } of wrong)
      if (id === 'more-amps' || id === 'fewer-amps')
        expect(rowOf(other), `${seed} ${id}`).toMatchObject({
          volts: right?.volts,
          neutral: right?.neutral,
          ground: right?.ground,
        });
  }
});
