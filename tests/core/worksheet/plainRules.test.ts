import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { LegLoad } from '../../../src/core/appliances/legs';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshMemo } from '../../../src/core/job/jobMemo';
import { isItemError } from '../../../src/core/worksheet/answer';
import { answerWorksheet } from '../../../src/core/worksheet/answerWorksheet';
import { appliance } from '../../support/appliances';
import { circuit, segment } from '../../support/circuits';
import { jobOf } from '../../support/jobs';
import { runs } from '../../support/luck';
import {
  HORSEPOWER,
  plainCover,
  plainDangers,
  plainFurniture,
  plainLegs,
  plainMotor,
} from '../../support/plainRules';

/** A tenth of what a deep run draws: 300 items here, 3,000 there; 30 jobs and 300. */
const ITEMS = 60;
const JOBS = 15;

const answered = (item: object) => {
  const answer = answerWorksheet({ worksheet: 1, edition: 2023, items: [{ id: 'i', ...item }] });
  if ('problem' in answer) throw new Error(JSON.stringify(answer.problem));
  const [outcome] = answer.items;
  if (outcome === undefined || isItemError(outcome)) throw new Error(JSON.stringify(outcome));
  return outcome;
};

describe('items, reckoned a second time', () => {
  test('motors that are marked in amperes', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...HORSEPOWER),
        fc.double({ min: 0.7, max: 1.4, noNaN: true }),
        ([row, hp], share) => {
          const { plateA, minAmpacityA, ceilingA } = plainMotor(row, share);
          const nameplate = { hp, volts: 240, phase: 1, continuous: true, nameplateA: plateA };
          const { result } = answered({
            kind: 'circuit',
            family: 'motor',
            nameplate,
            method: 'emt',
            lengthFt: 20,
          });
          const told = result as { minAmpacityA: number; ocpdA: number };
          expect(told.minAmpacityA).toBeCloseTo(minAmpacityA, 6);
          expect(told.ocpdA).toBeLessThanOrEqual(ceilingA);
        },
      ),
      runs(ITEMS),
    );
  });

  test('ranges of 8-3/4 kW and more have 40 A, whatever is set by hand', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 270 }),
        fc.constantFrom(20, 25, 30, 35, 40, 45, 50),
        (tenths, ocpdA) => {
          const kw = tenths / 10;
          const item = {
            family: 'range',
            nameplate: { kw, volts: 240, connection: 'hardwired' },
            pinned: { ocpdA },
          };
          const { findings } = answered({ kind: 'circuit', ...item, method: 'nm-b', lengthFt: 20 });
          const isSmall = findings.some(({ code }) => code === 'ocpd.range-least');
          expect(isSmall).toBe(kw >= 8.75 && ocpdA < 40);
        },
      ),
      runs(ITEMS),
    );
  });

  test('cover of what is buried', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('uf-b', 'pvc40', 'pvc80', 'rmc', 'imc'),
        fc.constantFrom('yard', 'under-slab', 'driveway', 'street', 'under-building'),
        fc.constantFrom(120, 240),
        fc.constantFrom(15, 20, 30),
        fc.boolean(),
        (method, location, volts, ocpdA, gfci) => {
          const { result, findings } = answered({ kind: 'burial', method, location, volts, ocpdA, gfci });
          const expected = plainCover(method, location, volts, ocpdA, gfci);
          expect((result as { coverIn: number | null }).coverIn).toBe(expected);
          expect(findings.some(({ code }) => code === 'burial.under-building')).toBe(expected === null);
        },
      ),
      runs(ITEMS),
    );
  });

  test('metal furniture around the water', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 80 }),
        fc.integer({ min: 0, max: 150 }),
        fc.constantFrom(true, false, undefined),
        fc.boolean(),
        (tenthsFt, tenthsUp, fixed, barrier) => {
          const [distanceFt, heightFt] = [tenthsFt / 10, tenthsUp / 10];
          const part = { id: 'f', what: 'furniture', metal: true, distanceFt, heightFt, fixed, barrier };
          const water = { kind: 'in-ground', shell: 'vinyl', perimeter: 'unpaved' };
          const { result } = answered({ kind: 'bonding', water, items: [part] });
          const [told] = (result as { items: { bond: boolean | 'ask' }[] }).items;
          expect(told?.bond).toBe(plainFurniture(distanceFt, heightFt, fixed, barrier));
        },
      ),
      runs(ITEMS),
    );
  });

  test('dangers of outlets, whatever was read', () => {
    const near = (at: number) => fc.double({ min: Math.max(0, at - 12), max: at + 12, noNaN: true });
    const volts = fc.oneof(
      ...[0, 0, 60, 120, 120, 208, 240].map(near),
      fc.double({ min: 0, max: 300, noNaN: true }),
    );
    fc.assert(
      fc.property(
        fc.constantFrom('120', '120/240', '240'),
        fc.constantFrom('low-z', 'high-z'),
        fc.tuple(volts, volts, volts, volts, volts, volts),
        (outlet, meter, [L1N, L1G, NG, L2N, L2G, L1L2]) => {
          const all = {
            '120': { L1N, L1G, NG },
            '120/240': { L1N, L1G, NG, L2N, L2G, L1L2 },
            '240': { L1L2, L1G, L2G },
          }[outlet];
          const { result } = answered({ kind: 'fault', outlet, readings: all, meter });
          const told = (result as { dangers: { code: string }[] }).dangers.map(({ code }) => code);
          // The volts between the legs and the neutral together are looked at besides: more may be told, never less.
          for (const danger of plainDangers(outlet, all, meter)) expect(told).toContain(danger);
          const more = told.filter((code) => !plainDangers(outlet, all, meter).includes(code));
          expect(more.filter((code) => code !== 'neutral-lost')).toEqual([]);
        },
      ),
      runs(5 * ITEMS),
    );
  });
});

