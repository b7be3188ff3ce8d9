import { isConcrete } from '../water/bonding';
import type { WaterReport } from '../water/waterReport';
import { printNumber as n } from '../units/number';
import { counted } from './words';

/** A look of the inspector, before something is covered for good. */
export interface BondStage {
  readonly id: 'steel' | 'ring' | 'water';
  readonly when: string;
  readonly shows: readonly string[];
  /** Photographs to take before it is covered. */
  readonly photos: readonly string[];
}

/** Before the shell is shot: its steel, or the grid in its place. */
function steel({ water, copper, parts }: WaterReport): BondStage {
  const bare = water.shell === 'concrete-steel';
  return {
    id: 'steel',
    when: 'Before the concrete of the shell',
    shows: [
      bare
        ? 'steel tied with bare wire at its crossings'
        : 'copper grid, 8 AWG, 12 in by 12 in, tied at every crossing, within 6 in of the shell',
      `${counted(copper.taps, 'lead')} tagged and long enough, evenly spaced`,
      ...(parts.some(({ candidate }) => candidate.kind === 'light')
        ? ['light shells bonded at their outside lugs']
        : []),
    ],
    photos: [`each of the ${counted(copper.taps, 'lead')} at its clamp`, 'the whole shell from two sides'],
  };
}

/** Before the ground is closed over the ring. */
function ring({ water, ring: laid, grid, parts }: WaterReport): BondStage {
  const fixed = parts.filter(({ verdict }) => verdict.bond !== false);
  return {
    id: 'ring',
    when: 'Before backfill, and before the deck is poured',
    shows: [
      grid === null
        ? `ring ${n(water.ringOffIn)} in from the inside wall, ${n(water.ringDeepIn)} in below subgrade`
        : `copper grid, 12 in by 12 in over 3 ft, ${n(water.ringDeepIn)} in below subgrade, joined at every crossing`,
      'listed connectors at every splice and tap',
      ...(laid?.closed === false ? ['both ends of the open ring bonded'] : []),
      ...(fixed.length > 0 ? [`tails to ${fixed.map(({ candidate }) => candidate.name).join(', ')}`] : []),
    ],
    photos: [
      grid === null
        ? 'ring with a tape to the wall, one on each side'
        : 'grid with a tape over its squares, one on each side',
      'every buried connector',
      'each tail at its part',
    ],
  };
}

/** With the water in: nothing of it is seen before. */
const filled: BondStage = {
  id: 'water',
  when: 'Final, with the water in',
  shows: [
    '9 in² of bonded metal wetted, with the pump off too',
    '0.1 ohm or less between any two bonded parts (practice)',
  ],
  photos: ['the water bond and its conductor', 'the lug of the pump'],
};

/** The looks of the inspector at the bonding of a water, in their order; none where nothing is bonded. */
export function bondStages(report: WaterReport): readonly BondStage[] {
  const { water, copper, ring: laid, grid, plan } = report;
  if (copper.totalFt === 0) return [];
  return [
    ...(isConcrete(water.shell) ? [steel(report)] : []),
    ...(laid !== null || grid !== null ? [ring(report)] : []),
    ...(plan.water.bond === false && report.plates.length === 0 ? [] : [filled]),
  ];
}
