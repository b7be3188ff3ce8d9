import { describe, expect, test } from 'vitest';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { charger } from '../../support/circuits';
import { fixesIn } from '../../support/jobs';
import { lightBeside } from '../findings/raisedByWater';

const found = (job: Job) => evaluateJob(job).findings.filter(({ code }) => code === 'pool.light-raceway');
const PUMP = {
  family: 'pool-pump',
  nameplate: { hp: 1.5, volts: 240, variable: false, connection: 'hardwired' },
} as const;

describe('conductors of an underwater light past its GFCI (680.23(F)(3))', () => {
  test('share no raceway with a circuit that has no GFCI protection there', () => {
    const [finding] = found(lightBeside(charger()));
    expect(finding?.severity).toBe('stop');
    expect(finding?.data).toMatchObject({ other: 'The other', circuitId: 'light-circuit' });
  });

  test('share one with a circuit that has', () => {
    expect(found(lightBeside(PUMP))).toEqual([]);
  });

  test('are asked about where the GFCI stands at the far end', () => {
    expect(found(lightBeside(charger(), 'device'))[0]?.severity).toBe('ask');
  });

  test('in a raceway of their own nothing is found, and that is the fix', () => {
    const job = lightBeside(charger());
    const apart: Job = {
      ...job,
      circuits: job.circuits.map((each) => ({
        ...each,
        run: each.run.map(({ shares: _, ...rest }) => rest),
      })),
    };
    expect(found(apart)).toEqual([]);
    const [fix] = fixesIn(job, 'pool.light-raceway');
    expect(fix?.change.kind).toBe('own-raceway');
  });
});
