import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { freshAppliance } from '../../../src/core/appliances/registry';
import type { Circuit } from '../../../src/core/circuit/circuitSchema';
import { newCircuit, newSegment } from '../../../src/core/circuit/newCircuit';
import { circuitsAdded, joined, sourced } from '../../../src/core/job/changes';
import { circuitFromYard } from '../../../src/core/job/circuitFromYard';
import type { Command } from '../../../src/core/job/command';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { writeJobFile } from '../../../src/core/job/jobFile';
import { mergeJobs } from '../../../src/core/job/mergeJobs';
import type { Job } from '../../../src/core/job/jobSchema';
import { withSafeIds } from '../../../src/core/job/safeIds';
import { sourcesOfEdit, type Answering } from '../../../src/core/job/sourcesOfEdit';
import { sourceIndex } from '../../../src/core/sources/sourceIndex';
import { lineAnswering } from '../../../src/core/typing/line/lineSources';
import { readLine } from '../../../src/core/typing/line/readLine';
import { after } from '../../support/jobs';
import { runs } from '../../support/luck';

const TOLD: Answering = { by: { kind: 'told', on: '2026-03-02' } };

/** An edit with where its values come from. */
function full(job: Job, command: Command, answering = TOLD): Command {
  const sources = sourcesOfEdit(job, after(job, command).job, answering);
  return sources === undefined ? command : sourced(command, sources);
}
const edited = (job: Job, command: Command, answering = TOLD): Job =>
  after(job, full(job, command, answering)).job;
const sourceIn = (job: Job, input: string) => sourceIndex(job.sources).get(input);
const volts = (value: 208 | 240): Command => ({
  kind: 'change-circuit',
  id: 'kiln',
  fields: { appliance: { family: 'kiln', nameplate: { kw: 11.52, volts: value, connection: 'hardwired' } } },
});

describe('an edit', () => {
  test('is told by whoever types, of what it changed alone; what it was before stands beside it', () => {
    const job = edited(demoJob, volts(208));
    expect(sourceIn(job, 'circuit:kiln/nameplate.volts')).toEqual(TOLD.by);
    const entry = job.sources.find(({ input }) => input === 'circuit:kiln/nameplate.volts');
    expect(entry?.was).toEqual({ kind: 'told', who: 'lead', on: '2026-02-20' });
    expect(sourceIn(job, 'circuit:kiln/nameplate.kw')).toEqual({
      kind: 'told',
      who: 'lead',
      on: '2026-02-20',
    });
  });

  test('that changes no input, or says itself where its values come from, is told nothing of', () => {
    const named = after(demoJob, { kind: 'change-circuit', id: 'kiln', fields: { name: 'Oven' } }).job;
    expect(sourcesOfEdit(demoJob, named, TOLD)).toBeUndefined();
    const own = after(demoJob, { kind: 'put-sources', put: [], drop: ['circuit:kiln/family'] }).job;
    expect(sourcesOfEdit(demoJob, own, TOLD)).toBeUndefined();
  });

  test('of a fix is assumed, and raises nothing that it does not touch', () => {
    const job = edited(demoJob, volts(208), { by: { kind: 'assumed', rule: 'fix.code' } });
    expect(sourceIn(job, 'circuit:kiln/nameplate.volts')?.kind).toBe('assumed');
    expect(sourceIn(job, 'circuit:kiln/run.trench.lengthFt')?.kind).toBe('measured');
  });

  test('takes the sources of what is gone with it, and undo brings them back byte for byte', () => {
    const command = full(demoJob, { kind: 'remove-circuits', ids: ['kiln'] });
    const gone = after(demoJob, command);
    expect(gone.job.sources.some(({ input }) => input.startsWith('circuit:kiln/'))).toBe(false);
    expect(gone.job.sources.some(({ input }) => input.startsWith('circuit:well/'))).toBe(true);
    expect(writeJobFile(after(gone.job, gone.inverse).job)).toBe(writeJobFile(demoJob));
  });

  test('of an input that had no source has none again after undo', () => {
    const plain: Job = { ...demoJob, sources: [] };
    const done = after(plain, full(plain, volts(208)));
    expect(done.job.sources.map(({ input }) => input)).toEqual(['circuit:kiln/nameplate.volts']);
    expect(after(done.job, done.inverse).job).toEqual(plain);
  });

  test('that blanks a value takes its source: blank is blank', () => {
    const { compressor } = Object.fromEntries(demoJob.circuits.map((each) => [each.id, each]));
    const job = edited(demoJob, { kind: 'change-circuit', id: 'compressor', fields: { site: {} } });
    expect(compressor?.site.disconnectFt).toBe(3);
    expect(sourceIn(job, 'circuit:compressor/site.disconnectFt')).toBeUndefined();
  });

  test('one after the other they are one edit, whose way back is byte for byte the state before', () => {
    const anEdit = fc.constantFrom<Command>(
      volts(208),
      volts(240),
      { kind: 'change-circuit', id: 'kiln', fields: { site: {} } },
      { kind: 'change-circuit', id: 'kiln', fields: { site: { disconnectFt: 9 } } },
      { kind: 'change', part: 'house', fields: { areaFt2: 1234 } },
      { kind: 'remove-circuits', ids: ['kiln'] },
    );
    fc.assert(
      fc.property(anEdit, anEdit, (first, second) => {
        const one = full(demoJob, first);
        const middle = after(demoJob, one);
        if (first.kind === 'remove-circuits' && second.kind !== 'change') return;
        const other = full(middle.job, second);
        const end = after(middle.job, other);
        const both = after(demoJob, joined(one, other));
        expect(writeJobFile(both.job)).toBe(writeJobFile(end.job));
        const back = joined(end.inverse, middle.inverse);
        expect(writeJobFile(after(end.job, back).job)).toBe(writeJobFile(demoJob));
      }),
      runs(40),
    );
  });
});

