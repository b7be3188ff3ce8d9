import { writeCsv } from '../../core/files/csvTable';
import type { Job } from '../../core/job/jobSchema';
import type { PricedTakeoff } from '../../core/takeoff/pricedTakeoff';
import { priceRows, takeoffRows, takeoffText } from '../../core/wording/takeoffWords';
import { downloadText } from '../../ui/files/download';
import { fileName } from '../../ui/files/fileName';
import classes from './materials.module.css';

/** The list as it leaves the screen: as a table, and as plain text to send. */
export function ListTools({ job, priced }: { readonly job: Job; readonly priced: PricedTakeoff }) {
  const name = fileName(`${job.name} list`, 'list');
  return (
    <span className={classes['tools']}>
      <button
        type="button"
        className="act"
        onClick={() => {
          downloadText(writeCsv(takeoffRows(priced)), `${name}.csv`, 'text/csv');
        }}
      >
        CSV
      </button>
      <button
        type="button"
        className="act"
        onClick={() => {
          downloadText(writeCsv(priceRows(priced)), `${name} prices.csv`, 'text/csv');
        }}
      >
        Prices
      </button>
      <button
        type="button"
        className="act"
        onClick={() => {
          downloadText(takeoffText(priced), `${name}.txt`, 'text/plain');
        }}
      >
        Plain text
      </button>
    </span>
  );
}
