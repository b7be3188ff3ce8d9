import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { isItemError, type ItemAnswer } from '../../../src/core/worksheet/answer';
import { answerWorksheet } from '../../../src/core/worksheet/answerWorksheet';

interface OpenCase {
  readonly id: string;
  readonly expect: Readonly<Record<string, unknown>>;
}

const open = JSON.parse(readFileSync('tests/fixtures/openCases.json', 'utf8')) as { items: OpenCase[] };

const answers = (items: readonly unknown[], edition = 2023) => {
  const answer = answerWorksheet({ worksheet: 1, edition, items });
  if ('problem' in answer) throw new Error(answer.problem.message);
  return answer.items;
};

const one = (item: Record<string, unknown>, edition = 2023): ItemAnswer => {
  const [outcome] = answers([{ id: 'it', ...item }], edition);
  if (outcome === undefined || isItemError(outcome)) throw new Error(JSON.stringify(outcome));
  return outcome;
};

const errorOf = (item: Record<string, unknown>) => {
  const [outcome] = answers([{ id: 'it', ...item }]);
  if (outcome === undefined || !isItemError(outcome)) throw new Error('was answered');
  return outcome.error;
};

const nearly = (wanted: unknown, got: unknown): boolean => {
  if (typeof wanted === 'number')
    return typeof got === 'number' && Math.abs(got - wanted) <= Math.abs(wanted) * 0.005;
  if (typeof wanted === 'object' && wanted !== null) {
    return Object.entries(wanted).every(([key, value]) =>
      nearly(value, (got as Record<string, unknown>)[key]),
    );
  }
  return wanted === got;
};

describe('the open cases', () => {
  test.each(open.items)('$id', ({ expect: expected, ...item }) => {
    const { result, findings } = one(item);
    const { findings: wanted = [], ...figures } = expected;
    for (const [key, value] of Object.entries(figures)) {
      expect(
        nearly(value, result[key]),
        `${key}: ${JSON.stringify(result[key])} for ${JSON.stringify(value)}`,
      ).toBe(true);
    }
    for (const code of wanted as string[]) expect(findings.map((each) => each.code)).toContain(code);
  });
});

describe('circuits', () => {
  const item = {
    kind: 'circuit',
    family: 'ev',
    nameplate: { outputAmps: 48, volts: 240, connection: 'hardwired' },
    method: 'NM-B',
    lengthFt: 62,
  };

  test('methods are read in capitals too, and defaults are written into the working', () => {
    const { result, working } = one(item);
    expect(result).toMatchObject({ size: '4', ocpdA: 60, cable: 'NM-B 4/3', raceway: null });
    const taken = working
      .filter(({ rule }) => rule === 'default')
      .map(({ step, result: value }) => [step, value]);
    expect(taken).toEqual([
      ['material', 'cu'],
      ['ambientC', '30'],
      ['terminalC', '75'],
      ['maxDropPct', '3'],
      ['location', 'indoor'],
    ]);
  });

  test('every line of the working has a result and a rule', () => {
    for (const line of one(item).working) {
      expect(line.result).not.toBe('');
      expect(line.rule).not.toBe('');
    }
  });

  test('a stop brings proved remedies with their price', () => {
    const [finding] = one({ ...item, pinned: { size: '6 AWG' } }).findings;
    expect(finding).toMatchObject({ code: 'conductor.terminal-60c', standing: 'stop', rule: '334.80' });
    expect(finding?.text).toBe('6 AWG NM-B carries 55 A in the 60 °C column; 60 A required.');
    expect(finding?.remedies.map(({ text }) => text)).toContain(
      'Set the charger to 44 A, setting restricted',
    );
    expect(finding?.remedies.every(({ costUSD }) => Number.isFinite(costUSD))).toBe(true);
  });

  test('segments answer one by one and for the run', () => {
    const { result } = one({
      kind: 'circuit',
      family: 'ev',
      nameplate: item.nameplate,
      segments: [
        { method: 'nm-b', lengthFt: 29 },
        { method: 'pvc40', lengthFt: 52, location: 'underground', bendsDeg: 180 },
      ],
    });
    expect(result).toMatchObject({
      size: '4',
      segments: [
        { method: 'nm-b', minSize: '4', ok: true },
        { method: 'pvc40', minSize: '6', raceway: { trade: '3/4', comfortTrade: '1' } },
      ],
    });
  });

  test('an item may carry its own edition', () => {
    const plug = {
      ...item,
      nameplate: { outputAmps: 40, volts: 240, connection: 'hardwired' },
      location: 'garage',
    };
    expect(one({ ...plug, edition: 2017 }).result['gfci']).toMatchObject({ required: false });
    expect(one({ ...plug, edition: 2023 }).result['gfci']).toMatchObject({ required: true });
    expect(one({ ...plug, edition: 2020 }).result['gfci']).toMatchObject({ required: false });
    expect(one({ ...plug, location: 'outdoor', edition: 2020 }).result['gfci']).toMatchObject({
      required: true,
    });
  });
});

