import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { methodAlternatives } from '../../../src/core/search/methodAlternatives';
import type { Circuit } from '../../../src/core/circuit/circuitSchema';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { answerBook, isAnswered, openFindings } from '../../../src/core/findings/answers';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { fixesFor } from '../../../src/core/fixes/fixesFor';
import { freshMemo } from '../../../src/core/job/jobMemo';
import { worstFinding } from '../../../src/core/findings/finding';
import { countSeverities, worstSeverity } from '../../../src/core/findings/severity';
import { METHOD_IDS, METHODS, ENVIRONMENTS } from '../../../src/core/code/methods';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { cableMade } from '../../../src/core/rules/cableMade';
import { candidateSizes } from '../../../src/core/rules/candidateSizes';
import { TRADE_SIZES } from '../../../src/core/units/tradeSize';
import { WIRE_SIZES } from '../../../src/core/units/wireSize';
import { figureOf } from '../../../src/core/findings/subject';
import { fixWords } from '../../../src/core/wording/fixes';
import { charger, circuit, codes, context, load, segment } from '../../support/circuits';
import { after, fixesIn, jobOf, stopsIn } from '../../support/jobs';
import { runs } from '../../support/luck';

const under = context();

/** The fixes of a finding of one circuit, each with the circuit as it makes it. */
const remedies = (given: Circuit, code: string) => {
  const job = jobOf([given]);
  return fixesIn(job, code).map((fix) => ({ ...fix, circuit: after(job, fix.command).job.circuits[0]! }));
};

test('after an undo a fix names only the circuits that it reaches', () => {
  const stopped = circuit({ id: 'stopped', name: 'Stopped', pins: { size: '6' } });
  const other = circuit({ id: 'other', name: 'Other' });
  const job = jobOf([stopped, other]);
  const memo = freshMemo();
  const before = evaluateJob(job, memo);
  // The edit that is undone: the memo knows the other circuit as it was meanwhile.
  evaluateJob(jobOf([stopped, { ...other, run: [segment({ lengthFt: 90 })] }]), memo);
  const finding = before.findings.find(({ code }) => code === 'conductor.terminal-60c');
  const fixes = fixesFor(before, finding!, memo, defaultPrices);
  expect(fixes.length).toBeGreaterThan(1);
  expect(fixes.map(({ reaches }) => reaches)).toEqual(fixes.map(() => []));
});

describe('the ways out of 6 AWG cable on a 60 A charger', () => {
  const pinned = circuit({ pins: { size: '6' }, run: [segment({ lengthFt: 62 })] });
  const found = remedies(pinned, 'conductor.terminal-60c');

  test('a lower setting, conductors in raceway, a larger cable, cheapest first', () => {
    expect(found.map(({ change }) => fixWords(change))).toEqual([
      'Set the charger to 44 A, setting restricted',
      '6 AWG conductors in 3/4 EMT',
      '6 AWG conductors in 3/4 PVC Sch 40',
      'NM-B 4/3 cable, 4 AWG',
    ]);
    const costs = found.map(({ cost }) => cost);
    expect(costs).toEqual(costs.toSorted((a, b) => a - b));
  });

  test('the price is that of the whole job with it, less that of the job as it stands', () => {
    const dear = found.find(({ change }) => change.kind === 'free-size');
    // 72 ft of 4/3 at 4.60 for 72 ft of 6/2 at 2.90, and no red tape at 3.20 for its white.
    expect(dear?.cost).toBe(72 * (460 - 290) - 320);
  });

  test('conductors in raceway are not offered while the marks were not seen', () => {
    const unmarked = { ...pinned, terminals: { panel: 75, load: 'unmarked' } } as const;
    const kinds = remedies(unmarked, 'conductor.terminal-60c').map(({ change }) => change.kind);
    expect(kinds).not.toContain('method');
    expect(kinds).toContain('free-size');
  });
});

