import type { LoadModel } from '../appliances/family';
import { METHODS } from '../code/methods';
import type { Metal, WireSize } from '../units/wireSize';
import { isSized, type CircuitFigures, type SegmentFigures } from './figures';

/** One conductor by the letters of its insulation. */
export interface NamedConductor {
  readonly letters: 'BK' | 'RD' | 'WH' | 'GN' | 'BARE';
  readonly size: WireSize;
  readonly metal: Metal;
  readonly note: string;
}

/** Ungrounded conductors of a cable: the white one of a two-wire 240 V cable is a hot and is marked as one. */
const cableHots = (
  { volts, neutral }: LoadModel,
  wires: number,
  size: WireSize,
  metal: Metal,
): NamedConductor[] => {
  if (volts === 120)
    return [
      { letters: 'BK', size, metal, note: '' },
      { letters: 'WH', size, metal, note: '' },
    ];
  if (wires < 3)
    return [
      { letters: 'BK', size, metal, note: '' },
      { letters: 'WH', size, metal, note: 're-identified' },
    ];
  return [
    { letters: 'BK', size, metal, note: '' },
    { letters: 'RD', size, metal, note: '' },
    { letters: 'WH', size, metal, note: neutral ? '' : 'spare, capped' },
  ];
};

/** The conductors of one segment, hots first and the ground last; none where no size fits. */
export function segmentConductors(
  segment: SegmentFigures,
  figures: CircuitFigures,
): readonly NamedConductor[] {
  if (!isSized(figures)) return [];
  const { load, metal } = figures;
  const { size, ground } = segment;
  if (METHODS[segment.method].kind === 'cable') {
    const egc = segment.cable?.egc ?? ground;
    return [
      ...cableHots(
        { ...load, neutral: load.neutral || segment.feedNeutral },
        segment.cable?.wires ?? segment.wires,
        size,
        metal,
      ),
      { letters: 'BARE', size: egc, metal: segment.method === 'ser' ? 'al' : figures.groundMetal, note: '' },
    ];
  }
  const second: NamedConductor =
    load.volts === 120 ? { letters: 'WH', size, metal, note: '' } : { letters: 'RD', size, metal, note: '' };
  const neutral: NamedConductor[] =
    load.neutral || segment.feedNeutral ? [{ letters: 'WH', size, metal, note: '' }] : [];
  return [
    { letters: 'BK', size, metal, note: '' },
    second,
    ...neutral,
    { letters: 'GN', size: ground, metal: figures.groundMetal, note: '' },
  ];
}
