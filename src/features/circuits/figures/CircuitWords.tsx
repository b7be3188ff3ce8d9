import type { ReactNode } from 'react';
import { worseSeverity } from '../../../core/findings/severity';
import { severityWord } from '../../../core/wording/words';
import { circuitLine } from '../../../core/wording/ladder';
import { useCircuitEvaluation, useRouteEvaluation } from '../../../store/useEvaluation';
import { FamilyMark } from '../../../ui/marks/FamilyMark';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { useStageActions } from '../../job/stageActions';
import classes from '../CircuitList.module.css';

export interface CircuitListProps {
  /** Ids of the circuits in their order; the same array for as long as the order is the same. */
  readonly ids: readonly string[];
  readonly current: string;
}

export interface RowProps {
  readonly id: string;
  readonly number: number;
  readonly current: boolean;
}

/** A circuit in the list. It follows its circuit alone, so that an edit redraws one row. */
export function CircuitWords({
  id,
  number,
  current,
  grip,
}: RowProps & { readonly grip: (name: string) => ReactNode }) {
  const view = useCircuitEvaluation(id);
  const route = useRouteEvaluation(id);
  const { goTo } = useStageActions();
  if (view === undefined) return null;
  const { circuit, solved } = view;
  const severity = worseSeverity(view.severity, route?.severity ?? 'ok');
  return (
    <>
      {grip(`Move ${circuit.name}, number ${number}`)}
      <FamilyMark family={circuit.appliance.family} />
      <button
        type="button"
        className={classes['name']}
        aria-current={current || undefined}
        onClick={() => {
          goTo(id);
        }}
      >
        <span className={classes['title']}>{circuit.name}</span>
        <span className={`fig ${classes['line']}`}>{circuitLine(solved, circuit)}</span>
        <span className="visually-hidden">, {severityWord[severity]}</span>
      </button>
      <SeverityShape severity={severity} />
    </>
  );
}
