import { CutDesk } from '../src/core/estimate/cutDesk';
import { listFile } from '../src/core/estimate/listFile';
import { evaluateJob } from '../src/core/job/evaluateJob';
import { defaultPrices } from '../src/core/price/defaultPrices';
import { itemName } from '../src/core/wording/itemWords';
import { packName } from '../src/core/wording/takeoffWords';
import { readJob } from './readJob';
import { stopStatus } from './stopStatus';

/** Prints everything that a job takes, what it is bought as and what that costs. Returns 0, 1 where there are stops, 2 for a file that cannot be read. */
export function printList(file: string, asJson: boolean): number {
  const job = readJob(file);
  if (job === undefined) return 2;
  const evaluation = evaluateJob(job);
  const desk = { list: defaultPrices, cuts: new CutDesk() };
  const list = listFile(evaluation, desk, { itemName, packName });
  const status = stopStatus(evaluation);
  if (asJson) {
    console.log(JSON.stringify(list));
    return status;
  }
  for (const { item, need, unit, buy, price } of list.lines) {
    const packs = buy.map(({ pack, count }) => `${count} × ${pack}`).join(', ');
    console.log(
      `${item}: ${need} ${unit}; ${packs || 'nothing to buy'}; ${price === null ? 'no price' : price.toFixed(2)}`,
    );
  }
  console.log(`Total: ${list.total.toFixed(2)}`);
  return status;
}
