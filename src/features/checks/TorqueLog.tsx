import type { CircuitCheck } from '../../core/checks/checksDocument';
import { isSetTo, withTorque } from '../../core/checks/torqueRecord';
import type { TorquedTerminal } from '../../core/checks/terminalKeys';
import type { Job } from '../../core/job/jobSchema';
import { parseNumber, printNumber as n } from '../../core/units/number';
import { terminalShort } from '../../core/wording/terminals';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { DriverPane } from './DriverPane';
import { useCheckEditor } from './useCheckEditor';
import classes from './checks.module.css';

interface TorqueLogProps {
  readonly job: Job;
  readonly circuitId: string;
  readonly terminals: readonly TorquedTerminal[];
  readonly from: 'label' | 'default';
}

type Turns = Omit<CircuitCheck['torque'][number], 'terminal'>;

const LB_IN = { min: 1, max: 2000, units: ['lb-in', 'in-lb'], shown: 'pound-inches' } as const;
const AT: Readonly<Record<TorquedTerminal['at'], string>> = {
  panel: 'panel',
  'line-side': 'line side',
  'load-side': 'load side',
  load: 'load',
};

/** One terminal: its label, and what it was tightened to, twice: stranded wire settles. */
function TerminalRow({
  job,
  circuitId,
  terminal,
}: Pick<TorqueLogProps, 'job' | 'circuitId'> & { readonly terminal: TorquedTerminal }) {
  const { canWrite, check, put } = useCheckEditor(job, circuitId);
  const own = check.torque.find((each) => each.terminal === terminal.key);
  const { torqueLbIn: wanted } = terminal;
  const name = `${terminal.letters} ${terminalShort[terminal.terminal]}, ${AT[terminal.at]}`;
  const change = (torque: Turns | null, mergeKey: string): void => {
    put({ torque: withTorque(check, terminal.key, torque).torque }, `Torque: ${name}`, mergeKey);
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
}

/** The torque of every terminal: label or default table, first, and again after the wire was moved. */
export function TorqueLog({ job, circuitId, terminals, from }: TorqueLogProps) {
  return (
    <section aria-label="Torque">
      <h2>
        Torque, lb-in{' '}
        <span className="second">{from === 'label' ? 'by the label' : 'default table: read the label'}</span>
      </h2>
      <DriverPane job={job} circuitId={circuitId} terminals={terminals} />
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
            <TerminalRow key={terminal.key} job={job} circuitId={circuitId} terminal={terminal} />
          ))}
        </tbody>
      </table>
    </section>
  );
}
