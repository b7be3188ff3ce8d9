import type { Changed } from '../../fields/field';
import { omitUndefined } from '../../units/omitUndefined';
import { moveStation } from './moveStation';
import type { Environment } from '../../code/methods';
import type { Circuit, Pins, Segment } from '../circuitSchema';
import { designAmbient, USUAL_DESIGN } from '../jobDefaults';
import { usualHeightFt } from '../newCircuit';

/** The shortest segment that can be made, feet. */
const MIN_SEGMENT_FT = 1;

/** How many segments a run may have. */
const MAX_SEGMENTS = 12;

/** One segment changed; what is set to undefined is taken out. */
export const withSegment = (circuit: Circuit, index: number, change: Changed<Segment>): Circuit => ({
  ...circuit,
  run: circuit.run.map((segment, at) => (at === index ? omitUndefined({ ...segment, ...change }) : segment)),
});

/** A segment in another place takes the ambient and height that such a place commonly has. */
export const withPlace = (
  circuit: Circuit,
  index: number,
  place: Environment,
  design = USUAL_DESIGN,
): Circuit =>
  withSegment(circuit, index, {
    place,
    ambientC: designAmbient(design, place),
    heightFt: usualHeightFt(place, circuit.run[index]?.method ?? 'nm-b'),
  });

/** A segment cut in two halves; undefined where it is too short or the run is full. */
export function splitSegment(circuit: Circuit, index: number, id: string): Circuit | undefined {
  const segment = circuit.run[index];
  if (segment === undefined || circuit.run.length >= MAX_SEGMENTS || segment.lengthFt < 2 * MIN_SEGMENT_FT) {
    return undefined;
  }
  const first = Math.round(segment.lengthFt) / 2;
  const bendsDeg = segment.bendsDeg === null ? null : segment.bendsDeg / 2;
  const halves: Segment[] = [
    {
      ...segment,
      lengthFt: first,
      bendsDeg,
      endHeightFt: Math.max(segment.heightFt, 2),
    },
    { ...segment, id, lengthFt: segment.lengthFt - first, bendsDeg },
  ];
  return { ...circuit, run: circuit.run.toSpliced(index, 1, ...halves) };
}

/** A run without one of its segments; undefined for the last one. */
export const removeSegment = (circuit: Circuit, index: number): Circuit | undefined =>
  circuit.run.length < 2 ? undefined : { ...circuit, run: circuit.run.toSpliced(index, 1) };

/** The station at the start of a segment moved along the wire; undefined where a segment would vanish. */
export function withStationMoved(circuit: Circuit, station: number, byFt: number): Circuit | undefined {
  const moved = moveStation(
    circuit.run.map(({ lengthFt }) => lengthFt),
    station,
    byFt,
    MIN_SEGMENT_FT,
  );
  if (moved === undefined) return undefined;
  const [before, after] = moved;
  return withSegment(withSegment(circuit, station - 1, { lengthFt: before }), station, { lengthFt: after });
}

/** A figure pinned, or with `undefined` left to Pasture again. */
export function withPin<K extends keyof Pins>(circuit: Circuit, pin: K, value: Pins[K] | undefined): Circuit {
  const { [pin]: _old, ...rest } = circuit.pins;
  return { ...circuit, pins: value === undefined ? rest : { ...rest, [pin]: value } };
}
