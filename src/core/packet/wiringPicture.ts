import { wiringScenes, type ScenePoint, type WiringScene } from '../drawing/wiringScene';
import type { CircuitEvaluation } from '../job/evaluation';
import type { PictureBox } from '../paper/pageFlow';
import { printable } from '../paper/pageScene';
import type { PageItem } from '../paper/pageSchema';
import { enclosuresOf } from '../wiring/enclosures';
import type { Wiring } from '../wiring/terminations';
import { enclosureName } from '../wording/terminals';

/** Points of a unit of the drawing: its words are then as large as the small ones of a page. */
const SCALE = 0.62;
const BETWEEN = 14;
const TITLE = 14;

/** Enclosures row by row, as many beside each other as the page is wide. */
function rowsOf(scenes: readonly WiringScene[], wide: number): readonly (readonly WiringScene[])[] {
  const rows: WiringScene[][] = [];
  let used = Infinity;
  for (const scene of scenes) {
    const own = scene.width * SCALE;
    if (used + BETWEEN + own > wide) {
      rows.push([scene]);
      used = own;
    } else {
      rows.at(-1)?.push(scene);
      used += BETWEEN + own;
    }
  }
  return rows;
}

interface Drawing {
  readonly at: (point: ScenePoint) => [number, number];
  readonly text: (point: ScenePoint, words: string, align?: 'left' | 'right' | 'middle') => PageItem;
  readonly line: (points: readonly ScenePoint[], width: number) => PageItem;
}

/** The draftsman of an enclosure whose upper left corner is at a place of the page. */
function drawingAt(x: number, y: number): Drawing {
  const at = (point: ScenePoint): [number, number] => [x + point.x * SCALE, y + point.y * SCALE];
  return {
    at,
    text: (point, words, align = 'left') => {
      const [px, py] = at(point);
      return { kind: 'text', x: px, y: py, text: words, face: 'figures', size: 6.5, ink: 'ink', align };
    },
    line: (points, width) => ({ kind: 'line', points: points.map(at), ink: 'ink', width }),
  };
}

/** A conductor with its letters on the level part, and its number in the order of landing at its screw. */
function wires({ wires: all }: WiringScene, { text, line }: Drawing): readonly PageItem[] {
  return all.flatMap(({ path, side, entered: { landing }, capped }) => {
    const [, corner, end] = path;
    const said = `${landing.letters} ${landing.size}`;
    if (corner === undefined || end === undefined) {
      const middle = path.reduce((sum, { y }) => sum + y / path.length, 0);
      return [
        line(path, 1.2),
        text({ x: (path[0]?.x ?? 0) + 4, y: middle }, `${said}${capped ? ' capped' : ''}`),
      ];
    }
    const away = side === 'left' ? 6 : -6;
    return [
      line(path, 1.2),
      text({ x: corner.x + away, y: corner.y - 3 }, said, side === 'left' ? 'left' : 'right'),
      text(
        { x: end.x + (side === 'left' ? -4 : 4), y: end.y + 10 },
        String(landing.order),
        side === 'left' ? 'right' : 'left',
      ),
    ];
  });
}

/** The splices of a box. */
const splices = ({ splices: all }: WiringScene, { text, line }: Drawing): readonly PageItem[] =>
  all.flatMap(({ line: one, load, at }) => [
    ...[one, load].flatMap((strand) => (strand === null ? [] : [line(strand.path, 1.2)])),
    ...(one === null ? [] : [text({ x: at.x - 18, y: at.y - 3 }, `${one.letters} ${one.size}`, 'right')]),
    ...(load === null ? [] : [text({ x: at.x + 18, y: at.y - 3 }, `${load.letters} ${load.size}`)]),
    line(
      [
        { x: at.x - 8, y: at.y },
        { x: at.x + 8, y: at.y },
      ],
      4,
    ),
  ]);

/** The body with the terminals, and the bars below it. */
function bodies({ device, bars, enclosure }: WiringScene, drawing: Drawing): readonly PageItem[] {
  const box = (left: number, top: number, right: number, bottom: number): PageItem => {
    const [x, y] = drawing.at({ x: left, y: top });
    return {
      kind: 'box',
      x,
      y,
      wide: (right - left) * SCALE,
      high: (bottom - top) * SCALE,
      fill: null,
      edge: 'ink',
    };
  };
  return [
    ...(device === null ? [] : [box(device.left, device.top, device.right, device.bottom)]),
    ...(device !== null && enclosure.device.amps !== null
      ? [
          drawing.text(
            { x: (device.left + device.right) / 2, y: (device.top + device.bottom) / 2 },
            `${enclosure.device.amps} A${enclosure.device.gfci ? ' GFCI' : ''}`,
            'middle',
          ),
        ]
      : []),
    ...bars.flatMap(({ name, left, right, y }) => [
      box(left, y - 10, right, y + 10),
      drawing.text({ x: left, y: y + 22 }, `${name} bar`),
    ]),
  ];
}

/** A picture of its own height. */
export interface MeasuredPicture {
  readonly high: number;
  readonly draw: (box: PictureBox) => readonly PageItem[];
}

/** An enclosure with its name above it. */
function enclosurePicture(scene: WiringScene, circuit: string, x: number, y: number): readonly PageItem[] {
  const drawing = drawingAt(x, y + TITLE);
  const title: PageItem = {
    kind: 'text',
    x,
    y: y + 8,
    text: printable(enclosureName(scene.enclosure.kind, circuit)),
    face: 'strong',
    size: 8,
    ink: 'ink',
    align: 'left',
  };
  const frame: PageItem = {
    kind: 'box',
    x,
    y: y + TITLE,
    wide: scene.width * SCALE,
    high: scene.height * SCALE,
    fill: null,
    edge: 'rule',
  };
  return [title, frame, ...bodies(scene, drawing), ...wires(scene, drawing), ...splices(scene, drawing)];
}

/** The enclosures of a circuit from panel to load, row by row, every conductor from its entry to its screw. */
export function wiringPictures(
  { circuit, solved }: CircuitEvaluation,
  wired: Wiring,
  wide: number,
): readonly MeasuredPicture[] {
  return rowsOf(wiringScenes(enclosuresOf(circuit, solved.figures, wired)), wide).map((row) => ({
    high: TITLE + Math.max(0, ...row.map(({ height }) => height)) * SCALE,
    draw: ({ x, y }) => {
      let left = x;
      return row.flatMap((scene) => {
        const items = enclosurePicture(scene, circuit.name, left, y);
        left += scene.width * SCALE + BETWEEN;
        return items;
      });
    },
  }));
}
