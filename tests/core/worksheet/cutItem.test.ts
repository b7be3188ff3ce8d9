import { describe, expect, test } from 'vitest';
import { isItemError } from '../../../src/core/worksheet/answer';
import { answerWorksheet } from '../../../src/core/worksheet/answerWorksheet';

/** The first item of a worksheet of pieces by their feet and stock by feet, cents and count. */
function answered(
  feet: readonly number[],
  stock: readonly (readonly [ft: number, cents: number, count?: number])[],
) {
  const item = {
    id: 'cuts',
    kind: 'cut-plan',
    pieces: feet.map((ft, at) => ({ id: `p${at}`, ft })),
    stock: stock.map(([ft, cents, count], at) => ({
      id: `s${at}`,
      ft,
      cents,
      ...(count !== undefined && { count }),
    })),
  };
  const answer = answerWorksheet({ worksheet: 1, edition: 2023, items: [item] });
  if ('problem' in answer) throw new Error(answer.problem.message);
  const [outcome] = answer.items;
  if (outcome === undefined) throw new Error('no answer');
  return outcome;
}

const result = (...given: Parameters<typeof answered>) => {
  const outcome = answered(...given);
  if (isItemError(outcome)) throw new Error(outcome.error.message);
  return outcome;
};
const error = (...given: Parameters<typeof answered>) => {
  const outcome = answered(...given);
  if (!isItemError(outcome)) throw new Error('It was answered.');
  return outcome.error;
};

describe('the kind cut-plan', () => {
  // By hand: 7 alone on 8 ft; 15 on 16 ft; 2 + 2 + 2 on another 8 ft: 475 + 1,050 + 475.
  test('answers bars, cost and the bound that proves it', () => {
    const { result: cut, working } = result(
      [7, 15, 2, 2, 2],
      [
        [8, 475],
        [12, 1025],
        [16, 1050],
      ],
    );
    expect(cut).toMatchObject({ costCents: 2000, boundCents: 2000, proved: true });
    expect(cut['bars']).toContainEqual({ stock: 's2', pieces: ['p1'], leftFt: 1 });
    expect(working.at(-1)).toMatchObject({ step: 'No plan costs less than', result: '$20.00' });
  });

  test('names the piece that is longer than any stock, and the stock that does not suffice', () => {
    expect(
      error(
        [4, 30],
        [
          [25, 900],
          [10, 400],
        ],
      ),
    ).toMatchObject({ path: 'items[0].pieces[1].ft' });
    expect(
      error(
        [9],
        [
          [10, 900, 0],
          [8, 400],
        ],
      ).message,
    ).toContain('the longest stock is 8 ft');
    expect(error([9, 9, 9], [[10, 900, 2]])).toMatchObject({ path: 'items[0].stock' });
  });

  test('refuses what is no piece or stock, by its field', () => {
    expect(error([0], [[10, 900]]).path).toBe('items[0].pieces[0].ft');
    expect(error([1], [[10, -1]]).path).toBe('items[0].stock[0].cents');
    expect(error([1], []).path).toBe('items[0].stock');
  });

  test('refuses two pieces of one id: a plan could not tell them apart', () => {
    const answer = answerWorksheet({
      worksheet: 1,
      edition: 2023,
      items: [
        {
          id: 'cuts',
          kind: 'cut-plan',
          pieces: [
            { id: 'a', ft: 1 },
            { id: 'a', ft: 2 },
          ],
          stock: [{ id: 's', ft: 9, cents: 1 }],
        },
      ],
    });
    expect(answer).toMatchObject({ items: [{ error: { path: 'items[0].pieces[1].id' } }] });
  });
});
