import { METHODS } from '../code/methods';
import type { Circuit, Segment } from './circuitSchema';
import { stationKinds } from './stations';

const QUARTER_DEG = 90;

/** Height of the station before a segment, feet. */
const startHeight = ({ run, startHeightFt }: Pick<Circuit, 'run' | 'startHeightFt'>, index: number): number =>
  run[index - 1]?.endHeightFt ?? startHeightFt;

/** Whether a raceway turns at a coupling: one side of it upright, the other level. */
function turnsAtCoupling(circuit: Pick<Circuit, 'run' | 'startHeightFt'>, index: number): boolean {
  const { run } = circuit;
  const [before, segment] = [run[index - 1], run[index]];
  if (before === undefined || segment === undefined || stationKinds(run)[index] !== 'coupling') return false;
  const arrivesUpright = before.endHeightFt !== before.heightFt;
  const leavesUpright = segment.heightFt !== startHeight(circuit, index);
  return arrivesUpright !== leavesUpright;
}

/**
 * Bends of one segment between its pull points, degrees: as they were typed, or a quarter turn at every corner of the
 * raceway as it is drawn (352.24 and the like). A run in a trench between two risers has its two.
 */
export function bendsOf(circuit: Pick<Circuit, 'run' | 'startHeightFt'>, index: number): number {
  const segment = circuit.run[index];
  if (segment === undefined) return 0;
  return segment.bendsDeg ?? drawnBends(circuit, segment, index);
}

/** The bends of a segment as it is drawn, degrees; none for cable. */
export function drawnBends(
  circuit: Pick<Circuit, 'run' | 'startHeightFt'>,
  segment: Segment,
  index: number,
): number {
  if (METHODS[segment.method].kind !== 'raceway') return 0;
  const corners = [
    segment.heightFt !== startHeight(circuit, index),
    segment.endHeightFt !== segment.heightFt,
    turnsAtCoupling(circuit, index),
  ];
  return corners.filter(Boolean).length * QUARTER_DEG;
}
