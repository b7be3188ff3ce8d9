import type { WaterReport } from '../water/waterReport';
import type { Thing } from '../water/yardSchema';
import { printNumber as n } from '../units/number';
import { BONDING_OPEN } from './cautions';
import { counted } from './words';
import { distanceWords } from './yardWords';

/** The bonding of a water in one sentence. */
function bonding({ water, ring, grid, copper, plan }: WaterReport): string {
  const name = `Equipotential bonding, ${water.name}:`;
  if (copper.totalFt === 0)
    return water.kind === 'storable'
      ? `${name} none, a storable pool (680.30).`
      : `${name} no ring, the rim stands 28 in or more above its surroundings (${plan.perimeter.section === 'bond.tub' ? '680.42(B)' : '680.43'}); metal within 5 ft: none recorded, look.`;
  const laid =
    grid !== null
      ? `copper grid of ${n(grid.wireFt, 0)} ft, ${counted(grid.crossings, 'crossing')}, ${n(water.ringDeepIn)} in below subgrade`
      : ring === null
        ? 'no ring'
        : `ring of ${n(ring.lengthFt, 1)} ft, ${n(water.ringOffIn)} in off, ${n(water.ringDeepIn)} in below subgrade`;
  const taps = copper.taps === 0 ? '' : `, ${counted(copper.taps, 'tap')} to the shell`;
  return `${name} ${laid}${taps}, ${counted(copper.tails, 'tail')}; 8 AWG solid copper, ${n(copper.boughtFt, 0)} ft (680.26).`;
}

/**
 * What the sheet of a circuit says of the water that it feeds: what of it stands where, and the bonding of that water;
 * until it is planned, that it is not.
 */
export function bondSheet(
  circuitId: string,
  things: readonly Thing[],
  waters: readonly WaterReport[],
): readonly string[] {
  const fed = new Set(things.flatMap((each) => (each.circuitId === circuitId ? [each.id] : [])));
  const said = waters.flatMap((report) => {
    const own = report.things.filter(({ thing, isNearest }) => isNearest && fed.has(thing.id));
    if (own.length === 0) return [];
    const places = own
      .filter(({ object }) => object !== undefined)
      .map((at) => `${at.thing.name}: ${distanceWords(at)} (${report.water.name}).`);
    return [...places, bonding(report)];
  });
  return said.length === 0 ? [BONDING_OPEN] : said;
}
