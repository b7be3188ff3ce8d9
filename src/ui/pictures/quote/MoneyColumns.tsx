import { MONEY_AXIS_PX, moneyMarks, spread, type MoneyScale } from './moneyScale';
import { OwnerLine, type OwnerLineProps } from './OwnerLine';
import '../pictures.css';

/** A block of a column, from the ground up. */
export interface MoneyBlock {
  readonly key: string;
  readonly name: string;
  readonly cents: number;
  readonly shown: string;
}

/** One option as a column; what breaks a rule is an outline without a price. */
export interface MoneyColumn {
  readonly key: string;
  readonly blocks: readonly MoneyBlock[];
  readonly lowCents: number;
  readonly highCents: number;
  readonly stopped: boolean;
}

interface MoneyColumnsProps {
  readonly columns: readonly MoneyColumn[];
  readonly chosen: string;
  readonly onChoose: (key: string) => void;
  /** What the owner said that it may cost; null where nothing was said. */
  readonly owner: OwnerLineProps['owner'] | null;
  readonly onOwner: OwnerLineProps['onOwner'];
  readonly print: (cents: number) => string;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly label: string;
}

const COLUMN_PX = 46;
/** What stands over the dearest has room for its words. */
const HEADROOM = 1.06;
const INSET_PX = 14;
const TOP_PX = 8;
const FOOT_PX = 2;
const LABEL_GAP_PX = 13;
/** From this pitch on the blocks bear their names. */
const NAMED_FROM_PX = 150;

const FILL: Readonly<Record<string, string>> = {
  material: 'var(--sheet)',
  labor: 'var(--earth)',
  permit: 'url(#money-hatch)',
  margin: 'url(#money-dots)',
  tax: 'var(--ink)',
};

interface ColumnProps {
  readonly column: MoneyColumn;
  readonly at: number;
  readonly scale: MoneyScale;
  readonly chosen: boolean;
}

/** The blocks of a column with their names, and the whisker of its price. */
function Column({ column, at, scale, chosen }: ColumnProps) {
  const { blocks, lowCents, highCents } = column;
  const x = scale.xOf(at);
  const tops = blocks.map((_, k) => blocks.slice(0, k + 1).reduce((sum, { cents }) => sum + cents, 0));
  const ink = chosen ? 'var(--copper)' : 'var(--ink)';
  const middles = blocks.map(({ cents }, k) => scale.yOf((tops[k] ?? 0) - cents / 2) + 4);
  const named = spread(middles, LABEL_GAP_PX);
  const mid = x + COLUMN_PX / 2;
  return (
    <g>
      {blocks.map(({ key, cents }, k) => {
        const top = scale.yOf(tops[k] ?? 0);
        return (
          <rect
            key={key}
            x={x}
            y={top}
            width={COLUMN_PX}
            height={Math.max(0, scale.yOf((tops[k] ?? 0) - cents) - top)}
            fill={FILL[key]}
            stroke={ink}
            strokeWidth={chosen ? 2 : 1.25}
          />
        );
      })}
      {scale.pitchPx >= NAMED_FROM_PX &&
        blocks.map(({ key, name, cents, shown }, k) =>
          cents === 0 ? null : (
            <g key={key}>
              <path
                d={`M${x + COLUMN_PX + 1} ${(middles[k] ?? 0) - 4}L${x + COLUMN_PX + 10} ${(named[k] ?? 0) - 4}`}
                stroke="var(--ink)"
                fill="none"
              />
              <text className="small" x={x + COLUMN_PX + 13} y={named[k]}>
                {name}
              </text>
              <text className="small figures" x={x + scale.pitchPx - 24} y={named[k]} textAnchor="end">
                {shown}
              </text>
            </g>
          ),
        )}
      <path
        d={`M${mid} ${scale.yOf(highCents)}V${scale.yOf(lowCents)}M${mid - 8} ${scale.yOf(highCents)}h16M${mid - 8} ${scale.yOf(lowCents)}h16`}
        stroke="var(--copper)"
        strokeWidth="2.5"
        fill="none"
      />
    </g>
  );
}

