import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  applianceQuestions,
  applianceSchema,
  applianceTitle,
  familyList,
  freshAppliance,
  type FamilyId,
} from '../../../src/core/appliances/registry';
import { fixesFor } from '../../../src/core/fixes/fixesFor';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshMemo } from '../../../src/core/job/jobMemo';
import { isSized } from '../../../src/core/circuit/figures';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { EDITION_YEARS } from '../../../src/core/code/edition';
import { METHOD_IDS, ENVIRONMENTS } from '../../../src/core/code/methods';
import { LOCATIONS } from '../../../src/core/code/locations';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { siteQuestions } from '../../../src/core/protection/siteQuestions';
import { sizeRank } from '../../../src/core/units/wireSize';
import { FIGURE_KEYS } from '../../../src/core/findings/subject';
import { findingSentence } from '../../../src/core/wording/findings';
import { ladderWords } from '../../../src/core/wording/ladder';
import { siteFields } from '../../../src/core/wording/fields/siteFields';
import { stepWords } from '../../../src/core/wording/steps';
import { circuit, context, segment } from '../../support/circuits';
import { after, jobOf, stopsIn } from '../../support/jobs';
import { runs } from '../../support/luck';

const families = familyList.map(({ id }) => id);

const anyCircuit = fc
  .record({
    family: fc.constantFrom<FamilyId>(...families),
    method: fc.constantFrom(...METHOD_IDS),
    place: fc.constantFrom(...ENVIRONMENTS),
    location: fc.option(fc.constantFrom(...LOCATIONS), { nil: undefined }),
    lengthFt: fc.integer({ min: 1, max: 400 }),
    ambientC: fc.integer({ min: -20, max: 70 }),
    currentCarrying: fc.option(fc.integer({ min: 1, max: 30 }), { nil: null }),
    terminal: fc.constantFrom(60 as const, 75 as const, 'unmarked' as const),
    material: fc.constantFrom('cu' as const, 'al' as const),
    waterFt: fc.option(fc.integer({ min: 0, max: 40 }), { nil: undefined }),
  })
  .map(
    ({ family, method, place, location, lengthFt, ambientC, currentCarrying, terminal, material, waterFt }) =>
      circuit({
        appliance: freshAppliance(family),
        material,
        terminals: { panel: terminal, load: terminal },
        run: [segment({ method, place, lengthFt, ambientC, currentCarrying })],
        site: {
          ...(location === undefined ? {} : { room: location }),
          ...(waterFt === undefined ? {} : { waterFt }),
        },
      }),
  );

const anyYear = fc.constantFrom(...EDITION_YEARS);

describe('whatever the appliance, the method, the place and the edition', () => {
  test('a circuit is solved, every step and finding has words and a section', () => {
    fc.assert(
      fc.property(anyCircuit, anyYear, (about, year) => {
        const solved = solveCircuit(about, context(year));
        for (const figureKey of FIGURE_KEYS) {
          const { figure, reason } = ladderWords(figureKey, solved, about);
          expect(figure).not.toMatch(/NaN|undefined|Infinity/);
          expect(reason).not.toMatch(/NaN|undefined|Infinity/);
          for (const step of solved.workings[figureKey]) {
            const { label, formula, result } = stepWords(step);
            expect(label).not.toBe('');
            expect(`${formula} ${result}`).not.toMatch(/NaN|undefined/);
            expect(step.cite.section).not.toBe('');
          }
        }
        for (const finding of solved.findings) {
          expect(findingSentence(finding)).toMatch(/[.?]$/);
          expect(findingSentence(finding)).not.toMatch(/NaN|undefined/);
        }
      }),
      runs(150),
    );
  });

  test('a way out clears its finding and brings no new stop', () => {
    fc.assert(
      fc.property(anyCircuit, anyYear, (about, year) => {
        const job = jobOf([about], { edition: year });
        const memo = freshMemo();
        const before = evaluateJob(job, memo);
        const stop = before.findings.find(({ severity }) => severity === 'stop');
        if (stop === undefined) return;
        const had = new Set(stopsIn(before));
        for (const { command } of fixesFor(before, stop, memo, defaultPrices)) {
          const then = stopsIn(evaluateJob(after(job, command).job));
          expect(then).not.toContain(stop.code);
          expect(then.every((code) => had.has(code))).toBe(true);
        }
      }),
      runs(60),
    );
  });

  test('the ground is at least what the table asks, and never larger than the phases but for a pool', () => {
    fc.assert(
      fc.property(anyCircuit, (about) => {
        const { figures } = solveCircuit(about, context());
        if (!isSized(figures)) {
          expect([figures.ground, figures.groundTaken, figures.drop, figures.raceway]).toEqual([
            null,
            null,
            null,
            null,
          ]);
          return;
        }
        const { ground, size, load } = figures;
        if (load.minGround === null) expect(sizeRank(ground.size)).toBeLessThanOrEqual(sizeRank(size));
        else expect(sizeRank(ground.size)).toBeGreaterThanOrEqual(sizeRank(load.minGround));
      }),
    );
  });
});

