import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { joined } from '../../../src/core/job/changes';
import { applyCommand, isRefusal } from '../../../src/core/job/commands';
import { withSafeIds } from '../../../src/core/job/safeIds';
import { moneyOf, MONEY_PARTS, plus, priceOf } from '../../../src/core/quote/money';
import { optionKey } from '../../../src/core/quote/optionChange';
import { quoteDocument } from '../../../src/core/quote/quoteDocument';
import { circuit } from '../../support/circuits';
import { after, jobOf } from '../../support/jobs';

const TERMS = { ...quoteDocument.fresh.terms, rateCents: 9800, marginPct: 15, taxPct: 6.5 };

describe('a price', () => {
  test('is material, labor at the rate, permit, margin on both, tax on material', () => {
    const money = moneyOf(117827, 7.7, 8500, TERMS);
    expect(money).toEqual({ material: 117827, labor: 75460, permit: 8500, margin: 28993, tax: 7659 });
    expect(priceOf(money)).toBe(238439);
  });

  test('adds up to the cent, however it is put together', () => {
    const cents = fc.integer({ min: 0, max: 2_000_000 });
    const hours = fc.double({ min: 0, max: 300, noNaN: true });
    fc.assert(
      fc.property(cents, hours, cents, cents, hours, cents, (m1, h1, p1, m2, h2, p2) => {
        const [a, b] = [moneyOf(m1, h1, p1, TERMS), moneyOf(m2, h2, p2, TERMS)];
        expect(priceOf(plus(a, b))).toBe(priceOf(a) + priceOf(b));
        expect(MONEY_PARTS.every((part) => Number.isInteger(a[part]))).toBe(true);
      }),
    );
  });

  test('more hours never cost less', () => {
    const hours = fc.double({ min: 0, max: 300, noNaN: true });
    fc.assert(
      fc.property(hours, hours, (a, b) => {
        const [less, more] = [Math.min(a, b), Math.max(a, b)];
        expect(priceOf(moneyOf(5000, more, 0, TERMS))).toBeGreaterThanOrEqual(
          priceOf(moneyOf(5000, less, 0, TERMS)),
        );
      }),
    );
  });
});

describe('the quote in the job', () => {
  test('is edited, undone, and keystrokes of one field are one edit', () => {
    const job = jobOf([]);
    const forward = {
      kind: 'change',
      part: 'quote',
      fields: { terms: { ...TERMS, rateCents: 11000 } },
    } as const;
    const { job: changed, inverse } = after(job, forward);
    expect(changed.quote.terms.rateCents).toBe(11000);
    expect(after(changed, inverse).job).toEqual(job);
    const both = joined(forward, { kind: 'change', part: 'quote', fields: { picked: [] } });
    expect(both).toEqual({ kind: 'change', part: 'quote', fields: { ...forward.fields, picked: [] } });
  });

  test.each([
    [{ terms: { ...TERMS, marginPct: 120 } }, 'marginPct'],
    [{ terms: { ...TERMS, rateCents: 12.5 } }, 'rateCents'],
    [{ ownerMax: [{ circuitId: 'a', cents: -1 }] }, 'ownerMax'],
    [{ accepted: { date: '2026-02-30', by: 'A', cents: 1, parts: [] } }, 'date'],
  ])('what it does not accept is refused by its field: %j', (fields, field) => {
    const outcome = applyCommand(jobOf([]), { kind: 'change', part: 'quote', fields });
    if (!isRefusal(outcome) || outcome.refused.kind !== 'invalid') throw new Error('It was taken.');
    expect(outcome.refused.problem.path).toContain(field);
  });
});

test('what the quote says of a circuit follows it when its id from a file was not safe', () => {
  const job = jobOf([circuit({ id: 'a b' })]);
  const change = { kind: 'management' } as const;
  const taken = { id: 'a b', family: 'ev', unitH: 2, tookH: 3 };
  const quote = {
    ...job.quote,
    options: [{ circuitId: 'a b', changes: [change] }],
    picked: [{ circuitId: 'a b', change }],
    ownerMax: [{ circuitId: 'a b', cents: 100 }],
    labor: { ...job.quote.labor, finished: ['a b'], taken: [taken] },
  };
  const { job: safe } = withSafeIds({ ...job, quote });
  const id = safe.circuits[0]?.id;
  expect(id).not.toBe('a b');
  const { options, picked, ownerMax, labor } = safe.quote;
  const ids = [...options, ...picked, ...ownerMax].map(({ circuitId }) => circuitId);
  expect([...ids, ...labor.finished, labor.taken[0]?.id]).toEqual([id, id, id, id, id]);
});

test('options are told apart by all that they change', () => {
  const keys = [
    optionKey({ kind: 'charger', settingA: 32, wireFor: 'setting' }),
    optionKey({ kind: 'charger', settingA: 32, wireFor: 'full' }),
    optionKey({ kind: 'charger', settingA: 40, wireFor: 'full' }),
    optionKey({ kind: 'management' }),
  ];
  expect(new Set(keys).size).toBe(keys.length);
});
