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
import type { CircuitView } from '../../../store/circuitView';
import { useAlternatives, type Search } from '../../../store/search/useAlternatives';
import { useJobEditor } from '../../../store/useJobEditor';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { Dialog } from '../../../ui/shell/Dialog';
import classes from './OptionsDialog.module.css';

interface OptionsDialogProps {
  readonly job: Job;
  readonly view: CircuitView;
  readonly onClose: () => void;
}

const keyOf = ({ method, metal, size, trade }: RunOption): string =>
  `${method} ${metal} ${size} ${trade ?? ''}`;

/** The chosen way beside the circuit as it stands, figure by figure. */
function Compared({
  view,
  way,
  onTake,
}: {
  readonly view: CircuitView;
  readonly way: RunOption;
  readonly onTake: () => void;
}) {
  const { canWrite } = useJobEditor();
  const { figures } = view.solved;
  const spare = figures.ocpd.minA === 0 ? 0 : figures.ampacityA / figures.ocpd.minA - 1;
  const rows: readonly (readonly [string, string, string])[] = [
    ['Conductor', printWireSize(figures.size), printWireSize(way.size)],
    ['Raceway', figures.raceway?.taken ?? 'none', way.trade ?? 'none'],
    ['Ampacity', `${printNumber(figures.ampacityA)} A`, `${printNumber(way.ampacityA)} A`],
    ['Drop', `${printNumber(figures.drop.percent)} %`, `${printNumber(way.dropPct)} %`],
    ['Spare', `${printNumber(spare * 100, 0)} %`, `${printNumber(way.spare * 100, 0)} %`],
    ['Hardest pull', '', way.pullLb === null ? 'cable' : `${printNumber(way.pullLb, 0)} lb`],
    ['Material', '', printPriceChange(way.cost)],
  ];
  return (
    <div className={classes['compared']} aria-live="polite">
      <table className={classes['ways']}>
        <thead>
          <tr>
            <th scope="col">Beside it</th>
            <th scope="col">Now</th>
            <th scope="col">{optionName(way)}</th>
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
        Run it so
      </Button>
    </div>
  );
}

function Holding({
  ways,
  by,
  chosen,
  onChoose,
}: {
  readonly ways: readonly RunOption[];
  readonly by: OptionOrder;
  readonly chosen: RunOption | undefined;
  readonly onChoose: (way: RunOption) => void;
}) {
  return (
    <div className={classes['scroll']} tabIndex={0} role="region" aria-label="Ways that hold">
      <table className={classes['ways']}>
        <thead>
          <tr>
            <th scope="col">Way</th>
            <th scope="col">Material</th>
            <th scope="col">Pull</th>
            <th scope="col">Drop</th>
            <th scope="col">Spare</th>
            <th scope="col">To ask</th>
          </tr>
        </thead>
        <tbody>
          {orderedOptions(ways, by).map((way) => (
            <tr key={keyOf(way)} data-chosen={way === chosen || undefined}>
              <th scope="row">
                <button
                  type="button"
                  className="act"
                  aria-pressed={way === chosen}
                  onClick={() => {
                    onChoose(way);
                  }}
                >
                  {optionName(way)}
                </button>
              </th>
              <td className="fig">{printPriceChange(way.cost)}</td>
              <td className="fig">{way.pullLb === null ? 'cable' : `${printNumber(way.pullLb, 0)} lb`}</td>
              <td className="fig">{printNumber(way.dropPct, 1)} %</td>
              <td className="fig">{printNumber(way.spare * 100, 0)} %</td>
              <td className="fig">{way.asks === 0 ? '' : way.asks}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Rejected({ ways }: { readonly ways: readonly RunOption[] }) {
  return (
    <details>
      <summary>{counted(ways.length, 'way')} that do not hold, and why</summary>
      <ul className={classes['rejected']}>
        {ways.map((way) => (
          <li key={keyOf(way)}>
            <b>{optionName(way)}</b>: {way.rejected === null ? '' : findingSentence(way.rejected)}{' '}
            <cite className="fig">{way.rejected?.cite.section}</cite>
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
        <b>What binds: </b>
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
          <li className="second">No single thing that gives way saves material.</li>
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
  if (search.state === 'done') return null;
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

/** Every way of running one circuit, found in a worker, ranked, compared with what it is, taken with one click. */
export function OptionsDialog({ job, view, onClose }: OptionsDialogProps) {
  const { replaceCircuit } = useJobEditor();
  const { search, stop, again } = useAlternatives(view.circuit, job);
  const [by, setBy] = useState<OptionOrder>('cost');
  const [chosen, setChosen] = useState<RunOption>();
  const ways = search.state === 'done' ? search.ways : null;
  const holding = useMemo(() => ways?.filter(({ rejected }) => rejected === null) ?? [], [ways]);
  const take = (circuit: CircuitView['circuit'], label: string): void => {
    replaceCircuit(circuit, label);
    onClose();
  };
  return (
    <Dialog wide opened onClose={onClose} title={`Every way to run ${view.circuit.name}`}>
      <SearchState search={search} onStop={stop} onAgain={again} />
      {search.state === 'done' && (
        <>
          <Binds
            sensitivity={search.sensitivity}
            onTake={(relaxed) => {
              take(relaxed.circuit, relaxedWords(relaxed));
            }}
          />
          <ChoiceField
            label="In the order of"
            value={by}
            choices={OPTION_ORDERS.map((value) => ({ value, label: orderName[value] }))}
            onChoose={setBy}
          />
          <Holding ways={holding} by={by} chosen={chosen} onChoose={setChosen} />
          {chosen !== undefined && (
            <Compared
              view={view}
              way={chosen}
              onTake={() => {
                take(chosen.circuit, optionName(chosen));
              }}
            />
          )}
          <Rejected ways={search.ways.filter(({ rejected }) => rejected !== null)} />
          <p className="second">Material by the default price list, against the circuit as it stands.</p>
        </>
      )}
    </Dialog>
  );
}
