import { TextInput } from '@mantine/core';
import { useState } from 'react';
import { printNumber } from '../../../core/units/number';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { useRouteEvaluation } from '../../../store/useEvaluation';
import { useJobEditor } from '../../../store/useJobEditor';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { useStageActions } from '../../job/stageActions';
import { usePart } from '../usePart';
import classes from '../stage.module.css';

interface CircuitTitleProps {
  readonly view: CircuitEvaluation;
  readonly note: string;
  /** How much larger heights are drawn than lengths; null where the picture is too small to say so. */
  readonly exaggeration: number | null;
}

function Name({ view }: { readonly view: CircuitEvaluation }) {
  const { circuit } = view;
  const { canWrite, replaceCircuit } = useJobEditor();
  const [typed, setTyped] = useState<string | null>(null);
  const done = (): void => {
    const name = typed?.trim();
    if (name !== undefined && name !== '' && name !== circuit.name) {
      replaceCircuit({ ...circuit, name: name.slice(0, 80) }, `Rename to ${name}`);
    }
    setTyped(null);
  };
  if (typed === null) {
    return (
      <h1>
        <button
          type="button"
          className={classes['name']}
          title="Rename"
          disabled={!canWrite}
          onClick={() => {
            setTyped(circuit.name);
          }}
        >
          {circuit.name}
        </button>
      </h1>
    );
  }
  return (
    <TextInput
      aria-label="Name of the circuit"
      value={typed}
      autoFocus
      maxLength={80}
      onChange={(event) => {
        setTyped(event.currentTarget.value);
      }}
      onBlur={done}
      onKeyDown={(event) => {
        if (event.key === 'Enter') done();
        if (event.key === 'Escape') setTyped(null);
      }}
    />
  );
}

/** From the figures to the route, with what is open there, and back. */
function RouteAct({ circuit }: Pick<CircuitTitleProps['view'], 'circuit'>) {
  const { part, show } = usePart();
  const route = useRouteEvaluation(circuit.id);
  const open = route?.open.length ?? 0;
  const shown = part === 'route' ? 'Figures' : 'Route';
  return (
    <button
      type="button"
      className="act"
      aria-label={shown === 'Route' && open > 0 ? `Route, ${open} open` : shown}
      onClick={() => {
        show(part === 'route' ? 'figures' : 'route');
      }}
    >
      {shown}
      {shown === 'Route' && route !== undefined && open > 0 && (
        <span>
          <SeverityShape severity={route.severity} size={10} /> {open}
        </span>
      )}
    </button>
  );
}

/** What can be done with the circuit. */
function TitleActs({ circuit }: Pick<CircuitTitleProps['view'], 'circuit'>) {
  const { canWrite, edit } = useJobEditor();
  const { openSheet, open } = useStageActions();
  const act = (name: string, does: () => void, className = '', disabled = false) => (
    <button type="button" className={`act ${className}`.trim()} disabled={disabled} onClick={does}>
      {name}
    </button>
  );
  return (
    <>
      {act(
        'Circuits',
        () => {
          open('list');
        },
        classes['phoneOnly'],
      )}
      <RouteAct circuit={circuit} />
      {act('Circuit sheet', () => {
        openSheet(circuit.id);
      })}
      {act('Terminations', () => {
        open('wiring');
      })}
      {act('Compare options', () => {
        open('options');
      })}
      {act(
        'Remove',
        () => {
          edit({ kind: 'remove-circuits', ids: [circuit.id] }, `Remove ${circuit.name}`);
        },
        '',
        !canWrite,
      )}
    </>
  );
}

/** How the section is drawn: a factor that reads as 1 is none. */
function scaleWords(exaggeration: number): string {
  const times = printNumber(exaggeration, 1);
  if (times === '1') return 'lengths and heights to scale';
  return exaggeration < 1
    ? `lengths to scale, heights drawn at ${times} of it`
    : `lengths to scale, heights drawn ${times} times`;
}

/** Name of the circuit, how it is wired, and what can be done with it. */
export function CircuitTitle({ view, note, exaggeration }: CircuitTitleProps) {
  return (
    <div className={classes['title']}>
      <Name view={view} />
      <span className={classes['note']}>{note}</span>
      <span className={classes['titleActs']}>
        <TitleActs circuit={view.circuit} />
        {exaggeration !== null && <span className="second">{scaleWords(exaggeration)}</span>}
      </span>
    </div>
  );
}
