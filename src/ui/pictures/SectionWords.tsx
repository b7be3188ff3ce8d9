import { DimensionLine } from './DimensionLine';
import { LINE_PX, MARK_PX, placeWords, type PlacedWords, type WordLine } from './placeWords';
import { bodyBoxes } from './sectionBodies';
import type { DrawnSection } from './sectionDrawing';
import type { SectionScale } from './sectionScale';
import { coverAt, sectionWordsWanted } from './sectionWords';

/** The rule of heights at the left of the section. */
export function SectionHeights({ scale }: { scale: SectionScale }) {
  const marks: number[] = [];
  for (let ft = Math.ceil(scale.bottomFt); ft <= scale.topFt; ft += 1) marks.push(ft);
  const x = scale.leftPx - 34;
  return (
    <g>
      <path d={`M${x} ${scale.y(scale.topFt) + 2}V${scale.heightPx}`} stroke="var(--rule2)" fill="none" />
      {marks.map((ft) => (
        <path key={ft} d={`M${x - (ft % 4 === 0 ? 7 : 4)} ${scale.y(ft)}H${x}`} stroke="var(--rule2)" />
      ))}
      {marks
        .filter((ft) => ft % 4 === 0)
        .map((ft) => (
          <text key={ft} x={x - 10} y={scale.y(ft) + 4} textAnchor="end" className="small quiet">
            {ft === 0 ? 'grade' : `${ft} ft`}
          </text>
        ))}
    </g>
  );
}

const STYLE: Readonly<Record<WordLine['style'], string>> = {
  strong: 'strong halo',
  plain: 'halo',
  small: 'small halo',
  stop: 'strong stop halo',
  dimension: 'dimension',
  quiet: 'small quiet halo',
};

function Mark({
  mark,
  x,
  y,
}: {
  readonly mark: NonNullable<WordLine['mark']>;
  readonly x: number;
  readonly y: number;
}) {
  return mark === 'stop' ? (
    <path
      transform={`translate(${x} ${y - 10})`}
      d="M0 0H11V11H0ZM2 4.5V6.5H9V4.5Z"
      fill="var(--stop)"
      fillRule="evenodd"
    />
  ) : (
    <path
      transform={`translate(${x} ${y - 11})`}
      d="M6 1.4 11 10.8H1Z"
      fill="none"
      stroke="var(--ink)"
      strokeWidth="1.4"
    />
  );
}

function Words({ words: { lines, spot } }: { readonly words: PlacedWords }) {
  return lines.map(({ text, style, mark }, at) => {
    const y = spot.y + at * LINE_PX;
    return (
      <g key={text}>
        {mark !== undefined && <Mark mark={mark} x={spot.x} y={y} />}
        <text
          x={spot.x + (mark === undefined ? 0 : MARK_PX)}
          y={y}
          textAnchor={spot.anchor}
          className={STYLE[style]}
        >
          {text}
        </text>
      </g>
    );
  });
}

/** Everything that is written into the section, each where nothing else stands. */
export function SectionWords(drawn: DrawnSection) {
  const { geometry, scale } = drawn;
  const room = { left: scale.leftPx - 20, top: 2, right: scale.widthPx - 2, bottom: scale.heightPx - 2 };
  const placed = placeWords(sectionWordsWanted(drawn), room, bodyBoxes(drawn));
  return (
    <>
      {geometry.segments.map((segment, index) => {
        const cover = coverAt(segment, scale);
        const written = placed.some(({ key }) => key === `cover ${index}`);
        return cover !== null && written ? (
          <DimensionLine key={index} from={[cover.x, cover.top]} to={[cover.x, cover.bottom]} />
        ) : null;
      })}
      {placed.map((words) => (
        <Words key={words.key} words={words} />
      ))}
    </>
  );
}
