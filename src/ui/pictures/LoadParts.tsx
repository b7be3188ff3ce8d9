import type { ServicePart } from '../../core/service/serviceLoad';
import type { MethodAnswer } from '../../core/service/serviceReport';
import { printNumber as n } from '../../core/units/number';
import { methodTitle } from '../../core/wording/serviceNames';
import classes from './LoadStack.module.css';

/** The letter of a part, by which the list under the picture names it. */
const letterOf = (at: number): string => String.fromCharCode('a'.charCodeAt(0) + at);

/** Letters of a name and of a key, wide. */
const NAME_PX = 6.2;
const KEY_PX = 12;
/** A bar lower than this holds no words. */
const WORDS_PX = 14;

const counting = (parts: readonly ServicePart[]): readonly ServicePart[] =>
  parts.filter(({ countedVA }) => countedVA > 0);

/** What stands in the block of a part: its name, its letter where the name is too long, nothing where neither fits. */
function blockWords(what: string, at: number, width: number): string {
  if (what.length * NAME_PX + 24 <= width) return `${letterOf(at)} ${what}`;
  return width >= KEY_PX ? letterOf(at) : '';
}

/** Parts of a load one after the other, each as wide as its amperes. */
export function Parts({
  parts,
  y,
  height,
  left: from,
  scale,
  volts,
  amps,
}: {
  readonly parts: readonly ServicePart[];
  readonly y: number;
  readonly height: number;
  readonly left: number;
  readonly scale: number;
  readonly volts: number;
  readonly amps: number;
}) {
  let x = from;
  const drawn = counting(parts).map((part, at) => {
    const width = (part.countedVA / volts) * scale;
    const left = x;
    x += width;
    // What load management keeps off is not drawn: the stack ends where the service ends.
    const shown = Math.max(0, Math.min(width, from + amps * scale - left));
    return { part, at, left, width: shown };
  });
  return drawn.map(({ part, at, left, width }) => (
    <g key={`${part.what} ${at}`}>
      <title>{`${part.what}: ${n(part.countedVA / volts, 1)} A`}</title>
      <rect
        className={classes['part']}
        data-odd={at % 2 === 1 || undefined}
        x={left}
        y={y}
        width={width}
        height={height}
      />
      {height > WORDS_PX && (
        <text
          className={classes['what']}
          x={width < 2 * KEY_PX ? left + width / 2 : left + 6}
          y={y + height / 2 + 4}
          textAnchor={width < 2 * KEY_PX ? 'middle' : 'start'}
        >
          {blockWords(part.what, at, width)}
        </text>
      )}
    </g>
  ));
}

/** The parts of the method that is used, by the letters of their blocks. */
export function PartsKey({
  answer,
  volts,
}: {
  readonly answer: MethodAnswer | undefined;
  readonly volts: number;
}) {
  if (answer === undefined) return null;
  return (
    <ul
      className={classes['key']}
      aria-label={`Parts by the ${methodTitle[answer.method].toLowerCase()} method`}
    >
      {counting(answer.after.parts).map(({ what, countedVA }, at) => (
        <li key={`${what} ${at}`}>
          <b>{letterOf(at)}</b> {what} <span className="fig">{n(countedVA / volts, 1)} A</span>
        </li>
      ))}
    </ul>
  );
}
