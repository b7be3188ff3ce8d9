import { useDrag } from '../../shell/useDrag';
import { MONEY_AXIS_PX, type MoneyScale } from './moneyScale';

/** The owner's line is taken hold of anywhere in a band of this height. */
const GRIP_PX = 44;
/** The owner's line goes by this much with a key, cents. */
const KEY_STEP_CENTS = 5000;

export interface OwnerLineProps {
  /** What the owner said, and how it stands on the line. */
  readonly owner: { readonly cents: number; readonly text: string };
  /** Moved to so many cents; null where it may not be moved. */
  readonly onOwner: ((cents: number, mergeKey: string) => void) | null;
  readonly scale: MoneyScale;
  readonly centsPerPx: number;
  readonly widthPx: number;
}

/** What the owner said, as a line across all options: dragged, or moved by the arrows. */
export function OwnerLine({ owner, onOwner, scale, centsPerPx, widthPx }: OwnerLineProps) {
  const put = (cents: number, mergeKey: string): void => {
    onOwner?.(Math.max(0, Math.round(cents / 100) * 100), mergeKey);
  };
  const drag = useDrag(
    (at) => ({ cents: owner.cents, key: `owner ${at}` }),
    ({ cents, key }, _dx, dy) => {
      put(cents - dy * centsPerPx, key);
    },
  );
  const y = scale.yOf(owner.cents);
  return (
    <g
      {...(onOwner !== null && drag)}
      role="slider"
      tabIndex={onOwner === null ? -1 : 0}
      aria-label="What the owner said that it may cost"
      aria-valuenow={Math.round(owner.cents / 100)}
      aria-valuetext={owner.text}
      aria-orientation="vertical"
      style={{ cursor: onOwner === null ? 'default' : 'ns-resize', touchAction: 'none' }}
      onKeyDown={({ key }) => {
        const step = key === 'ArrowUp' ? KEY_STEP_CENTS : key === 'ArrowDown' ? -KEY_STEP_CENTS : 0;
        if (step !== 0) put(owner.cents + step, 'owner keys');
      }}
    >
      <rect
        x={MONEY_AXIS_PX}
        y={y - GRIP_PX / 2}
        width={widthPx - MONEY_AXIS_PX}
        height={GRIP_PX}
        fill="transparent"
      />
      <path
        d={`M${MONEY_AXIS_PX} ${y}H${widthPx}`}
        stroke="var(--pasture)"
        strokeWidth="2"
        strokeDasharray="8 5"
        fill="none"
      />
      <text className="small strong halo" x={MONEY_AXIS_PX + 14} y={y - 6} style={{ fill: 'var(--pasture)' }}>
        {owner.text}
      </text>
    </g>
  );
}
