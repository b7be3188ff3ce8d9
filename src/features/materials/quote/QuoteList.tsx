import { priceLacks } from '../../../core/wording/priceLacks';
import { Link } from 'react-router';
import { circuitOf } from '../../../core/findings/subject';
import type { JobEstimate, PartEstimate } from '../../../core/estimate/jobEstimate';
import type { Job } from '../../../core/job/jobSchema';
import { printDay } from '../../../core/units/day';
import { printPrice } from '../../../core/units/money';
import { inHours } from '../../../core/wording/laborWords';
import { optionName } from '../../../core/wording/quoteWords';
import { counted } from '../../../core/wording/words';
import type { Quoted } from '../../../store/quote/quoteTask';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { partWords } from '../partWords';
import { pickedOf } from './pickOption';
import { columnClass } from '../../../ui/shell/columnClass';
import shared from '../materials.module.css';
import classes from './quote.module.css';

interface QuoteListProps {
  readonly job: Job;
  readonly quoted: Quoted;
  readonly circuitId: string | null;
  readonly onCircuit: (id: string) => void;
}

interface WordsProps {
  readonly job: Job;
  readonly part: PartEstimate;
  /** Whether what is picked breaks a rule: it then has no price. */
  readonly stopped: boolean;
}

function Words({ job, part, stopped }: WordsProps) {
  const { mark, name } = partWords(part.source, job);
  const hours = part.hours.likely === 0 ? '' : inHours(part.hours.likely);
  const said =
    part.source.kind === 'circuit' ? `${optionName(pickedOf(job, part.source.id))}, ${hours}` : hours;
  return (
    <>
      <span className="fig">{mark}</span>
      <b>{name}</b>
      {stopped ? (
        <span className={classes['stopped']}>
          <SeverityShape severity="stop" size={11} /> Stop
        </span>
      ) : (
        <span className="fig">{printPrice(part.price.likely)}</span>
      )}
      <span className="second">{stopped ? `${said}: breaks a rule` : said}</span>
    </>
  );
}

/** What the price rests on that is not known. */
function lacks({ unpriced, comparing }: JobEstimate): string {
  const made =
    comparing === 0 ? '' : `${counted(comparing, 'line')} at the list for comparing: no quote yet.`;
  return unpriced === 0 ? made : `${made} ${counted(unpriced, 'line')} without a price.`.trim();
}

/** What the price does not say by itself. */
function Lacks({ job, estimate }: { readonly job: Job; readonly estimate: JobEstimate }) {
  return (
    <>
      <p className="second">{lacks(estimate)}</p>
      <ul className="second" aria-label="What the price does not say">
        {priceLacks(job, estimate).map((each) => (
          <li key={each}>{each}</li>
        ))}
      </ul>
    </>
  );
}

/** The job part by part with its price: circuits, which may have options, and what is the same in all of them. */
export function QuoteList({ job, quoted, circuitId, onCircuit }: QuoteListProps) {
  const { estimate, stops } = quoted;
  const stopped = new Set(stops.map(({ subject }) => circuitOf(subject)));
  const { terms, accepted } = job.quote;
  const { price } = estimate;
  return (
    <nav className={columnClass('list', classes['list'])} aria-label="What the owner chooses">
      <h2>
        What the owner chooses <span className="second">price</span>
      </h2>
      <ol className={columnClass('rows')}>
        {estimate.parts.map((part) => {
          const { source } = part;
          const id = source.kind === 'circuit' ? source.id : null;
          return (
            <li key={part.key} data-picked={(id !== null && id === circuitId) || undefined}>
              {id === null ? (
                <p>
                  <Words job={job} part={part} stopped={false} />
                </p>
              ) : (
                <button
                  type="button"
                  aria-pressed={id === circuitId}
                  onClick={() => {
                    onCircuit(id);
                  }}
                >
                  <Words job={job} part={part} stopped={stopped.has(id)} />
                </button>
              )}
            </li>
          );
        })}
      </ol>
      <p className={shared['total']}>
        <b>Whole job, as picked</b> <b className="fig">{printPrice(price.likely)}</b>
      </p>
      <p className="second">
        {printPrice(price.low)} to {printPrice(price.high)} with the range of hours. Good for{' '}
        {counted(terms.goodDays, 'day')}. Rock, or a wire found bad in the wall, is priced when it is found.
      </p>
      <Lacks job={job} estimate={estimate} />
      {accepted !== null && (
        <p className="second">
          Accepted {printDay(accepted.date)} by {accepted.by}: {printPrice(accepted.cents)}.
        </p>
      )}
      <p className={shared['links']}>
        <Link className="act" to={`/jobs/${job.id}/materials`}>
          Cut plan and list
        </Link>
        <Link className="act" to={`/jobs/${job.id}/quote`}>
          {"Owner's page"}
        </Link>
      </p>
    </nav>
  );
}
