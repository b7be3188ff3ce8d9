import { boundsOf, type Point } from '../water/point';
import { closedLine } from '../water/segments';
import { bondRows } from '../water/bondRows';
import { DRAWN_FT, parallelCurve } from '../water/parallelCurve';
import type { WaterReport } from '../water/waterReport';
import type { Yard, YardLine } from '../water/yardSchema';
import { loopSteps } from '../wording/loopSteps';
import { bondTitle } from '../wording/bondWords';
import { sizeWords, taped } from '../wording/yardWords';
import { zoneLines } from '../wording/zoneLines';
import type { SceneItem, SectionScene } from './sectionScene';

const TEXT_FT = 0.7;
const ROW_FT = 1.1;
const MARK_FT = 0.6;
const BESIDE_FT = 1;
const UNDER_FT = 24;

const path = (layer: string, points: readonly Point[]): SceneItem => ({ kind: 'path', layer, points });
const text = (layer: string, at: Point, words: string): SceneItem => ({
  kind: 'text',
  layer,
  at,
  heightFt: TEXT_FT,
  text: words,
});

const LAYER: Readonly<Record<YardLine['kind'], string>> = {
  wall: 'WALLS',
  fence: 'FENCES',
  overhead: 'OVERHEAD',
  pipe: 'PIPES',
  wiring: 'WIRING',
};

/** The water with its zones, ring, taps and tails. */
function water(report: WaterReport): SectionScene {
  const { placed, ring, grid, around, ties, parts, plates, copper, water: own } = report;
  const tails = [...parts.map(({ tail }) => tail), ...plates.map(({ tail }) => tail)];
  return [
    path('WATER', closedLine(placed.outline)),
    text('WATER', own.at, `${own.name} ${sizeWords(own)}`),
    ...zoneLines(own.kind).flatMap(({ ft, says }) => {
      const curve = parallelCurve(placed.outline, ft, DRAWN_FT);
      const top = curve.reduce((best, point) => (point[1] > best[1] ? point : best), curve[0] ?? own.at);
      return [path('ZONES', closedLine(curve)), text('ZONES', top, `${ft} ft ${says}`)];
    }),
    ...(ring?.pieces.map((piece) => path('RING', piece)) ?? []),
    ...(grid?.pieces.map((piece) => path('GRID', piece)) ?? []),
    ...(around.length > 0 ? [path('RING', around)] : []),
    ...(copper.taps > 1
      ? ties.points.map((at): SceneItem => ({ kind: 'circle', layer: 'TAPS', at, radiusFt: MARK_FT / 2 }))
      : []),
    ...tails.flatMap((tail) => (tail === null || tail.path.length < 2 ? [] : [path('TAILS', tail.path)])),
  ];
}

/** What stands around it, named and measured. */
const things = ({ things: all }: WaterReport): SectionScene =>
  all.flatMap(({ thing, object, reach, distanceFt }): SectionScene => {
    const [x, y] = thing.at;
    const off = object === undefined ? '' : `, ${taped(reach?.pathFt ?? distanceFt)} off`;
    return [
      { kind: 'circle', layer: 'THINGS', at: thing.at, radiusFt: MARK_FT },
      text('THINGS', [x + BESIDE_FT, y - TEXT_FT / 2], `${thing.name}${off}`),
      ...(reach !== null && object !== undefined && reach.path.length > 1
        ? [path('DIMENSIONS', reach.path)]
        : []),
    ];
  });

/** Numbers of what is bonded, and the list that they stand in, under the plan. */
function quantities(report: WaterReport, lowFt: number): SectionScene {
  const rows = bondRows(report);
  const { left } = boundsOf(report.placed.outline);
  const lines = [
    ...rows.map((row) => `${row.number} ${bondTitle(row, report)}`),
    ...loopSteps(report).map(({ label, figure }) => `${label}: ${figure}`),
  ];
  return [
    ...rows.map(({ at, number }) => text('NUMBERS', at, `${number}`)),
    ...lines.map((line, at) => text('QUANTITIES', [left, lowFt - UNDER_FT - at * ROW_FT], line)),
  ];
}

/** The yard around one water in feet, for drawing programs: one layer for each kind of thing, quantities below. */
export function yardScene(yard: Yard, report: WaterReport): SectionScene {
  const { low } = boundsOf(report.placed.outline);
  return [
    ...yard.areas.map(({ points }) => path('DECKS', closedLine(points))),
    ...yard.lines.flatMap((line) => {
      const [from] = line.points;
      const named = from === undefined ? [] : [text(LAYER[line.kind], from, line.name)];
      return [path(LAYER[line.kind], line.points), ...named];
    }),
    ...water(report),
    ...things(report),
    ...quantities(report, low),
  ];
}
