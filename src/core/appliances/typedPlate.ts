import { omitUndefined } from '../units/omitUndefined';
import type { TypedFigures, TypedPlate } from './typedWords';

/** Share of a circuit that a load of three hours or more takes (210.20(A)). */
const CONTINUOUS_SHARE = 0.8;

const W_PER_KW = 1000;

/** A plate without what was not said of it. */
export const typedPlate = (told: object, usual: TypedPlate['usual']): TypedPlate => ({
  told: { ...omitUndefined(told) },
  usual,
});

/** The plate of a line with what stands for the rest. */
export const wholePlate = ({ told, usual }: TypedPlate): Readonly<Record<string, unknown>> => ({
  ...usual,
  ...told,
});

/** The largest continuous current of a circuit that was named; undefined where none was. */
export const continuousOf = ({ breakerA }: TypedFigures): number | undefined =>
  breakerA === undefined ? undefined : breakerA * CONTINUOUS_SHARE;

/** Kilowatts that were said, or what the amperes of the nameplate come to. */
export const typedKw = ({ kw, amps, volts = 240 }: TypedFigures): number | undefined =>
  kw ?? (amps === undefined ? undefined : (amps * volts) / W_PER_KW);

/** What the kilowatts of a plate come to in whole amperes; undefined where none were said. */
export const typedAmps = ({ kw, volts = 240 }: TypedFigures): number | undefined =>
  kw === undefined ? undefined : Math.round((kw * W_PER_KW) / volts);

/** Kilowatts of resistance heat that a circuit carries; what is usual where no circuit was named. */
export const heatOn = (typed: TypedFigures, usualKw: number): number => {
  const amps = continuousOf(typed);
  return amps === undefined ? usualKw : Math.round(amps * (typed.volts ?? 240)) / W_PER_KW;
};

/** Rating of a circuit or of the outlet that is named by it. */
export const typedRating = ({ breakerA, amps }: TypedFigures): number | undefined => breakerA ?? amps;

/** A motor's plate in horsepower. */
export const motorPlate =
  (usual: TypedPlate['usual']) =>
  ({ hp, volts, amps, connection }: TypedFigures): TypedPlate =>
    typedPlate({ hp, volts, nameplateA: amps, connection }, usual);

/** Whether a neutral was spoken of: by the word, by four wires, or by three. */
export const typedNeutral = ({ neutral, wires }: TypedFigures): boolean | undefined =>
  neutral ?? (wires === undefined ? undefined : wires === 4);
