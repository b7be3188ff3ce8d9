import { describe, expect, test } from 'vitest';
import { segmentConductors } from '../../../src/core/circuit/namedConductors';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { fixesFor } from '../../../src/core/fixes/fixesFor';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshMemo } from '../../../src/core/job/jobMemo';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import type { Site } from '../../../src/core/protection/siteSchema';
import { wiring } from '../../../src/core/wiring/terminations';
import { fixWords } from '../../../src/core/wording/fixes';
import { appliance } from '../../support/appliances';
import { circuit, context, segment } from '../../support/circuits';
import { after, findingIn, jobOf } from '../../support/jobs';

const tub = (site: Site, method: 'pvc40' | 'nm-b' = 'pvc40') =>
  circuit({
    appliance: appliance('hot-tub', { amps: 40, volts: 240, neutral: false }),
    run: [
      segment({ id: 'a', method, lengthFt: 40, end: { kind: 'disconnect' } }),
      segment({ id: 'b', method: 'lfnc', lengthFt: 8 }),
    ],
    site: { groundFault: 'spa-enclosure', ...site },
  });

describe('a tub of three wires with its GFCI in an enclosure', () => {
  test('is a stop until a neutral is planned; the first fix runs it to the device, and three wires from there', () => {
    const memo = freshMemo();
    const job = jobOf([tub({})]);
    const evaluation = evaluateJob(job, memo);
    const [fix] = fixesFor(evaluation, findingIn(evaluation, 'gfci.neutral-missing'), memo, defaultPrices);
    expect(fix && fixWords(fix.change)).toBe('Four wires to the device, three from there');
    expect(fix?.cost).toBeGreaterThan(0);
    const fixed = evaluateJob(after(job, fix!.command).job, freshMemo());
    expect(fixed.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    expect(
      fixed.circuits[0]?.solved.figures.segments.map(({ wires, raceway }) => [wires, raceway?.conductors]),
    ).toEqual([
      [3, 4],
      [2, 3],
    ]);
  });

  test('has that neutral run, made in its cable, bought and landed on the line side alone', () => {
    const about = tub({ feedNeutral: true }, 'nm-b');
    const solved = solveCircuit(about, context());
    const { figures } = solved;
    expect(figures.segments[0]?.cable?.wires).toBe(3);
    const letters = figures.segments.map((each) =>
      segmentConductors(each, figures).map((one) => one.letters),
    );
    expect(letters).toEqual([
      ['BK', 'RD', 'WH', 'BARE'],
      ['BK', 'RD', 'GN'],
    ]);
    const ends = wiring(about, solved, context())?.ends ?? [];
    const neutrals = ends.map(({ at, landings }) => [
      at,
      landings.filter(({ role }) => role === 'neutral').map(({ terminal }) => terminal),
    ]);
    expect(neutrals).toEqual([
      ['load', []],
      ['load-side', []],
      ['line-side', ['neutral-bar']],
      ['panel', ['neutral-bar']],
    ]);
  });

  test('brings none where its device is a breaker in the panel', () => {
    const about = tub({ feedNeutral: true, groundFault: 'breaker' });
    const { figures } = solveCircuit(about, context());
    expect(figures.segments.map(({ wires }) => wires)).toEqual([2, 2]);
  });
});