describe('more load never asks for less', () => {
  /** The figure of each plate that grows, and how the plate with it is made. */
  const GROWS: readonly (readonly [FamilyId, number, number, (value: number) => Record<string, unknown>])[] =
    [
      ['ev', 6, 80, (outputAmps) => ({ outputAmps, volts: 240, connection: 'hardwired' })],
      ['hot-tub', 1, 100, (amps) => ({ amps, volts: 240, neutral: true })],
      ['pool-pump', 1, 10, (hp) => ({ hp, volts: 230 })],
      ['pool-heater', 1, 40, (kw) => ({ kw, volts: 240 })],
      ['range', 1, 27, (kw) => ({ kw, volts: 240, connection: 'hardwired' })],
      ['dryer', 1, 12, (kw) => ({ kw, volts: 240 })],
      ['water-heater', 1, 40, (kw) => ({ kw, volts: 240, storage: true })],
      ['mini-split', 1, 100, (mca) => ({ mca, mocp: Math.max(15, mca * 1.6), volts: 240 })],
      ['room-ac', 1, 40, (amps) => ({ amps, volts: 240 })],
      ['welder', 5, 200, (inputAmps) => ({ inputAmps, dutyPct: 40, volts: 240, type: 'arc' })],
      ['motor', 1, 10, (hp) => ({ hp, volts: 230 })],
      ['well-pump', 1, 10, (hp) => ({ hp, volts: 230 })],
      ['kiln', 1, 40, (kw) => ({ kw, volts: 240 })],
      ['feeder', 0, 90000, (loadVA) => ({ loadVA, continuousVA: loadVA / 2, volts: 240, neutral: true })],
      ['load', 0, 400, (amps) => ({ amps, continuousAmps: amps, volts: 240, neutral: false })],
    ];

  test.each(GROWS)('%s', (family, min, max, plate) => {
    const solved = (value: number) =>
      solveCircuit(
        circuit({
          appliance: applianceSchema.parse({ family, nameplate: plate(value) }),
          run: [segment({ method: 'pvc40', lengthFt: 30 })],
        }),
        context(),
      ).figures;
    fc.assert(
      fc.property(fc.integer({ min: min, max: max }), fc.integer({ min: min, max: max }), (a, b) => {
        const [low, high] = [solved(Math.min(a, b)), solved(Math.max(a, b))];
        expect(high.ocpd.ratingA).toBeGreaterThanOrEqual(low.ocpd.ratingA);
        // Where the larger load is more than the tables hold there is no conductor for it.
        if (!isSized(high)) return;
        if (!isSized(low)) throw new Error('The smaller load has no conductor.');
        expect(sizeRank(high.size)).toBeGreaterThanOrEqual(sizeRank(low.size));
        expect(sizeRank(high.ground.size)).toBeGreaterThanOrEqual(sizeRank(low.ground.size));
      }),
      runs(60),
    );
  });
});

describe('the survey of every family', () => {
  test.each(families)(
    '%s: its plate has marks, its questions have keys of their own, and a title',
    (family) => {
      const fresh = freshAppliance(family);
      const questions = applianceQuestions(fresh);
      const keys = questions.map(({ key }) => key);
      expect(new Set(keys).size).toBe(keys.length);
      expect(questions.some(({ mark }) => mark !== undefined)).toBe(true);
      expect(applianceTitle(fresh).length).toBeGreaterThan(3);
    },
  );

  test.each(families)('%s: asks of the site only what is labeled', (family) => {
    const { figures } = solveCircuit(circuit({ appliance: freshAppliance(family) }), context());
    for (const topic of ['place', 'disconnect', 'protection', 'ends'] as const) {
      for (const key of siteQuestions(figures.facts, figures.outlet, topic, false)) {
        expect(siteFields[key].label).not.toBe('');
      }
    }
  });
});
