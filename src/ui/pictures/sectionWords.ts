import type { SectionSegment } from '../../core/route/sectionGeometry';
import { printNumber } from '../../core/units/number';
import { lineWidth, type Box, type Spot, type WordLine, type WordsWanted } from './placeWords';
import { applianceBox, disconnectBox } from './sectionBodies';
import type { DrawnSection, SegmentLabel } from './sectionDrawing';
import type { SectionScale } from './sectionScale';

const start = (x: number, y: number): Spot => ({ x, y, anchor: 'start' });
const end = (x: number, y: number): Spot => ({ x, y, anchor: 'end' });

/** Past a wire that arrives from above at the left of a box. */
const PAST_WIRE = 24;

/** Spots around a box, beside it and above and below it. */
const around = ({ left, top, right, bottom }: Box): readonly Spot[] => [
  start(right + 9, top + 14),
  start(right + 9, (top + bottom) / 2),
  start(right + 9, bottom - 18),
  end(left - 9, top + 14),
  end(left - 9, (top + bottom) / 2),
  start(left + PAST_WIRE, top - 22),
  start(left, top - 22),
  end(right, top - 22),
  start(left, bottom + 15),
  end(right, bottom + 15),
];

const twoLines = (name: string, note: string): readonly WordLine[] =>
  note === ''
    ? [{ text: name, style: 'strong' }]
    : [
        { text: name, style: 'strong' },
        { text: note, style: 'plain' },
      ];

const LONGEST_NAME = 22;
const shortened = (name: string): string =>
  name.length <= LONGEST_NAME ? name : `${name.slice(0, LONGEST_NAME - 2).trimEnd()}..`;

/** The spots of the words of a segment: along its longest level part, then beside its upright ones. */
function segmentSpots(
  { path }: SectionSegment,
  lines: readonly WordLine[],
  scale: SectionScale,
): readonly Spot[] {
  const width = Math.max(...lines.map(lineWidth));
  const points = path.map(({ xFt, heightFt }) => ({ x: scale.x(xFt), y: scale.y(heightFt) }));
  const parts = points.slice(1).flatMap((to, at) => {
    const from = points[at];
    return from === undefined ? [] : [{ from, to, length: Math.abs(to.x - from.x) }];
  });
  const up = (lines.length - 1) * 15;
  const level = parts
    .filter(({ length }) => length > 0)
    .toSorted((a, b) => b.length - a.length)
    .flatMap(({ from, to }): readonly Spot[] => {
      const ys = [from.y + 24, from.y - 14 - up];
      const xs = [from.x + 30, (from.x + to.x - width) / 2, to.x - width - 20, from.x + 10];
      return ys.flatMap((y) => xs.map((x) => start(x, y)));
    });
  const upright = parts
    .filter(({ length }) => length === 0)
    .flatMap(({ from, to }): readonly Spot[] => {
      const y = (from.y + to.y) / 2;
      return [start(from.x + 14, y), end(from.x - 14, y)];
    });
  return [...level, ...upright];
}

function segmentWords(
  segment: SectionSegment,
  label: SegmentLabel,
  index: number,
  scale: SectionScale,
): WordsWanted {
  const stop = label.severity === 'stop';
  const lines: readonly WordLine[] = [
    { text: label.name, style: 'strong' },
    ...(label.trouble === null
      ? []
      : [
          {
            text: label.trouble,
            style: stop ? ('stop' as const) : ('plain' as const),
            mark: stop ? ('stop' as const) : ('check' as const),
          },
        ]),
  ];
  return { key: `segment ${index}`, lines, spots: segmentSpots(segment, lines, scale) };
}

