import { priceLacks } from '../../../core/wording/priceLacks';
import { Button } from '@mantine/core';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { asPicked } from '../../../core/estimate/circuitOptions';
import type { PartEstimate } from '../../../core/estimate/jobEstimate';
import type { Job } from '../../../core/job/jobSchema';
import type { JobEvaluation } from '../../../core/job/evaluateJob';
import { printDay } from '../../../core/units/day';
import { printDollars } from '../../../core/units/money';
import { CAUTION, QUOTE_CAUTION } from '../../../core/wording/footCautions';
import { circuitLine } from '../../../core/wording/ladder';
import { optionName } from '../../../core/wording/quoteWords';
import { counted } from '../../../core/wording/words';
import { evaluationApart } from '../../../store/evaluation';
import { memo } from '../../../store/memo';
import { useQuote } from '../../../store/quote/useQuote';
import type { Quoted } from '../../../store/quote/quoteTask';
import { PrintButton } from '../../../ui/shell/PrintButton';
import { useReadyJob } from '../../job/JobPage';
import { partWords } from '../partWords';
import { today } from '../../../store/clock';
import { pickedOf } from './pickOption';
import classes from './quote.module.css';

interface LineProps {
  readonly job: Job;
  readonly evaluation: JobEvaluation;
  readonly part: PartEstimate;
}

/** What is done for a part, without hours, units or margin: the owner buys the work, not its bookkeeping. */
function OwnersLine({ job, evaluation, part }: LineProps) {
  const { source, price } = part;
  const each = source.kind === 'circuit' ? evaluation.circuit(source.id) : undefined;
  const option = source.kind === 'circuit' ? pickedOf(job, source.id) : null;
  return (
    <tr>
      <th scope="row">
        <b>{partWords(source, job).name}</b>
        {option !== null && option.kind !== 'as-planned' && <span>: {optionName(option)}</span>}
      </th>
      <td>{each === undefined ? '' : circuitLine(each.solved, each.circuit)}</td>
      <td className="fig">{part.isStopped ? 'no price yet' : printDollars(price.likely)}</td>
    </tr>
  );
}

const IN_IT: readonly string[] = [
  'Material, labor, permit fees and tax of what is listed.',
  'Test and label of every circuit; the readings are handed over.',
];
const NOT_IN_IT: readonly string[] = [
  'Patching and paint of walls and ceilings.',
  'Rock in the ground, and wire found bad in the wall: priced when it is found.',
  'Work of the utility, and what it charges.',
];

/** The work line by line with its price. */
function Work({ job, quoted }: { readonly job: Job; readonly quoted: Quoted }) {
  const evaluation = useMemo(() => asPicked(evaluationApart(job), memo).evaluation, [job]);
  const { estimate, stops } = quoted;
  return (
    <>
      {stops.length > 0 && (
        <p role="alert">
          Not to be signed yet: as picked the job breaks {counted(stops.length, 'rule')}. See the quote.
        </p>
      )}
      <table className={classes['owner']}>
        <tbody>
          {estimate.parts.map((part) => (
            <OwnersLine key={part.key} job={job} evaluation={evaluation} part={part} />
          ))}
          <tr data-total>
            <th scope="row" colSpan={2}>
              Whole job
            </th>
            <td className="fig">{printDollars(estimate.price.likely)}</td>
          </tr>
        </tbody>
      </table>
      {priceLacks(job, estimate).map((each) => (
        <p key={each}>{each}</p>
      ))}
      {estimate.comparing > 0 && (
        <p>
          {counted(estimate.comparing, 'price')} of material are for comparing and may change before this is
          signed.
        </p>
      )}
    </>
  );
}

function Scope({ title, lines }: { readonly title: string; readonly lines: readonly string[] }) {
  return (
    <>
      <h2>{title}</h2>
      <ul>
        {lines.map((each) => (
          <li key={each}>{each}</li>
        ))}
      </ul>
    </>
  );
}

function Signature({ job: { quote } }: { readonly job: Job }) {
  const { accepted } = quote;
  return accepted === null ? (
    <p className={classes['sign']}>
      <span>Accepted by</span>
      <span>Date</span>
    </p>
  ) : (
    <p>
      Accepted by {accepted.by}, {printDay(accepted.date)}: {printDollars(accepted.cents)}. Changes after it
      are extras, agreed in writing.
    </p>
  );
}

/** The page that the owner signs: what is done, what it costs, what is not in it. */
export function OwnersPage() {
  const { job } = useReadyJob();
  const navigate = useNavigate();
  const { quoted } = useQuote(job, null);
  return (
    <main className={classes['paper']}>
      <div className={classes['acts']} data-screen>
        <PrintButton />
        <Button variant="default" onClick={() => void navigate(`/jobs/${job.id}/materials/quote`)}>
          Back to the quote
        </Button>
      </div>
      <h1>Quote: {job.name}</h1>
      <p>
        {printDay(today())}. Good for {counted(job.quote.terms.goodDays, 'day')}. {job.edition} code
        {job.authority === '' ? '' : `, ${job.authority}`}.
      </p>
      {quoted === null ? <p role="status">Working out the price</p> : <Work job={job} quoted={quoted} />}
      <Scope title="In it" lines={IN_IT} />
      <Scope title="Not in it" lines={NOT_IN_IT} />
      <p className="second">
        {QUOTE_CAUTION} {CAUTION}
      </p>
      <Signature job={job} />
    </main>
  );
}
