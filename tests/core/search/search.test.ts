import { describe, expect, test } from 'vitest';
import { familyList, freshAppliance } from '../../../src/core/appliances/registry';
import { DEFAULT_PRACTICES } from '../../../src/core/circuit/jobDefaults';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { pullTension } from '../../../src/core/route/pullTension';
import {
  allOptions,
  orderedOptions,
  searchAlternatives,
  OPTION_ORDERS,
} from '../../../src/core/search/searchAlternatives';
import { sensitivity } from '../../../src/core/search/sensitivity';
import { edition } from '../../../src/core/code/edition';
import { charger, circuit, context, load, segment } from '../../support/circuits';

const everyMetal = context(2023, { practices: { ...DEFAULT_PRACTICES, aluminum: 'all' } });

const search = (part: Parameters<typeof circuit>[0] = {}, under = everyMetal) => {
  const about = circuit(part);
  return allOptions(about, solveCircuit(about, under), under, defaultPrices);
};

const bind = (part: Parameters<typeof circuit>[0] = {}) => {
  const about = circuit(part);
  return sensitivity(about, solveCircuit(about, context()), context(), defaultPrices);
};

describe('the search of ways', () => {
  test('a way that holds has no stop, and one that does not names what forbids it', () => {
    for (const option of search({ run: [segment({ place: 'outdoor' })] })) {
      const stops = solveCircuit(option.circuit, context()).findings.filter(
        ({ severity }) => severity === 'stop',
      );
      expect(option.rejected === null).toBe(stops.length === 0);
      if (option.rejected !== null) expect(stops).toContainEqual(option.rejected);
    }
  });

  test('48 A in cable: 4 AWG holds, raceways take 6 AWG, sheathed cable outdoors does not', () => {
    const indoors = search();
    expect(indoors.find(({ method, rejected }) => method === 'nm-b' && rejected === null)?.size).toBe('4');
    expect(indoors.find(({ method, metal }) => method === 'emt' && metal === 'cu')).toMatchObject({
      size: '6',
      trade: '3/4',
    });
    const outdoors = search({ run: [segment({ place: 'outdoor' })] });
    expect(
      outdoors
        .filter(({ method }) => method === 'nm-b')
        .every(
          ({ rejected }) => rejected?.code === 'method.wet-location' || rejected?.code === 'conductor.none',
        ),
    ).toBe(true);
  });

  test('offers the least size, two above it, and a raceway a size up', () => {
    const emt = search().filter(({ method, metal }) => method === 'emt' && metal === 'cu');
    expect(emt.map(({ size, trade }) => `${size} ${trade}`)).toEqual(['6 3/4', '4 1', '3 1-1/4', '6 1']);
  });

  test.each(OPTION_ORDERS)('in the order of %s, the best first', (by) => {
    const measure = { cost: 'cost', pull: 'pullLb', drop: 'dropPct', spare: 'spare' } as const;
    const ordered = orderedOptions(search(), by);
    const fitting = ordered.filter(({ size }) => size !== null);
    if (by === 'drop') expect(ordered.slice(0, fitting.length)).toEqual(fitting);
    const values = fitting.map((option) => (option[measure[by]] ?? 0) * (by === 'spare' ? -1 : 1));
    expect(values).toEqual(values.toSorted((a, b) => a - b));
  });

  test('aluminum is offered for feeders, and for the rest by shop practice alone', () => {
    const metals = (part: Parameters<typeof circuit>[0], under = context()) =>
      new Set(search(part, under).map(({ metal }) => metal));
    expect([...metals({})]).toEqual(['cu']);
    expect([...metals({ appliance: freshAppliance('feeder') })]).toEqual(['cu', 'al']);
    expect([...metals({ material: 'al' })]).toEqual(['cu', 'al']);
    expect([...metals({}, everyMetal)]).toEqual(['cu', 'al']);
  });

  test('tells how far it is, and may be stopped', () => {
    const about = circuit();
    const running = searchAlternatives(about, solveCircuit(about, everyMetal), everyMetal, defaultPrices);
    const first = running.next();
    expect(first).toEqual({ done: false, value: { tried: 1, of: 26 } });
    expect(running.return([]).done).toBe(true);
  });

  test('a bend costs pull, and so does length and weight', () => {
    const code = edition(2023);
    const pull = (bendsDeg: number, lengthFt: number, size: '6' | '2') =>
      pullTension({ bendsDeg, lengthFt, surround: 'pvc' }, { size, metal: 'cu', count: 3 }, code);
    expect(pull(90, 100, '6')).toBeGreaterThan(pull(0, 100, '6'));
    expect(pull(90, 150, '6')).toBeCloseTo(pull(90, 100, '6') * 1.5, 6);
    expect(pull(90, 100, '2')).toBeGreaterThan(pull(90, 100, '6'));
    // 1/0 copper in 2 in PVC over 150 ft, about 0.38 lb a foot each: some 76 lb before the first bend.
    expect(
      pullTension(
        { bendsDeg: 0, lengthFt: 150, surround: 'pvc' },
        { size: '1/0', metal: 'cu', count: 3 },
        code,
      ),
    ).toBeCloseTo(72, 0);
  });
});

describe('what binds a circuit', () => {
  test.each([
    [{}, 'load'],
    [{ pins: { size: '2' } } as const, 'pinned'],
    [{ appliance: charger({ outputAmps: 40 }), run: [segment({ lengthFt: 250 })] }, 'drop'],
    [{ appliance: load({ amps: 8, continuousAmps: 8 }) }, 'made'],
  ])('%j: %s', (part, binding) => {
    expect(bind(part).binding).toBe(binding);
  });

  test('unmarked lugs: seeing the marks saves most in raceway', () => {
    const { relaxations } = bind({
      terminals: { panel: 'unmarked', load: 'unmarked' },
      run: [segment({ method: 'emt' })],
    });
    expect(relaxations.find(({ by }) => by === 'marked-75')).toMatchObject({ size: '6' });
    for (const { saves, circuit: other } of relaxations) {
      expect(saves).toBeGreaterThan(0);
      expect(solveCircuit(other, context()).findings.some(({ severity }) => severity === 'stop')).toBe(false);
    }
  });

  test('a run raised for its drop says how many feet it is too long', () => {
    const { relaxations } = bind({
      appliance: charger({ outputAmps: 40 }),
      run: [segment({ method: 'pvc40', lengthFt: 200 })],
    });
    const feet = relaxations.find(({ by }) => by === 'shorter')?.feet ?? 0;
    const shortened = circuit({
      appliance: charger({ outputAmps: 40 }),
      run: [segment({ method: 'pvc40', lengthFt: 200 - feet })],
    });
    expect(solveCircuit(shortened, context()).figures.raisedForDrop).toBe(false);
    expect(feet).toBeLessThan(200);
    // The way that is offered is as long as it says, to a tenth of a foot.
    const offered = relaxations.find(({ by }) => by === 'shorter')?.circuit.run[0]?.lengthFt ?? 0;
    expect(offered).toBeGreaterThan(199 - feet);
    expect(offered).toBeLessThanOrEqual(201 - feet);
  });

  test('no family makes the search stumble', () => {
    for (const { id } of familyList) {
      const options = search({ appliance: freshAppliance(id) });
      expect(options.length).toBeGreaterThan(26);
      expect(options.some(({ rejected }) => rejected === null)).toBe(true);
    }
  });
});
