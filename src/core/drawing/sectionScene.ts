import { stationName } from '../wording/routeWords';
import { methodName } from '../wording/words';
import { printLength } from '../units/length';
import { printHeight } from '../units/height';
import { feet } from '../units/quantity';
import { practiceMarks } from '../circuit/figureSupports';
import { segmentName } from '../wording/conductors';
import { alongPath } from '../route/alongPath';
import type { SectionPoint, SectionSegment } from '../route/sectionGeometry';
import type { LaidOut } from '../route/routeCase';

/** A point of a drawing: feet along the run and feet above grade. */
export type ScenePoint = readonly [xFt: number, heightFt: number];

/** One thing drawn. Layers are named for what they hold. */
export type SceneItem =
  | { readonly kind: 'path'; readonly layer: string; readonly points: readonly ScenePoint[] }
  | { readonly kind: 'circle'; readonly layer: string; readonly at: ScenePoint; readonly radiusFt: number }
  | {
      readonly kind: 'text';
      readonly layer: string;
      readonly at: ScenePoint;
      readonly heightFt: number;
      readonly text: string;
    };

/** A section drawn in feet, true in both directions. */
export type SectionScene = readonly SceneItem[];

const TEXT_FT = 0.35;
const DIMENSION_BELOW_FT = 1.2;
const BODY_FT = 0.35;
const TICK_FT = 0.2;

const point = ({ xFt, heightFt }: SectionPoint): ScenePoint => [xFt, heightFt];

const text = (layer: string, at: ScenePoint, words: string): SceneItem => ({
  kind: 'text',
  layer,
  at,
  heightFt: TEXT_FT,
  text: words,
});

function supports(about: LaidOut, index: number, { path }: SectionSegment): SectionScene {
  const segment = about.circuit.run[index];
  const figures = about.solved.figures.segments[index];
  if (segment === undefined || figures === undefined) return [];
  const { practices, code } = about.context;
  return practiceMarks(segment, figures.raceway?.taken ?? null, practices, code).map((ft) => {
    const { xFt, heightFt } = alongPath(path, ft / segment.lengthFt).at;
    return {
      kind: 'path',
      layer: 'SUPPORTS',
      points: [
        [xFt - TICK_FT, heightFt - TICK_FT],
        [xFt + TICK_FT, heightFt + TICK_FT],
      ],
    };
  });
}

/** A dimension under a segment: its two ends, a line between them, and the length of wire. */
function dimension(lowestFt: number, { path }: SectionSegment, words: string): SectionScene {
  const [from, to] = [path[0], path.at(-1)];
  if (from === undefined || to === undefined) return [];
  const y = lowestFt - DIMENSION_BELOW_FT;
  const ends: SectionScene = [from, to].map(({ xFt }) => ({
    kind: 'path',
    layer: 'DIMENSIONS',
    points: [
      [xFt - TICK_FT, y - TICK_FT],
      [xFt + TICK_FT, y + TICK_FT],
    ],
  }));
  return [
    {
      kind: 'path',
      layer: 'DIMENSIONS',
      points: [
        [from.xFt, y],
        [to.xFt, y],
      ],
    },
    ...ends,
    text('DIMENSIONS', [(from.xFt + to.xFt) / 2, y - 2 * TEXT_FT], words),
  ];
}

/**
 * The section of a run as a drawing in feet: grade, the way of each segment on a layer of its method, supports,
 * stations with their letters and heights, and the lengths of wire. Heights are not stretched.
 */
export function sectionScene(about: LaidOut): SectionScene {
  const { geometry, kinds } = about;
  const lowest = Math.min(0, geometry.bottomFt);
  const items: SceneItem[] = [
    {
      kind: 'path',
      layer: 'GRADE',
      points: [
        [-2, 0],
        [geometry.widthFt + 2, 0],
      ],
    },
    text('GRADE', [-2, 0.15], 'grade'),
  ];
  for (const { index, segment, figures } of about.segments) {
    const drawn = geometry.segments[index];
    if (drawn === undefined) continue;
    const layer = methodName(segment.method).toUpperCase().replaceAll(' ', '-');
    const middle = alongPath(drawn.path, 0.5).at;
    items.push(
      { kind: 'path', layer, points: drawn.path.map(point) },
      text(layer, [middle.xFt, middle.heightFt + TEXT_FT], segmentName(figures)),
      ...supports(about, index, drawn),
      ...dimension(lowest, drawn, printLength(feet(segment.lengthFt))),
    );
  }
  for (const [at, { letter, xFt, heightFt }] of geometry.stations.entries()) {
    const kind = kinds[at] ?? 'box';
    items.push(
      { kind: 'circle', layer: 'STATIONS', at: [xFt, heightFt], radiusFt: BODY_FT },
      text(
        'STATIONS',
        [xFt + BODY_FT, heightFt + BODY_FT],
        `${letter} ${stationName[kind]} ${printHeight(heightFt)}`,
      ),
    );
  }
  return items;
}