describe('the small kinds', () => {
  test('ampacity', () => {
    const { result } = one({
      kind: 'ampacity',
      size: '8',
      insulationC: 90,
      terminalC: 75,
      ambientC: 50,
      currentCarrying: 6,
      method: 'nm-b',
    });
    expect(result).toMatchObject({
      baseA: 55,
      correction: 0.82,
      adjustment: 0.8,
      usableA: expect.closeTo(36.08, 2) as number,
    });
  });

  test('drop on one phase and on three', () => {
    const drop = { kind: 'drop', amps: 40, volts: 240, size: '6', raceway: 'pvc40', lengthFt: 120 };
    expect(one(drop).result).toMatchObject({
      dropV: expect.closeTo(4.704, 3) as number,
      dropPct: expect.closeTo(1.96, 2) as number,
    });
    expect(one({ ...drop, phase: 3 }).result['dropV']).toBeCloseTo((4.704 * Math.sqrt(3)) / 2, 3);
  });

  test('drop with a power factor counts reactance, and steel more of it', () => {
    const drop = { kind: 'drop', amps: 27.5, volts: 240, size: '10', lengthFt: 110, powerFactor: 0.9 };
    expect(one({ ...drop, raceway: 'PVC40' }).result['dropV']).toBeCloseTo(6.67, 1);
    expect(one({ ...drop, raceway: 'emt' }).result['dropV']).toBeGreaterThan(
      one({ ...drop, raceway: 'pvc40' }).result['dropV'] as number,
    );
  });

  test.each([
    ['EMT', '3/4', 'THWN-2', '12', 16],
    ['EMT', '3/4', 'THWN-2', '10', 10],
    ['EMT', '3/4', 'THWN-2', '8', 6],
    ['EMT', '1/2', 'THWN-2', '12', 9],
    ['EMT', '1/2', 'THWN-2', '6', 2],
    ['EMT', '1/2', 'THWN-2', '4', 1],
    ['EMT', '1', 'THWN-2', '6', 7],
  ] as const)('%s %s holds %s %s: %d', (raceway, trade, insulation, size, count) => {
    expect(one({ kind: 'fill-count', raceway, trade, insulation, size }).result['count']).toBe(count);
  });

  test('bends are summed between pull points, and say how many are wanting', () => {
    const bends = (segments: unknown[]) => one({ kind: 'bends', segments });
    const quarter = [90, 90];
    expect(bends([{ trade: '3/4', bendsDeg: quarter, lengthFt: 40, toPullPoint: true }]).result).toEqual({
      degrees: 180,
      ok: true,
      pullPointsNeeded: 0,
    });
    const long = bends([
      { bendsDeg: quarter, toPullPoint: false },
      { bendsDeg: [90, 90, 45], toPullPoint: true },
    ]);
    expect(long.result).toEqual({ degrees: 405, ok: false, pullPointsNeeded: 1 });
    expect(long.findings[0]).toMatchObject({ code: 'raceway.bends', standing: 'stop' });
  });

  test('the marks of an offset, and of its worked example', () => {
    expect(one({ kind: 'offset-bend', angleDeg: 30, riseIn: 6 }).result).toMatchObject({
      multiplier: expect.closeTo(2, 9) as number,
      spacingIn: expect.closeTo(12, 9) as number,
      shrinkIn: expect.closeTo(1.608, 3) as number,
    });
  });

  test('straps of 47 ft of EMT: six by rule, from 12 to 552 in; twice as many gaps by practice', () => {
    const straps = { kind: 'straps', method: 'emt', trade: '3/4', lengthFt: 47 };
    const { result, working } = one(straps);
    expect(result['count']).toBe(6);
    expect((result['positionsFt'] as number[]).map((ft) => Math.round(ft * 12))).toEqual([
      12, 120, 228, 336, 444, 552,
    ]);
    expect(working.map(({ rule }) => rule)).toContain('358.30');
    expect(one({ ...straps, practice: 'half' }).result['count']).toBe(10);
    expect(one({ kind: 'straps', method: 'nm-b', lengthFt: 1 }).result['count']).toBe(1);
  });

  test.each([
    [{ kind: 'bends', segments: [{ bendsDeg: [400] }] }, 'items[0].segments[0].bendsDeg[0]'],
    [{ kind: 'offset-bend', angleDeg: 0, riseIn: 4 }, 'items[0].angleDeg'],
    [{ kind: 'straps', method: 'rope', lengthFt: 4 }, 'items[0].method'],
    [{ kind: 'straps', method: 'emt', trade: '5/8', lengthFt: 4 }, 'items[0].trade'],
  ])('%j is refused at %s', (item, path) => {
    expect(errorOf(item).path).toBe(path);
  });

  test('fill of mixed conductors, of a nipple, and of something too large', () => {
    const conductors = [
      { insulation: 'THWN-2', size: '6', count: 3 },
      { insulation: 'THWN-2', size: '10', count: 1 },
    ];
    expect(one({ kind: 'fill', raceway: 'pvc80', conductors }).result).toMatchObject({
      trade: '1',
      fillPct: expect.closeTo(25.2, 1) as number,
      ok: true,
    });
    expect(one({ kind: 'fill', raceway: 'PVC80', trade: '3/4', conductors }).findings[0]).toMatchObject({
      code: 'raceway.fill',
      standing: 'stop',
    });
    expect(one({ kind: 'fill', raceway: 'PVC80', trade: '3/4', nipple: true, conductors }).result['ok']).toBe(
      true,
    );
    expect(
      one({ kind: 'fill', raceway: 'ENT', conductors: [{ widthIn: 3, heightIn: 1, count: 2 }] }).result,
    ).toMatchObject({ trade: null, ok: false });
  });

  test('three equal conductors near the jam ratio are doubted', () => {
    const { result, findings } = one({
      kind: 'fill',
      raceway: 'EMT',
      trade: '2',
      conductors: [{ insulation: 'THWN-2', size: '250', count: 3 }],
    });
    expect(result['jamRatio']).toBeCloseTo((1.05 * 2.067) / 0.711, 2);
    expect(findings.map(({ code }) => code)).toContain('raceway.jam');
  });
});

