import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { circuitFromYard } from '../../../src/core/job/circuitFromYard';
import { joined } from '../../../src/core/job/changes';
import type { Command } from '../../../src/core/job/command';
import { applyCommand } from '../../../src/core/job/commands';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { photoIds } from '../../../src/core/job/photoIds';
import { withSafeIds } from '../../../src/core/job/safeIds';
import { underlaid } from '../../../src/core/water/underlay';
import { yardEdit } from '../../../src/core/job/yardEdits';
import type { Thing } from '../../../src/core/water/yardSchema';
import { bondSheet } from '../../../src/core/wording/bondSheet';
import { refusalWords } from '../../../src/core/wording/refusals';
import { after, jobOf } from '../../support/jobs';
import { POOL, thing, wall, yardJob } from '../../support/yards';
import { runs } from '../../support/luck';

const NOTHING: Command = { kind: 'batch', commands: [] };

const put = (item: Thing): Command => ({ kind: 'put-in-yard', list: 'things', item, at: 999 });

describe('commands of the yard', () => {
  test('something is put there, changed, and taken away; each is taken back', () => {
    const job = yardJob({});
    const pump = thing('pump', [27, 0]);
    const added = after(job, put(pump));
    expect(added.job.yard.things.at(-1)).toEqual(pump);
    const moved = after(added.job, put({ ...pump, at: [30, 0] }));
    expect(moved.job.yard.things.at(-1)?.at).toEqual([30, 0]);
    expect(after(moved.job, moved.inverse).job).toEqual(added.job);
    const gone = after(added.job, { kind: 'take-from-yard', list: 'things', id: 'pump' });
    expect(gone.job).toEqual(job);
    expect(after(gone.job, gone.inverse).job).toEqual(added.job);
  });

  test('something that was taken from the middle comes back in its place', () => {
    const job = yardJob({
      things: [thing('pump', [27, 0]), thing('rail', [0, 8]), thing('light', [-16, 0])],
    });
    const gone = after(job, { kind: 'take-from-yard', list: 'things', id: 'rail' });
    expect(after(gone.job, gone.inverse).job).toEqual(job);
  });

  test('an outline that crosses itself is refused where it does, and nothing changes', () => {
    const item = {
      ...POOL,
      shape: {
        polygon: [
          [0, 0],
          [10, 10],
          [10, 0],
          [0, 10],
        ] as [number, number][],
      },
    };
    const refused = applyCommand(yardJob({}), { kind: 'put-in-yard', list: 'waters', item, at: 0 });
    if (!('refused' in refused)) throw new Error('It was taken.');
    expect(refusalWords(refused.refused)).toContain('crosses itself at x 5 ft, y 5 ft');
  });

  test('a curve that crosses itself is refused too', () => {
    const curve: [number, number][] = [
      [0, 0],
      [10, 10],
      [10, 0],
      [0, 10],
    ];
    const item = { ...POOL, shape: { curve } };
    expect(applyCommand(yardJob({}), { kind: 'put-in-yard', list: 'waters', item, at: 0 })).toHaveProperty(
      'refused',
    );
  });

  test('what is not there cannot be taken, and a yard holds so many waters', () => {
    const gone = applyCommand(yardJob({}), { kind: 'take-from-yard', list: 'lines', id: 'none' });
    expect('refused' in gone && refusalWords(gone.refused)).toBe('The yard item is not in the job any more.');
    const waters = Array.from({ length: 6 }, (_, at) => ({
      ...POOL,
      id: `pool-${at}`,
      at: [at * 60, 0] as [number, number],
    }));
    const full = applyCommand(yardJob({ waters }), {
      kind: 'put-in-yard',
      list: 'waters',
      item: POOL,
      at: 0,
    });
    expect('refused' in full && refusalWords(full.refused)).toContain('a job holds 6');
  });

  test('a drag is one edit: the way back of all its steps is the way back of the first', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: -30, max: 30 }), fc.integer({ min: 9, max: 40 })), {
          minLength: 2,
          maxLength: 8,
        }),
        (places) => {
          let job = demoJob;
          let [forward, back]: [Command | undefined, Command | undefined] = [undefined, undefined];
          for (const at of places) {
            const panel = job.yard.things.find(({ id }) => id === 'spa-panel');
            if (panel === undefined) throw new Error('The demo has no spa panel.');
            const edit = yardEdit(job, put({ ...panel, at }));
            const done = after(job, edit);
            forward = forward === undefined ? edit : joined(forward, edit);
            back = back === undefined ? done.inverse : joined(done.inverse, back);
            job = done.job;
          }
          if (forward === undefined || back === undefined) return;
          expect(after(demoJob, forward).job).toEqual(job);
          expect(after(job, back).job).toEqual(demoJob);
          expect((forward.kind === 'batch' ? forward.commands : [forward]).length).toBeLessThan(3);
        },
      ),
      runs(40),
    );
  });
});

