import { describe, expect, test } from 'vitest';
import { z } from 'zod';
import { circuitSchema } from '../../../src/core/circuit/circuitSchema';
import { againstCopy } from '../../../src/core/job/againstCopy';
import { joined } from '../../../src/core/job/changes';
import type { Command } from '../../../src/core/job/command';
import { currentCommand } from '../../../src/core/job/oldCommands';
import { applyCommand, isRefusal } from '../../../src/core/job/commands';
import { writeJobFile } from '../../../src/core/job/jobFile';
import { jobSchema, type Job } from '../../../src/core/job/jobSchema';
import { panelSchema } from '../../../src/core/panel/panelSchema';
import { quoteDocument } from '../../../src/core/quote/quoteDocument';
import { houseSchema } from '../../../src/core/service/houseSchema';
import { materialsDocument } from '../../../src/core/takeoff/materialsDocument';
import { daysDocument } from '../../../src/core/timing/daysDocument';
import { yardSchema } from '../../../src/core/water/yardSchema';
import { fullHouse } from '../../support/fullHouse/job';
import { after } from '../../support/jobs';
import { sampleValues } from '../../support/sampleValues';

/** The house with one of its circuits: every part is there, and a file of it is soon written. */
const small: Job = { ...fullHouse, circuits: fullHouse.circuits.slice(0, 1) };

/** Everything that is changed field by field, with the command that changes it. */
const PARTS: readonly [name: string, schema: z.ZodObject, command: (change: object) => unknown][] = [
  ['job', jobSchema.omit({ id: true, circuits: true }), (change) => ({ kind: 'change-job', ...change })],
  ['house', houseSchema, (change) => ({ kind: 'change', part: 'house', ...change })],
  ['materials', materialsDocument.schema, (change) => ({ kind: 'change', part: 'materials', ...change })],
  ['quote', quoteDocument.schema, (change) => ({ kind: 'change', part: 'quote', ...change })],
  ['days', daysDocument.schema, (change) => ({ kind: 'change', part: 'days', ...change })],
  [
    'yard',
    yardSchema.pick({ northDeg: true, frostIn: true, underlay: true }),
    (change) => ({ kind: 'change', part: 'yard', ...change }),
  ],
  [
    'panel',
    panelSchema.omit({ id: true }),
    (change) => ({ kind: 'change-panel', id: fullHouse.panels[0]!.id, ...change }),
  ],
  [
    'circuit',
    circuitSchema.omit({ id: true }),
    (change) => ({ kind: 'change-circuit', id: fullHouse.circuits[0]!.id, ...change }),
  ],
];

/** A field of a part with the edits that set it, and the one that takes it away where it may be absent. */
const FIELDS = PARTS.flatMap(([part, schema, command]) =>
  Object.entries<z.core.$ZodType>(schema.shape).map(([key, field]) => {
    const set = sampleValues(field)
      .slice(0, 3)
      .map((value) => ({ fields: { [key]: value } }));
    const read = z.safeParse(field, undefined);
    const gone = read.success && read.data === undefined ? [{ fields: {}, absent: [key] }] : [];
    return { name: `${part}.${key}`, edits: [...set, ...gone].map((change) => command(change) as Command) };
  }),
);

const takes = (job: Job, command: Command): boolean => !isRefusal(applyCommand(job, command));

describe('every field of every part', () => {
  test.each(FIELDS)('$name: set, undone and made again is byte for byte what it was', ({ edits }) => {
    const possible = edits.filter((command) => takes(small, command));
    expect(possible.length).toBeGreaterThan(0);
    const text = writeJobFile(small);
    for (const first of possible) {
      const set = after(small, first);
      const there = writeJobFile(set.job);
      expect(writeJobFile(after(set.job, set.inverse).job)).toBe(text);
      for (const second of possible) {
        const again = after(set.job, second);
        expect(writeJobFile(after(again.job, again.inverse).job)).toBe(there);
        const both = joined(first, second);
        expect(writeJobFile(after(small, both).job)).toBe(writeJobFile(again.job));
        expect(writeJobFile(after(again.job, joined(again.inverse, set.inverse)).job)).toBe(text);
      }
    }
  });
});

describe('a field that was not there', () => {
  const { volts: _volts, ...house } = fullHouse.house;
  const without: Job = { ...fullHouse, house };
  const set = after(without, { kind: 'change', part: 'house', fields: { volts: 208 } });

  test('is not there again after undo, also once the journal went through text', () => {
    expect(set.inverse).toEqual({ kind: 'change', part: 'house', fields: {}, absent: ['volts'] });
    const read = JSON.parse(JSON.stringify(set.inverse)) as Command;
    expect(after(set.job, read).job.house).not.toHaveProperty('volts');
  });

  test('is taken away by the journals of before, which wrote it as undefined', () => {
    const old = { kind: 'change', part: 'house', fields: { volts: undefined } } as unknown as Command;
    expect(after(set.job, old).job.house).not.toHaveProperty('volts');
  });

  test.each(['house', 'materials', 'quote', 'days', 'yard'])(
    'a journal of before, which had a command for the %s alone, goes on',
    (part) => {
      const old = { kind: `change-${part}`, fields: {} } as unknown as Command;
      const batch: Command = { kind: 'batch', commands: [old, { kind: 'remove-circuits', ids: [] }] };
      expect(currentCommand(batch)).toEqual({
        kind: 'batch',
        commands: [
          { kind: 'change', part, fields: {} },
          { kind: 'remove-circuits', ids: [] },
        ],
      });
      expect(applyCommand(fullHouse, currentCommand(old))).toHaveProperty('job');
    },
  );

  test('a field of another part is not taken', () => {
    const wrong = applyCommand(fullHouse, { kind: 'change', part: 'quote', fields: { ratingA: 200 } });
    expect(wrong).toHaveProperty('refused');
  });

  test('a copy that was made before compares as older, with one edit here', () => {
    expect(againstCopy([set.job, without], without, false)).toEqual({ kind: 'newer-here', edits: 1 });
    const undone = after(set.job, set.inverse).job;
    expect(againstCopy([undone], without, false)).toEqual({ kind: 'same' });
  });

  test('what every job has cannot be taken away', () => {
    expect(
      applyCommand(fullHouse, { kind: 'change', part: 'house', fields: {}, absent: ['method'] }),
    ).toMatchObject({
      refused: { kind: 'invalid', problem: { path: 'method', message: 'A value is required.' } },
    });
    expect(
      applyCommand(fullHouse, { kind: 'change', part: 'house', fields: {}, absent: ['nobody'] }),
    ).toHaveProperty('refused');
  });
});