describe('jobs, reckoned a second time', () => {
  const load: fc.Arbitrary<LegLoad> = fc.record({
    what: fc.constant('Load'),
    amps: fc.integer({ min: 1, max: 40 }),
    leg: fc.constantFrom('A', 'B', 'both'),
    continuous: fc.boolean(),
    motor: fc.boolean(),
  });

  test('several loads on one circuit: the heavier leg, each by itself', () => {
    fc.assert(
      fc.property(fc.array(load, { minLength: 1, maxLength: 6 }), (loads) => {
        const mixed = appliance('mix', { loads, volts: 240, neutral: true });
        const [view] = evaluateJob(jobOf([circuit({ appliance: mixed })]), freshMemo()).circuits;
        const plain = loads.map(({ amps, leg, motor, continuous }) => ({
          amps,
          leg,
          motor: motor === true,
          continuous: continuous === true,
        }));
        expect(view?.solved.figures.ocpd.minA).toBeCloseTo(plainLegs(plain), 6);
      }),
      runs(JOBS),
    );
  });

  test('cables in one trench: as many conductors as lie there', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 8 }),
        fc.constantFrom(true, false, undefined),
        fc.integer({ min: 1, max: 60 }),
        (count, spaced, lengthFt) => {
          const job = jobOf(
            Array.from({ length: count }, (_, at) =>
              circuit({
                id: `c${at}`,
                name: `Circuit ${at}`,
                run: [
                  segment({
                    method: 'uf-b',
                    place: 'underground',
                    lengthFt,
                    shares: { trench: 't' },
                    ...(spaced !== undefined && { spaced }),
                  }),
                ],
              }),
            ),
          );
          const [view] = evaluateJob(job, freshMemo()).circuits;
          const carrying = spaced === true || lengthFt <= 2 ? 2 : 2 * count;
          const factor = carrying <= 3 ? 1 : carrying <= 6 ? 0.8 : carrying <= 9 ? 0.7 : 0.5;
          expect(view?.solved.figures.segments[0]?.terms.adjustment ?? factor).toBe(factor);
        },
      ),
      runs(JOBS),
    );
  });
});
