import { describe, expect, test } from 'vitest';
import type { Circuit } from '../../../src/core/circuit/circuitSchema';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { circuit, load, segment } from '../../support/circuits';
import { after, fixesIn, jobOf, stopsIn } from '../../support/jobs';

const shares = { raceway: 'w' };
const bent = (id: string) => segment({ id, method: 'emt', lengthFt: 80, bendsDeg: 450, shares });
const of = (id: string) =>
  circuit({ id, name: `Circuit ${id}`, appliance: load({ amps: 24 }), run: [bent(`${id}-run`)] });

describe('a pull point in a raceway that two circuits share', () => {
  const job = jobOf([of('one'), of('two')]);
  const [fix] = fixesIn(job, 'raceway.bends').filter(({ change }) => change.kind === 'pull-point');

  test('divides it for both, costs for both, and names the other', () => {
    expect(fix?.reaches).toEqual(['Circuit two']);
    const { circuits } = after(job, fix!.command).job;
    for (const { run } of circuits) {
      expect(run.map(({ bendsDeg, lengthFt }) => [bendsDeg, lengthFt])).toEqual([
        [225, 40],
        [225, 40],
      ]);
      expect(run.map(({ shares: with_ }) => with_?.raceway)).toEqual(['w', 'w-b']);
    }
    expect(stopsIn(evaluateJob(after(job, fix!.command).job))).not.toContain('raceway.bends');
  });

  test('applied again to what is still bent, no id is there twice', () => {
    const steep = jobOf(
      ['one', 'two'].map((id) => {
        const { run, ...rest } = of(id);
        return { ...rest, run: run.map((each) => ({ ...each, bendsDeg: 720 })) };
      }),
    );
    const once = after(steep, fixesIn(steep, 'raceway.bends')[0]!.command).job;
    const more = {
      ...once,
      circuits: once.circuits.map((each) => ({
        ...each,
        run: each.run.map((part, at) => (at === 0 ? { ...part, bendsDeg: 400 } : part)),
      })),
    };
    const twice = after(more, fixesIn(more, 'raceway.bends')[0]!.command).job;
    for (const { run } of twice.circuits) {
      const ids = run.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      expect(run.length).toBeGreaterThan(2);
    }
  });
});

describe('a size that is pinned in one of two circuits of a raceway', () => {
  test('is priced over both when freeing it changes the raceway of both', () => {
    const pinned: Circuit = { ...of('one'), pins: { size: '14' } };
    const straight = (each: Circuit): Circuit => ({
      ...each,
      run: each.run.map((part) => ({ ...part, bendsDeg: 0 })),
    });
    const job = jobOf([straight(pinned), straight({ ...of('two'), pins: { size: '1' } })]);
    const evaluation = evaluateJob(job);
    const stop = evaluation.findings.find(({ severity }) => severity === 'stop');
    expect(stop).toBeDefined();
    for (const { command, reaches } of fixesIn(job, stop!.code)) {
      const mended = evaluateJob(after(job, command).job);
      const other = mended.circuit('two')?.solved.figures;
      const was = evaluation.circuit('two')?.solved.figures;
      expect(reaches.includes('Circuit two')).toBe(JSON.stringify(other) !== JSON.stringify(was));
    }
  });
});
