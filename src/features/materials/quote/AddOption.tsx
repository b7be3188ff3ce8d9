import type { CircuitOption } from '../../../core/estimate/circuitOptions';
import type { Job } from '../../../core/job/jobSchema';
import { optionKey, type OptionChange } from '../../../core/quote/optionChange';
import { parseNumber } from '../../../core/units/number';
import { isRefused, type Refused } from '../../../core/units/refused';
import { optionName } from '../../../core/wording/quoteWords';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { movedOption, withOptions } from './pickOption';
import { useQuoteEditor } from './useQuoteEditor';
import classes from './quote.module.css';

interface AddOptionProps {
  readonly job: Job;
  readonly circuitId: string;
  readonly options: readonly CircuitOption[];
  /** What else may stand beside the plan. */
  readonly more: readonly OptionChange[];
  readonly chosen: CircuitOption;
}

const DOLLARS = { min: 1, max: 1_000_000, units: ['$'], shown: 'dollars' } as const;
const NONE = '';

const printMax = (cents: number | null): string =>
  cents === null ? '' : `under $${(cents / 100).toFixed(0)}`;

function parseMax(text: string): number | null | Refused {
  const typed = text.replace(/under|\$|,/g, '').trim();
  if (typed === '') return null;
  const dollars = parseNumber(typed, DOLLARS);
  return isRefused(dollars) ? dollars : Math.round(dollars * 100);
}

/** What the owner said that the circuit may cost. */
function OwnerMax({ job, circuitId }: Pick<AddOptionProps, 'job' | 'circuitId'>) {
  const { canWrite, put } = useQuoteEditor(job);
  const said = job.quote.ownerMax.find((owner) => owner.circuitId === circuitId);
  return (
    <QuantityField<number | null>
      label="The owner said, $"
      value={said?.cents ?? null}
      disabled={!canWrite}
      inputMode="decimal"
      print={printMax}
      parse={parseMax}
      onValue={(cents, mergeKey) => {
        const rest = job.quote.ownerMax.filter((owner) => owner !== said);
        const ownerMax = cents === null ? rest : [...rest, { circuitId, cents }];
        put({ ownerMax }, 'What the owner said', mergeKey);
      }}
    />
  );
}

interface OrderProps {
  readonly beside: readonly OptionChange[];
  readonly chosen: string;
  readonly disabled: boolean;
  readonly set: (changes: readonly OptionChange[], label: string) => void;
}

/** Where the chosen option stands among those beside the plan, and whether it stands there at all. */
function Order({ beside, chosen, disabled, set }: OrderProps) {
  return (
    <span className={classes['moves']}>
      {([-1, 1] as const).map((by) => (
        <button
          key={by}
          type="button"
          className="act"
          disabled={disabled || movedOption(beside, chosen, by) === beside}
          onClick={() => {
            set(movedOption(beside, chosen, by), 'Order of the options');
          }}
        >
          {by < 0 ? 'To the left' : 'To the right'}
        </button>
      ))}
      <button
        type="button"
        className="act"
        disabled={disabled}
        onClick={() => {
          set(
            beside.filter((change) => optionKey(change) !== chosen),
            'Leave an option out',
          );
        }}
      >
        Leave it out
      </button>
    </span>
  );
}

/** Which options stand beside the plan, in which order, and what the owner said. */
export function AddOption({ job, circuitId, options, more, chosen }: AddOptionProps) {
  const { canWrite, put } = useQuoteEditor(job);
  const beside = options.map(({ change }) => change).filter(({ kind }) => kind !== 'as-planned');
  const set: OrderProps['set'] = (changes, label) => {
    put({ options: withOptions(job, circuitId, changes) }, label);
  };
  return (
    <div className={classes['add']}>
      {more.length > 0 && (
        <ChoiceField
          label="Another option"
          value={NONE}
          disabled={!canWrite}
          choices={[
            { value: NONE, label: 'Add an option' },
            ...more.map((change) => ({ value: optionKey(change), label: optionName(change) })),
          ]}
          onChoose={(key) => {
            const change = more.find((other) => optionKey(other) === key);
            if (change !== undefined) set([...beside, change], `Option: ${optionName(change)}`);
          }}
        />
      )}
      <OwnerMax key={circuitId} job={job} circuitId={circuitId} />
      {chosen.change.kind !== 'as-planned' && (
        <Order beside={beside} chosen={chosen.key} disabled={!canWrite} set={set} />
      )}
    </div>
  );
}
