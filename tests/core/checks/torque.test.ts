import { describe, expect, test } from 'vitest';
import { freshCheck } from '../../../src/core/checks/checksDocument';
import { driverAnswer, takenTorque } from '../../../src/core/checks/torqueDriver';
import { appliedTorque, isSetTo, nextTorque, withTorque } from '../../../src/core/checks/torqueRecord';
import { driverWords } from '../../../src/core/wording/checkWords';

const TODAY = '2026-10-14';
const take = (mood: Parameters<typeof driverAnswer>[0], wanted = 45) =>
  takenTorque(driverAnswer(mood, wanted, TODAY), wanted, TODAY);

describe('a torque driver', () => {
  test('lets go at its setting, in whatever unit it answers', () => {
    expect(take('none')).toEqual({ lbIn: 45, overdue: false, tool: 'T-14 (made up)' });
    expect(driverAnswer('metric', 45, TODAY)).toMatchObject({ unit: 'N·m', set: 5.1, reached: 5.1 });
    expect(take('metric')).toMatchObject({ lbIn: 45 });
    expect(take('metric', 250)).toMatchObject({ lbIn: 250 });
  });

  test('one that stopped short, or was set for another screw, is not kept', () => {
    expect(take('short')).toEqual({ refused: 'short', lbIn: 36 });
    expect(take('contradictory')).toEqual({ refused: 'other-setting', lbIn: 67.5 });
    expect(driverWords(take('short'))).toContain('Not kept');
    expect(driverWords(take('contradictory'))).toContain('another screw');
  });

  test('one calibrated over a year ago is kept and said', () => {
    expect(take('overdue')).toMatchObject({ lbIn: 45, overdue: true });
    const exactly = { ...driverAnswer('none', 45, TODAY), calibrated: '2025-10-14' };
    expect(takenTorque(exactly, 45, TODAY)).toMatchObject({ overdue: false });
    expect(takenTorque({ ...exactly, calibrated: '2025-10-13' }, 45, TODAY)).toMatchObject({ overdue: true });
    expect(driverWords(take('overdue'))).toContain('over a year old');
  });
});

describe('the record of torque', () => {
  test.each([
    [45, 45, true],
    [47.7, 45, true],
    [47.8, 45, false],
    [42.3, 45, true],
    [42.2, 45, false],
    [null, 45, false],
  ])('%s for %s lb-in: %s', (applied, wanted, expected) => {
    expect(isSetTo(applied, wanted)).toBe(expected);
  });

  test('every terminal a first time before any a second time', () => {
    const terminals = ['a', 'b'];
    let check = freshCheck('c');
    expect(nextTorque(check, terminals)).toEqual({ terminal: 'a', time: 'first' });
    check = withTorque(check, 'a', { first: 45, second: null });
    expect(nextTorque(check, terminals)).toEqual({ terminal: 'b', time: 'first' });
    check = withTorque(check, 'b', { first: 35, second: null });
    expect(nextTorque(check, terminals)).toEqual({ terminal: 'a', time: 'second' });
    check = withTorque(check, 'a', { first: 45, second: 46 });
    check = withTorque(check, 'b', { first: 35, second: 35 });
    expect(nextTorque(check, terminals)).toBeNull();
    expect(appliedTorque([check], 'c')).toEqual({ a: 46, b: 35 });
    expect(withTorque(check, 'a', null).torque.map(({ terminal }) => terminal)).toEqual(['b']);
    expect(appliedTorque([check], 'other')).toEqual({});
  });
});