describe('each finding that a change can clear has a way out that clears it', () => {
  test.each<[string, Circuit]>([
    ['load.setting-open', circuit({ appliance: charger({ settingA: 32 }) })],
    ['load.setting-above-plate', circuit({ appliance: charger({ outputAmps: 32, settingA: 48 }) })],
    ['ocpd.below-load', circuit({ pins: { ocpdA: 40 } })],
    [
      'ocpd.above-ampacity',
      circuit({ appliance: charger({ outputAmps: 32 }), pins: { ocpdA: 60, size: '8' } }),
    ],
    ['ocpd.not-standard', circuit({ pins: { ocpdA: 65 } })],
    ['conductor.terminal-60c', circuit({ pins: { size: '6' } })],
    ['conductor.too-small', circuit({ pins: { size: '10' } })],
    [
      'conductor.small-rule',
      circuit({
        appliance: load({ amps: 20, continuousAmps: 4 }),
        run: [segment({ method: 'emt' })],
        pins: { size: '12', ocpdA: 25 },
      }),
    ],
    ['conductor.not-made', circuit({ pins: { size: '2' } })],
    ['conductor.none', circuit({ appliance: load({ amps: 90, continuousAmps: 90 }) })],
    ['conductor.too-hot', circuit({ run: [segment({ method: 'uf-b', ambientC: 60 })] })],
    ['conductor.aluminum-ends', circuit({ material: 'al', run: [segment({ method: 'emt' })] })],
    [
      'terminal.unmarked',
      circuit({ terminals: { panel: 'unmarked', load: 'unmarked' }, run: [segment({ method: 'emt' })] }),
    ],
    ['egc.too-small', circuit({ run: [segment({ method: 'emt' })], pins: { egc: '14' } })],
    [
      'egc.not-upsized',
      circuit({ appliance: charger({ outputAmps: 32 }), run: [segment({ lengthFt: 150 })] }),
    ],
    ['method.wet-location', circuit({ run: [segment({ place: 'outdoor' })] })],
    ['method.underground', circuit({ run: [segment({ place: 'underground' })] })],
    ['method.ask-listing', circuit({ run: [segment({ method: 'mc', place: 'outdoor' })] })],
    ['raceway.fill', circuit({ run: [segment({ method: 'emt' })], pins: { trade: '1/2' } })],
    ['raceway.bends', circuit({ run: [segment({ method: 'emt', bendsDeg: 450 })] })],
    ['drop.branch', circuit({ run: [segment({ method: 'emt', lengthFt: 300 })], pins: { size: '6' } })],
    ['receptacle.rating-mismatch', circuit({ appliance: charger({ connection: 'receptacle' }) })],
  ])('%s', (code, given) => {
    const found = remedies(given, code);
    expect(found.length).toBeGreaterThan(0);
    for (const { circuit: mended, change } of found) {
      expect(codes(solveCircuit(mended, under)), fixWords(change)).not.toContain(code);
    }
  });
});

test('a remedy clears its finding and brings no new stop, whatever the circuit', () => {
  const any = fc.record({
    outputAmps: fc.integer({ min: 12, max: 80 }),
    connection: fc.constantFrom('hardwired' as const, 'receptacle' as const),
    method: fc.constantFrom(...METHOD_IDS),
    place: fc.constantFrom(...ENVIRONMENTS),
    lengthFt: fc.integer({ min: 3, max: 250 }),
    ambientC: fc.integer({ min: 15, max: 60 }),
    bendsDeg: fc.constantFrom(0, 180, 450),
    size: fc.option(fc.constantFrom(...WIRE_SIZES.slice(0, 10)), { nil: undefined }),
    ocpdA: fc.option(fc.constantFrom(20, 40, 60, 100), { nil: undefined }),
  });
  fc.assert(
    fc.property(any, ({ outputAmps, connection, size, ocpdA, ...part }) => {
      const given = circuit({
        appliance: charger({ outputAmps, connection }),
        run: [segment(part)],
        pins: { ...(size !== undefined && { size }), ...(ocpdA !== undefined && { ocpdA }) },
      });
      const job = jobOf([given]);
      const memo = freshMemo();
      const before = evaluateJob(job, memo);
      const stops = new Set(stopsIn(before));
      for (const finding of before.findings) {
        for (const { command } of fixesFor(before, finding, memo, defaultPrices)) {
          const then = evaluateJob(after(job, command).job);
          const same = then.findings.filter(
            ({ code, severity }) => code === finding.code && severity !== 'note',
          );
          expect(same).toEqual([]);
          for (const stop of stopsIn(then)) expect(stops).toContain(stop);
        }
      }
    }),
    runs(40),
  );
});

