import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { isQuiet } from '../../../src/core/working/quietSteps';
import type { AnyStep } from '../../../src/core/working/step';
import { Working } from '../../../src/core/working/worked';
import { circuit, context, segment } from '../../support/circuits';

const RUN = { id: 'kiln', run: [{ id: 'a' }, { id: 'b' }] };
const working = (): Working => new Working(edition(2023), 'load', RUN);

describe('a working', () => {
  test('gives back what it records, with its section', () => {
    const work = working();
    const result = work.step('load.kilowatts', 'load.nameplate', { kw: 11.5, volts: 240 }, 48);
    expect(result).toBe(48);
    expect(work.done(result)).toMatchObject({
      value: 48,
      steps: [{ id: 'load.kilowatts', inputs: { kw: 11.5, volts: 240 }, result: 48, segment: undefined }],
      findings: [],
    });
    expect(work.steps[0]?.cite.section).toMatch(/^\d{3}/);
  });

  test('a step and a finding bear the segment that is worked on', () => {
    const work = working();
    work.segment = 1;
    work.step('load.kilowatts', 'load.nameplate', { kw: 1, volts: 240 }, 4);
    expect(work.steps[0]?.segment).toBe(1);
    work.segment = undefined;
    work.step('load.kilowatts', 'load.nameplate', { kw: 1, volts: 240 }, 4);
    expect(work.steps[1]?.segment).toBeUndefined();
  });
});

describe('what may be folded away', () => {
  const stepsAt = (ambientC: number): readonly AnyStep[] =>
    Object.values(solveCircuit(circuit({ run: [segment({ ambientC })] }), context()).workings).flat();
  const quiet = (ambientC: number, id: AnyStep['id']): readonly boolean[] =>
    stepsAt(ambientC)
      .filter((step) => step.id === id)
      .map(isQuiet);

  test('a factor of 1.00, and a test that holds', () => {
    for (const id of ['ambient.factor', 'ampacity.corrected', 'test.load'] as const)
      expect(quiet(30, id), id).toContain(true);
  });

  test('never a factor that lowers the ampacity, what follows from it, or the load itself', () => {
    expect(quiet(50, 'ambient.factor')).not.toContain(true);
    expect(quiet(50, 'ampacity.corrected')).not.toContain(true);
    for (const step of stepsAt(50))
      if (step.id.startsWith('load.')) expect(isQuiet(step), step.id).toBe(false);
  });
});
