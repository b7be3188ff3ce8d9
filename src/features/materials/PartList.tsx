import { Link } from 'react-router';
import type { Job } from '../../core/job/jobSchema';
import { itemKey } from '../../core/takeoff/item';
import type { PricedTakeoff } from '../../core/takeoff/pricedTakeoff';
import type { Takeoff } from '../../core/takeoff/takeoff';
import { printDollars } from '../../core/units/money';
import { basisWords } from '../../core/wording/takeoffWords';
import { counted } from '../../core/wording/words';
import { PriceFile } from './PriceFile';
import { TruckFrom } from './TruckFrom';
import { partWords } from './partWords';
import { columnClass } from '../../ui/shell/columnClass';
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
    <nav className={columnClass('list', classes['list'])} aria-label="What it is for">
      <h2>
        What it is for <span className="second">to buy</span>
      </h2>
      <ol className={columnClass('rows')}>
        {takeoff.parts.map(({ key, source, needs }) => {
          const { mark, name } = partWords(source, job);
          const lines = new Set(needs.map(({ item }) => itemKey(item))).size;
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
                <span className="fig">{printDollars(priced.byPart.get(key) ?? 0)}</span>
                <span className="second">{counted(lines, 'line')}</span>
              </button>
            </li>
          );
        })}
      </ol>
      <p className={classes['total']}>
        <b>To buy</b> <b className="fig">{printDollars(priced.cents)}</b>
      </p>
      <p className="second">{basisWords(priced)}</p>
      <p className={classes['links']}>
        <Link className="act" to={`/jobs/${job.id}/materials/quote`}>
          Quote
        </Link>
        <Link className="act" to={`/jobs/${job.id}/materials/count`}>
          Count at noon
        </Link>
      </p>
      <TruckFrom job={job} />
      <PriceFile job={job} priced={priced} />
    </nav>
  );
}