describe('circuits and the plan', () => {
  const site = (job: typeof demoJob) => job.circuits.find(({ id }) => id === 'deck-tub')?.site;

  test('the circuit of the spa panel keeps the distances of the plan', () => {
    const panel = demoJob.yard.things.find(({ id }) => id === 'spa-panel');
    if (panel === undefined) throw new Error('The demo has no spa panel.');
    expect(site(demoJob)).toMatchObject({ waterFt: 7, disconnectFt: 7, disconnectInSight: true });
    const near = after(demoJob, yardEdit(demoJob, put({ ...panel, at: [-20.25, 15] })));
    expect(site(near.job)).toMatchObject({ waterFt: 3, disconnectFt: 3, disconnectInSight: true });
    const codes = evaluateJob(near.job).findings.map(({ code }) => code);
    expect(codes).toContain('disconnect.too-near-water');
    expect(codes).toContain('zone.disconnect');
    expect(after(near.job, near.inverse).job).toEqual(demoJob);
  });

  test('a wall between makes the way longer and hides the panel', () => {
    const between = wall('between', [
      [-20, 10],
      [-20, 23],
    ]);
    const walled = after(
      demoJob,
      yardEdit(demoJob, { kind: 'put-in-yard', list: 'lines', item: between, at: 0 }),
    );
    const now = site(walled.job);
    expect(now?.waterFt).toBeGreaterThan(7.5);
    expect(now?.disconnectInSight).toBe(false);
  });

  test('a circuit of a pump is made from the plan: cable in the house, raceway to the pump, a whip', () => {
    const lines = [
      wall('house', [
        [-40, 30],
        [60, 30],
      ]),
    ];
    const job = yardJob({ lines, things: [thing('pump', [27, 0])] });
    const pump = job.yard.things.find(({ id }) => id === 'pump');
    let id = 0;
    const made = pump && circuitFromYard(job, pump, () => `new-${(id += 1)}`);
    if (made === undefined) throw new Error('No circuit was made.');
    const { job: done } = after(job, made.command);
    const [circuit] = done.circuits;
    expect(circuit?.appliance.family).toBe('pool-pump');
    expect(circuit?.run.map(({ method, place, lengthFt }) => [method, place, lengthFt])).toEqual([
      ['nm-b', 'indoor', 40],
      // 30 ft to the wall, and up at both ends.
      ['pvc40', 'underground', 36],
      ['lfnc', 'corrosive', 4],
    ]);
    expect(done.yard.things.find((each) => each.id === 'pump')?.circuitId).toBe(circuit?.id);
    expect(
      evaluateJob(done).findings.filter(
        ({ severity, code }) => severity === 'stop' && !code.startsWith('disconnect'),
      ),
    ).toEqual([]);
    expect(circuitFromYard(job, thing('rail', [0, 8]), () => 'x')).toBeUndefined();
  });

  test('from a panel in the yard it is raceway from the start; a receptacle keeps its way to the water', () => {
    const outlet = thing('receptacle', [4, 16], { gfci: true });
    const job = yardJob({ things: [thing('panel', [4, 40]), outlet] });
    let id = 0;
    const made = circuitFromYard(job, outlet, () => `new-${(id += 1)}`);
    const { job: done } = after(job, made?.command ?? NOTHING);
    expect(done.circuits[0]?.run.map(({ method, lengthFt }) => [method, lengthFt])).toEqual([['pvc40', 30]]);
    expect(done.circuits[0]?.site.waterFt).toBe(8);
  });

  test('machines that stand together lie in one trench, those apart do not', () => {
    const made = (apartFt: number) => {
      let id = 0;
      const newId = () => `new-${(id += 1)}`;
      const heater = thing('heater', [27, apartFt]);
      const pump = thing('pump', [27, 0]);
      const first = circuitFromYard(yardJob({ things: [pump, heater] }), pump, newId);
      const with1 = after(yardJob({ things: [pump, heater] }), first?.command ?? NOTHING).job;
      const second = circuitFromYard(with1, heater, newId);
      const { job } = after(with1, second?.command ?? NOTHING);
      return job.circuits.map(({ name, run }) => [
        name,
        ...run.flatMap(({ place, lengthFt, shares }) =>
          place === 'underground' ? [lengthFt, shares?.trench] : [],
        ),
      ]);
    };
    const [pump, heater] = made(6);
    expect(pump?.[2]).toBeDefined();
    expect(heater?.[2]).toBe(pump?.[2]);
    expect(heater?.[1]).toBeGreaterThanOrEqual(Number(pump?.[1]));
    expect([pump?.[0], heater?.[0]]).toEqual(['The pump, yard', 'The heater, yard']);
    expect(made(6.5).map(([, , trench]) => trench)).toEqual([undefined, undefined]);
  });

  test('in one trench the longer of the two is dug', () => {
    let id = 0;
    const newId = () => `new-${(id += 1)}`;
    const things = [thing('pump', [27, 0]), thing('heater', [27, -6])];
    const lines = [
      wall('house', [
        [-40, 30],
        [60, 30],
      ]),
    ];
    const job = yardJob({ lines, things });
    const of = (kind: string) => job.yard.things.find((each) => each.kind === kind);
    const [pump, heater] = [of('pump'), of('heater')];
    if (pump === undefined || heater === undefined) throw new Error('No things.');
    const far = after(job, circuitFromYard(job, heater, newId)?.command ?? NOTHING).job;
    const both = after(far, circuitFromYard(far, pump, newId)?.command ?? NOTHING).job;
    const buried = both.circuits.map(({ run }) => run.find(({ place }) => place === 'underground')?.lengthFt);
    expect(buried).toEqual([42, 42]);
  });

  test('the pump of a storable pool comes with a cord, for 120 V', () => {
    const job = yardJob({
      waters: [{ ...POOL, kind: 'storable', shell: 'vinyl' }],
      things: [thing('pump', [27, 0])],
    });
    const pump = job.yard.things.find(({ kind }) => kind === 'pump');
    let id = 0;
    const made = pump && circuitFromYard(job, pump, () => `new-${(id += 1)}`);
    expect(made?.circuit.appliance).toMatchObject({
      family: 'pool-pump',
      nameplate: { volts: 120, connection: 'receptacle' },
    });
    expect(made?.circuit.run.map(({ method }) => method)).toEqual(['nm-b', 'pvc40']);
  });

  test('the sheet of a circuit says where its disconnect stands and how the water is bonded', () => {
    const reports = evaluateJob(demoJob).waters.map(({ report }) => report);
    expect(bondSheet('deck-tub', demoJob.yard.things, reports)).toEqual([
      'Spa panel: 7 ft along a cord or hand (Hot tub).',
      'Equipotential bonding, Hot tub: no ring, the rim stands 28 in or more above its surroundings (680.42(B)); metal within 5 ft: none recorded, look.',
    ]);
    expect(bondSheet('kiln', demoJob.yard.things, reports)).toEqual([
      'Equipotential bonding is not planned yet.',
    ]);
    const things = demoJob.yard.things.map((each) =>
      each.id === 'pump' ? { ...each, circuitId: 'p' } : each,
    );
    const pool = evaluateJob({ ...demoJob, yard: { ...demoJob.yard, things } }).waters.map(
      ({ report }) => report,
    );
    expect(bondSheet('p', things, pool)).toEqual([
      'Equipotential bonding, Pool: ring of 107 ft, 21 in off, 5 in below subgrade, 4 taps to the shell, 6 tails; 8 AWG solid copper, 168 ft (680.26).',
    ]);
  });

  test('ids that are twice in a yard of a file become unique, and what refers to circuits follows them', () => {
    const things = [thing('pump', [27, 0], { circuitId: 'a b' }), thing('pump', [27, 4])];
    const job = yardJob({ things });
    const circuit = { ...demoJob.circuits[0]!, id: 'a b' };
    const { job: safe, renamed } = withSafeIds({ ...job, circuits: [circuit] });
    const ids = safe.yard.things.map(({ id }) => id);
    expect(new Set(ids).size).toBe(3);
    expect(renamed).toBe(2);
    expect(safe.yard.things[1]?.circuitId).toBe(safe.circuits[0]?.id);
    expect(safe.circuits[0]?.id).not.toBe('a b');
  });

  test('every photograph that a job names goes with it: of circuits, panels, what was found, waters, and under the plan', () => {
    const photo = (id: string) => ({ id, caption: '' });
    const [water] = demoJob.yard.waters;
    const [found] = demoJob.observed;
    const job = {
      ...demoJob,
      circuits: demoJob.circuits.map((each, at) => (at === 0 ? { ...each, photos: [photo('c')] } : each)),
      panels: demoJob.panels.map((each, at) => (at === 0 ? { ...each, photos: [photo('p')] } : each)),
      observed: found === undefined ? [] : [{ ...found, photos: [photo('o')] }],
      yard: {
        ...demoJob.yard,
        waters: water === undefined ? [] : [{ ...water, photos: [photo('w')] }],
        underlay: underlaid('u', 1000, 500),
      },
    };
    expect(photoIds(job)).toEqual(['c', 'p', 'o', 'w', 'u']);
  });

  test('a job of before the yard has none', () => {
    expect(jobOf([]).yard.waters).toEqual([]);
  });
});
