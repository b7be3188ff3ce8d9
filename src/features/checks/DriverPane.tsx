import { useState } from 'react';
import { takenTorque, type TakenTorque } from '../../core/checks/torqueDriver';
import type { TorquedTerminal } from '../../core/checks/terminalKeys';
import { nextTorque } from '../../core/checks/torqueRecord';
import type { CircuitCheck } from '../../core/checks/checksDocument';
import { torqueArrival } from '../../core/job/arrivals';
import { driverWords } from '../../core/wording/checkWords';
import { terminalShort } from '../../core/wording/terminals';
import { askDriver, DRIVER_BEHAVIORS, type DriverBehavior } from '../../store/checks/torqueDriver';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { today } from '../../store/clock';
import { editNamed, late } from '../../store/editing';
import { useAppDispatch } from '../../store/store';
import { useJobEditor } from '../../store/useJobEditor';
import classes from './checks.module.css';

interface DriverPaneProps {
  readonly jobId: string;
  readonly check: CircuitCheck;
  readonly terminals: readonly TorquedTerminal[];
}

/** The simulated torque driver: each turn goes to the next terminal, the first time round and the second. */
export function DriverPane({ jobId, check, terminals }: DriverPaneProps) {
  const { canWrite } = useJobEditor();
  const dispatch = useAppDispatch();
  const [behavior, setBehavior] = useState<DriverBehavior>('none');
  const [asking, setAsking] = useState(false);
  const [said, setSaid] = useState<TakenTorque | { readonly problem: string } | null>(null);
  const next = nextTorque(
    check,
    terminals.map(({ key }) => key),
  );
  const terminal = terminals.find(({ key }) => key === next?.terminal);
  if (next === null || terminal === undefined) return <p>Every terminal is torqued twice.</p>;
  const ask = async (): Promise<void> => {
    setAsking(true);
    const answer = await askDriver(behavior, terminal.torqueLbIn, today());
    setAsking(false);
    if ('problem' in answer) {
      setSaid(answer);
      return;
    }
    const taken = takenTorque(answer, terminal.torqueLbIn, today());
    setSaid(taken);
    if ('refused' in taken) return;
    const label = 'Torque from the driver';
    const arrival = torqueArrival(check.id, terminal.key, next.time, taken.lbIn);
    await dispatch(editNamed(jobId, late(arrival, label), label));
  };
  return (
    <section className={classes['driver']} aria-label="Torque driver (simulated)">
      <p>
        Next: <b className="fig">{terminal.letters}</b> {terminalShort[terminal.terminal]},{' '}
        <b className="fig">{terminal.torqueLbIn} lb-in</b>, {next.time} time
      </p>
      <button type="button" className="act" disabled={!canWrite || asking} onClick={() => void ask()}>
        {asking ? 'Waiting for the driver' : 'Take it from the driver (simulated)'}
      </button>
      <ChoiceField
        label="How the simulated driver answers"
        value={behavior}
        choices={DRIVER_BEHAVIORS}
        onChoose={setBehavior}
      />
      {said !== null && (
        <p role={'problem' in said || 'refused' in said ? 'alert' : 'status'}>
          {'problem' in said ? said.problem : driverWords(said)}
        </p>
      )}
    </section>
  );
}
