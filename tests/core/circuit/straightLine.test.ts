import fc from 'fast-check';
import { expect, test } from 'vitest';
import { isSized } from '../../../src/core/circuit/figures';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { EDITION_YEARS } from '../../../src/core/code/edition';
import { charger, circuit, context, load, segment } from '../../support/circuits';
import { straightLine } from '../../support/straightLine';
import { runs } from '../../support/luck';

const NOTHING_FITS = new Set(['conductor.none', 'conductor.not-in-tables', 'conductor.too-hot']);

const appliances = fc.oneof(
  fc
    .record({
      outputAmps: fc.integer({ min: 6, max: 80 }),
      settingA: fc.constantFrom(undefined, 6),
      settingRestricted: fc.boolean(),
    })
    .map(({ settingA, ...plate }) => charger({ ...plate, ...(settingA !== undefined && { settingA }) })),
  fc
    .record({
      amps: fc.integer({ min: 1, max: 120 }),
      share: fc.double({ min: 0, max: 1, noNaN: true }),
      volts: fc.constantFrom(120 as const, 240 as const),
      neutral: fc.boolean(),
    })
    .map(({ amps, share, volts, neutral }) =>
      load({ amps, continuousAmps: Math.round(amps * share), volts, neutral }),
    ),
);

const segments = fc
  .array(
    fc.record({
      method: fc.constantFrom('nm-b', 'uf-b', 'mc', 'emt', 'pvc40', 'pvc80', 'rmc' as const),
      lengthFt: fc.integer({ min: 2, max: 220 }),
      place: fc.constantFrom('indoor', 'attic', 'outdoor', 'underground' as const),
      ambientC: fc.integer({ min: 5, max: 55 }),
      currentCarrying: fc.constantFrom(null, 3, 6, 9),
    }),
    { minLength: 1, maxLength: 3 },
  )
  .map((parts) => parts.map((part, index) => segment({ ...part, id: String(index) })));

test('two implementations of the same rules give the same figures', () => {
  const any = fc.record({
    appliance: appliances,
    run: segments,
    terminals: fc.record({
      panel: fc.constantFrom(60 as const, 75 as const, 'unmarked' as const),
      load: fc.constantFrom(60 as const, 75 as const, 'unmarked' as const),
    }),
    maxDropPct: fc.constantFrom(null, 1.5, 3),
  });
  let compared = 0;
  fc.assert(
    fc.property(any, fc.constantFrom(...EDITION_YEARS), (part, year) => {
      const given = circuit(part);
      const under = context(year);
      const plain = straightLine(given, under.code);
      const { figures, findings } = solveCircuit(given, under);
      if (plain.size === null) {
        expect(figures.size).toBeNull();
        expect(findings.some(({ code }) => NOTHING_FITS.has(code))).toBe(true);
        return;
      }
      if (!isSized(figures)) throw new Error('No conductor.');
      compared += 1;
      expect(figures.ocpd.ratingA).toBe(plain.ocpdA);
      expect(figures.size).toBe(plain.size);
      expect(figures.groundTaken).toBe(plain.egc);
      expect(figures.ampacityA).toBeCloseTo(plain.ampacityA, 9);
      expect(figures.drop.volts).toBeCloseTo(plain.dropV, 9);
      expect(figures.drop.percent).toBeCloseTo(plain.dropPct, 9);
      expect(figures.drop.directVolts).toBeCloseTo(plain.directV, 9);
      const legal = figures.segments.flatMap(({ raceway }) => (raceway === null ? [] : [raceway.legal]));
      if (plain.trade !== null) expect(legal).toContain(plain.trade);
      else expect(legal).toEqual([]);
    }),
    runs(400),
  );
  expect(compared).toBeGreaterThan(300);
});
