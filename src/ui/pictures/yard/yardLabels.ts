import type { BondRow } from '../../../core/water/bondRows';
import { boundsOf, type Point } from '../../../core/water/point';
import { alongSegment, lengthOf, piecesOf } from '../../../core/water/segments';
import type { ThingAt, WaterReport } from '../../../core/water/waterReport';
import type { Yard } from '../../../core/water/yardSchema';
import { taped } from '../../../core/wording/yardWords';
import { placeLabels, textPx, type Box, type Placed, type Wanted } from './labelPlaces';
import { numberPlaces } from './numberPlace';
import type { YardScale } from './yardScale';
import type { ZoneCurve } from './zoneCurves';

/** Name and distance of a thing that the rules of distance know. */
export const thingLabel = ({ thing, reach, distanceFt, verdict }: ThingAt): readonly [string, string] => {
  const ft = verdict?.read === 'straight' ? distanceFt : (reach?.pathFt ?? null);
  const off = ft === null ? 'no way to the water' : `${taped(ft)} off`;
  return [thing.name, `${off}${verdict?.gfciRequired === true ? ', GFCI' : ''}`];
};

const ROW_PX = 14;
const MARK_PX = 26;
/** The surface that is bonded around the water. */
const BAND_FT = 3;

/** Places for two lines of text beside a mark. */
function beside([x, y]: Point, lines: readonly string[]): readonly Placed[] {
  const w = Math.max(...lines.map((line) => textPx(line)));
  const h = lines.length * ROW_PX;
  const at = (left: number, top: number, anchor: Placed['anchor']): Placed => ({
    x: anchor === 'start' ? left : anchor === 'end' ? left + w : left + w / 2,
    y: top + 11,
    anchor,
    box: { x: left, y: top, w, h },
  });
  return [
    at(x + 14, y - h / 2, 'start'),
    at(x - 14 - w, y - h / 2, 'end'),
    at(x - w / 2, y + 14, 'middle'),
    at(x - w / 2, y - 14 - h, 'middle'),
    at(x + 8, y + 12, 'start'),
    at(x - 8 - w, y + 12, 'end'),
    at(x + 8, y - 12 - h, 'start'),
    at(x - 8 - w, y - 12 - h, 'end'),
  ];
}

/** Places for a name on a curve: along its upper and its lower side. */
function onCurve(curve: readonly Point[], words: string, { x, y }: YardScale): readonly Placed[] {
  const w = textPx(words, 11);
  const tops = curve.map(([px, py]): Point => [x(px), y(py)]);
  const { left, right } = boundsOf(tops);
  const middle = tops.reduce((sum, [, py]) => sum + py, 0) / Math.max(1, tops.length);
  const sides = [tops.filter(([, py]) => py < middle), tops.filter(([, py]) => py > middle)];
  return [0.5, 0.34, 0.66, 0.2, 0.8].flatMap((share) =>
    sides.flatMap((side) => {
      const wanted = left + (right - left) * share;
      const near = side.reduce<Point | undefined>(
        (best, each) =>
          best === undefined || Math.abs(each[0] - wanted) < Math.abs(best[0] - wanted) ? each : best,
        undefined,
      );
      if (near === undefined) return [];
      const [px, py] = [wanted, near[1]];
      return [
        { x: px, y: py + 4, anchor: 'middle' as const, box: { x: px - w / 2, y: py - 7, w, h: ROW_PX } },
      ];
    }),
  );
}

const boxAround = ([x, y]: Point, size: number): Box => ({
  x: x - size / 2,
  y: y - size / 2,
  w: size,
  h: size,
});

const LINE_STEP_PX = 14;

/** A line through the yard as boxes that labels keep clear of. */
function lineBoxes(points: readonly Point[], { x, y, pxPerFt }: YardScale): readonly Box[] {
  return piecesOf(points).flatMap((piece) => {
    const steps = Math.min(200, Math.ceil((lengthOf(piece) * pxPerFt) / LINE_STEP_PX));
    return Array.from({ length: steps + 1 }, (_, at) => {
      const [px, py] = alongSegment(piece, steps === 0 ? 0 : at / steps);
      return boxAround([x(px), y(py)], 8);
    });
  });
}

/** Places for the name of a line: over it or under it, at its ends and in its middle. */
function alongLine(points: readonly Point[], words: string, { x, y }: YardScale): readonly Placed[] {
  const w = textPx(words, 11);
  return piecesOf(points).flatMap((piece) =>
    [0.08, 0.5, 0.9, 0.3, 0.7].flatMap((share) => {
      const [px, py] = alongSegment(piece, share);
      return [-12, 16].map((dy): Placed => {
        const [left, base] = [x(px), y(py) + dy];
        return { x: left, y: base, anchor: 'start', box: { x: left, y: base - 11, w, h: ROW_PX } };
      });
    }),
  );
}

/** Under this a picture is a phone's: only what is picked is named in full. */
export const NARROW_PX = 480;

/** The way of what is picked, in words: along a cord or hand, and straight where that is shorter. */
export const wayWords = ({ reach, distanceFt }: ThingAt): string => {
  if (reach === null) return 'no way to the water';
  const straight = reach.pathFt > distanceFt + 0.05 ? ` (straight ${taped(distanceFt)})` : '';
  return `${taped(reach.pathFt)}${straight}`;
};

