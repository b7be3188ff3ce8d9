import { useRef, useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { readPriceCsv, type ReadPrices } from '../../core/takeoff/priceCsv';
import type { PricedTakeoff } from '../../core/takeoff/pricedTakeoff';
import { itemName } from '../../core/wording/itemWords';
import { counted } from '../../core/wording/words';
import { askSupplier, SUPPLIER_BEHAVIORS, type SupplierBehavior } from '../../store/takeoff/supplier';
import { useTakePrices } from '../../store/takeoff/useTakePrices';
import { useJobEditor } from '../../store/useJobEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { useFilePicker } from '../../ui/files/useFilePicker';
import { today } from '../../store/clock';
import classes from './materials.module.css';

interface PriceFileProps {
  readonly job: Job;
  readonly priced: PricedTakeoff;
}

type Outcome = ReadPrices | { readonly problem: string };

const MOST_SHOWN = 20;

/** What was read of a price list, and every cell that was refused. */
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

interface AskProps {
  readonly disabled: boolean;
  readonly onAsk: () => void;
  readonly onAnswer: (name: string, answer: { readonly text: string } | { readonly problem: string }) => void;
}

/** A CSV file of prices. */
function FromFile({ disabled, onAsk, onAnswer }: AskProps) {
  const picker = useFilePicker({
    accept: '.csv,text/csv',
    label: 'Prices as CSV',
    onFile: (chosen) => {
      onAsk();
      void chosen.text().then((text) => {
        onAnswer(chosen.name, { text });
      });
    },
  });
  return (
    <>
      {picker.input}
      <button type="button" className="act" disabled={disabled} onClick={picker.choose}>
        Read prices from CSV
      </button>
    </>
  );
}

/** The simulated supplier, asked for its prices of today. */
function FromSupplier({ disabled, onAsk, onAnswer }: AskProps) {
  const [behavior, setBehavior] = useState<SupplierBehavior>('none');
  const [asking, setAsking] = useState(false);
  const ask = async (): Promise<void> => {
    setAsking(true);
    onAsk();
    const answer = await askSupplier(behavior, today());
    setAsking(false);
    onAnswer('Supplier (simulated)', answer);
  };
  return (
    <>
      <button type="button" className="act" disabled={disabled || asking} onClick={() => void ask()}>
        {asking ? 'Asking the supplier' : 'Ask the supplier (simulated)'}
      </button>
      <ChoiceField
        label="How the simulated supplier answers"
        value={behavior}
        choices={SUPPLIER_BEHAVIORS}
        onChoose={setBehavior}
      />
    </>
  );
}

/** Prices read from a CSV file or asked of a supplier; what is refused is told by its line, and the rest is kept. */
export function PriceFile({ job, priced }: PriceFileProps) {
  const { canWrite } = useJobEditor();
  const put = useTakePrices(job.id);
  const [read, setRead] = useState<{ readonly name: string; readonly outcome: Outcome } | null>(null);
  // Prices as they were when others were asked for: what is typed after that stays.
  const asked = useRef(job.materials.prices);
  const onAsk = (): void => {
    asked.current = job.materials.prices;
  };
  const take: AskProps['onAnswer'] = (name, answer) => {
    const items = priced.lines.map(({ line: { item } }) => ({ item, name: itemName(item) }));
    const outcome = 'problem' in answer ? answer : readPriceCsv(answer.text, items, today());
    setRead({ name, outcome });
    if ('problem' in outcome || outcome.prices.length === 0) return;
    put(outcome.prices, asked.current, `Prices of ${name}`);
  };
  return (
    <div className={classes['file']}>
      <FromFile disabled={!canWrite} onAsk={onAsk} onAnswer={take} />
      <FromSupplier disabled={!canWrite} onAsk={onAsk} onAnswer={take} />
      {read !== null && <Outcome {...read} />}
    </div>
  );
}
