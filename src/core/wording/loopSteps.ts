import type { BondGrid } from '../water/bondGrid';
import type { WaterReport } from '../water/waterReport';
import { printNumber as n } from '../units/number';
import { counted } from './words';

/** One line of the copper of a bonding. */
export interface LoopStep {
  readonly label: string;
  readonly figure: string;
  /** Whether it is the figure that the rest leads to. */
  readonly lit: boolean;
}

const ft = (value: number): string => `${n(value, 1)} ft`;

/** What the ring is made up of: the outline, and what its corners add. */
function ringSteps({ ring, grid, water }: WaterReport): readonly LoopStep[] {
  if (grid !== null)
    return [
      { label: 'Grid, 12 in by 12 in, 3 ft wide', figure: ft(grid.wireFt), lit: true },
      { label: 'Crossings, each joined', figure: n(grid.crossings), lit: false },
    ];
  if (ring === null) return [];
  const off = n(water.ringOffIn / 12, 2);
  const corners = ring.lengthFt - ring.perimeterFt;
  const about = 'polygon' in water.shape || 'curve' in water.shape;
  const grows = about ? `Parallel ${n(water.ringOffIn)} in outside` : `Corners, 2 × 3.14 × ${off} ft`;
  return [
    { label: 'Inside wall', figure: ft(ring.perimeterFt), lit: false },
    ...(ring.closed ? [{ label: grows, figure: ft(corners), lit: false }] : []),
    {
      label: ring.closed
        ? `Ring at ${n(water.ringOffIn)} in; 18 to 24 in required`
        : `Open ring at ${n(water.ringOffIn)} in, to the building`,
      figure: ft(ring.lengthFt),
      lit: true,
    },
  ];
}

/** What a copper grid takes in place of the ring. */
export const gridInstead = ({ wireFt, crossings }: BondGrid): string =>
  `Copper grid in place of the ring: ${n(wireFt, 0)} ft, ${counted(crossings, 'crossing')}, each joined. Choose it at the water.`;

/** The copper of a bonding, step by step; none where nothing is bonded. */
export function loopSteps(report: WaterReport): readonly LoopStep[] {
  const { copper, ring } = report;
  if (copper.totalFt === 0) return [];
  const plain = (label: string, figure: string): LoopStep => ({ label, figure, lit: false });
  const mistake =
    ring?.closed === true
      ? [
          plain(
            'Mistake: inside wall + 2 ft',
            `${ft(copper.mistakeFt)}, ${ft(ring.lengthFt - copper.mistakeFt)} short`,
          ),
        ]
      : [];
  return [
    ...ringSteps(report),
    ...(copper.taps > 0 ? [plain(`${counted(copper.taps, 'tap')} to the shell`, ft(copper.tapsFt))] : []),
    ...(copper.tails > 0 ? [plain(counted(copper.tails, 'tail'), ft(copper.tailsFt))] : []),
    ...(copper.around ? [plain('Around pump and heater', ft(copper.aroundFt))] : []),
    { label: 'Measured', figure: ft(copper.totalFt), lit: false },
    { label: 'Bought, 10 % more', figure: ft(copper.boughtFt), lit: true },
    plain('Connectors, direct burial', n(copper.buriedConnectors)),
    plain('Clamps and lugs at the parts', n(copper.clamps)),
    ...mistake,
    ...(copper.aroundFt > 0 && !copper.around
      ? [plain('Ring around pump and heater would add', ft(copper.aroundFt))]
      : []),
  ];
}
