import { mkdirSync, writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { browserPath } from '../browserPath';
import { drawPlate, type Condition } from './drawPlates';
import { diceOf, madeUpPlate } from './madeUpPlates';

// Draws the plates that `npm test` reads, and what each shows.

const FOLDER = 'tests/fixtures/plates';
/** Which made-up plate, and how well its picture is taken. */
const DRAWN: readonly (readonly [at: number, condition: Condition])[] = [
  [0, 'usual'],
  [1, 'clean'],
  [2, 'usual'],
  [6, 'usual'],
  [8, 'clean'],
  [10, 'usual'],
  [11, 'clean'],
  [12, 'usual'],
];

mkdirSync(FOLDER, { recursive: true });
const browser = await chromium.launch({ executablePath: browserPath, args: ['--no-sandbox'] });
const page = await browser.newPage({ viewport: { width: 1100, height: 800 }, deviceScaleFactor: 1.5 });
const shown = [];
for (const [at, condition] of DRAWN) {
  const dice = diceOf(7000 + at);
  const plate = madeUpPlate(at, dice);
  const file = `${plate.kind}.jpg`;
  writeFileSync(`${FOLDER}/${file}`, await drawPlate(page, plate, condition, dice));
  shown.push({
    file,
    kind: plate.kind,
    marks: plate.marks,
    byVoltage: plate.byVoltage ?? [],
    contradicts: plate.contradicts ?? false,
  });
}
writeFileSync(`${FOLDER}/shown.json`, `${JSON.stringify(shown, null, 2)}\n`);
await browser.close();
