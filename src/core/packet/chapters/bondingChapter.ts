import { yardScene } from '../../drawing/yardScene';
import type { SceneItem } from '../../drawing/sectionScene';
import type { Yard } from '../../water/yardSchema';
import { bondRows } from '../../water/bondRows';
import { boundsOf, type Point } from '../../water/point';
import type { WaterReport } from '../../water/waterReport';
import type { Column, PictureBox } from '../../paper/pageFlow';
import { printable, textWidth } from '../../paper/pageScene';
import type { Ink, PageItem } from '../../paper/pageSchema';
import { bondNote, bondTitle } from '../../wording/bondWords';
import { bondStages } from '../../wording/bondStages';
import { loopSteps } from '../../wording/loopSteps';
import { distanceWords, waterLine } from '../../wording/yardWords';
import type { Making } from './making';

const PLAN_HIGH = 300;
const AROUND_FT = 14;
const SIDES = 24;
const PLAN_TEXT = 7;
const NUMBERED_FT = 2;
const MOST_SHIFTS = 6;
const BONDED: readonly Column[] = [{ at: 0, face: 'figures' }, { at: 0.06, face: 'strong' }, { at: 0.36 }];
const DISTANCES: readonly Column[] = [{ at: 0 }, { at: 0.4 }];
const COPPER: readonly Column[] = [{ at: 0 }, { at: 0.7, align: 'right', face: 'figures' }];

const INK: Readonly<Record<string, Ink>> = {
  WATER: 'water',
  ZONES: 'rule',
  RING: 'copper',
  GRID: 'copper',
  TAPS: 'copper',
  TAILS: 'copper',
  DIMENSIONS: 'rule',
};
/** What is listed below the plan, or would crowd it. */
const LEFT_OUT: ReadonlySet<string> = new Set(['QUANTITIES', 'NUMBERS']);

/** The part of a line that is within a box, segment by segment. */
function within(points: readonly Point[], isIn: (point: Point) => boolean): readonly (readonly Point[])[] {
  const pieces: Point[][] = [[]];
  for (const point of points)
    if (isIn(point)) pieces.at(-1)?.push(point);
    else if (pieces.at(-1)?.length !== 0) pieces.push([]);
  return pieces.filter(({ length }) => length > 1);
}

interface Placing {
  readonly at: (point: Point) => [number, number];
  readonly isIn: (point: Point) => boolean;
  readonly right: number;
}

/** The yard around a water in plan, to scale: what is outside of the box is left out. */
function planPicture(yard: Yard, report: WaterReport): (box: PictureBox) => readonly PageItem[] {
  const near = report.things.filter(({ isNearest }) => isNearest).map(({ thing }) => thing.at);
  const around = boundsOf([...report.placed.outline, ...near]);
  const numbers = bondRows(report);
  return ({ x, y, wide, high }) => {
    const [left, top] = [around.left - AROUND_FT, around.high + AROUND_FT];
    const ft = { wide: around.right + AROUND_FT - left, high: top - around.low + AROUND_FT };
    const perFt = Math.min(wide / ft.wide, high / ft.high);
    const placing: Placing = {
      at: ([px, py]) => [x + (px - left) * perFt, y + (top - py) * perFt],
      isIn: ([px, py]) => px >= left && px <= left + wide / perFt && py <= top && py >= top - high / perFt,
      right: x + wide,
    };
    // What bears a number is named in the list; its name on the plan would only crowd it.
    const isNumbered = ([px, py]: Point): boolean =>
      numbers.some(({ at: [nx, ny] }) => Math.hypot(px - nx, py - ny) < NUMBERED_FT);
    const scene = yardScene(yard, report).filter(
      (item) =>
        !LEFT_OUT.has(item.layer) &&
        !(item.kind === 'text' && item.layer === 'THINGS' && isNumbered(item.at)),
    );
    const texts = scene.filter((item) => item.kind === 'text' && item.layer !== 'ZONES');
    return [
      ...scene.flatMap((item) => drawn(item, placing)),
      ...apart(texts.flatMap((item) => said(item, placing))),
      ...numbers.flatMap(({ number, at }) => (placing.isIn(at) ? numberMark(placing.at(at), number) : [])),
    ];
  };
}

