import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { Circuit } from '../../../core/circuit/circuitSchema';
import { withStationMoved } from '../../../core/circuit/edits/circuitEdits';
import { stationLetter } from '../../../core/circuit/stations';
import type { TapeColumn } from '../../../core/route/tapeLayout';
import { printLength } from '../../../core/units/length';
import { feet } from '../../../core/units/quantity';
import { useJobEditor } from '../../../store/useJobEditor';
import classes from './RunPane.module.css';

interface StationHandlesProps {
  readonly circuit: Circuit;
  readonly columns: readonly TapeColumn[];
  readonly leftPx: number;
}

interface Drag {
  readonly fromX: number;
  readonly pxPerFt: number;
  readonly start: Circuit;
  readonly key: string;
}

const STEP_FT: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, PageDown: -5, PageUp: 5 };

function Handle({ circuit, columns, leftPx, station }: StationHandlesProps & { readonly station: number }) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const drag = useRef<Drag | null>(null);
  const column = columns[station];
  const before = columns[station - 1];
  if (column === undefined || before === undefined) return null;
  const letter = stationLetter(station);
  const move = (from: Circuit, byFt: number, key: string): void => {
    const moved = withStationMoved(from, station, byFt);
    if (moved !== undefined) replaceCircuit(moved, `Move station ${letter}`, key);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = STEP_FT[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    move(circuit, by, `station ${circuit.id} ${letter}`);
  };
  const onPointerMove = (event: PointerEvent): void => {
    const { current } = drag;
    if (current !== null) move(current.start, (event.clientX - current.fromX) / current.pxPerFt, current.key);
  };
  return (
    <button
      type="button"
      role="slider"
      className={classes['handle']}
      style={{ left: leftPx + column.fromPx }}
      disabled={!canWrite}
      aria-label={`Station ${letter}`}
      aria-valuemin={0}
      aria-valuemax={Math.round(columns.at(-1)?.toFt ?? 0)}
      aria-valuenow={Math.round(column.fromFt)}
      aria-valuetext={`${printLength(feet(column.fromFt))} of wire from the panel`}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        drag.current = {
          fromX: event.clientX,
          pxPerFt: before.pxPerFt,
          start: circuit,
          key: `drag ${circuit.id} ${letter} ${event.timeStamp}`,
        };
      }}
      onPointerMove={onPointerMove}
      onPointerUp={() => {
        drag.current = null;
      }}
    />
  );
}

/** Handles on the stations between segments: dragged along the tape, or moved a foot by arrows. */
export function StationHandles(props: StationHandlesProps) {
  return (
    <>
      {props.columns.slice(1).map((_, index) => (
        <Handle key={index} {...props} station={index + 1} />
      ))}
    </>
  );
}
