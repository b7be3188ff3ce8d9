import type { BondRow } from '../water/bondRows';
import type { WaterReport } from '../water/waterReport';
import { printNumber as n } from '../units/number';
import { bondReason } from './waterWords';
import { counted } from './words';

const feetOf = (ft: number): string => `${n(ft, 1)} ft`;

/** What is bonded, in a word or two. */
export function bondTitle(row: BondRow, { water, plan }: WaterReport): string {
  switch (row.kind) {
    case 'shell':
      return water.shell === 'metal-wall'
        ? 'Metal wall'
        : water.shell === 'self-contained'
          ? 'Tub lug'
          : 'Shell steel';
    case 'surface':
      return plan.perimeter.method === 'steel' ? 'Deck steel, 3 ft all round' : 'Surface, 3 ft all round';
    case 'part':
      return row.part.candidate.name;
    case 'plate':
      return row.thing.name;
    case 'water':
      return 'The water itself';
  }
}

const ringNote = ({ ring, grid, water, plan }: WaterReport): string => {
  if (plan.perimeter.method === 'steel') return 'reinforcing tied together and to the shell';
  if (grid !== null) return `copper grid, ${n(water.ringDeepIn)} in below subgrade, joined at each crossing`;
  if (ring === null) return 'as the authority says';
  const at = `ring ${n(water.ringOffIn)} in off, ${n(water.ringDeepIn)} in below subgrade`;
  return ring.closed ? at : `${at}; open at the building, both ends bonded`;
};

const shellNote = ({ copper, water }: WaterReport): string => {
  if (water.shell === 'self-contained') return '8 AWG solid to the lug of the unit';
  const where = water.shell === 'metal-wall' ? 'lugs on the uprights, evenly spaced' : 'one on each side';
  return `${counted(copper.taps, 'tap')}, ${where}`;
};

/** How it is bonded, and what wire that takes. */
export function bondNote(row: BondRow, report: WaterReport): string {
  switch (row.kind) {
    case 'shell':
      return shellNote(report);
    case 'surface':
      return ringNote(report);
    case 'part': {
      const { verdict, tail, candidate } = row.part;
      const wire = tail === null ? '' : `tail ${feetOf(tail.ft)}`;
      const where = candidate.kind === 'fence' && candidate.item.distanceFt !== undefined;
      const off = where ? `${feetOf(candidate.item.distanceFt ?? 0)} off; ` : '';
      return `${off}${wire}${wire === '' ? '' : ', '}${bondReason[verdict.reason]}`;
    }
    case 'plate':
      return `${n(row.thing.wetIn2 ?? 0)} in² always wetted, tail ${feetOf(row.tail.ft)}`;
    case 'water':
      return '9 in² of metal that it always wets';
  }
}
