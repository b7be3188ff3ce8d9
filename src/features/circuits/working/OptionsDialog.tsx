import { Button, Progress } from '@mantine/core';
import { useMemo, useState } from 'react';
import type { Job } from '../../../core/job/jobSchema';
import {
  orderedOptions,
  OPTION_ORDERS,
  type RunOption,
  type OptionOrder,
} from '../../../core/search/searchAlternatives';
import type { Sensitivity } from '../../../core/search/sensitivity';
import { printPriceChange } from '../../../core/units/money';
import { printNumber } from '../../../core/units/number';
import { printWireSize } from '../../../core/units/wireSize';
import { findingSentence } from '../../../core/wording/findings';
import { bindingWords, orderName, relaxedWords, optionName } from '../../../core/wording/options';
import { counted } from '../../../core/wording/words';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { useAlternatives, type Search } from '../../../store/search/useAlternatives';
import { useJobEditor } from '../../../store/useJobEditor';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { Dialog } from '../../../ui/shell/Dialog';
import classes from './OptionsDialog.module.css';

interface OptionsDialogProps {
  readonly job: Job;
  readonly view: CircuitEvaluation;
  readonly onClose: () => void;
}

const keyOf = ({ method, metal, size, trade }: RunOption): string =>
  `${method} ${metal} ${size} ${trade ?? ''}`;

/** A figure of an option, or that it has none. */
const orNone = (value: number | null, unit: string): string =>
  value === null ? 'none' : `${printNumber(value, 1)} ${unit}`;

/** The chosen option beside the circuit as it stands, figure by figure. */
function Compared({
  view,
  option,
  onTake,
}: {
  readonly view: CircuitEvaluation;
  readonly option: RunOption;
  readonly onTake: () => void;
}) {
  const { canWrite } = useJobEditor();
  const { figures } = view.solved;
  const spare = figures.ocpd.minA === 0 ? 0 : (figures.ampacityA ?? 0) / figures.ocpd.minA - 1;
  const rows: readonly (readonly [string, string, string])[] = [
    ['Conductor', printWireSize(figures.size), printWireSize(option.size)],
    ['Raceway', figures.raceway?.taken ?? 'none', option.trade ?? 'none'],
    ['Ampacity', orNone(figures.ampacityA, 'A'), orNone(option.ampacityA, 'A')],
    ['Voltage drop', orNone(figures.drop?.percent ?? null, '%'), orNone(option.dropPct, '%')],
    ['Spare', `${printNumber(spare * 100, 0)} %`, `${printNumber(option.spare * 100, 0)} %`],
    ['Hardest pull', '', option.pullLb === null ? 'cable' : `${printNumber(option.pullLb, 0)} lb`],
    ['Material', '', printPriceChange(option.cost)],
  ];
  return (
    <div className={classes['compared']} aria-live="polite">
      <table className={classes['options']}>
        <thead>
          <tr>
            <th scope="col">Beside it</th>
            <th scope="col">Now</th>
            <th scope="col">{optionName(option)}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, now, then]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td className="fig">{now}</td>
              <td className="fig">{then}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Button disabled={!canWrite} onClick={onTake}>
        Use this instead
      </Button>
    </div>
  );
}

