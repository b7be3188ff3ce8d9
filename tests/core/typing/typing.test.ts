import { describe, expect, test } from 'vitest';
import { completions, readTyped } from '../../../src/core/typing/readTyped';
import { familyList } from '../../../src/core/appliances/registry';

const read = (text: string) => {
  const typed = readTyped(text);
  if ('problem' in typed) throw new Error(typed.problem);
  return typed;
};

const problem = (text: string): string => {
  const typed = readTyped(text);
  return 'problem' in typed ? typed.problem : 'was read';
};

describe('a circuit by typing', () => {
  test.each([
    ['hot tub 50', 'hot-tub', { breakerA: 50, volts: 240, neutral: true }],
    ['Hot Tub 50 3-wire', 'hot-tub', { neutral: false }],
    ['range 12 kW', 'range', { kw: 12, connection: 'receptacle' }],
    ['range 16.6 kW hard-wired', 'range', { kw: 16.6, connection: 'hardwired' }],
    ['range 16.6kw hardwired', 'range', { kw: 16.6, connection: 'hardwired' }],
    ['mini split 19/30', 'mini-split', { mca: 19, mocp: 30, volts: 240 }],
    ['mini split 19 / 30 208 V', 'mini-split', { mca: 19, mocp: 30, volts: 208 }],
    ['welder 50 A 40 %', 'welder', { inputAmps: 50, dutyPct: 40, type: 'arc' }],
    ['kiln 48', 'kiln', { kw: 11.52 }],
    ['kiln 9.6 kW', 'kiln', { kw: 9.6 }],
    ['ev 48', 'ev', { outputAmps: 48, connection: 'hardwired' }],
    ['ev charger 32 A plug', 'ev', { outputAmps: 32, connection: 'receptacle' }],
    ['water heater 4.5', 'water-heater', { kw: 4.5, storage: true }],
    ['tankless 27 kW 3', 'water-heater', { kw: 27, storage: false, feeds: 3 }],
    ['cooktop 6.6+4.2+4.2', 'cooktop-oven', { kw: [6.6, 4.2, 4.2] }],
    ['well pump 1-1/2 hp', 'well-pump', { hp: 1.5 }],
    ['motor 3/4 hp', 'motor', { hp: 0.75 }],
    ['trailer 30', 'rv', { amps: 30 }],
    ['outlet 20 outdoors', 'receptacle', { amps: 20, count: 1, place: 'outdoor' }],
    ['receptacles 15 A 6 bedroom', 'receptacle', { amps: 15, count: 6, place: 'bedroom' }],
    ['feeder 60 detached', 'feeder', { loadVA: 14400, building: 'detached' }],
    ['pool heater 33.2/50', 'pool-heater', { mca: 33.2, mocp: 50 }],
    ['load 24', 'load', { amps: 24, continuousAmps: 24 }],
  ])('%s', (text, family, plate) => {
    const { appliance } = read(text);
    expect(appliance.family).toBe(family);
    const { kw, ...rest } = plate as { kw?: number | number[] };
    expect(appliance.nameplate).toMatchObject(rest);
    if (typeof kw === 'number') expect(Reflect.get(appliance.nameplate, 'kw')).toBeCloseTo(kw, 6);
    if (Array.isArray(kw)) expect(appliance.nameplate).toMatchObject({ kw });
  });

  test('says the run too, in any order, and what was understood', () => {
    const typed = read('mini split 19/30 62 ft pvc underground');
    expect(typed.reading.stretches).toEqual([{ lengthFt: 62, method: 'pvc40', place: 'underground' }]);
    expect(typed.understood).toBe('Mini split, 19/30 A, 62 ft, PVC Sch 40, underground');
    expect(read('ev 48, in emt, garage, 40ft').reading.stretches).toEqual([
      { lengthFt: 40, method: 'emt', place: 'garage' },
    ]);
  });

  test.each([
    ['', 'names no appliance'],
    ['zeppelin 40', 'names no appliance'],
    ['trailer 40', 'Outlet: 30 A, 120 V; or 50 A'],
    ['ev output 500', 'Output on the nameplate: at most 80 A.'],
  ])('"%s": %s', (text, words) => {
    expect(problem(text)).toContain(words);
  });

  test('a word that is not understood takes nothing away', () => {
    const { appliance, reading } = read('hot tub 50 purple');
    expect(appliance).toMatchObject({ family: 'hot-tub', nameplate: { breakerA: 50 } });
    expect(reading.unread).toEqual([{ word: 'purple', from: 11, to: 17, suggestion: null }]);
  });

  test('every family has an example that is understood as that family', () => {
    for (const { id, typed } of familyList) expect(read(typed.example).appliance.family).toBe(id);
  });

  test('is completed from its first letters', () => {
    expect(completions('hot t')).toEqual(['hot tub 50']);
    expect(completions('w')).toEqual(
      expect.arrayContaining(['water heater 4.5 kW', 'welder 50 A 40 %', 'well pump 1.5 hp']),
    );
    expect(completions('')).toHaveLength(6);
    expect(completions('hot tub 50')).toEqual([]);
  });
});

describe('figures before the name', () => {
  test.each([
    ['48 A charger 35 ft nm indoors', 'ev 48 35 ft nm indoors'],
    ['12 kW range 30 ft', 'range 12 kW 30 ft'],
    ['50 hot tub', 'hot tub 50'],
    ['5 hp motor', 'motor 5 hp'],
  ])('%s is read as %s', (said, usual) => {
    const [one, other] = [read(said), read(usual)];
    expect([one.appliance, one.understood]).toEqual([other.appliance, other.understood]);
  });

  test('a figure alone names no appliance', () => {
    expect(readTyped('48 A')).toHaveProperty('problem');
    expect(readTyped('48 A zeppelin')).toHaveProperty('problem');
  });
});
