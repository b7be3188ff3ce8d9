import type { Job } from '../../../core/job/jobSchema';
import { LABOR_FACTORS, TWO_PEOPLE_CLOCK, type LaborFactor } from '../../../core/labor/laborTasks';
import { factorOf } from '../../../core/labor/laborLine';
import type { LaborTerms } from '../../../core/labor/laborDocument';
import { termsSchema } from '../../../core/quote/quoteDocument';
import { omitUndefined } from '../../../core/units/omitUndefined';
import { termFields } from '../../../core/wording/fields/termFields';
import { parseNumber, printNumber as n } from '../../../core/units/number';
import { factorName } from '../../../core/wording/laborWords';
import { CheckField } from '../../../ui/fields/CheckField';
import { FieldList } from '../../../ui/fields/FieldList';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { useQuoteEditor } from './useQuoteEditor';
import classes from './quote.module.css';

interface OfJob {
  readonly job: Job;
}

const FACTOR = { min: 1, max: 5, units: ['x', '×'], shown: '' } as const;

/** What an hour, the permit and the rest cost. */
export function TermsFields({ job }: OfJob) {
  const { canWrite, putTerms } = useQuoteEditor(job);
  const { terms } = job.quote;
  return (
    <details className={classes['terms']}>
      <summary>Rate, margin, fees</summary>
      <div className={classes['fields']}>
        <FieldList
          schema={termsSchema}
          fields={termFields}
          of={terms}
          disabled={!canWrite}
          set={(fields, label, mergeKey) => {
            putTerms(omitUndefined({ ...terms, ...fields }), label, mergeKey);
          }}
        />
      </div>
    </details>
  );
}

function FactorField({ job, factor }: OfJob & { readonly factor: LaborFactor }) {
  const { canWrite, putLabor } = useQuoteEditor(job);
  const { labor } = job.quote;
  return (
    <QuantityField<number>
      label={`Factor, ${factorName(factor)}`}
      bare
      value={factorOf(factor, labor)}
      disabled={!canWrite}
      inputMode="decimal"
      print={(value) => n(value, 2)}
      parse={(text) => parseNumber(text, FACTOR)}
      onValue={(value, mergeKey) => {
        const { [factor]: _own, ...others } = labor.factors;
        const factors = value === LABOR_FACTORS[factor] ? others : { ...others, [factor]: value };
        putLabor({ factors }, `Factor: ${factorName(factor)}`, mergeKey);
      }}
    />
  );
}

/** A condition: whether it is so, and by how much it slows the work. */
function Condition({
  job,
  factor,
  label,
  on,
  onSet,
}: OfJob & {
  readonly factor: LaborFactor;
  readonly label: string;
  readonly on: boolean;
  readonly onSet: (on: boolean) => Partial<LaborTerms>;
}) {
  const { canWrite, putLabor } = useQuoteEditor(job);
  return (
    <li>
      <CheckField
        label={label}
        checked={on}
        disabled={!canWrite}
        onCheck={(is) => {
          putLabor(onSet(is), label);
        }}
      />
      <FactorField job={job} factor={factor} />
    </li>
  );
}

/** Conditions of the whole job, each a factor of its hours. */
const OF_THE_JOB = [
  ['hard-ground', 'hardGround'],
  ['old-panel', 'oldPanel'],
  ['rain', 'rain'],
] as const;

/** What slows the work: what is so on this job, and by how much. */
export function ConditionFields({ job, circuitId }: OfJob & { readonly circuitId: string }) {
  const { finished, people } = job.quote.labor;
  const others = finished.filter((id) => id !== circuitId);
  return (
    <details className={classes['terms']}>
      <summary>What slows the work</summary>
      <ul className={classes['factors']}>
        <Condition
          job={job}
          factor="finished"
          label="finished walls, this circuit"
          on={others.length !== finished.length}
          onSet={(on) => ({ finished: on ? [...others, circuitId] : others })}
        />
        {OF_THE_JOB.map(([factor, field]) => (
          <Condition
            key={factor}
            job={job}
            factor={factor}
            label={factorName(factor)}
            on={job.quote.labor[field]}
            onSet={(on) => ({ [field]: on })}
          />
        ))}
        <Condition
          job={job}
          factor="two"
          label={factorName('two')}
          on={people === 2}
          onSet={(on) => ({ people: on ? 2 : 1 })}
        />
        <li>
          <span>attic, where the run is in one</span>
          <FactorField job={job} factor="attic" />
        </li>
      </ul>
      <p className="second">
        Two people: hours of both together; by the clock {n(TWO_PEOPLE_CLOCK, 2)} of one alone.
      </p>
    </details>
  );
}