/** A number that the list explains. */
const numberMark = ([x, y]: readonly [number, number], number: number): readonly PageItem[] => [
  { kind: 'box', x: x - 5, y: y - 5, wide: 10, high: 10, fill: 'ink', edge: null },
  {
    kind: 'text',
    x,
    y: y + 2.8,
    text: String(number),
    face: 'figures',
    size: 8,
    ink: 'sheet',
    align: 'middle',
  },
];

type Text = Extract<PageItem, { kind: 'text' }>;

/** Texts none of which stands on another: one that would is put below it. */
function apart(texts: readonly Text[]): readonly Text[] {
  const placed: Text[] = [];
  const end = (text: Text): readonly [number, number] => {
    const wide = textWidth(text.text, text.face, text.size);
    return text.align === 'right' ? [text.x - wide, text.x] : [text.x, text.x + wide];
  };
  for (const text of texts) {
    let at = text;
    const [from, to] = end(text);
    const isTaken = (): boolean =>
      placed.some((other) => {
        const [start, stop] = end(other);
        return Math.abs(other.y - at.y) < at.size && start < to && stop > from;
      });
    for (let tries = 0; tries < MOST_SHIFTS && isTaken(); tries += 1) at = { ...at, y: at.y + at.size };
    placed.push(at);
  }
  return placed;
}

/** A line or a circle of a drawing in feet as it stands on paper. */
function drawn(item: SceneItem, { at, isIn }: Placing): readonly PageItem[] {
  const ink = INK[item.layer] ?? 'ink';
  const line = (points: readonly Point[], width: number): PageItem => ({
    kind: 'line',
    points: points.map(at),
    ink,
    width,
  });
  switch (item.kind) {
    case 'path':
      return within(item.points, isIn).map((piece) => line(piece, ink === 'copper' ? 1.4 : 0.7));
    case 'circle': {
      const [px, py] = item.at;
      const round = Array.from({ length: SIDES + 1 }, (_, side): Point => {
        const turn = (side / SIDES) * 2 * Math.PI;
        return [px + item.radiusFt * Math.cos(turn), py + item.radiusFt * Math.sin(turn)];
      });
      return round.every(isIn) ? [line(round, 0.7)] : [];
    }
    case 'text':
      return [];
  }
}

/** A text of a drawing in feet as it stands on paper. */
function said(item: SceneItem, { at, isIn, right }: Placing): readonly Text[] {
  if (item.kind !== 'text' || !isIn(item.at)) return [];
  const [x, y] = at(item.at);
  const size = PLAN_TEXT;
  const ink = INK[item.layer] ?? 'ink';
  const text = printable(item.text);
  const isLate = x + textWidth(text, 'words', size) > right;
  // What would run over the edge ends before it.
  return [
    {
      kind: 'text',
      x: isLate ? right : x,
      y,
      text,
      face: 'words',
      size,
      ink: ink === 'rule' ? 'quiet' : ink,
      align: isLate ? 'right' : 'left',
    },
  ];
}

/** The bonding of every water: the plan, what is bonded and how, distances, copper, and the looks of the inspector. */
export function bondingChapter({ flow, evaluation }: Making): void {
  for (const { report } of evaluation.waters) {
    const { water, things } = report;
    flow.page('bonding', `${water.name}: bonding plan`, water.id);
    flow.say(waterLine(water), { face: 'figures' });
    flow.picture(PLAN_HIGH, planPicture(evaluation.job.yard, report));
    const rows = bondRows(report);
    if (rows.length === 0) flow.say('Metal within 5 ft: none recorded, look. No ring is required.');
    else flow.head('Bonded, 680.26(B)');
    for (const row of rows)
      flow.row(BONDED, [String(row.number), bondTitle(row, report), bondNote(row, report)], {
        fact: { name: bondTitle(row, report), value: bondNote(row, report) },
      });
    const steps = loopSteps(report);
    if (steps.length > 0) flow.head('Copper');
    for (const { label, figure } of steps) flow.row(COPPER, [label, figure]);
    const placed = things.filter(({ object, isNearest }) => object !== undefined && isNearest);
    if (placed.length > 0) flow.head('Distances');
    for (const each of placed) flow.row(DISTANCES, [each.thing.name, distanceWords(each)]);
    for (const { when, shows, photos } of bondStages(report)) {
      flow.head(when);
      flow.say(`To see: ${shows.join('; ')}.`);
      flow.say(`Photographs: ${photos.join('; ')}.`);
    }
  }
}
