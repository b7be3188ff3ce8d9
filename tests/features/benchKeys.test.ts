import { describe, expect, test } from 'vitest';
import { afterKey, NOTHING_TYPED, type KeyAct } from '../../src/features/bench/benchKeys';

const TERMINALS = ['A1', 'AN', 'B1', 'B2', 'BN', 'C1', 'CN'];

/** What some keys come to, one after the other. */
function typed(...keys: readonly string[]): readonly KeyAct[] {
  const acts: KeyAct[] = [];
  let state = NOTHING_TYPED;
  for (const key of keys) {
    const after = afterKey(state, key, TERMINALS);
    state = after.typed;
    if (after.act !== null) acts.push(after.act);
  }
  return acts;
}
const red: KeyAct = { kind: 'take', lead: 'red' };
const black: KeyAct = { kind: 'take', lead: 'black' };
const touch = (terminal: string): KeyAct => ({ kind: 'touch', terminal });

describe('keys of the bench', () => {
  test('a lead, then a terminal by its two letters; right after a lead B is a station', () => {
    expect(typed('r', 'c', '1')).toEqual([red, touch('C1')]);
    expect(typed('r', 'b', '1')).toEqual([red, touch('B1')]);
    expect(typed('b', 'b', 'n')).toEqual([black, touch('BN')]);
    expect(typed('r', 'b', '1', 'b', 'c', 'n')).toEqual([red, touch('B1'), black, touch('CN')]);
  });

  test('a terminal alone goes to the lead in hand; a digit alone is none of these', () => {
    expect(typed('a', 'n')).toEqual([touch('AN')]);
    expect(afterKey(NOTHING_TYPED, '1', TERMINALS)).toEqual({
      typed: NOTHING_TYPED,
      act: null,
      taken: false,
    });
    // C 2 is no terminal there: the digit is left to whom it belongs.
    expect(afterKey({ lead: false, station: 'C' }, '2', TERMINALS).taken).toBe(false);
  });

  test('what is set, proved and switched', () => {
    expect(typed('m', 'p', 's', 'l').map(({ kind }) => kind)).toEqual(['tool', 'prove', 'breaker', 'load']);
    expect(typed('Tab', 'Enter', 'x')).toEqual([]);
  });
});
