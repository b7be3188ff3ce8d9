import type { Network } from '../../core/network/network';
import { traced, traceTest } from '../../core/checks/lineFromLoad';
import type { CircuitCheck } from '../../core/checks/checksDocument';
import { parseNumber, printNumber as n } from '../../core/units/number';
import { TRACED_WORDS } from '../../core/wording/checkWords';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { QuantityField } from '../../ui/fields/QuantityField';
import { useCheckEditor } from './useCheckEditor';
import classes from './checks.module.css';

interface TracePaneProps {
  readonly check: CircuitCheck;
  readonly network: Network;
}

const OHMS = { min: 0, max: 100_000, units: ['ohm'], shown: 'ohm, or OL for no path' } as const;
const NO_PATH = /^(ol|open|none|-)$/i;
const WHICH = [
  ['one', 'First one to the ground, ohm'],
  ['two', 'Second one to the ground, ohm'],
] as const;

/** Two conductors that were not marked at the pull, told apart by a dead test in its steps. */
export function TracePane({ check, network }: TracePaneProps) {
  const { canWrite, change } = useCheckEditor(check.id);
  const own = check.traced;
  const stations = network.stations.slice(1);
  const at = own?.at ?? stations[0] ?? 'A';
  const test = traceTest(network, network.stations.indexOf(at));
  return (
    <details className={classes['trace']} open={own !== null}>
      <summary>Line and load not marked at the pull</summary>
      <ol>
        <li>Off, locked. Live, dead, live.</li>
        <li>At the panel: hot off the breaker, tied to the ground bar.</li>
        <li>At the station: both conductors apart, touching nothing.</li>
        <li>
          Each to the ground there. From the panel: at most{' '}
          <b className="fig">{n(test.fromPanelOhms, 2)} ohm</b>. To the load:{' '}
          <b className="fig">
            {test.toLoadOhms === null ? 'no path (OL)' : `about ${n(test.toLoadOhms, 1)} ohm`}
          </b>
          .
        </li>
      </ol>
      <ChoiceField
        label="Station"
        value={at}
        disabled={!canWrite}
        choices={stations.map((value) => ({ value, label: value }))}
        onChoose={(station) => {
          change(
            ({ traced: was }) => ({ traced: { one: null, two: null, ...was, at: station } }),
            'Unmarked conductors',
          );
        }}
      />
      {WHICH.map(([which, label]) => (
        <QuantityField<number | null>
          key={which}
          label={label}
          help="OL: no path"
          value={own?.[which] ?? null}
          disabled={!canWrite}
          inputMode="decimal"
          print={(value) => (value === null ? (own === null ? '' : 'OL') : n(value, 2))}
          parse={(text) => (text.trim() === '' || NO_PATH.test(text.trim()) ? null : parseNumber(text, OHMS))}
          onValue={(value, mergeKey) => {
            change(
              ({ traced: was }) => ({ traced: { at, one: null, two: null, ...was, [which]: value } }),
              label,
              mergeKey,
            );
          }}
        />
      ))}
      {own !== null && <p role="status">{TRACED_WORDS[traced(test, own)]}</p>}
    </details>
  );
}
