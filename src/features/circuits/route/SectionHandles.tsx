import type { KeyboardEvent } from 'react';
import type { Circuit } from '../../../core/circuit/circuitSchema';
import { stationLetter, segmentSpan } from '../../../core/circuit/stations';
import type { SectionGeometry, SectionSegment } from '../../../core/route/sectionGeometry';
import {
  snapHeight,
  withLevel,
  withStationAlong,
  withStationHeight,
} from '../../../core/circuit/edits/sectionMoves';
import { printHeight } from '../../../core/units/height';
import { useJobEditor } from '../../../store/useJobEditor';
import type { SectionScale } from '../../../ui/pictures/sectionScale';
import { useDrag } from '../../../ui/shell/useDrag';
import classes from './handles.module.css';

interface SectionHandlesProps {
  readonly circuit: Circuit;
  readonly geometry: SectionGeometry;
  readonly scale: SectionScale;
}

interface HandleProps {
  readonly className: string | undefined;
  readonly label: string;
  readonly x: number;
  readonly y: number;
  readonly circuit: Circuit;
  /** The circuit with the handle moved by so many pixels. */
  readonly onDrag: (start: Circuit, dx: number, dy: number) => Circuit | undefined;
  /** The circuit with the handle moved by a key, or undefined where the key does nothing. */
  readonly onArrow: (key: string) => Circuit | undefined;
  readonly what: string;
}

/** Something that is dragged on the section, or moved by arrows. */
function Handle({ className, label, x, y, circuit, onDrag, onArrow, what }: HandleProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const drag = useDrag(
    (at) => ({ circuit, key: `${what} ${circuit.id} ${at}` }),
    (start, dx, dy) => {
      const moved = onDrag(start.circuit, dx, dy);
      if (moved !== undefined) replaceCircuit(moved, what, start.key);
    },
  );
  const onKeyDown = (event: KeyboardEvent): void => {
    const moved = onArrow(event.key);
    if (moved === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    replaceCircuit(moved, what, `${what} ${circuit.id}`);
  };
  return (
    <button
      type="button"
      className={className}
      style={{ left: x, top: y }}
      aria-label={label}
      title={label}
      disabled={!canWrite}
      onKeyDown={onKeyDown}
      {...drag}
    />
  );
}

const HEIGHT_STEP_FT = 0.5;

function StationHandle({
  circuit,
  geometry,
  scale,
  station,
}: SectionHandlesProps & { readonly station: number }) {
  const at = geometry.stations[station];
  if (at === undefined) return null;
  const letter = stationLetter(station);
  const height = (from: Circuit): number =>
    station === 0 ? from.startHeightFt : (from.run[station - 1]?.endHeightFt ?? 0);
  const raised = (from: Circuit, byFt: number): Circuit =>
    withStationHeight(from, station, snapHeight(height(from) + byFt));
  const keys: Readonly<Record<string, () => Circuit | undefined>> = {
    ArrowLeft: () => withStationAlong(circuit, station, -1),
    ArrowRight: () => withStationAlong(circuit, station, 1),
    ArrowUp: () => raised(circuit, HEIGHT_STEP_FT),
    ArrowDown: () => raised(circuit, -HEIGHT_STEP_FT),
  };
  return (
    <Handle
      className={classes['station']}
      label={`Station ${letter} on the section, at ${printHeight(at.heightFt)}; arrows move it`}
      x={scale.x(at.xFt)}
      y={scale.y(at.heightFt)}
      circuit={circuit}
      what={`Move station ${letter}`}
      onArrow={(key) => keys[key]?.()}
      onDrag={(start, dx, dy) => {
        const up = raised(start, -dy / scale.pxPerFtUp);
        return Math.abs(dx) < 3 ? up : (withStationAlong(up, station, dx / scale.pxPerFtAlong) ?? up);
      }}
    />
  );
}

/** The middle of the longest level part of a segment. */
function levelOf({ path }: SectionSegment): { readonly xFt: number; readonly heightFt: number } | undefined {
  let best: { xFt: number; heightFt: number; width: number } | undefined;
  for (const [index, point] of path.entries()) {
    const from = path[index - 1];
    if (from === undefined || from.heightFt !== point.heightFt) continue;
    const width = point.xFt - from.xFt;
    if (best === undefined || width > best.width)
      best = { xFt: (from.xFt + point.xFt) / 2, heightFt: point.heightFt, width };
  }
  return best;
}

function LevelHandle({ circuit, geometry, scale, index }: SectionHandlesProps & { readonly index: number }) {
  const drawn = geometry.segments[index];
  const level = drawn === undefined ? undefined : levelOf(drawn);
  if (level === undefined) return null;
  const span = segmentSpan(index);
  const raised = (from: Circuit, byFt: number): Circuit =>
    withLevel(from, index, snapHeight((from.run[index]?.heightFt ?? 0) + byFt));
  return (
    <Handle
      className={classes['level']}
      label={`Height of ${span}, ${printHeight(level.heightFt)}; up and down move it`}
      x={scale.x(level.xFt)}
      y={scale.y(level.heightFt)}
      circuit={circuit}
      what={`Height of ${span}`}
      onArrow={(key) =>
        key === 'ArrowUp'
          ? raised(circuit, HEIGHT_STEP_FT)
          : key === 'ArrowDown'
            ? raised(circuit, -HEIGHT_STEP_FT)
            : undefined
      }
      onDrag={(start, _dx, dy) => raised(start, -dy / scale.pxPerFtUp)}
    />
  );
}

/** Handles on the section: every station along and up, every segment up and down; snapping, and moved by arrows too. */
export function SectionHandles(props: SectionHandlesProps) {
  return (
    <>
      {props.geometry.segments.map((_, index) => (
        <LevelHandle key={`level ${index}`} {...props} index={index} />
      ))}
      {props.geometry.stations.map((_, station) => (
        <StationHandle key={`station ${station}`} {...props} station={station} />
      ))}
    </>
  );
}
