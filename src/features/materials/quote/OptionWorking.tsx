import { useElementSize } from '@mantine/hooks';
import { useState } from 'react';
import type { CircuitOption } from '../../../core/estimate/circuitOptions';
import type { PartEstimate } from '../../../core/estimate/jobEstimate';
import type { Job } from '../../../core/job/jobSchema';
import type { LaborLine } from '../../../core/labor/laborLine';
import type { LaborTask } from '../../../core/labor/laborTasks';
import { LABOR_UNITS } from '../../../core/labor/laborTasks';
import { priceOf } from '../../../core/quote/money';
import { printDollars, printPrice } from '../../../core/units/money';
import { parseNumber, printNumber as n } from '../../../core/units/number';
import { factorName, inHours, laborCount, paceWords, taskName } from '../../../core/wording/laborWords';
import { optionName } from '../../../core/wording/quoteWords';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { PaceDots } from '../../../ui/pictures/quote/PaceDots';
import { useQuoteEditor } from './useQuoteEditor';
import shared from '../materials.module.css';
import classes from './quote.module.css';

interface OptionWorkingProps {
  readonly job: Job;
  readonly option: CircuitOption;
}

const UNIT_HOURS = { min: 0, max: 200, units: ['h'], shown: 'hours' } as const;

const times = (line: LaborLine): string =>
  line.slowedBy.map(({ factor, value }) => `${factorName(factor)} × ${n(value, 2)}`).join(', ');

/** Hours of one of a kind of work, set by hand or as Pasture starts with. */
function UnitField({ job, task }: { readonly job: Job; readonly task: LaborTask }) {
  const { canWrite, putLabor } = useQuoteEditor(job);
  const { units } = job.quote.labor;
  const { hours, per } = LABOR_UNITS[task];
  const { [task]: own, ...others } = units;
  return (
    <QuantityField<number | null>
      label={`${taskName(task)}: hours of one${per === 'each' ? '' : ` ${per === 'ft' ? 'foot' : 'yd³'}`}`}
      help={`Starting figure ${n(hours, 3)}. Empty: by that.`}
      value={own ?? null}
      disabled={!canWrite}
      inputMode="decimal"
      print={(value) => (value === null ? '' : n(value, 3))}
      parse={(text) => (text.trim() === '' ? null : parseNumber(text, UNIT_HOURS))}
      onValue={(value, mergeKey) => {
        putLabor(
          { units: value === null ? others : { ...units, [task]: value } },
          `Hours: ${taskName(task)}`,
          mergeKey,
        );
      }}
    />
  );
}

/** The hours line by line: what is done, how much of it, hours of one, what slows it. */
function Hours({ job, parts }: { readonly job: Job; readonly parts: readonly PartEstimate[] }) {
  const [open, setOpen] = useState<LaborTask | null>(null);
  const lines = parts.flatMap((part) => part.lines);
  return (
    <>
      <table className={`${shared['working']} ${classes['hours']}`}>
        <thead>
          <tr>
            {['what is done', 'hours of one', 'factor', 'hours'].map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <tr key={`${line.task} ${times(line)}`} data-picked={line.task === open || undefined}>
              <th scope="row">
                {taskName(line.task)} <span className="second">{laborCount(line.count, line.per)}</span>
                {line.slowedBy.length > 0 && <span className="second"> {times(line)}</span>}
              </th>
              <td>
                <button
                  type="button"
                  className="act fig"
                  aria-expanded={line.task === open}
                  aria-label={`Hours of one, ${taskName(line.task)}: ${n(line.each, 3)}${line.byHand ? ', set by hand' : ''}`}
                  onClick={() => {
                    setOpen(line.task === open ? null : line.task);
                  }}
                >
                  {n(line.each, 3)}
                </button>
              </td>
              <td className="fig">{line.factor === 1 ? '' : `× ${n(line.factor, 2)}`}</td>
              <td className="fig">{n(line.hours, 1)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {open !== null && <UnitField key={open} job={job} task={open} />}
    </>
  );
}

/** The pace of past jobs of this kind, and what it makes of the hours by the units. */
function Paced({ part }: { readonly part: PartEstimate }) {
  const { ref, width } = useElementSize<HTMLDivElement>();
  const { pace, unitH, hours } = part;
  const words = paceWords(pace);
  return (
    <>
      <table className={shared['working']}>
        <tbody>
          <tr data-total>
            <th scope="row">By the units</th>
            <td className="fig">{inHours(unitH)}</td>
          </tr>
          <tr>
            <th scope="row">
              {pace.known ? `Your pace, middle of ${pace.ratios.length}` : 'Pace, not known'}
            </th>
            <td className="fig">× {n(pace.likely, 2)}</td>
          </tr>
          <tr data-total>
            <th scope="row">Likely</th>
            <td className="fig">{inHours(hours.likely)}</td>
          </tr>
        </tbody>
      </table>
      <div ref={ref} className={classes['pace']}>
        {pace.known && (
          <PaceDots
            {...pace}
            widthPx={Math.max(220, Math.floor(width))}
            label={`Hours taken for each hour by the units: ${n(pace.low, 2)} to ${n(pace.high, 2)}, the middle ${n(pace.likely, 2)}`}
          />
        )}
      </div>
      <p className="second">{pace.known ? `Hours taken for each hour by the units. ${words}.` : words}</p>
    </>
  );
}

/** The money line by line. */
function MoneyTable({ job, option }: OptionWorkingProps) {
  const { terms } = job.quote;
  const { money, price, hours } = option;
  const rows: readonly (readonly [string, number])[] = [
    [`Labor ${inHours(hours.likely)} at ${printPrice(terms.rateCents)}`, money.labor],
    ['Material to buy', money.material],
    [`Margin ${n(terms.marginPct, 1)} % of both`, money.margin],
    ['Permit', money.permit],
    [`Tax ${n(terms.taxPct, 2)} % of material`, money.tax],
  ];
  return (
    <table className={shared['working']}>
      <tbody>
        {rows.map(([name, cents]) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td className="fig">{printDollars(cents)}</td>
          </tr>
        ))}
        <tr data-total>
          <th scope="row">Price</th>
          <td className="fig">{printDollars(priceOf(money))}</td>
        </tr>
        <tr>
          <th scope="row">
            {inHours(hours.low)} to {inHours(hours.high)}
          </th>
          <td className="fig">
            {printPrice(price.low)} to {printPrice(price.high)}
          </td>
        </tr>
      </tbody>
    </table>
  );
}

/** How the price of an option came about: hours, pace, money. */
export function OptionWorking({ job, option }: OptionWorkingProps) {
  const [own] = option.parts;
  const stopped = option.stops.length > 0;
  return (
    <>
      <h2>
        {optionName(option.change)}{' '}
        <span className="fig">{stopped ? 'no price' : printPrice(option.price.likely)}</span>
      </h2>
      <Hours job={job} parts={option.parts} />
      {own !== undefined && <Paced part={own} />}
      {!stopped && (
        <>
          <h2>Money</h2>
          <MoneyTable job={job} option={option} />
        </>
      )}
    </>
  );
}