/** Where the cover over a buried segment is measured; null where it is too short to show. */
export function coverAt(
  { path, place }: SectionSegment,
  scale: SectionScale,
): { readonly x: number; readonly top: number; readonly bottom: number; readonly text: string } | null {
  const deepFt = Math.min(...path.map(({ heightFt }) => heightFt));
  const [from, to] = [scale.x(path[0]?.xFt ?? 0), scale.x(path.at(-1)?.xFt ?? 0)];
  if (place !== 'underground' || deepFt >= 0 || to - from < 150) return null;
  return {
    x: from + 34,
    top: scale.y(0),
    bottom: scale.y(deepFt) - 4,
    text: `${printNumber(-deepFt * 12, 0)} in of cover`,
  };
}

const coverWords = ({ geometry, scale }: DrawnSection): readonly WordsWanted[] =>
  geometry.segments.flatMap((segment, index): readonly WordsWanted[] => {
    const cover = coverAt(segment, scale);
    if (cover === null) return [];
    const spot = start(cover.x + 9, cover.top + 13);
    return [{ key: `cover ${index}`, lines: [{ text: cover.text, style: 'dimension' }], spots: [spot] }];
  });

/** What stands between the ends: a disconnect apart, and the stations of the run. */
function betweenWords(drawn: DrawnSection): {
  readonly apart: readonly WordsWanted[];
  readonly stations: readonly WordsWanted[];
} {
  const { geometry, stationNotes = [], disconnect, scale } = drawn;
  const stations = geometry.stations.flatMap((station, index): readonly WordsWanted[] => {
    const note = stationNotes[index];
    if (!note) return [];
    const [x, y] = [scale.x(station.xFt), scale.y(station.heightFt)];
    const spots = around({ left: x - 12, top: y - 14, right: x + 12, bottom: y + 14 });
    return [{ key: `station ${index}`, lines: twoLines(note.name, note.note), spots }];
  });
  const box = disconnectBox(drawn);
  if (disconnect === null || box === null) return { apart: [], stations };
  const lines = twoLines(disconnect.name, disconnect.note);
  return { apart: [{ key: 'disconnect', lines, spots: around(box) }], stations };
}

const zoneWords = ({ zones }: DrawnSection): readonly WordsWanted[] =>
  zones.map(({ words, from, to, y }): WordsWanted => ({
    key: `zone ${from}`,
    lines: [{ text: words, style: 'quiet' }],
    spots: [0.5, 0.25, 0.75, 0.38, 0.62].map((share) => ({
      x: from + (to - from) * share,
      y,
      anchor: 'middle',
    })),
  }));

function endWords(drawn: DrawnSection): readonly WordsWanted[] {
  const { geometry, panelLabel, applianceLabel, applianceAmps, scale } = drawn;
  const panel = geometry.stations[0];
  const [x, y] = [scale.x(panel?.xFt ?? 0), scale.y(panel?.heightFt ?? 0)];
  const atPanel = around({ left: x - 13, top: y - 2, right: x + 13, bottom: y + 60 });
  return [
    { key: 'panel', lines: twoLines('Panel', panelLabel), spots: atPanel },
    {
      key: 'appliance',
      lines: twoLines(shortened(applianceLabel), applianceAmps),
      spots: around(applianceBox(drawn)),
    },
  ];
}

/** Everything that wants to be written into the section, the most needed first. */
export function sectionWordsWanted(drawn: DrawnSection): readonly WordsWanted[] {
  const { geometry, labels, scale } = drawn;
  const segments = geometry.segments.flatMap((segment, index) => {
    const label = labels[index];
    return label === undefined ? [] : [{ label, words: segmentWords(segment, label, index, scale) }];
  });
  const stops = segments.filter(({ label }) => label.severity === 'stop').map(({ words }) => words);
  const others = segments.filter(({ label }) => label.severity !== 'stop').map(({ words }) => words);
  const { apart, stations } = betweenWords(drawn);
  return [
    ...endWords(drawn),
    ...stops,
    ...apart,
    ...coverWords(drawn),
    ...others,
    ...stations,
    ...zoneWords(drawn),
  ];
}
