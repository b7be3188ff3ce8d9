import { expect, test } from 'vitest';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { pathWords, sideWords } from '../../../src/core/wording/mergeWords';

const jobs = [demoJob];
const [circuit] = demoJob.circuits;
const [panel] = demoJob.panels;
const DRAWN = '3f2b8c1e-5a77-4d0e-9c41-6a1f0e2d9b10';

test.each([
  [['circuits', circuit!.id, 'maxDropPct'], `${circuit!.name}: limit of the drop`],
  [
    ['circuits', circuit!.id, 'run', circuit!.run[0]!.id, 'lengthFt'],
    `${circuit!.name}: segment: number 1: length, ft`,
  ],
  [
    ['panels', panel!.id, 'breakers', panel!.breakers[0]!.id, 'amps'],
    `Panels: ${panel!.name}: breakers: ${panel!.breakers[0]!.name}: amps`,
  ],
  [
    ['house', 'loads', demoJob.house.loads[0]!.id, 'va'],
    `Service: loads: ${demoJob.house.loads[0]!.what}: va`,
  ],
  [['yard', 'things', demoJob.yard.things[0]!.id, 'at'], `Yard: things: ${demoJob.yard.things[0]!.name}: at`],
  [['checks', circuit!.id, 'groundOhms'], `Checks: ${circuit!.name}: ground, end to end`],
  [['quote', 'options', DRAWN], 'Quote: options: an entry'],
] as const)('%s is called by names', (path, words) => {
  expect(pathWords([...path], jobs)).toBe(words);
});

test('what stands on a side has no id', () => {
  expect(sideWords({ id: DRAWN, circuitId: 'x', name: 'Kiln', feedsIt: DRAWN, amps: 30 })).toBe(
    'name Kiln, amps 30',
  );
  expect(sideWords(DRAWN)).toBe('another entry');
});