describe('what is not valid', () => {
  test.each([
    [{ kind: 'tarot' }, 'items[0].kind'],
    [{ kind: 'circuit', family: 'sauna', nameplate: {}, method: 'emt', lengthFt: 4 }, 'items[0].family'],
    [
      {
        kind: 'circuit',
        family: 'ev',
        nameplate: { outputAmps: 48, volts: 240, connection: 'hardwired', hp: 2 },
        method: 'emt',
        lengthFt: 4,
      },
      'items[0].nameplate.hp',
    ],
    [
      {
        kind: 'circuit',
        family: 'ev',
        nameplate: { outputAmps: -4, volts: 240, connection: 'hardwired' },
        method: 'emt',
        lengthFt: 4,
      },
      'items[0].nameplate.outputAmps',
    ],
    [
      {
        kind: 'circuit',
        family: 'load',
        nameplate: { amps: 10, continuousAmps: 20, volts: 240, neutral: false },
        method: 'emt',
        lengthFt: 4,
      },
      'items[0].nameplate.continuousAmps',
    ],
    [{ kind: 'circuit', family: 'ev', nameplate: {}, method: 'emt' }, 'items[0].lengthFt'],
    [{ kind: 'circuit', family: 'ev', nameplate: {}, lengthFt: 4 }, 'items[0].method'],
    [
      { kind: 'circuit', family: 'ev', nameplate: {}, method: 'emt', lengthFt: 4, color: 'red' },
      'items[0].color',
    ],
    [{ kind: 'ampacity', size: '5' }, 'items[0].size'],
    [{ kind: 'ampacity', size: '14', material: 'al' }, 'items[0].size'],
    [
      { kind: 'fill', raceway: 'EMT', conductors: [{ cable: 'NM-B 2/9', count: 1 }] },
      'items[0].conductors[0]',
    ],
    [
      {
        kind: 'fill',
        raceway: 'LFNC',
        trade: '4',
        conductors: [{ insulation: 'bare', size: '10', count: 1 }],
      },
      'items[0].trade',
    ],
    [{ kind: 'fill-count', raceway: 'LFNC', trade: '4', insulation: 'THWN-2', size: '10' }, 'items[0].trade'],
    [{ kind: 'drop', amps: 4, volts: 240, size: '14', material: 'al', lengthFt: 9 }, 'items[0].size'],
  ])('%j names %s', (item, path) => {
    const error = errorOf(item);
    expect(error.path).toBe(path);
    expect(error.message).not.toBe('');
  });

  test('a bad item spoils no other', () => {
    const outcomes = answers([
      7,
      { id: 'good', kind: 'fill-count', raceway: 'EMT', trade: '1', insulation: 'THWN-2', size: '6' },
    ]);
    expect(outcomes.map(isItemError)).toEqual([true, false]);
  });

  test.each([[null], [{}], [{ worksheet: 2, items: [] }], [{ worksheet: 1, items: [], extra: 1 }]])(
    '%j is no worksheet',
    (sheet) => {
      expect(answerWorksheet(sheet)).toHaveProperty('problem.message');
    },
  );
});

