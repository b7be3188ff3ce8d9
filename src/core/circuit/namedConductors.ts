import { METHODS } from '../code/methods';
import type { WireSize } from '../units/wireSize';
import type { SegmentFigures, CircuitFigures } from './figures';

/** One conductor by the letters of its insulation. */
export interface NamedConductor {
  readonly letters: 'BK' | 'RD' | 'WH' | 'GN' | 'BARE';
  readonly size: WireSize;
  readonly note: string;
}

/** Ungrounded conductors of a cable: the white one of a two-wire 240 V cable is a hot and is marked as one. */
const cableHots = (volts: number, wires: number, neutral: boolean, size: WireSize): NamedConductor[] => {
  if (volts === 120)
    return [
      { letters: 'BK', size, note: '' },
      { letters: 'WH', size, note: '' },
    ];
  if (wires < 3)
    return [
      { letters: 'BK', size, note: '' },
      { letters: 'WH', size, note: 'marked hot' },
    ];
  return [
    { letters: 'BK', size, note: '' },
    { letters: 'RD', size, note: '' },
    { letters: 'WH', size, note: neutral ? '' : 'spare, capped' },
  ];
};

/** The conductors of one segment, hots first and the ground last. */
export function segmentConductors(
  segment: SegmentFigures,
  figures: CircuitFigures,
): readonly NamedConductor[] {
  const { size, groundTaken, load } = figures;
  if (METHODS[segment.method].kind === 'cable') {
    const egc = segment.cable?.egc ?? groundTaken;
    return [
      ...cableHots(load.volts, segment.cable?.wires ?? figures.wires, load.neutral, size),
      { letters: 'BARE', size: egc, note: '' },
    ];
  }
  const second: NamedConductor =
    load.volts === 120 ? { letters: 'WH', size, note: '' } : { letters: 'RD', size, note: '' };
  const neutral: NamedConductor[] = load.neutral ? [{ letters: 'WH', size, note: '' }] : [];
  return [
    { letters: 'BK', size, note: '' },
    second,
    ...neutral,
    { letters: 'GN', size: groundTaken, note: '' },
  ];
}