describe('prices', () => {
  test('everything that may be chosen has a price', () => {
    for (const method of METHOD_IDS) {
      for (const metal of ['cu', 'al'] as const) {
        for (const wires of [2, 3]) {
          for (const size of candidateSizes(under.code, method, wires, metal)) {
            if (METHODS[method].kind !== 'cable') {
              expect(defaultPrices.conductor[metal][size], `${metal} ${size}`).toBeGreaterThan(0);
              continue;
            }
            const wide = (cableMade(under.code, method, size, wires, metal)?.wires ?? 0) > 2;
            const price = defaultPrices.cable[method]?.[wide ? 'three' : 'two'][size];
            expect(price, `${method} ${metal} ${size}`).toBeGreaterThan(0);
          }
        }
      }
    }
  });

  test('a larger conductor and a larger raceway cost more', () => {
    const rising = (prices: readonly number[]): boolean =>
      prices.every((price, at) => at === 0 || price > (prices[at - 1] ?? Infinity));
    for (const metal of ['cu', 'al'] as const)
      expect(rising(WIRE_SIZES.flatMap((size) => defaultPrices.conductor[metal][size] ?? []))).toBe(true);
    for (const sizes of Object.values(defaultPrices.raceway))
      expect(rising(TRADE_SIZES.flatMap((trade) => sizes[trade] ?? []))).toBe(true);
  });

  test('the list says that it is a default', () => {
    expect(defaultPrices).toMatchObject({
      isDefault: true,
      name: expect.stringContaining('Default') as string,
    });
  });
});

describe('other methods for the whole run', () => {
  test('hold without a stop, and are ordered by cost', () => {
    const given = circuit({ run: [segment({ lengthFt: 62 })] });
    const found = methodAlternatives(given, solveCircuit(given, under), under, defaultPrices);
    expect(found.length).toBeGreaterThan(4);
    expect(found.map(({ method }) => method)).not.toContain('nm-b');
    for (const { circuit: other } of found) {
      expect(solveCircuit(other, under).findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    }
    const costs = found.map(({ cost }) => cost);
    expect(costs).toEqual(costs.toSorted((a, b) => a - b));
  });

  test('outdoors, cable for dry places is not among them', () => {
    const given = circuit({ run: [segment({ method: 'pvc40', place: 'outdoor' })] });
    const found = methodAlternatives(given, solveCircuit(given, under), under, defaultPrices);
    expect(found.map(({ method }) => method)).not.toContain('nm-b');
  });
});

describe('severities', () => {
  test('an answer closes a question but never a stop', () => {
    const { findings } = solveCircuit(circuit({ appliance: load() }), under);
    const book = answerBook([
      { subject: 'circuit:circuit', code: 'gfci.ask', text: 'Not asked, by the authority' },
      { subject: 'circuit:circuit', code: 'conductor.terminal-60c', text: 'It will do' },
    ]);
    expect(openFindings(book, findings).map(({ code }) => code)).not.toContain('gfci.ask');
    const [stop] = solveCircuit(circuit({ pins: { size: '6' } }), under).findings;
    expect(stop && isAnswered(book, stop)).toBe(false);
  });

  test('the worst finding of a figure is told, whatever stands before it', () => {
    const given = circuit({
      run: [segment({ id: 'a', method: 'mc', place: 'outdoor' }), segment({ id: 'b' })],
      pins: { size: '6' },
    });
    const open = openFindings(answerBook([]), solveCircuit(given, under).findings);
    const about = open.filter(({ subject }) => figureOf(subject) === 'conductor');
    expect(about[0]?.severity).toBe('ask');
    expect(worstFinding(open, 'conductor')?.code).toBe('conductor.terminal-60c');
    expect(worstFinding(open, 'load')).toBeUndefined();
  });

  test('the worst of what is open is shown, and each is counted', () => {
    const given = circuit({ pins: { size: '6' }, run: [segment({ lengthFt: 400 })] });
    const open = openFindings(answerBook([]), solveCircuit(given, under).findings);
    expect(worstSeverity(open)).toBe('stop');
    expect(countSeverities(open)).toEqual({ stop: 1, check: 1, ask: 0 });
    expect(worstSeverity([])).toBe('ok');
  });
});
