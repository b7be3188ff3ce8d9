import { describe, expect, test } from 'vitest';
import { againstCopy } from '../../../src/core/job/againstCopy';
import { readCopyManifest, writeCopyManifest } from '../../../src/core/job/copyManifest';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { standingWords } from '../../../src/core/wording/copyWords';

const named = (authority: string, later = demoJob.later): Job => ({ ...demoJob, authority, later });
// Latest first, as the journal goes back.
const STATES = [named('third'), named('second'), named('first')];

describe('a job of a copy against the one here', () => {
  test('new where it is not here, the same where nothing differs', () => {
    expect(againstCopy([], demoJob, true)).toEqual({ kind: 'new' });
    expect(againstCopy(STATES, structuredClone(named('third')), true)).toEqual({ kind: 'same' });
  });

  test('a state that the one here has gone through is older, by so many edits', () => {
    expect(againstCopy(STATES, named('second'), true)).toEqual({ kind: 'newer-here', edits: 1 });
    expect(againstCopy(STATES, named('first'), false)).toEqual({ kind: 'newer-here', edits: 2 });
  });

  test('what went on from the one here is newer there, if it was edited later', () => {
    const on = { ...named('third', 'A pool'), permitDate: '2026-09-01' };
    expect(againstCopy(STATES, on, true)).toEqual({ kind: 'newer-there', things: 2 });
    // Without that it may as well be the older one: nothing here is replaced unasked.
    expect(againstCopy(STATES, on, false)).toEqual({ kind: 'both', here: 0, there: 2, inBoth: 0 });
  });

  test('both went on from a state that both had: what each changed, and what both did', () => {
    const other = { ...named('second', 'A pool'), authority: 'fourth' };
    expect(
      againstCopy([{ ...named('third'), permitDate: '2026-09-01' }, ...STATES.slice(1)], other, true),
    ).toEqual({
      kind: 'both',
      here: 1,
      there: 1,
      inBoth: 1,
    });
  });

  test('in words', () => {
    expect(standingWords({ kind: 'newer-here', edits: 1 })).toBe('Newer here: 1 edit since this copy.');
    expect(standingWords({ kind: 'both', here: 1, there: 2, inBoth: 3 })).toContain(
      '2 only in the copy, 3 in both',
    );
  });
});

describe('the list of what is in a copy', () => {
  test('is read as it was written; anything else is none', () => {
    const jobs = [{ file: 'a.pasture.json', id: 'a', name: 'A', edited: '2026-09-01T10:00:00.000Z' }];
    expect(readCopyManifest(writeCopyManifest(jobs))?.jobs).toEqual(jobs);
    for (const text of ['', '{', '{"pasture":"copy","version":2,"jobs":[]}', '{"pasture":"job"}'])
      expect(readCopyManifest(text)).toBeUndefined();
  });
});
