import { useDebouncedValue } from '@mantine/hooks';
import { useMemo } from 'react';
import { bondGrid } from '../../core/water/bondGrid';
import type { WaterReport } from '../../core/water/waterReport';
import { wallsOf } from '../../core/water/yardBarriers';
import type { Yard } from '../../core/water/yardSchema';
import { gridInstead } from '../../core/wording/loopSteps';

interface GridInsteadProps {
  readonly report: WaterReport;
  readonly yard: Pick<Yard, 'lines'>;
}

/** A drag that rests so long is taken as done. */
const REST_MS = 250;

/** What a copper grid would take in place of the ring; it is counted while nothing is dragged. */
export function GridInstead({ report, yard }: GridInsteadProps) {
  const [{ placed, ring }] = useDebouncedValue(report, REST_MS);
  const [{ lines }] = useDebouncedValue(yard, REST_MS);
  const grid = useMemo(
    () => (ring === null ? null : bondGrid(placed, wallsOf(lines))),
    [placed, ring, lines],
  );
  return grid === null ? null : <p className="second">{gridInstead(grid)}</p>;
}
