import { memo } from 'react';
import { shallowEqual } from 'react-redux';
import type { CircuitCheck } from '../../core/checks/checksDocument';
import { isSetTo, withTorque } from '../../core/checks/torqueRecord';
import type { TorquedTerminal } from '../../core/checks/terminalKeys';
import { parseNumber, printNumber as n } from '../../core/units/number';
import { terminalShort, TORQUE_FROM } from '../../core/wording/terminals';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { DriverPane } from './DriverPane';
import { useCheckEditor } from './useCheckEditor';
import classes from './checks.module.css';

interface TorqueLogProps {
  readonly jobId: string;
  readonly check: CircuitCheck;
  readonly terminals: readonly TorquedTerminal[];
  readonly from: keyof typeof TORQUE_FROM;
}

type Turns = Omit<CircuitCheck['torque'][number], 'terminal'>;

const LB_IN = { min: 1, max: 6000, units: ['lb-in', 'in-lb'], shown: 'pound-inches' } as const;
const AT: Readonly<Record<TorquedTerminal['at'], string>> = {
  panel: 'panel',
  'line-side': 'line side',
  'load-side': 'load side',
  load: 'load',
};

interface TerminalRowProps {
  readonly circuitId: string;
  readonly terminal: TorquedTerminal;
  readonly own: CircuitCheck['torque'][number] | undefined;
}

/** Whether a row shows the same as before: terminals are made anew with every edit. */
const sameRow = (a: TerminalRowProps, b: TerminalRowProps): boolean =>
  a.circuitId === b.circuitId &&
  a.terminal.key === b.terminal.key &&
  a.terminal.torqueLbIn === b.terminal.torqueLbIn &&
  shallowEqual(a.own, b.own);

/** One terminal: its label, and what it was tightened to, twice: stranded wire settles. */
const TerminalRow = memo(function TerminalRow({ circuitId, terminal, own }: TerminalRowProps) {
  const { canWrite, change: changeCheck } = useCheckEditor(circuitId);
  const { torqueLbIn: wanted } = terminal;
  const name = `${terminal.letters} ${terminalShort[terminal.terminal]}, ${AT[terminal.at]}`;
  const change = (torque: Turns | null, mergeKey: string): void => {
    changeCheck((check) => withTorque(check, terminal.key, torque), `Torque: ${name}`, mergeKey);
  };
  const done = isSetTo(own?.first, wanted) && isSetTo(own?.second, wanted);
  return (
    <tr data-state={own === undefined ? 'open' : done ? 'ok' : 'part'}>
      <th scope="row">{name}</th>
      <td className="fig">{n(wanted)}</td>
      {(['first', 'second'] as const).map((which) => (
        <td key={which}>
          <QuantityField<number | null>
            bare
            className={classes['lbin']}
            label={`${name}: ${which} torque`}
            value={own?.[which] ?? null}
            disabled={!canWrite || (which === 'second' && own === undefined)}
            inputMode="decimal"
            print={(value) => (value === null ? '' : n(value))}
            parse={(text) => (text.trim() === '' ? null : parseNumber(text, LB_IN))}
            onValue={(value, mergeKey) => {
              if (which === 'second') change({ first: own?.first ?? wanted, second: value }, mergeKey);
              else change(value === null ? null : { first: value, second: own?.second ?? null }, mergeKey);
            }}
          />
        </td>
      ))}
      <td>{own !== undefined && <SeverityShape severity={done ? 'ok' : 'check'} size={11} />}</td>
    </tr>
  );
}, sameRow);

/** The torque of every terminal: label or default table, first, and again after the wire was moved. */
export function TorqueLog({ jobId, check, terminals, from }: TorqueLogProps) {
  return (
    <section aria-label="Torque">
      <h2>
        Torque, lb-in <span className="second">{TORQUE_FROM[from]}</span>
      </h2>
      <DriverPane jobId={jobId} check={check} terminals={terminals} />
      <table className={classes['torque']}>
        <thead>
          <tr>
            <th scope="col">Terminal</th>
            <th scope="col">set to</th>
            <th scope="col">first</th>
            <th scope="col">second</th>
            <th scope="col">
              <span className="visually-hidden">state</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {terminals.map((terminal) => (
            <TerminalRow
              key={terminal.key}
              circuitId={check.id}
              terminal={terminal}
              own={check.torque.find((each) => each.terminal === terminal.key)}
            />
          ))}
        </tbody>
      </table>
    </section>
  );
}
