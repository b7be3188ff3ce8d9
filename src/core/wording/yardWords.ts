import type { ThingAt } from '../water/waterReport';
import type { Water, YardItem } from '../water/yardSchema';
import { printLength } from '../units/length';
import { printNumber as n } from '../units/number';
import { feet } from '../units/quantity';
import { shellName, waterKindName } from './waterWords';

/** A distance as a tape shows it: never larger than it is. */
export const taped = (ft: number): string => printLength(feet(Math.floor(ft * 48 + 1e-6) / 48));

/** The size of a water in words. */
export function sizeWords({ shape }: Pick<Water, 'shape'>): string {
  if ('circle' in shape) return `${n(shape.circle.diameterFt, 1)} ft round`;
  if ('polygon' in shape || 'curve' in shape) return 'free outline';
  const { lengthFt, widthFt } =
    'oval' in shape ? shape.oval : 'stadium' in shape ? shape.stadium : shape.rectangle;
  const word = 'oval' in shape ? ', ellipse' : 'stadium' in shape ? ', round ends' : '';
  return `${n(widthFt, 1)} × ${n(lengthFt, 1)} ft${word}`;
}

/** A water in one line. */
export const waterLine = (water: Water): string =>
  `${sizeWords(water)}, ${waterKindName[water.kind]}, ${shellName[water.shell]}`;

/** How far something is from the water. */
export function distanceWords({ reach, distanceFt, verdict }: ThingAt): string {
  if (distanceFt === 0) return 'at the water';
  const gfci = verdict?.gfciRequired === true ? ', GFCI' : '';
  if (verdict !== undefined && verdict.read === 'path')
    return reach === null ? 'no way to the water' : `${taped(reach.pathFt)} along a cord or hand${gfci}`;
  return `${taped(distanceFt)} from the water${gfci}`;
}

/** What a part of a typed line was understood as. */
export function typedItemWords(typed: YardItem): string {
  if (typed.list === 'waters') return waterLine(typed.item);
  return typed.item.name;
}
