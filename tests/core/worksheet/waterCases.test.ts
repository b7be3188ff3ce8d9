import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { isItemError } from '../../../src/core/worksheet/answer';
import { answerWorksheet } from '../../../src/core/worksheet/answerWorksheet';

interface WaterCase {
  readonly id: string;
  readonly kind: string;
  /** What each field comes to: one figure, or every answer that is taken. */
  readonly expect: Readonly<Record<string, unknown>>;
}

const { items } = JSON.parse(readFileSync('tests/fixtures/waterCases.json', 'utf8')) as {
  items: WaterCase[];
};

const answered = (given: WaterCase) => {
  const { expect: _expected, ...item } = given;
  const answer = answerWorksheet({ worksheet: 1, edition: 2023, items: [item] });
  if ('problem' in answer) throw new Error(answer.problem.message);
  const [outcome] = answer.items;
  if (outcome === undefined) throw new Error('no answer');
  return outcome;
};

/** A length within 0.02 ft or a thousandth of it. */
const near = (is: unknown, to: number, field: string): void => {
  expect(typeof is, field).toBe('number');
  expect(Math.abs(Number(is) - to), field).toBeLessThanOrEqual(Math.max(0.02, 0.001 * to));
};

function compare(field: string, to: unknown, is: unknown): void {
  if (to === null) return;
  if (typeof to === 'number') near(is, to, field);
  else if (Array.isArray(to)) expect(to, field).toContain(is);
  else if (typeof to === 'object')
    for (const [key, value] of Object.entries(to))
      compare(`${field}.${key}`, value, (is as Record<string, unknown>)[key]);
}

/** Answers about bonding in the form of the cases: parts by their id, the water by its bond. */
function flattened(result: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> {
  const parts = result['items'] as readonly { id: string; bond: unknown }[];
  const water = result['water'] as { bond: unknown };
  return {
    ...result,
    items: Object.fromEntries(parts.map(({ id, bond }) => [id, bond])),
    water: water.bond,
  };
}

test.each(items.map((each) => [each.id, each] as const))('%s', (_, given) => {
  const outcome = answered(given);
  if ('error' in given.expect) {
    expect(isItemError(outcome) && outcome.error.message).toContain('crosses itself');
    return;
  }
  if (isItemError(outcome)) throw new Error(outcome.error.message);
  compare(given.id, given.expect, given.kind === 'bonding' ? flattened(outcome.result) : outcome.result);
});