/** An option that breaks a rule: its outline, and no price. */
function Outline({ column, at, scale }: ColumnProps) {
  const x = scale.xOf(at);
  const top = scale.yOf(column.blocks.reduce((sum, { cents }) => sum + cents, 0));
  return (
    <g>
      <rect
        x={x}
        y={top}
        width={COLUMN_PX}
        height={scale.yOf(0) - top}
        fill="none"
        stroke="var(--stop)"
        strokeWidth="1.5"
        strokeDasharray="5 4"
      />
      <text className="small stop strong" x={x + COLUMN_PX / 2} y={top - 6} textAnchor="middle">
        Stop
      </text>
    </g>
  );
}

const PATTERNS = (
  <defs>
    <pattern
      id="money-hatch"
      width="5"
      height="5"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <rect width="5" height="5" fill="var(--sheet)" />
      <path d="M0 0V5" stroke="var(--ink)" strokeWidth="1.6" />
    </pattern>
    <pattern id="money-dots" width="5" height="5" patternUnits="userSpaceOnUse">
      <rect width="5" height="5" fill="var(--pasture-wash)" />
      <circle cx="1.5" cy="1.5" r="0.9" fill="var(--pasture)" />
    </pattern>
  </defs>
);

/** The ground that each option stands on, to be chosen by the pointer; the keyboard has the buttons below. */
function Grounds({
  columns,
  chosen,
  onChoose,
  pitchPx,
  heightPx,
}: Pick<MoneyColumnsProps, 'columns' | 'chosen' | 'onChoose' | 'heightPx'> & { readonly pitchPx: number }) {
  return columns.map(({ key }, at) => (
    <rect
      key={key}
      x={MONEY_AXIS_PX + at * pitchPx}
      y="0"
      width={pitchPx}
      height={heightPx}
      fill={key === chosen ? 'var(--copper-wash)' : 'transparent'}
      onClick={() => {
        onChoose(key);
      }}
    />
  ));
}

interface MarksProps {
  readonly marks: readonly number[];
  readonly scale: MoneyScale;
  readonly widthPx: number;
  readonly print: MoneyColumnsProps['print'];
}

/** The scale of money. */
function Marks({ marks, scale, widthPx, print }: MarksProps) {
  return marks.map((cents) => (
    <g key={cents}>
      <text
        className="small figures"
        x={MONEY_AXIS_PX - 6}
        y={Math.max(11, scale.yOf(cents) + 4)}
        textAnchor="end"
      >
        {cents === 0 ? '0' : print(cents)}
      </text>
      <path
        d={`M${MONEY_AXIS_PX} ${scale.yOf(cents)}H${widthPx}`}
        stroke={cents === 0 ? 'var(--ink)' : 'var(--rule)'}
        strokeWidth={cents === 0 ? 2 : 1}
      />
    </g>
  ));
}

/** What the options of a circuit cost, as columns on one scale: material, labor, permit, margin and tax, with the range. */
export function MoneyColumns(props: MoneyColumnsProps) {
  const { columns, chosen, owner, onOwner, print, widthPx, heightPx, label } = props;
  const most = Math.max(100, owner?.cents ?? 0, ...columns.map(({ highCents }) => highCents));
  const marks = moneyMarks(most * HEADROOM);
  const bottom = heightPx - FOOT_PX;
  const centsPerPx = (marks.at(-1) ?? 1) / (bottom - TOP_PX);
  const pitchPx = (widthPx - MONEY_AXIS_PX) / Math.max(1, columns.length);
  const scale: MoneyScale = {
    yOf: (cents) => bottom - cents / centsPerPx,
    xOf: (at) => MONEY_AXIS_PX + at * pitchPx + Math.min(INSET_PX, (pitchPx - COLUMN_PX) / 2),
    pitchPx,
  };
  return (
    <svg
      className="picture"
      role="group"
      aria-label={label}
      width={widthPx}
      height={heightPx}
      viewBox={`0 0 ${widthPx} ${heightPx}`}
    >
      {PATTERNS}
      <Grounds {...props} pitchPx={pitchPx} />
      <Marks marks={marks} scale={scale} widthPx={widthPx} print={print} />
      <g pointerEvents="none">
        {columns.map((column, at) => {
          const Drawn = column.stopped ? Outline : Column;
          return (
            <Drawn key={column.key} column={column} at={at} scale={scale} chosen={column.key === chosen} />
          );
        })}
      </g>
      {owner !== null && (
        <OwnerLine owner={owner} onOwner={onOwner} scale={scale} centsPerPx={centsPerPx} widthPx={widthPx} />
      )}
    </svg>
  );
}
