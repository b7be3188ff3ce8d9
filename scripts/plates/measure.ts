import { mkdirSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { chromium } from '@playwright/test';
import { pictureFile } from '../../cli/plate/pictureFile';
import { beginRecognizer } from '../../cli/plate/recognizer';
import { edition, NEWEST_KNOWN } from '../../src/core/code/edition';
import { readPlate, type ReadPlate } from '../../src/core/plates/readPlate';
import { browserPath } from '../browserPath';
import { drawPlate, type Condition } from './drawPlates';
import { diceOf, madeUpPlate, type MadeUpPlate } from './madeUpPlates';

// Draws made-up plates as photographs, reads them, and tells how much of them was read right.

const { values } = parseArgs({
  options: {
    seed: { type: 'string', default: '1' },
    count: { type: 'string', default: '120' },
    folder: { type: 'string', default: '/tmp/pasture-plates' },
  },
});

const TURN: readonly Condition[] = ['clean', 'usual', 'usual', 'bad'];
const KINDS = 13;

interface Tally {
  marks: number;
  right: number;
  rightInDoubt: number;
  sure: number;
  wrongAndSure: number;
  contradictions: number;
  found: number;
  invented: number;
}

const fresh = (): Tally => ({
  marks: 0,
  right: 0,
  rightInDoubt: 0,
  sure: 0,
  wrongAndSure: 0,
  contradictions: 0,
  found: 0,
  invented: 0,
});

const wanted = ({ marks, byVoltage = [] }: MadeUpPlate) => [
  ...Object.entries(marks).map(([mark, value]) => ({ mark, value, row: null as number | null })),
  ...byVoltage.flatMap((each, row) => Object.entries(each).map(([mark, value]) => ({ mark, value, row }))),
];

function count(tally: Tally, plate: MadeUpPlate, read: ReadPlate, tell: (words: string) => void): void {
  const wants = wanted(plate);
  const isRight = (mark: string, row: number | null, value: unknown): boolean =>
    wants.some(
      (want) =>
        want.mark === mark && want.row === row && JSON.stringify(want.value) === JSON.stringify(value),
    );
  tally.marks += wants.length;
  for (const { mark, row, value, doubts } of read.marks) {
    const right = isRight(mark, row, value);
    if (right) tally.right += 1;
    if (right && doubts.length > 0) tally.rightInDoubt += 1;
    if (doubts.length === 0) tally.sure += 1;
    if (doubts.length === 0 && !right) tally.wrongAndSure += 1;
    if (!right) tell(`${mark} ${JSON.stringify(value)} is wrong${doubts.length === 0 ? ', and sure' : ''}`);
  }
  for (const { mark, value } of wants)
    if (!read.marks.some((each) => each.mark === mark))
      tell(`${mark} ${JSON.stringify(value)} was not found`);
  const says = read.contradictions.length > 0;
  if (plate.contradicts === true) tally.contradictions += 1;
  if (plate.contradicts === true && says) tally.found += 1;
  if (plate.contradicts !== true && says) tally.invented += 1;
}

const percent = (part: number, whole: number): string =>
  `${((100 * part) / Math.max(1, whole)).toFixed(1)} %`;

mkdirSync(values.folder, { recursive: true });
const browser = await chromium.launch({ executablePath: browserPath, args: ['--no-sandbox'] });
const page = await browser.newPage({ viewport: { width: 1100, height: 800 }, deviceScaleFactor: 1.5 });
const { recognize, end } = await beginRecognizer();
const { ratings } = edition(NEWEST_KNOWN).tables.standardOcpd;
const tallies: Record<Condition, Tally> = { clean: fresh(), usual: fresh(), bad: fresh() };
let slowestMs = 0;
for (let at = 0; at < Number(values.count); at += 1) {
  const dice = diceOf(Number(values.seed) * 1000 + at);
  const plate = madeUpPlate(at, dice);
  const condition = TURN[Math.floor(at / KINDS) % TURN.length] ?? 'usual';
  const file = `${values.folder}/${at}-${condition}-${plate.kind}.jpg`;
  writeFileSync(file, await drawPlate(page, plate, condition, dice));
  const gray = await pictureFile(file);
  if (typeof gray === 'string') throw new Error(gray);
  const start = performance.now();
  const read = await readPlate(gray, recognize, ratings);
  slowestMs = Math.max(slowestMs, performance.now() - start);
  count(tallies[condition], plate, read, (words) => {
    console.log(`  ${at} ${condition} ${plate.kind}: ${words}`);
  });
}
await end();
await browser.close();
for (const [condition, tally] of Object.entries(tallies))
  console.log(
    `${condition}: ${percent(tally.right, tally.marks)} of ${tally.marks} marks right, ${percent(tally.rightInDoubt, tally.right)} of these in doubt; ${percent(tally.wrongAndSure, tally.sure)} of ${tally.sure} without doubt wrong; contradictions ${tally.found} of ${tally.contradictions}, invented ${tally.invented}`,
  );
console.log(`slowest ${(slowestMs / 1000).toFixed(1)} s`);
const good = { ...fresh() };
for (const condition of ['clean', 'usual'] as const)
  for (const key of ['marks', 'right', 'rightInDoubt'] as const) good[key] += tallies[condition][key];
const sure = Object.values(tallies).reduce((sum, each) => sum + each.sure, 0);
const wrong = Object.values(tallies).reduce((sum, each) => sum + each.wrongAndSure, 0);
const holds =
  good.right >= 0.92 * good.marks && good.rightInDoubt <= 0.2 * good.right && wrong <= 0.01 * sure;
console.log(holds ? 'plates: as well read as they must be' : 'plates: NOT as well read as they must be');
process.exitCode = holds ? 0 : 1;
