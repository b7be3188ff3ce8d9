import type { Circuit } from '../../../core/circuit/circuitSchema';
import type { DrawnWire } from '../../../core/drawing/wiringScene';
import { parseNumber, printNumber } from '../../../core/units/number';
import { landingWords } from '../../../core/wording/terminals';
import { useJobEditor } from '../../../store/useJobEditor';
import { QuantityField } from '../../../ui/fields/QuantityField';
import classes from './TerminationsDialog.module.css';

const TORQUE = { min: 1, max: 6000, units: ['lb-in', 'in-lb', 'lbin'], shown: 'lb-in' } as const;

interface TorqueEntryProps {
  readonly circuit: Circuit;
  readonly wire: DrawnWire;
  /** The next screw, once this one is done. */
  readonly onDone: () => void;
}

/** The torque that was put on one screw; Enter goes on to the next. */
export function TorqueEntry({ circuit, wire, onDone }: TorqueEntryProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const { landing } = wire.entered;
  const torques = circuit.torques ?? {};
  const applied = torques[wire.key];
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
          const { [wire.key]: _was, ...others } = torques;
          const next = value === undefined ? others : { ...others, [wire.key]: value };
          replaceCircuit({ ...circuit, torques: next }, 'Torque applied', mergeKey);
        }}
      />
    </form>
  );
}
