import { familyList, freshAppliance } from '../../src/core/appliances/registry';
import { newCircuit, newSegment } from '../../src/core/circuit/newCircuit';
import { solveCircuit } from '../../src/core/circuit/solveCircuit';
import { fullHouse } from '../../tests/support/fullHouse/job';
import { jobContext } from '../../src/core/job/jobContext';
import { defaultPrices } from '../../src/core/price/defaultPrices';
import { readSchedule } from '../../src/core/schedule/readSchedule';
import { writeSchedule } from '../../src/core/schedule/writeSchedule';
import { allOptions } from '../../src/core/search/searchAlternatives';
import { median } from './median';

const ROWS = 500;

/** Times of what is done many circuits at a time: the search of ways, and a schedule of 500 rows. */
export function benchBatches(): void {
  const context = jobContext(fullHouse);
  const searches = fullHouse.circuits.map((circuit) => {
    const solved = solveCircuit(circuit, context);
    return { id: circuit.id, ms: median(() => void allOptions(circuit, solved, context, defaultPrices)) };
  });
  const slowest = searches.reduce((max, each) => (each.ms > max.ms ? each : max));
  console.log(`  every way of ${slowest.id}, the slowest: ${slowest.ms.toFixed(1)} ms (at most 100)`);
  const rows = Array.from({ length: ROWS }, (_, at) => {
    const family = familyList[at % familyList.length]?.id ?? 'ev';
    return newCircuit(`row-${at}`, freshAppliance(family), [
      newSegment(`run-${at}`, 'pvc40', 20 + (at % 90), 'indoor'),
    ]);
  });
  const text = writeSchedule(rows);
  let at = 0;
  const sized = median(() => {
    const schedule = readSchedule(text, () => `id-${(at += 1)}`);
    if ('problem' in schedule) throw new Error(schedule.problem);
    for (const { circuit } of schedule.rows) solveCircuit(circuit, context);
  });
  console.log(`  a schedule of ${ROWS} rows read and sized: ${sized.toFixed(0)} ms (at most 1000)`);
}
