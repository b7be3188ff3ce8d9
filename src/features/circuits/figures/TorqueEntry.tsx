import { checkOf, withTorque } from '../../../core/checks/torqueRecord';
import type { Circuit } from '../../../core/circuit/circuitSchema';
import type { DrawnWire } from '../../../core/drawing/wiringScene';
import { parseNumber, printNumber } from '../../../core/units/number';
import { landingWords } from '../../../core/wording/terminals';
import type { Job } from '../../../core/job/jobSchema';
import { useJobEditor } from '../../../store/useJobEditor';
import { QuantityField } from '../../../ui/fields/QuantityField';
import classes from './TerminationsDialog.module.css';

const TORQUE = { min: 1, max: 6000, units: ['lb-in', 'in-lb', 'lbin'], shown: 'lb-in' } as const;

interface TorqueEntryProps {
  readonly job: Job;
  readonly circuit: Circuit;
  readonly wire: DrawnWire;
  /** The next screw, once this one is done. */
  readonly onDone: () => void;
}

/** The torque that was put on one screw; Enter goes on to the next. */
export function TorqueEntry({ job, circuit, wire, onDone }: TorqueEntryProps) {
  const { canWrite, edit } = useJobEditor();
  const { landing } = wire.entered;
  const check = checkOf(job.checks, circuit.id);
  const own = check.torque.find(({ terminal }) => terminal === wire.key);
  const applied = own && (own.second ?? own.first);
  return (
    <form
      className={classes['torque']}
      aria-label="Torque of one screw"
      onSubmit={(event) => {
        event.preventDefault();
        onDone();
      }}
    >
      <p>
        <b className="fig">{landing.order}</b> {landingWords(landing)}
        {applied !== undefined && applied !== landing.torqueLbIn && (
          <b>
            {' '}
            Recorded {printNumber(applied)}, {printNumber(landing.torqueLbIn)} required.
          </b>
        )}
      </p>
      <QuantityField<number | undefined>
        key={wire.key}
        label="Torque applied"
        autoFocus
        inputMode="decimal"
        disabled={!canWrite}
        value={applied}
        print={(value) => (value === undefined ? '' : `${printNumber(value)} lb-in`)}
        parse={(text) => (text.trim() === '' ? undefined : parseNumber(text, TORQUE))}
        onValue={(value, mergeKey) => {
          // Typed over a second torque, it is the second one that is typed.
          const torque =
            value === undefined
              ? null
              : own?.second == null
                ? { first: value, second: null }
                : { first: own.first, second: value };
          edit(
            { kind: 'put-check', id: circuit.id, check: withTorque(check, wire.key, torque) },
            'Torque applied',
            mergeKey,
          );
        }}
      />
    </form>
  );
}
