import { useElementSize } from '@mantine/hooks';
import type { CSSProperties } from 'react';
import type { CircuitOption } from '../../../core/estimate/circuitOptions';
import type { Job } from '../../../core/job/jobSchema';
import { MONEY_PARTS } from '../../../core/quote/money';
import { printPrice } from '../../../core/units/money';
import { printNumber as n } from '../../../core/units/number';
import { findingSentence } from '../../../core/wording/findings';
import { inHours } from '../../../core/wording/laborWords';
import {
  fullAt,
  MONEY_NAME,
  optionFigures,
  optionName,
  optionPoints,
} from '../../../core/wording/quoteWords';
import { counted, inAmps } from '../../../core/wording/words';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { MoneyColumns, type MoneyColumn } from '../../../ui/pictures/quote/MoneyColumns';
import { MONEY_AXIS_PX } from '../../../ui/pictures/quote/moneyScale';
import { useQuoteEditor } from './useQuoteEditor';
import classes from './quote.module.css';

interface OptionColumnsProps {
  readonly job: Job;
  readonly circuitId: string;
  readonly options: readonly CircuitOption[];
  readonly chosen: string;
  readonly onChoose: (key: string) => void;
}

const HEIGHT_PX = 300;
/** What a vehicle takes in a night, as the options are compared, kWh. */
const NIGHT_KWH = 60;
/** The night of a vehicle, hours. */
const NIGHT_H = 10;

const isStopped = ({ stops, facts }: CircuitOption): boolean => stops.length > 0 || facts === undefined;

const columnOf = (option: CircuitOption): MoneyColumn => ({
  key: option.key,
  blocks: MONEY_PARTS.map((part) => ({
    key: part,
    name: MONEY_NAME[part],
    cents: option.money[part],
    shown: printPrice(option.money[part]).replace('$', ''),
  })),
  lowCents: option.price.low,
  highCents: option.price.high,
  stopped: isStopped(option),
});

function Head({ option }: { readonly option: CircuitOption }) {
  const { price, hours } = option;
  if (isStopped(option))
    return (
      <>
        <b className={classes['price']}>no price</b>
        <span className="second">breaks a rule</span>
      </>
    );
  return (
    <>
      <b className={`${classes['price']} fig`}>{printPrice(price.likely)}</b>
      <span className="second">
        {n(hours.low, 1)} to {inHours(hours.high)}, likely {n(hours.likely, 1)}
      </span>
    </>
  );
}

/** A share of something as a bar. */
function Share({
  of,
  text,
  dotted = false,
}: {
  readonly of: number;
  readonly text: string;
  readonly dotted?: boolean;
}) {
  return (
    <div className={classes['share']}>
      <i data-dotted={dotted || undefined} data-over={of > 1 || undefined}>
        <span style={{ width: `${Math.min(100, of * 100)}%` }} />
      </i>
      <span>{text}</span>
    </div>
  );
}

function Rules({ option: { facts } }: { readonly option: CircuitOption }) {
  if (facts === undefined) return null;
  const { service, charger, volts } = facts;
  const kwh = charger === null ? 0 : (charger.amps * volts) / 1000;
  return (
    <>
      {service !== null && (
        <Share
          of={service.amps / service.limitA}
          text={`service ${inAmps(service.amps)} of ${inAmps(service.limitA)}`}
        />
      )}
      {charger !== null && (
        <Share
          of={NIGHT_KWH / kwh / NIGHT_H}
          text={`${NIGHT_KWH} kWh from 10 pm: ${fullAt(NIGHT_KWH, charger.amps, volts)}`}
          dotted
        />
      )}
    </>
  );
}

function Points({ option }: { readonly option: CircuitOption }) {
  return (
    <ul>
      {option.stops.slice(0, 2).map((finding) => (
        <li key={finding.code}>
          <SeverityShape severity="stop" size={11} />
          <span>{findingSentence(finding)}</span>
        </li>
      ))}
      {optionPoints(option).map(({ gives, text }) => (
        <li key={text} data-leaves={!gives || undefined}>
          <span aria-hidden>{gives ? '✓' : '—'}</span>
          <span>
            <span className="visually-hidden">{gives ? 'Gives: ' : 'Leaves out: '}</span>
            {text}
          </span>
        </li>
      ))}
    </ul>
  );
}

interface OptionCardProps {
  readonly option: CircuitOption;
  readonly number: number;
  readonly chosen: boolean;
  readonly onChoose: (key: string) => void;
}

/** An option in words: its load on the service, its figures, what it gives and leaves out. */
function OptionCard({ option, number, chosen, onChoose }: OptionCardProps) {
  const { key, change, facts } = option;
  return (
    <section className={classes['option']} data-picked={chosen || undefined} aria-label={optionName(change)}>
      <Rules option={option} />
      <button
        type="button"
        aria-pressed={chosen}
        onClick={() => {
          onChoose(key);
        }}
      >
        <span className="second">Option {number}</span>
        <b>{optionName(change)}</b>
        <b className={classes['narrow']}>
          {isStopped(option) ? 'no price' : printPrice(option.price.likely)}
        </b>
        {facts !== undefined && <span className="second">{optionFigures(facts)}</span>}
      </button>
      <Points option={option} />
    </section>
  );
}

/** What the owner said that a circuit may cost, and how it is moved. */
function useOwner(job: Job, circuitId: string) {
  const { canWrite, put } = useQuoteEditor(job);
  const said = job.quote.ownerMax.find((each) => each.circuitId === circuitId);
  const others = job.quote.ownerMax.filter((each) => each !== said);
  const onOwner = (cents: number, mergeKey: string): void => {
    put({ ownerMax: [...others, { circuitId, cents }] }, 'What the owner said', mergeKey);
  };
  const owner =
    said === undefined
      ? null
      : { cents: said.cents, text: `owner: under ${printPrice(said.cents)} for this` };
  return { owner, onOwner: canWrite ? onOwner : null };
}

/** The options of a circuit side by side on one scale of money, with what each gives and leaves out. */
export function OptionColumns({ job, circuitId, options, chosen, onChoose }: OptionColumnsProps) {
  const { ref, width } = useElementSize<HTMLDivElement>();
  const owner = useOwner(job, circuitId);
  const grid: CSSProperties & Record<`--${string}`, string> = {
    '--options': `${options.length}`,
    '--axis': `${MONEY_AXIS_PX}px`,
  };
  return (
    <div className={classes['columns']} ref={ref}>
      <div className={classes['grid']} style={grid} data-heads>
        {options.map((option) => (
          <p key={option.key} className={classes['head']} data-picked={option.key === chosen || undefined}>
            <Head option={option} />
          </p>
        ))}
      </div>
      <MoneyColumns
        {...owner}
        columns={options.map(columnOf)}
        chosen={chosen}
        onChoose={onChoose}
        print={printPrice}
        widthPx={Math.max(320, Math.floor(width))}
        heightPx={HEIGHT_PX}
        label={`What ${counted(options.length, 'option')} cost`}
      />
      <div className={classes['grid']} style={grid} role="group" aria-label="Options">
        {options.map((option, at) => (
          <OptionCard
            key={option.key}
            option={option}
            number={at + 1}
            chosen={option.key === chosen}
            onChoose={onChoose}
          />
        ))}
      </div>
    </div>
  );
}