describe('water', () => {
  const zone = (object: Record<string, unknown>, barriers?: readonly unknown[]) =>
    one({
      kind: 'zone',
      water: {
        kind: 'in-ground',
        shape: {
          polygon: [
            [0, 0],
            [32, 0],
            [32, 16],
            [0, 16],
          ],
        },
      },
      object,
      ...(barriers && { barriers }),
    });

  test('a receptacle behind a wall: both distances, the one that was read, and GFCI', () => {
    const { result } = zone({ kind: 'receptacle', at: [14, -14] }, [
      [
        [4, -8],
        [24, -8],
      ],
    ]);
    expect(result).toMatchObject({ distanceFt: 14, ok: true, leastFt: 6, gfciRequired: true });
    expect(result['pathFt']).toBeCloseTo(19.66, 2);
    expect(result['rule']).toBe('680.22(A)(4), along the path of a cord or hand');
  });

  test('a luminaire by its straight distance; without a height it is taken at the water', () => {
    expect(zone({ kind: 'luminaire', at: [16, -4] }).result).toMatchObject({
      ok: false,
      leastFt: 5,
      rule: '680.22(B), straight, horizontal',
    });
  });

  test('a wall without length, or a place out of bounds, is named', () => {
    const at = { kind: 'zone', water: { kind: 'in-ground', shape: { circle: { diameterFt: 20 } } } };
    const object = { kind: 'switch', at: [20, 0] };
    expect(
      errorOf({
        ...at,
        object,
        barriers: [
          [
            [1, 1],
            [1, 1],
          ],
        ],
      }).path,
    ).toContain('barriers');
    expect(errorOf({ ...at, object: { ...object, at: [9000, 0] } }).path).toContain('object.at');
  });

  test('bonding: each part with its reason and rule, the perimeter, the water', () => {
    const { result } = one({
      kind: 'bonding',
      water: { kind: 'in-ground', shell: 'fiberglass', perimeter: 'unpaved' },
      items: [
        { id: 'cup', what: 'ladder-cup', metal: true, isolated: true, maxDimIn: 3, penetrationIn: 2 },
        { id: 'post', what: 'fence-post', metal: true, distanceFt: 8 },
      ],
    });
    expect(result).toEqual({
      items: [
        {
          id: 'cup',
          bond: true,
          why: expect.stringContaining('over 1 in deep') as string,
          rule: '680.26(B)(5)',
        },
        { id: 'post', bond: false, why: expect.stringContaining('5 ft') as string, rule: '680.26(B)(7)' },
      ],
      perimeter: { method: 'ring', points: 1, rule: '680.26(B)(2)' },
      water: { bond: true, rule: '680.26(C)' },
    });
  });
});