describe('something new', () => {
  const charger = (lengthFt: number): Circuit =>
    newCircuit('new', freshAppliance('ev'), [newSegment('s', 'nm-b', lengthFt, 'indoor')]);
  const added = (circuit: Circuit, answering = TOLD): Job =>
    edited(demoJob, circuitsAdded([circuit], demoJob.circuits.length), answering);

  test('is assumed where it is as every new one, told where it is not', () => {
    const job = added(charger(62));
    expect(sourceIn(job, 'circuit:new/run.s.lengthFt')).toEqual(TOLD.by);
    expect(sourceIn(job, 'circuit:new/terminals.load')).toEqual({ kind: 'assumed', rule: 'default' });
    expect(sourceIn(job, 'circuit:new/nameplate.volts')).toEqual({ kind: 'assumed', rule: 'default' });
  });

  test('of a line is told where the line says it, as usual or not', () => {
    const reading = readLine('ev charger 240 v 40 ft nm');
    if (reading.family === null) throw new Error('Not read.');
    const circuit = charger(40);
    const job = added(circuit, lineAnswering(reading, circuit, TOLD.by));
    expect(sourceIn(job, 'circuit:new/run.s.lengthFt')).toEqual(TOLD.by);
    expect(sourceIn(job, 'circuit:new/run.s.method')).toEqual(TOLD.by);
    expect(sourceIn(job, 'circuit:new/nameplate.volts')).toEqual(TOLD.by);
    expect(sourceIn(job, 'circuit:new/run.s.place')).toEqual({ kind: 'assumed', rule: 'line' });
    expect(sourceIn(job, 'circuit:new/nameplate.outputAmps')).toEqual({ kind: 'assumed', rule: 'line' });
  });

  test('of a bare number that may be either is nobody’s word until one is taken', () => {
    const bare = readLine('charger 50 a');
    const said = readLine('charger 50 a circuit');
    if (bare.family === null || said.family === null) throw new Error('Not read.');
    const places = (reading: typeof bare) => [...(lineAnswering(reading, charger(40), TOLD.by).said ?? [])];
    expect(places(bare)).not.toContain('circuit:new/nameplate.outputAmps');
    expect(places(said)).toContain('circuit:new/nameplate.outputAmps');
  });

  test('that is made from the plan is assumed, all of it', () => {
    const pump = demoJob.yard.things.find(({ kind }) => kind === 'pump');
    if (pump === undefined) throw new Error('The demo yard has no pump.');
    let count = 0;
    const made = circuitFromYard(demoJob, pump, () => `made-${(count += 1)}`);
    if (made === undefined) throw new Error('No circuit.');
    const job = edited(demoJob, made.command, { by: { kind: 'assumed', rule: 'yard.circuit' } });
    const own = job.sources.filter(({ input }) => input.startsWith(`circuit:${made.circuit.id}/`));
    expect(own.length).toBeGreaterThan(8);
    expect(own.every(({ source }) => source.kind === 'assumed' && source.rule === 'yard.circuit')).toBe(true);
  });
});

test('two copies: what each answered is in both; of what both answered otherwise a person chooses', () => {
  const mine = edited(demoJob, volts(208));
  const theirs = edited(demoJob, {
    kind: 'put-sources',
    put: [
      { input: 'circuit:kiln/nameplate.volts', source: { kind: 'seen', who: 'helper' } },
      { input: 'circuit:kiln/nameplate.kw', source: { kind: 'seen', who: 'helper' } },
    ],
    drop: [],
  });
  const { document, conflicts } = mergeJobs(demoJob, mine, theirs);
  const { sources } = document as Job;
  const of = (at: string) => sources.find(({ input }) => input === `circuit:kiln/${at}`)?.source;
  expect(of('nameplate.kw')).toEqual({ kind: 'seen', who: 'helper' });
  expect(of('nameplate.volts')).toEqual(TOLD.by);
  expect(conflicts.map(({ path }) => path.slice(0, 2))).toContainEqual([
    'sources',
    'circuit:kiln/nameplate.volts',
  ]);
});

test('sources go with the ids that a file has anew', () => {
  const circuits = demoJob.circuits.map((each) =>
    each.id === 'kiln'
      ? {
          ...each,
          id: 'ki ln',
          run: each.run.map((part) => (part.id === 'whip' ? { ...part, id: 'w/p' } : part)),
        }
      : each,
  );
  const sources = demoJob.sources.map((each) => ({
    ...each,
    input: each.input.replace('circuit:kiln/', 'circuit:ki ln/').replace('ki ln/run.whip.', 'ki ln/run.w/p.'),
  }));
  const { job, renamed } = withSafeIds({ ...demoJob, circuits, sources });
  const kiln = job.circuits.find(({ name }) => name === 'Kiln, studio');
  const whip = kiln?.run.find(({ method }) => method === 'lfnc');
  expect(renamed).toBe(2);
  expect(sourceIn(job, `circuit:${kiln?.id}/run.${whip?.id}.lengthFt`)).toEqual({
    kind: 'assumed',
    rule: 'default',
  });
  expect(job.sources.some(({ input }) => input.includes('ki ln'))).toBe(false);
});
