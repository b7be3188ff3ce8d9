import { useRef, useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { readPriceCsv, withPrices, type ReadPrices } from '../../core/takeoff/priceCsv';
import type { PricedTakeoff } from '../../core/takeoff/pricedTakeoff';
import { itemName } from '../../core/wording/itemWords';
import { counted } from '../../core/wording/words';
import { useJobEditor } from '../../store/useJobEditor';
import { today } from './today';
import classes from './materials.module.css';

interface PriceFileProps {
  readonly job: Job;
  readonly priced: PricedTakeoff;
}

type Outcome = ReadPrices | { readonly problem: string };

const MOST_SHOWN = 20;

/** What was read of a price file, and every cell that was refused. */
function Outcome({ name, outcome }: { readonly name: string; readonly outcome: Outcome }) {
  if ('problem' in outcome)
    return (
      <p role="alert">
        {name}: {outcome.problem}
      </p>
    );
  const { prices, problems, others } = outcome;
  return (
    <div role="status">
      <p>
        {name}: {counted(prices.length, 'price')} read
        {others > 0 && `, ${counted(others, 'row')} of nothing on this list`}
        {problems.length > 0 && `, ${counted(problems.length, 'row')} refused`}.
      </p>
      <ul>
        {problems.slice(0, MOST_SHOWN).map(({ line, field, text, accepts }) => (
          <li key={line}>
            Line {line}, {field} “{text}”: {accepts}.
          </li>
        ))}
      </ul>
      {problems.length > MOST_SHOWN && <p>and {counted(problems.length - MOST_SHOWN, 'more row')}.</p>}
    </div>
  );
}

/** Prices read from a CSV file; what is refused is told by its line, and the rest is kept. */
export function PriceFile({ job, priced }: PriceFileProps) {
  const { canWrite, edit } = useJobEditor();
  const file = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<{ readonly name: string; readonly outcome: Outcome } | null>(null);
  const take = async (chosen: File): Promise<void> => {
    const items = priced.lines.map(({ line: { item } }) => ({ item, name: itemName(item) }));
    const outcome = readPriceCsv(await chosen.text(), items, today());
    setRead({ name: chosen.name, outcome });
    if ('problem' in outcome || outcome.prices.length === 0) return;
    const prices = withPrices(job.materials.prices, outcome.prices);
    edit({ kind: 'change-materials', fields: { prices } }, `Prices of ${chosen.name}`);
  };
  return (
    <div className={classes['file']}>
      <input
        ref={file}
        type="file"
        accept=".csv,text/csv"
        hidden
        aria-label="Prices as CSV"
        onChange={(event) => {
          const chosen = event.currentTarget.files?.[0];
          if (chosen !== undefined) void take(chosen);
          event.currentTarget.value = '';
        }}
      />
      <button
        type="button"
        className="act"
        disabled={!canWrite}
        onClick={() => {
          file.current?.click();
        }}
      >
        Read prices from CSV
      </button>
      {read !== null && <Outcome {...read} />}
    </div>
  );
}
