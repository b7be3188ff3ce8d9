import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import sharp from 'sharp';
import { afterAll, beforeAll, expect, test, vi } from 'vitest';
import { z } from 'zod';
import { pictureFile } from '../../cli/plate/pictureFile';
import { beginRecognizer } from '../../cli/plate/recognizer';
import { run } from '../../cli/run';
import { listening } from '../support/shell';
import { edition, NEWEST_KNOWN } from '../../src/core/code/edition';
import type { Gray } from '../../src/core/plates/picture/gray';
import { readPlate, type ReadPlate } from '../../src/core/plates/readPlate';

// A plate takes a second or two where nothing else runs, many times as long beside the browsers of the interface.
vi.setConfig({ testTimeout: 300_000 });

const FOLDER = 'tests/fixtures/plates';
const shownSchema = z.array(
  z.object({
    file: z.string(),
    kind: z.string(),
    marks: z.record(z.string(), z.unknown()),
    byVoltage: z.array(z.record(z.string(), z.number())),
    contradicts: z.boolean(),
  }),
);
const SHOWN = shownSchema.parse(JSON.parse(readFileSync(`${FOLDER}/shown.json`, 'utf8')));
/** What is drawn as a label is no appliance. */
const LABELS = ['breaker', 'panel'];

const { ratings } = edition(NEWEST_KNOWN).tables.standardOcpd;
let recognizer: Awaited<ReturnType<typeof beginRecognizer>>;
beforeAll(async () => {
  recognizer = await beginRecognizer();
});
afterAll(() => recognizer.end());

const readOnce = new Map<string, Promise<{ readonly gray: Gray; readonly plate: ReadPlate }>>();
async function read(file: string) {
  const gray = await pictureFile(file);
  if (typeof gray === 'string') throw new Error(gray);
  return { gray, plate: await readPlate(gray, recognizer.recognize, ratings) };
}
/** A plate of the folder; read once for all tests. */
function reading(file: string) {
  const before = readOnce.get(file) ?? read(file);
  readOnce.set(file, before);
  return before;
}

test('drawn plates: nearly all marks, few of them in doubt, none wrong without', async () => {
  let [all, right, inDoubt] = [0, 0, 0];
  for (const { file, kind, marks, byVoltage, contradicts } of SHOWN) {
    const { gray, plate } = await reading(`${FOLDER}/${file}`);
    expect(plate.family, kind).toBe(LABELS.includes(kind) ? null : kind);
    expect(plate.contradictions.length > 0, kind).toBe(contradicts);
    const wants = [
      ...Object.entries(marks).map(([mark, value]) => ({ mark, value, row: null as number | null })),
      ...byVoltage.flatMap((each, row) =>
        Object.entries(each).map(([mark, value]) => ({ mark, value, row })),
      ),
    ];
    all += wants.length;
    for (const { mark, row, value, doubts, box } of plate.marks) {
      const want = wants.find((each) => each.mark === mark && each.row === row);
      const isRight = JSON.stringify(want?.value) === JSON.stringify(value);
      if (isRight) right += 1;
      if (isRight && doubts.length > 0) inDoubt += 1;
      if (doubts.length === 0) expect(isRight, `${kind}: ${mark} ${JSON.stringify(value)}`).toBe(true);
      expect(Math.min(box.x, box.y)).toBeGreaterThanOrEqual(0);
      expect(box.x + box.width).toBeLessThanOrEqual(gray.width + 1);
      expect(box.y + box.height).toBeLessThanOrEqual(gray.height + 1);
    }
  }
  expect(right / all).toBeGreaterThanOrEqual(0.92);
  expect(inDoubt / right).toBeLessThanOrEqual(0.2);
});

const answerSchema = z.object({
  family: z.string().nullable(),
  why: z.string(),
  marks: z.array(
    z.object({ mark: z.string(), value: z.unknown(), box: z.array(z.number()), doubtful: z.boolean() }),
  ),
  contradictions: z.array(z.unknown()),
  lines: z.array(z.string()),
});

const folder = mkdtempSync(path.join(os.tmpdir(), 'pasture-plate-'));

/** A command with what it prints. */
async function pasture(...words: string[]) {
  const heard = listening();
  const status = await run(words);
  return { status, ...heard() };
}

test('the shell has a plate as JSON, its boxes in the picture as the camera turned it', async () => {
  const file = SHOWN[0]?.file ?? '';
  const turned = path.join(folder, 'turned.jpg');
  // As phones write it: on its side, with a note how it was held.
  writeFileSync(
    turned,
    await sharp(`${FOLDER}/${file}`).rotate(270).withMetadata({ orientation: 6 }).jpeg().toBuffer(),
  );
  const { status, stdout } = await pasture('plate', turned, '--json', '--family', 'mini-split');
  expect(status).toBe(0);
  const plate = answerSchema.parse(JSON.parse(stdout));
  expect(plate).toMatchObject({ family: 'mini-split', why: 'As it was said.' });
  const { plate: upright } = await reading(`${FOLDER}/${file}`);
  for (const { mark, value, box } of upright.marks) {
    const same = plate.marks.find((each) => each.mark === mark);
    expect(same?.value, mark).toEqual(value);
    expect(Math.abs((same?.box[0] ?? Infinity) - box.x)).toBeLessThan(25);
  }
});

test('what is no picture, moves, is too large or of another kind is refused by name', async () => {
  const write = (name: string, bytes: Buffer | string): string => {
    writeFileSync(path.join(folder, name), bytes);
    return path.join(folder, name);
  };
  const plain = sharp({ create: { width: 40, height: 30, channels: 3, background: 'white' } });
  const refused: readonly (readonly [string, RegExp])[] = [
    [write('words.jpg', 'no picture'), /words\.jpg cannot be read as a picture: PNG, JPEG or WebP/],
    [path.join(folder, 'none.png'), /none\.png cannot be read/],
    [write('other.tiff', await plain.clone().tiff().toBuffer()), /other\.tiff is TIFF/],
    [
      write(
        'large.png',
        await sharp({ create: { width: 6000, height: 5001, channels: 3, background: 'white' } })
          .png()
          .toBuffer(),
      ),
      /large\.png has 30 megapixels/,
    ],
  ];
  for (const [file, why] of refused) {
    const { status, stderr } = await pasture('plate', file);
    expect(status).toBe(2);
    expect(stderr).toMatch(why);
  }
  expect(await pasture('plate', 'x.png', '--family', 'toaster')).toMatchObject({ status: 2 });
  const blank = await pasture('plate', write('blank.png', await plain.clone().png().toBuffer()), '--json');
  expect(answerSchema.parse(JSON.parse(blank.stdout))).toMatchObject({
    family: null,
    marks: [],
    contradictions: [],
    lines: [],
  });
});
