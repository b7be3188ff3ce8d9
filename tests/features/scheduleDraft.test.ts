import { expect, test } from 'vitest';
import { draftOf, keepDraft, refusedPart } from '../../src/features/job/scheduleDraft';

test('a draft stays with its job until it was added', () => {
  keepDraft('one', 'appliance\ndryer 5');
  expect([draftOf('one'), draftOf('two')]).toEqual(['appliance\ndryer 5', '']);
  keepDraft('one', '');
  expect(draftOf('one')).toBe('');
});

test('refused rows stay with their header, blank lines and quotes as they may be', () => {
  const text = 'name,appliance\n\n"Den, west",sofa\nDeck,hot tub 50\n\nYard,moon 5\n';
  expect(refusedPart(text, [2, 4]).split(/\r?\n/)).toEqual([
    'name,appliance',
    '"Den, west",sofa',
    'Yard,moon 5',
  ]);
  expect(refusedPart(text, [])).toBe('');
  expect(refusedPart('{"worksheet":1}', [2])).toBe('');
});
