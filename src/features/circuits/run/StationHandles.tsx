import type { KeyboardEvent } from 'react';
import type { Circuit } from '../../../core/circuit/circuitSchema';
import { withStationMoved } from '../../../core/circuit/edits/circuitEdits';
import { stationLetter } from '../../../core/circuit/stations';
import type { TapeColumn } from '../../../core/route/tapeLayout';
import { printLength } from '../../../core/units/length';
import { feet } from '../../../core/units/quantity';
import { useJobEditor } from '../../../store/useJobEditor';
import { useDrag } from '../../../ui/shell/useDrag';
import classes from './RunPane.module.css';

interface StationHandlesProps {
  readonly circuit: Circuit;
  readonly columns: readonly TapeColumn[];
  readonly leftPx: number;
}

const STEP_FT: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, PageDown: -5, PageUp: 5 };

function Handle({ circuit, columns, leftPx, station }: StationHandlesProps & { readonly station: number }) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const column = columns[station];
  const before = columns[station - 1];
  const letter = stationLetter(station);
  const move = (from: Circuit, byFt: number, key: string): void => {
    const moved = withStationMoved(from, station, byFt);
    if (moved !== undefined) replaceCircuit(moved, `Move station ${letter}`, key);
  };
  const drag = useDrag(
    (at) => ({ circuit, pxPerFt: before?.pxPerFt ?? 1, key: `drag ${circuit.id} ${letter} ${at}` }),
    (start, dx) => {
      move(start.circuit, dx / start.pxPerFt, start.key);
    },
  );
  if (column === undefined) return null;
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = STEP_FT[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    move(circuit, by, `station ${circuit.id} ${letter}`);
  };
  return (
    <button
      type="button"
      role="slider"
      className={classes['handle']}
      style={{ left: leftPx + column.fromPx }}
      disabled={!canWrite}
      aria-label={`Station ${letter}`}
      title={`Drag station ${letter}, or use the arrow keys`}
      aria-valuemin={0}
      aria-valuemax={Math.round(columns.at(-1)?.toFt ?? 0)}
      aria-valuenow={Math.round(column.fromFt)}
      aria-valuetext={`${printLength(feet(column.fromFt))} of wire from the panel`}
      onKeyDown={onKeyDown}
      {...drag}
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
