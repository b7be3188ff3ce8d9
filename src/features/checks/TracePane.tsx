import type { Network } from '../../core/network/network';
import { traced, traceTest } from '../../core/checks/lineFromLoad';
import type { CircuitCheck } from '../../core/checks/checksDocument';
import { parseNumber, printNumber as n } from '../../core/units/number';
import { TRACED_WORDS } from '../../core/wording/checkWords';
import { PROVED_DEAD } from '../../core/wording/cautions';
import { CheckField } from '../../ui/fields/CheckField';
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

/** Ohms from one of the two conductors to the ground. What was not read is no path that was not found. */
function Ohms({
  check,
  at,
  which,
  label,
}: {
  readonly check: CircuitCheck;
  readonly at: string;
  readonly which: 'one' | 'two';
  readonly label: string;
}) {
  const { canWrite, change } = useCheckEditor(check.id);
  return (
    <QuantityField<number | null | undefined>
      label={label}
      help="OL: no path"
      value={check.traced?.[which]}
      disabled={!canWrite}
      inputMode="decimal"
      print={(value) => (value === undefined ? '' : value === null ? 'OL' : n(value, 2))}
      parse={(text) => {
        const typed = text.trim();
        if (typed === '') return undefined;
        return NO_PATH.test(typed) ? null : parseNumber(text, OHMS);
      }}
      onValue={(value, mergeKey) => {
        change(
          ({ traced: was }) => {
            const { [which]: _before, ...kept } = { at, tieOff: false, ...was };
            return { traced: value === undefined ? kept : { ...kept, [which]: value } };
          },
          label,
          mergeKey,
        );
      }}
    />
  );
}

/** Two conductors that were not marked at the pull, told apart by a dead test in its steps. */
export function TracePane({ check, network }: TracePaneProps) {
  const { canWrite, change } = useCheckEditor(check.id);
  const own = check.traced;
  const stations = network.stations.slice(1);
  const at = own?.at ?? stations[0] ?? 'A';
  const test = traceTest(network, network.stations.indexOf(at));
  const told = own === null ? null : traced(test, own);
  return (
    <details className={classes['trace']} open={own !== null}>
      <summary>Line and load not marked at the pull</summary>
      <ol>
        <li>{PROVED_DEAD}</li>
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
            ({ traced: was }) => ({ traced: { tieOff: false, ...was, at: station } }),
            'Unmarked conductors',
          );
        }}
      />
      {WHICH.map(([which, label]) => (
        <Ohms key={which} check={check} at={at} which={which} label={label} />
      ))}
      {told !== null && <p role="status">{TRACED_WORDS[told]}</p>}
      {own !== null && (
        <CheckField
          label="Tie off the ground bar again"
          checked={own.tieOff}
          disabled={!canWrite}
          onCheck={(tieOff) => {
            change(({ traced: was }) => ({ traced: was && { ...was, tieOff } }), 'Tie off the ground bar');
          }}
        />
      )}
    </details>
  );
}
