import type { Job } from '../../core/job/jobSchema';
import type { PricedTakeoff } from '../../core/takeoff/pricedTakeoff';
import type { Takeoff } from '../../core/takeoff/takeoff';
import { inDollars } from '../../core/wording/itemWords';
import { counted } from '../../core/wording/words';
import { partWords } from './partWords';
import classes from './materials.module.css';

interface PartListProps {
  readonly job: Job;
  readonly takeoff: Takeoff;
  readonly priced: PricedTakeoff;
  readonly part: string | null;
  readonly onPart: (key: string | null) => void;
}

/** What the material is for, each with its price; together they are the price of the list. */
export function PartList({ job, takeoff, priced, part, onPart }: PartListProps) {
  return (
    <nav className={classes['list']} aria-label="What it is for">
      <h2>
        What it is for <span className="second">to buy</span>
      </h2>
      <ol>
        {takeoff.parts.map(({ key, source, needs }) => {
          const { mark, name } = partWords(source, job);
          const lines = new Set(needs.map(({ item }) => JSON.stringify(item))).size;
          return (
            <li key={key} data-picked={part === key || undefined}>
              <button
                type="button"
                aria-pressed={part === key}
                onClick={() => {
                  onPart(part === key ? null : key);
                }}
              >
                <span className="fig">{mark}</span>
                <b>{name}</b>
                <span className="fig">{inDollars(priced.byPart.get(key) ?? 0)}</span>
                <span className="second">{counted(lines, 'line')}</span>
              </button>
            </li>
          );
        })}
      </ol>
      <p className={classes['total']}>
        <b>To buy</b> <b className="fig">{inDollars(priced.cents)}</b>
      </p>
      <p className="second">
        {counted(priced.lines.length, 'line')}, before tax. Prices of the default list: good for comparing one
        way with another, no quote.
        {priced.unpriced > 0 && ` ${counted(priced.unpriced, 'line')} without a price: the total lacks them.`}
      </p>
    </nav>
  );
}
