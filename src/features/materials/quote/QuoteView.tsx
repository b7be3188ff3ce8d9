import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { CircuitOption } from '../../../core/estimate/circuitOptions';
import type { Job } from '../../../core/job/jobSchema';
import { MONEY_PARTS } from '../../../core/quote/money';
import { optionKey } from '../../../core/quote/optionChange';
import { printPrice } from '../../../core/units/money';
import { QUOTE_CAUTION } from '../../../core/wording/footCautions';
import { MONEY_NAME, optionName } from '../../../core/wording/quoteWords';
import { counted } from '../../../core/wording/words';
import { useQuote } from '../../../store/quote/useQuote';
import type { Quoted } from '../../../store/quote/quoteTask';
import { useReadyJob } from '../../job/JobPage';
import { StageFrame } from '../../job/StageFrame';
import { AcceptPane } from './AcceptPane';
import { AddOption } from './AddOption';
import { OptionColumns } from './OptionColumns';
import { OptionWorking } from './OptionWorking';
import { PastFields } from './PastFields';
import { pickedOf, withPicked } from './pickOption';
import { QuoteList } from './QuoteList';
import { ConditionFields, TermsFields } from './TermsFields';
import { useQuoteEditor } from './useQuoteEditor';
import { columnClass } from '../../../ui/shell/columnClass';
import classes from './quote.module.css';

interface PickProps {
  readonly job: Job;
  readonly circuitId: string;
  readonly option: CircuitOption;
  readonly onPick: () => void;
}

/** Puts the chosen option in the quote. */
function Pick({ job, circuitId, option, onPick }: PickProps) {
  const { canWrite } = useQuoteEditor(job);
  const isIn = optionKey(pickedOf(job, circuitId)) === option.key;
  const stopped = option.stops.length > 0;
  const words = stopped ? 'Breaks a rule' : isIn ? 'In the quote' : 'Put it in the quote';
  return (
    <button
      type="button"
      className={classes['pick']}
      disabled={!canWrite || isIn || stopped}
      onClick={onPick}
    >
      <kbd>A</kbd>
      <b>{words}</b>
      <span className="fig">{stopped ? '' : printPrice(option.price.likely)}</span>
    </button>
  );
}

interface BoardProps {
  readonly job: Job;
  readonly quoted: Quoted;
  readonly isCurrent: boolean;
  readonly circuitId: string;
  readonly onCircuit: (id: string) => void;
  readonly chosen: CircuitOption | undefined;
  readonly onChoose: (key: string) => void;
  readonly onPick: () => void;
}

function Board({ job, quoted, isCurrent, circuitId, onCircuit, chosen, onChoose, onPick }: BoardProps) {
  const circuit = job.circuits.find(({ id }) => id === circuitId);
  const options = quoted.circuitId === circuitId ? quoted.options : [];
  return (
    <>
      <QuoteList job={job} quoted={quoted} circuitId={circuitId} onCircuit={onCircuit} />
      <section className={columnClass('middle', classes['middle'])} aria-label="Options">
        <header>
          <h1>Quote</h1>
          <span>
            {circuit?.name}: {counted(options.length, 'option')} on one scale
          </span>
          <ul className={columnClass('legend', classes['legend'])} aria-label="Legend">
            {MONEY_PARTS.map((part) => (
              <li key={part} data-mark={part}>
                {MONEY_NAME[part]}
              </li>
            ))}
            <li className={classes['whisker']}>the range of hours, in money</li>
          </ul>
        </header>
        {chosen === undefined ? (
          <p role="status" className={columnClass('waiting')}>
            {quoted.circuitId === circuitId
              ? 'No conductor fits this circuit: nothing to price.'
              : 'Working out the options'}
          </p>
        ) : (
          <>
            <OptionColumns
              job={job}
              circuitId={circuitId}
              options={options}
              chosen={chosen.key}
              onChoose={onChoose}
            />
            <AddOption job={job} circuitId={circuitId} options={options} more={quoted.more} chosen={chosen} />
          </>
        )}
      </section>
      <aside className={columnClass('side')} aria-label="Working">
        {chosen !== undefined && circuit !== undefined && (
          <>
            <OptionWorking job={job} option={chosen} />
            <Pick job={job} circuitId={circuitId} option={chosen} onPick={onPick} />
            <ConditionFields job={job} circuitId={circuitId} />
            <PastFields
              job={job}
              circuitId={circuitId}
              family={circuit.appliance.family}
              part={quoted.estimate.parts.find(({ key }) => key === `circuit ${circuitId}`)}
            />
            <TermsFields job={job} />
          </>
        )}
        <AcceptPane job={job} quoted={quoted} isCurrent={isCurrent} />
      </aside>
    </>
  );
}

/** The circuit whose options are shown, those options, and the one that is chosen. */
function useChoice(job: Job) {
  const { put } = useQuoteEditor(job);
  const planned = job.circuits.filter(({ existing }) => existing === null);
  const [circuit, setCircuit] = useState<string | null>(null);
  const [key, setKey] = useState<string | null>(null);
  const circuitId = planned.find(({ id }) => id === circuit)?.id ?? planned[0]?.id ?? null;
  const { quoted, isCurrent } = useQuote(job, circuitId);
  const options = quoted !== null && quoted.circuitId === circuitId ? quoted.options : [];
  const picked = circuitId === null ? '' : optionKey(pickedOf(job, circuitId));
  const chosen =
    options.find((option) => option.key === key) ??
    options.find((option) => option.key === picked) ??
    options[0];
  return {
    planned,
    circuitId,
    quoted,
    isCurrent,
    chosen,
    onChoose: setKey,
    onCircuit: (id: string): void => {
      setCircuit(id);
      setKey(null);
    },
    step: (by: number): void => {
      const to = options[options.findIndex((option) => option === chosen) + by];
      if (to !== undefined) setKey(to.key);
    },
    onPick: (): void => {
      if (circuitId === null || chosen === undefined || chosen.stops.length > 0) return;
      const label = `In the quote: ${optionName(chosen.change)}`;
      put({ picked: withPicked(job, circuitId, chosen.change) }, label);
    },
  };
}

/** A price that the owner can choose from: the options of a circuit side by side, and the whole job as picked. */
export function QuoteView() {
  const { job } = useReadyJob();
  const navigate = useNavigate();
  const { planned, step, ...choice } = useChoice(job);
  const { circuitId, quoted, onPick } = choice;
  const keys = {
    arrowleft: () => {
      step(-1);
    },
    arrowright: () => {
      step(1);
    },
    a: onPick,
    q: () => void navigate(`/jobs/${job.id}/materials`),
  };
  const foot = (
    <>
      <span>{circuitId === null ? 'Nothing to price yet' : counted(planned.length, 'circuit')}</span>
      <span className="second">{QUOTE_CAUTION}</span>
    </>
  );
  const board = circuitId === null || quoted === null ? null : '';
  return (
    <StageFrame current="materials" board={board} foot={foot} keys={keys}>
      {circuitId === null ? (
        <div className={columnClass('empty')}>
          <h1>Nothing to price yet</h1>
          <p>Size a circuit and its price stands here, with other ways to build it beside it.</p>
        </div>
      ) : quoted === null ? (
        <p className={columnClass('waiting')} role="status">
          Working out the price
        </p>
      ) : (
        <Board job={job} {...choice} quoted={quoted} circuitId={circuitId} />
      )}
    </StageFrame>
  );
}