/** Places for the length of a way: beside its last straight piece. */
function besideWay({ thing, reach }: ThingAt, words: string, { x, y }: YardScale): readonly Placed[] {
  const path = reach?.path ?? [thing.at];
  const w = textPx(words, 15);
  return piecesOf(path).flatMap((piece) =>
    [0.5, 0.3, 0.7].flatMap((share) => {
      const [px, py] = alongSegment(piece, share);
      return [8, -8 - w].map((dx): Placed => {
        const left = x(px) + dx;
        return { x: left, y: y(py) + 5, anchor: 'start', box: { x: left, y: y(py) - 9, w, h: 18 } };
      });
    }),
  );
}

const RING_WORDS_PX = 52;

/** Places for how far the ring lies off: at the left of the water or at its right, over and under the middle. */
function besideRing(
  { placed: { outline }, water }: WaterReport,
  { x, y, pxPerFt }: YardScale,
): readonly Placed[] {
  const off = (water.ringOffIn / 12) * pxPerFt;
  const { left, right: far } = boundsOf(outline);
  const ends = [left, far] as const;
  return [-34, 34, -60, 60].flatMap((dy) =>
    ends.map((end, right): Placed => {
      const at = outline.reduce((best, each) =>
        Math.abs(each[0] - end) < Math.abs(best[0] - end) ? each : best,
      );
      const base = y(at[1]) + dy;
      const left = right === 1 ? x(end) + off + 30 : x(end) - off - 30 - RING_WORDS_PX;
      return {
        x: right === 1 ? left : left + RING_WORDS_PX,
        y: base + 4,
        anchor: right === 1 ? 'start' : 'end',
        box: { x: left, y: base - 8, w: RING_WORDS_PX, h: 16 },
      };
    }),
  );
}

/** Where everything on the plan is named. */
export interface YardLabels {
  readonly ring: Placed | undefined;
  readonly way: Placed | undefined;
  readonly zones: ReadonlyMap<number, Placed>;
  readonly things: ReadonlyMap<string, Placed>;
  readonly lines: ReadonlyMap<string, Placed>;
}

interface Labelled {
  readonly yard: Yard;
  readonly report: WaterReport;
  readonly others: readonly WaterReport[];
  readonly rows: readonly BondRow[];
  readonly zones: readonly ZoneCurve[];
  readonly scale: YardScale;
  readonly picked: string | null;
}

/** What labels keep clear of: marks, numbers, walls, the names of waters. */
function takenBy({ yard, report, others, rows, scale }: Labelled): readonly Box[] {
  const { x, y } = scale;
  const numberAt = numberPlaces(report, scale);
  const named = [report, ...others].map(({ placed: { outline } }): Box => {
    const { left, right, low, high } = boundsOf(outline.map(([px, py]) => [x(px), y(py)]));
    const band = BAND_FT * scale.pxPerFt;
    return {
      x: left - band,
      y: low - band,
      w: right - left + 2 * band,
      h: high - low + 2 * band,
    };
  });
  return [
    ...named,
    ...yard.things.map(({ at }) => boxAround([x(at[0]), y(at[1])], MARK_PX)),
    ...rows.map((row) => boxAround(numberAt(row), 20)),
    ...yard.lines.flatMap(({ points }) => lineBoxes(points, scale)),
  ];
}

/** Places for every name on the plan, clear of each other and of what is drawn. */
export function yardLabels(of: Labelled): YardLabels {
  const { yard, report, zones, scale, picked } = of;
  const { x, y } = scale;
  const narrow = scale.widthPx < NARROW_PX;
  const lit = report.things.find(({ thing, distanceFt }) => thing.id === picked && distanceFt > 0);
  const wanted: readonly Wanted<string>[] = [
    ...(report.ring === null ? [] : [{ key: 'ring off', places: besideRing(report, scale) }]),
    ...(lit === undefined ? [] : [{ key: 'way it', places: besideWay(lit, wayWords(lit), scale) }]),
    ...report.things
      .filter(({ object, thing }) => object !== undefined && (!narrow || thing.id === picked))
      .map((at) => ({
        key: `thing ${at.thing.id}`,
        places: beside([x(at.thing.at[0]), y(at.thing.at[1])], thingLabel(at)),
      })),
    ...zones.map(({ ft, says, curve }) => ({
      key: `zone ${ft}`,
      places: onCurve(curve, narrow ? `${ft} ft` : `${ft} ft ${says}`, scale),
    })),
    ...yard.lines.map(({ id, name, points }) => ({
      key: `line ${id}`,
      places: alongLine(points, name, scale),
    })),
  ];
  const places = placeLabels(wanted, takenBy(of), {
    x: 4,
    y: 24,
    w: scale.widthPx - 8,
    h: scale.heightPx - 32,
  });
  const placesOf = (kind: string) =>
    [...places].flatMap(([key, place]) =>
      key.startsWith(`${kind} `) ? [[key.slice(kind.length + 1), place] as const] : [],
    );
  return {
    ring: places.get('ring off'),
    way: places.get('way it'),
    zones: new Map(placesOf('zone').map(([ft, place]) => [Number(ft), place])),
    things: new Map(placesOf('thing')),
    lines: new Map(placesOf('line')),
  };
}
