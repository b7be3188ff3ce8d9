import { useEffect, useRef } from 'react';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { circuitShown } from '../../store/focusSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { FamilyMark } from '../../ui/marks/FamilyMark';
import { PlateCard } from './PlateCard';
import classes from './OneByOne.module.css';

interface StepProps {
  readonly circuits: readonly CircuitEvaluation[];
  readonly at: number;
  readonly onStep: (at: number) => void;
  readonly back?: boolean;
}

/** The appliance before or after, by its mark, number and name. */
function Step({ circuits, at, onStep, back = false }: StepProps) {
  const there = circuits[at];
  if (there === undefined) return <span />;
  const { appliance, name } = there.circuit;
  return (
    <button
      type="button"
      className={classes['step']}
      data-back={back || undefined}
      aria-label={`${back ? 'Back to' : 'Next:'} ${name}`}
      onClick={() => {
        onStep(at);
      }}
    >
      <FamilyMark family={appliance.family} />
      <span className="fig">{at + 1}</span>
      <span className={classes['name']}>{name}</span>
    </button>
  );
}

/** How far one has come, as ticks on a rule. */
function Rule({ count, at }: { readonly count: number; readonly at: number }) {
  const every = 100 / Math.max(1, count - 1);
  return (
    <svg className={classes['rule']} viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden="true">
      <path d={`M0 1H100${Array.from({ length: count }, (_, tick) => `M${tick * every} 1v6`).join('')}`} />
      <path className={classes['here']} d={`M${at * every} 1v11`} />
    </svg>
  );
}

interface OneByOneProps {
  readonly circuits: readonly CircuitEvaluation[];
  readonly jobId: string;
}

/** The appliances of a job one after the other, as they are met on the site with a phone in one hand. */
export function OneByOne({ circuits, jobId }: OneByOneProps) {
  const dispatch = useAppDispatch();
  const circuitId = useAppSelector(({ focus }) => focus.circuitId);
  const top = useRef<HTMLDivElement>(null);
  const at = Math.max(
    0,
    circuits.findIndex(({ circuit }) => circuit.id === circuitId),
  );
  const last = circuits.at(-1)?.circuit.id;
  const known = useRef(circuits.length);
  // What was just typed in is what one wants to see.
  useEffect(() => {
    if (circuits.length > known.current && last !== undefined) dispatch(circuitShown(last));
    known.current = circuits.length;
  }, [circuits.length, last, dispatch]);
  const view = circuits[at];
  if (view === undefined) return null;
  const step = (to: number): void => {
    const there = circuits[to];
    if (there === undefined) return;
    dispatch(circuitShown(there.circuit.id));
    top.current?.scrollIntoView();
  };
  return (
    <div ref={top}>
      <p className={classes['head']} role="status">
        <FamilyMark family={view.circuit.appliance.family} />
        {at + 1} of {circuits.length} · nameplate first, then the manual
      </p>
      <ul>
        <PlateCard key={view.circuit.id} view={view} jobId={jobId} />
      </ul>
      <nav className={classes['steps']} aria-label="Appliances, one by one">
        <Step circuits={circuits} at={at - 1} onStep={step} back />
        <Step circuits={circuits} at={at + 1} onStep={step} />
        <Rule count={circuits.length} at={at} />
      </nav>
    </div>
  );
}
