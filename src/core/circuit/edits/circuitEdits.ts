import { moveStation } from './moveStation';
import type { Place } from '../../code/methods';
import type { Circuit, Pins, Stretch } from '../circuitSchema';
import { designAmbient, USUAL_DESIGN } from '../jobDefaults';
import { usualHeightFt } from '../newCircuit';

/** The shortest stretch that can be made, feet. */
const LEAST_STRETCH_FT = 1;

/** How many stretches a run may have. */
const MOST_STRETCHES = 12;

/** One stretch changed. */
export const withStretch = (circuit: Circuit, index: number, change: Partial<Stretch>): Circuit => ({
  ...circuit,
  run: circuit.run.map((stretch, at) => (at === index ? { ...stretch, ...change } : stretch)),
});

/** A stretch in another place takes the ambient and height that such a place commonly has. */
export const withPlace = (circuit: Circuit, index: number, place: Place, design = USUAL_DESIGN): Circuit =>
  withStretch(circuit, index, {
    place,
    ambientC: designAmbient(design, place),
    heightFt: usualHeightFt(place, circuit.run[index]?.method ?? 'nm-b'),
  });

/** A stretch cut in two halves; undefined where it is too short or the run is full. */
export function splitStretch(circuit: Circuit, index: number, id: string): Circuit | undefined {
  const stretch = circuit.run[index];
  if (
    stretch === undefined ||
    circuit.run.length >= MOST_STRETCHES ||
    stretch.lengthFt < 2 * LEAST_STRETCH_FT
  ) {
    return undefined;
  }
  const first = Math.round(stretch.lengthFt) / 2;
  const halves: Stretch[] = [
    {
      ...stretch,
      lengthFt: first,
      bendsDeg: stretch.bendsDeg / 2,
      endHeightFt: Math.max(stretch.heightFt, 2),
    },
    { ...stretch, id, lengthFt: stretch.lengthFt - first, bendsDeg: stretch.bendsDeg / 2 },
  ];
  return { ...circuit, run: circuit.run.toSpliced(index, 1, ...halves) };
}

/** A run without one of its stretches; undefined for the last one. */
export const removeStretch = (circuit: Circuit, index: number): Circuit | undefined =>
  circuit.run.length < 2 ? undefined : { ...circuit, run: circuit.run.toSpliced(index, 1) };

/** The station at the start of a stretch moved along the wire; undefined where a stretch would vanish. */
export function withStationMoved(circuit: Circuit, station: number, byFt: number): Circuit | undefined {
  const moved = moveStation(
    circuit.run.map(({ lengthFt }) => lengthFt),
    station,
    byFt,
    LEAST_STRETCH_FT,
  );
  if (moved === undefined) return undefined;
  const [before, after] = moved;
  return withStretch(withStretch(circuit, station - 1, { lengthFt: before }), station, { lengthFt: after });
}

/** A figure pinned, or with `undefined` left to Pasture again. */
export function withPin<K extends keyof Pins>(circuit: Circuit, pin: K, value: Pins[K] | undefined): Circuit {
  const { [pin]: _old, ...rest } = circuit.pins;
  return { ...circuit, pins: value === undefined ? rest : { ...rest, [pin]: value } };
}

/** A finding answered; an empty text takes the answer back. */
export function withAnswer(circuit: Circuit, code: string, text: string): Circuit {
  const others = circuit.answers.filter((answer) => answer.code !== code);
  return { ...circuit, answers: text.trim() === '' ? others : [...others, { code, text: text.trim() }] };
}
