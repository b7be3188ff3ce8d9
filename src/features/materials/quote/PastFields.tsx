import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Job } from '../../../core/job/jobSchema';
import type { PartEstimate } from '../../../core/estimate/jobEstimate';
import { parseNumber, printNumber as n } from '../../../core/units/number';
import { inHours } from '../../../core/wording/laborWords';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { TextField } from '../../../ui/fields/TextField';
import { useQuoteEditor } from './useQuoteEditor';
import classes from './quote.module.css';

interface PastFieldsProps {
  readonly job: Job;
  readonly circuitId: string;
  readonly family: string;
  readonly part: PartEstimate | undefined;
}

const HOURS = { min: 0.1, max: 2000, units: ['h', 'hours'], shown: 'hours' } as const;
const printH = (hours: number | null): string => (hours === null ? '' : n(hours, 1));
const parseH = (text: string) => (text.trim() === '' ? null : parseNumber(text, HOURS));

/** The hours that this circuit took, once it is done: they count in the pace of the next. */
function Taken({ job, circuitId, family, part }: PastFieldsProps) {
  const { canWrite, putLabor } = useQuoteEditor(job);
  const { taken } = job.quote.labor;
  const own = taken.find(({ id }) => id === circuitId);
  return (
    <QuantityField<number | null>
      label="Hours that it took"
      help={part === undefined ? undefined : `${inHours(part.unitH)} by the units`}
      value={own?.tookH ?? null}
      disabled={!canWrite || part === undefined}
      inputMode="decimal"
      print={printH}
      parse={parseH}
      onValue={(tookH, mergeKey) => {
        const others = taken.filter((each) => each !== own);
        const unitH = own?.unitH ?? part?.unitH ?? 0;
        const next =
          tookH === null || unitH === 0 ? others : [...others, { id: circuitId, family, unitH, tookH }];
        putLabor({ taken: next }, 'Hours that it took', mergeKey);
      }}
    />
  );
}

/** Another past circuit, typed in. */
function NewPast({ job, family }: Pick<PastFieldsProps, 'job' | 'family'>) {
  const { canWrite, putLabor } = useQuoteEditor(job);
  const [unitH, setUnitH] = useState<number | null>(null);
  const [tookH, setTookH] = useState<number | null>(null);
  const [note, setNote] = useState('');
  const add = (): void => {
    if (unitH === null || tookH === null) return;
    const id = crypto.randomUUID();
    putLabor({ past: [...job.quote.labor.past, { id, family, unitH, tookH, note }] }, 'A past circuit');
    setUnitH(null);
    setTookH(null);
    setNote('');
  };
  const hours = { disabled: !canWrite, inputMode: 'decimal', print: printH, parse: parseH } as const;
  return (
    <div className={classes['fields']}>
      <QuantityField<number | null> {...hours} label="By the units, h" value={unitH} onValue={setUnitH} />
      <QuantityField<number | null> {...hours} label="It took, h" value={tookH} onValue={setTookH} />
      <TextField
        label="Why, if slow or fast"
        value={note}
        maxLength={60}
        disabled={!canWrite}
        onText={setNote}
      />
      <Button
        size="xs"
        variant="default"
        disabled={!canWrite || unitH === null || tookH === null}
        onClick={add}
      >
        Add it
      </Button>
    </div>
  );
}

/** Past circuits of the same kind, and the hours of this one. */
export function PastFields(props: PastFieldsProps) {
  const { job, family } = props;
  const { canWrite, putLabor } = useQuoteEditor(job);
  const { past } = job.quote.labor;
  const own = past.filter((each) => each.family === family);
  return (
    <details className={classes['terms']}>
      <summary>Past hours, {own.length} of this kind</summary>
      <Taken {...props} />
      <ul className={classes['past']}>
        {own.map(({ id, unitH, tookH, note }) => (
          <li key={id}>
            <span className="fig">
              {inHours(tookH)} for {inHours(unitH)}, × {n(tookH / unitH, 2)}
            </span>
            <span className="second">{note}</span>
            <button
              type="button"
              className="act"
              disabled={!canWrite}
              aria-label={`Remove ${inHours(tookH)} for ${inHours(unitH)}`}
              onClick={() => {
                putLabor({ past: past.filter((each) => each.id !== id) }, 'Remove a past circuit');
              }}
            >
              Remove
            </button>
          </li>
        ))}
      </ul>
      <NewPast job={job} family={family} />
    </details>
  );
}
