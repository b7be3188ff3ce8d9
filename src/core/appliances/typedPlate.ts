import type { TypedFigures, TypedWords } from './typedWords';

/** How it meets the wiring, where that was typed. */
export const typedConnection = ({ words }: TypedFigures, usual?: 'hardwired' | 'receptacle') => {
  if (words.has('plug') || words.has('receptacle') || words.has('cord')) return { connection: 'receptacle' };
  if (words.has('hardwired') || words.has('hard-wired') || words.has('wired'))
    return { connection: 'hardwired' };
  return usual === undefined ? {} : { connection: usual };
};

/** Its voltage, or the usual one. */
export const typedVolts = ({ volts: given }: TypedFigures, usual: number) => ({ volts: given ?? usual });

/** A figure by its unit, or else the first that was typed without one. */
export const firstFigure = (given: number | undefined, { plain }: TypedFigures): number | undefined =>
  given ?? plain[0];

/** A plate in kilowatts. */
export const kilowattPlate =
  (extra: (typed: TypedFigures) => Record<string, unknown>, usualV = 240): TypedWords['plate'] =>
  (typed) => {
    const kw = firstFigure(typed.kw, typed);
    return kw === undefined ? undefined : { kw, ...typedVolts(typed, usualV), ...extra(typed) };
  };

/** A motor's plate in horsepower. */
export const motorPlate =
  (extra: Record<string, unknown> = {}): TypedWords['plate'] =>
  (typed) => {
    const hp = firstFigure(typed.hp, typed);
    return hp === undefined
      ? undefined
      : {
          hp,
          ...typedVolts(typed, 240),
          ...extra,
          ...(typed.amps === undefined ? {} : { nameplateA: typed.amps }),
        };
  };

/** Whether it uses a neutral, or what is usual. */
export const typedNeutral = ({ words }: TypedFigures, usual: boolean): boolean =>
  words.has('neutral') || words.has('4-wire') ? true : words.has('3-wire') ? false : usual;
