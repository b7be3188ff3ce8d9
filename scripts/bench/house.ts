import { believableYear, yearAsCsv, yearAsXml } from '../../src/core/demand/believableYear';
import { readRecord } from '../../src/core/demand/readRecord';
import { fullHouse } from '../../tests/support/fullHouse/job';
import { jobContext } from '../../src/core/job/jobContext';
import { spaceOptions } from '../../src/core/panel/spaceOptions';
import { freshPanel, type Panel } from '../../src/core/panel/panelSchema';
import type { Wanted } from '../../src/core/panel/spaces';
import { readBreakers } from '../../src/core/panel/typedBreakers';
import { defaultPrices } from '../../src/core/price/defaultPrices';
import { circuitDemand } from '../../src/core/service/circuitDemand';
import { serviceFindings } from '../../src/core/service/serviceFindings';
import { serviceOptions } from '../../src/core/service/serviceOptions';
import { serviceReport } from '../../src/core/service/serviceReport';
import { solveCircuit } from '../../src/core/circuit/solveCircuit';
import { median } from './median';

const SPACES = 42;

/** A panel without a free space, of which the lower half takes two circuits a space. */
function fullPanel(): Panel {
  const typed = Array.from({ length: SPACES }, (_, at) => `${at + 1} 15 room ${at + 1}`).join(';');
  let id = 0;
  const { breakers } = readBreakers(typed, SPACES, () => `id-${(id += 1)}`);
  return {
    ...freshPanel('full', 'Full', 'service', null),
    spaces: SPACES,
    tandems: [{ from: 21, to: SPACES }],
    breakers: [...breakers],
  };
}

const wanted: readonly Wanted[] = Array.from({ length: 7 }, (_, at) => ({
  circuitId: `new-${at}`,
  name: `New ${at}`,
  poles: at % 3 === 2 ? 1 : 2,
  amps: 40,
  kind: 'plain',
  va: 7200,
}));

/** Times of what is done for the house: a year of readings, room in a full panel, the service at a keystroke. */
export function benchHouse(): void {
  const year = believableYear(7, Date.UTC(2025, 0, 1));
  for (const [format, text] of [
    ['CSV', yearAsCsv(year)],
    ['XML', yearAsXml(year)],
  ] as const) {
    const ms = median(() => {
      const reading = readRecord(text, format);
      while (reading.next().done !== true);
    });
    console.log(
      `  a year of ${year.length} readings as ${format}, read and analysed: ${ms.toFixed(0)} ms (at most 400)`,
    );
  }
  const panel = fullPanel();
  const room = median(() => void spaceOptions(panel, wanted, defaultPrices));
  console.log(`  room for 12 spaces in ${SPACES} full ones: ${room.toFixed(0)} ms (at most 200)`);
  const { code } = jobContext(fullHouse);
  const additions = fullHouse.circuits.flatMap(
    (each) => circuitDemand(each, solveCircuit(each, jobContext(fullHouse))) ?? [],
  );
  const { house, panels } = fullHouse;
  const figures = median(() => {
    const report = serviceReport(house, panels[0], additions, code);
    serviceFindings(house, report, code);
    serviceOptions({ house, panel: panels[0], additions, code, prices: defaultPrices });
  });
  console.log(`  service figures with findings and ways out: ${figures.toFixed(2)} ms (at most 16)`);
}
