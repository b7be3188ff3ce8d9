import { describe, expect, test } from 'vitest';
import { wiring, type Wiring } from '../../../src/core/wiring/terminations';
import { jointWords } from '../../../src/core/wording/terminals';
import { edition } from '../../../src/core/code/edition';
import type { Segment } from '../../../src/core/circuit/circuitSchema';
import { charger, circuit, segment, solve } from '../../support/circuits';

function wired(run: readonly Segment[], of = charger({ outputAmps: 40 })): Wiring {
  const about = circuit({ appliance: of, run: [...run] });
  const found = wiring(about, solve(about), { code: edition(2023) });
  if (found === null) throw new Error('No conductor fits.');
  return found;
}
const at = ({ ends }: Wiring, which: Wiring['ends'][number]['at']) =>
  ends
    .find((end) => end.at === which)
    ?.landings.map(({ letters, marked }) => (marked === null ? letters : `${letters} as ${marked}`));

const cable = segment({ id: 'cable' });
const raceway = segment({ id: 'raceway', method: 'pvc40', place: 'outdoor' });

describe('every end shows the conductors of the segment that arrives there (200.7(C)(1))', () => {
  test('cable at the panel, conductors in raceway at the load: the white is re-identified at the panel and in the box', () => {
    const found = wired([cable, raceway]);
    // The white beside the bare one is the pigtail of the GFCI breaker.
    expect(at(found, 'panel')).toEqual(['BARE', 'WH', 'BK', 'WH as RD']);
    expect(at(found, 'load')).toEqual(['GN', 'BK', 'RD']);
    expect(found.splices).toHaveLength(1);
    expect(found.splices[0]?.station).toBe(1);
    expect(found.splices[0]?.joints.map(jointWords)).toEqual([
      'black 6 AWG to black 6 AWG',
      'white 6 AWG re-identified red to red 6 AWG',
      'bare 10 AWG to green 10 AWG',
    ]);
  });

  test('and the other way around', () => {
    const found = wired([raceway, cable]);
    expect(at(found, 'panel')).toEqual(['GN', 'BK', 'RD']);
    expect(at(found, 'load')).toEqual(['BARE', 'BK', 'WH as RD']);
  });

  test('a spare conductor of a three-wire cable is capped in the box', () => {
    // 4 AWG NM-B is made with three insulated conductors only.
    const found = wired([cable, raceway], charger());
    const capped = found.splices[0]?.joints.filter(({ to }) => to === null) ?? [];
    expect(capped.map(jointWords)).toEqual(['white 4 AWG: capped']);
  });

  test('no box, no splice', () => {
    expect(wired([cable]).splices).toEqual([]);
    expect(wired([raceway, segment({ id: 'more', method: 'emt', place: 'outdoor' })]).splices).toEqual([]);
  });
});
