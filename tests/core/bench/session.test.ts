import { describe, expect, test } from 'vitest';
import { BenchDesk } from '../../../src/core/bench/benchDesk';
import { BENCHES } from '../../../src/core/bench/benches';
import type { Measurement } from '../../../src/core/bench/measurement';
import {
  afterAct,
  FRESH_SESSION,
  isDone,
  PROOF_ACTS,
  scoreOf,
  takenIn,
  type BenchAct,
  type BenchSession,
} from '../../../src/core/bench/session';
import { logWords, nameAmong, UNSAFE_WORDS } from '../../../src/core/wording/benchWords';

const bench = BENCHES.find(({ id }) => id === 'dead-outlet');
if (bench === undefined) throw new Error('no bench');
const desk = new BenchDesk(bench);
const after = (...acts: readonly BenchAct[]): BenchSession =>
  acts.reduce((session, act) => afterAct(session, act, desk), FRESH_SESSION);
const read = (tool: Measurement['tool'], station: number, of: Measurement['of']): BenchAct => ({
  kind: 'measure',
  measurement: { tool, station, of, on: false },
});
const PROVE: BenchAct = { kind: 'prove-tester' };
const OFF: BenchAct = { kind: 'breaker', on: false };
const ON: BenchAct = { kind: 'breaker', on: true };
const RIGHT: BenchAct = { kind: 'claim', key: 'open L1 C' };
const unsafeIn = ({ log }: BenchSession) => log.flatMap((line) => (line.kind === 'unsafe' ? [line.act] : []));

describe('what would have hurt', () => {
  test('volts with a tester that was not proved', () => {
    expect(unsafeIn(after(read('volts', 2, 'L1N')))).toEqual(['tester-not-proved']);
    expect(unsafeIn(after(PROVE, read('volts', 2, 'L1N')))).toEqual([]);
    // A clamp shows nothing that is taken for dead.
    expect(unsafeIn(after(read('clamp', 1, 'L1')))).toEqual([]);
  });

  test('ohms on a live circuit read nothing', () => {
    const session = after(PROVE, read('ohms', 2, 'L1N'));
    expect(unsafeIn(session)).toEqual(['ohms-live']);
    expect(takenIn(session)).toEqual([]);
  });

  test('ohms before it was proved dead; off, each conductor to every other, the tester again, and it is', () => {
    expect(unsafeIn(after(PROVE, OFF, read('ohms', 2, 'L1N')))).toEqual(['not-proved-dead']);
    const all = (['L1N', 'L1G', 'NG'] as const).map((pair) => read('volts', 2, pair));
    const proved = after(PROVE, OFF, ...all, PROVE, read('ohms', 2, 'L1N'));
    expect(unsafeIn(proved)).toEqual([]);
    expect(takenIn(proved)).toHaveLength(1);
    // One pair of three, the tester not proved again, or another station: not proved dead.
    const less = [
      after(PROVE, OFF, read('volts', 2, 'L1N'), PROVE, read('ohms', 2, 'L1N')),
      after(PROVE, OFF, ...all, read('ohms', 2, 'L1N')),
      after(PROVE, OFF, ...all, PROVE, read('ohms', 1, 'L1N')),
      // Switched on and off again it has to be proved anew.
      after(PROVE, OFF, ...all, PROVE, ON, OFF, read('ohms', 2, 'L1N')),
    ];
    expect(less.map(unsafeIn)).toEqual(less.map(() => ['not-proved-dead']));
    const swept = after(PROVE, OFF, { kind: 'sweep-dead', station: 2 }, PROVE, read('ohms', 2, 'N'));
    expect(unsafeIn(swept)).toEqual([]);
    expect(unsafeIn(after(OFF, { kind: 'sweep-dead', station: 2 }))).toEqual(['tester-not-proved']);
    expect(after({ kind: 'sweep-dead', station: 2 })).toEqual(FRESH_SESSION);
  });

  test('a claim after readings with a tester that was not proved again', () => {
    expect(unsafeIn(after(PROVE, read('volts', 2, 'L1N'), RIGHT))).toEqual(['not-proved-after']);
    expect(unsafeIn(after(PROVE, read('volts', 2, 'L1N'), PROVE, RIGHT))).toEqual([]);
    expect(unsafeIn(after(RIGHT))).toEqual([]);
  });

  test('each is said in a sentence that says why', () => {
    for (const words of Object.values(UNSAFE_WORDS)) expect(words).toMatch(/^[A-Z].{20,}\.$/);
  });
});

describe('claim and proof', () => {
  test('a right claim is proved step by step in their order', () => {
    let session = after(RIGHT);
    expect(session.claimed).toBe('open L1 C');
    for (const act of PROOF_ACTS) {
      expect(isDone(session)).toBe(false);
      session = afterAct(session, { kind: 'proof', act }, desk);
    }
    expect(isDone(session)).toBe(true);
    expect(unsafeIn(session)).toEqual([]);
  });

  test('mending before it is proved dead is unsafe, and the proof stands where it stood', () => {
    const session = after(RIGHT, { kind: 'proof', act: 'off' }, { kind: 'proof', act: 'mend' });
    expect(unsafeIn(session)).toEqual(['proof-order']);
    expect(session.proof).toBe(1);
  });

  test('nothing is proved before it is claimed, nor after a wrong claim', () => {
    expect(after({ kind: 'proof', act: 'off' })).toEqual(FRESH_SESSION);
    const wrong = after({ kind: 'claim', key: 'open N C' });
    expect(wrong.claimed).toBeNull();
    expect(scoreOf(wrong, 3)).toMatchObject({ wrongClaims: 1, lost: 3 });
  });

  test('a hint strikes one that is not it, another one the next time', () => {
    const session = after({ kind: 'hint' }, { kind: 'hint' });
    const keys = session.log.flatMap((line) => (line.kind === 'hint' ? [line.key] : []));
    expect(new Set(keys).size).toBe(2);
    expect(keys).not.toContain(bench.hidden);
    expect(scoreOf(session, 3).lost).toBe(4);
  });

  test('readings past a good plan cost a point each, those within it none', () => {
    const four = after(PROVE, ...[0, 1, 2, 2].map((station) => read('volts', station, 'L1N')));
    expect(scoreOf(four, 3)).toMatchObject({ readings: 4, lost: 1, unsafe: 0 });
    expect(scoreOf(four, 6).lost).toBe(0);
  });

  test('with the breaker off nothing is learned of the fault', () => {
    const session = after(PROVE, OFF, read('volts', 2, 'L1N'));
    expect(takenIn(session)).toEqual([]);
    expect(session.log.at(-1)).toEqual({ kind: 'dead-reading' });
  });

  test('the log reads as it was done', () => {
    const session = after(
      PROVE,
      read('volts', 2, 'L1N'),
      OFF,
      { kind: 'hint' },
      { kind: 'claim', key: 'open N C' },
    );
    const words = session.log.map((line) => logWords(line, ['A', 'B', 'C'], nameAmong(desk.faults)));
    expect(words.slice(0, 3)).toEqual([
      'Tester proved on a live source',
      'C1 to CN, load off',
      'Breaker off',
    ]);
    expect(words[3]).toMatch(/^Hint: not /);
    expect(words.at(-1)).toBe('Wrong claim: Neutral, joint at C: open');
  });
});