function Holding({
  options,
  by,
  chosen,
  onChoose,
}: {
  readonly options: readonly RunOption[];
  readonly by: OptionOrder;
  readonly chosen: RunOption | undefined;
  readonly onChoose: (option: RunOption) => void;
}) {
  return (
    <div className={classes['scroll']} tabIndex={0} role="region" aria-label="Options that pass">
      <table className={classes['options']}>
        <thead>
          <tr>
            <th scope="col">Method</th>
            <th scope="col">Material</th>
            <th scope="col">Pull</th>
            <th scope="col">Voltage drop</th>
            <th scope="col">Spare</th>
            <th scope="col">To ask</th>
          </tr>
        </thead>
        <tbody>
          {orderedOptions(options, by).map((option) => (
            <tr key={keyOf(option)} data-chosen={option === chosen || undefined}>
              <th scope="row">
                <button
                  type="button"
                  className="act"
                  aria-pressed={option === chosen}
                  onClick={() => {
                    onChoose(option);
                  }}
                >
                  {optionName(option)}
                </button>
              </th>
              <td className="fig">{printPriceChange(option.cost)}</td>
              <td className="fig">
                {option.pullLb === null ? 'cable' : `${printNumber(option.pullLb, 0)} lb`}
              </td>
              <td className="fig">{orNone(option.dropPct, '%')}</td>
              <td className="fig">{printNumber(option.spare * 100, 0)} %</td>
              <td className="fig">{option.asks === 0 ? '' : option.asks}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Rejected({ options }: { readonly options: readonly RunOption[] }) {
  return (
    <details>
      <summary>{counted(options.length, 'option')} that do not hold, and why</summary>
      <ul className={classes['rejected']}>
        {options.map((option) => (
          <li key={keyOf(option)}>
            <b>{optionName(option)}</b>: {option.rejected === null ? '' : findingSentence(option.rejected)}{' '}
            <cite className="fig">{option.rejected?.cite.section}</cite>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** What binds the circuit, and the cheapest thing that would relax it. */
function Binds({
  sensitivity,
  onTake,
}: {
  readonly sensitivity: Sensitivity;
  readonly onTake: (relaxed: Sensitivity['relaxations'][number]) => void;
}) {
  const { canWrite } = useJobEditor();
  return (
    <div className={classes['binds']}>
      <p>
        <b>Limited by: </b>
        {bindingWords[sensitivity.binding]}
      </p>
      <ul className={classes['relax']}>
        {sensitivity.relaxations.slice(0, 4).map((relaxed) => (
          <li key={relaxed.by}>
            <button
              type="button"
              className="act"
              disabled={!canWrite}
              onClick={() => {
                onTake(relaxed);
              }}
            >
              {relaxedWords(relaxed)}
            </button>{' '}
            <span className="fig">saves {printPriceChange(relaxed.saves).replace('+', '')}</span>
          </li>
        ))}
        {sensitivity.relaxations.length === 0 && (
          <li className="second">Relaxing any one limit saves nothing.</li>
        )}
      </ul>
    </div>
  );
}

interface SearchStateProps {
  readonly search: Search;
  readonly onStop: () => void;
  readonly onAgain: () => void;
}

/** How far the search is, with the way to stop it or to start it again; nothing once it is done. */
function SearchState({ search, onStop, onAgain }: SearchStateProps) {
  if (search.state === 'done' || search.state === 'idle') return null;
  if (search.state === 'running')
    return (
      <div className={classes['running']} role="status">
        <Progress
          aria-label="How far the search is"
          value={search.progress === null ? 0 : (search.progress.tried / search.progress.of) * 100}
        />
        <Button variant="default" onClick={onStop}>
          Stop
        </Button>
      </div>
    );
  return (
    <p role="status">
      {search.state === 'stopped' ? 'Stopped.' : 'The search failed.'}{' '}
      <button type="button" className="act" onClick={onAgain}>
        Search again
      </button>
    </p>
  );
}

/** Every option of running one circuit, found in a worker, ranked, compared with what it is, taken with one click. */
export function OptionsDialog({ job, view, onClose }: OptionsDialogProps) {
  const { replaceCircuit } = useJobEditor();
  const { search, stop, again } = useAlternatives(view, job);
  const [by, setBy] = useState<OptionOrder>('cost');
  const [chosen, setChosen] = useState<RunOption>();
  const options = search.state === 'done' ? search.result.options : null;
  const holding = useMemo(() => options?.filter(({ rejected }) => rejected === null) ?? [], [options]);
  const take = (circuit: CircuitEvaluation['circuit'], label: string): void => {
    replaceCircuit(circuit, label);
    onClose();
  };
  return (
    <Dialog wide opened onClose={onClose} title={`Compare options: ${view.circuit.name}`}>
      <SearchState search={search} onStop={stop} onAgain={again} />
      {search.state === 'done' && (
        <>
          <Binds
            sensitivity={search.result.sensitivity}
            onTake={(relaxed) => {
              take(relaxed.circuit, relaxedWords(relaxed));
            }}
          />
          <ChoiceField
            label="Sort by"
            value={by}
            choices={OPTION_ORDERS.map((value) => ({ value, label: orderName[value] }))}
            onChoose={setBy}
          />
          <Holding options={holding} by={by} chosen={chosen} onChoose={setChosen} />
          {chosen !== undefined && (
            <Compared
              view={view}
              option={chosen}
              onTake={() => {
                take(chosen.circuit, optionName(chosen));
              }}
            />
          )}
          <Rejected options={search.result.options.filter(({ rejected }) => rejected !== null)} />
          <p className="second">Material by the default price list, against the circuit as it stands.</p>
        </>
      )}
    </Dialog>
  );
}
