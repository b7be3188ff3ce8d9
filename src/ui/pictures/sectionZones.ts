import type { SectionGeometry, SectionSegment } from '../../core/route/sectionGeometry';
import type { Environment } from '../../core/code/methods';
import { environmentName } from '../../core/wording/words';
import type { SectionScale } from './sectionScale';

/** A part of the run inside the house or outside of it. */
interface Zone {
  readonly fromFt: number;
  readonly toFt: number;
  readonly places: readonly Environment[];
  readonly inside: boolean;
}

const isInside = (place: Environment): boolean => place !== 'outdoor' && place !== 'underground';

/** Where a segment begins and ends along the run. */
export const span = ({ path }: SectionSegment): [from: number, to: number] => [
  path[0]?.xFt ?? 0,
  path.at(-1)?.xFt ?? 0,
];

/** Segments next to each other that are both inside, or both outside, share one zone. */
const zonesOf = ({ segments }: SectionGeometry): readonly Zone[] => {
  const zones: Zone[] = [];
  for (const segment of segments) {
    const [fromFt, toFt] = span(segment);
    const inside = isInside(segment.place);
    const last = zones.at(-1);
    if (last?.inside === inside) {
      zones[zones.length - 1] = { ...last, toFt, places: [...last.places, segment.place] };
    } else {
      zones.push({ fromFt, toFt, places: [segment.place], inside });
    }
  }
  return zones;
};

/** Ceilings are drawn at this height. */
export const CEILING_FT = 8.6;

/** Beyond the ends of the run house and yard go on for this much. */
const EDGE_PX = 22;
const RIGHT_PX = 8;

/** The first and the last pixel of house and yard. */
export const groundEdges = ({
  leftPx,
  widthPx,
}: SectionScale): { readonly left: number; readonly right: number } => ({
  left: leftPx - EDGE_PX,
  right: widthPx - RIGHT_PX,
});

/** A zone as it is drawn, from pixel to pixel. */
export interface DrawnZone {
  readonly inside: boolean;
  readonly attic: boolean;
  readonly from: number;
  readonly to: number;
  /** Where it is, in words, and the height at which they are written. */
  readonly words: string;
  readonly y: number;
}

/** House and yard along a run. Looked at closer, most of them lies beside the picture. */
export function drawnZones(geometry: SectionGeometry, scale: SectionScale): readonly DrawnZone[] {
  const zones = zonesOf(geometry);
  const { left, right } = groundEdges(scale);
  const within = (px: number): number => Math.min(right, Math.max(left, px));
  return zones
    .map(({ fromFt, toFt, inside, places }, index): DrawnZone => ({
      inside,
      attic: places.includes('attic'),
      from: index === 0 ? left : within(scale.x(fromFt)),
      to: index === zones.length - 1 ? right : within(scale.x(toFt)),
      words: inside ? [...new Set(places)].map((place) => environmentName[place]).join(', ') : 'outdoors',
      y: inside ? scale.y(0) - 7 : scale.y(scale.topFt) + 14,
    }))
    .filter(({ from, to }) => to > from);
}
