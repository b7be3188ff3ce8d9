import { present } from '../units/present';
import type { Edition } from '../code/edition';
import { sizeRank, type WireSize } from '../units/wireSize';

/** Some conductors of one size. */
export interface Counted {
  readonly size: WireSize;
  readonly count: number;
}

/** What is in a box. */
export interface BoxContents {
  readonly conductors: readonly Counted[];
  readonly egc: readonly Counted[];
  readonly devices: readonly { readonly size: WireSize; readonly gangs: number }[];
  readonly clamps: boolean;
  /** Kinds of support fittings, such as a stud or a hickey. */
  readonly fittings: number;
}

/** One line of the count. */
export interface BoxPart {
  readonly what: string;
  readonly in3: number;
}

/** From this size on a box is sized as a pull box (314.28). */
export const PULL_BOX_FROM: WireSize = '4';

/** Up to this many equipment grounds count as one; from 2020 each further one counts a quarter. */
const GROUNDS_IN_ONE = 4;

const volumeOf = (code: Edition, size: WireSize): number | undefined => {
  const rows: Readonly<Record<string, number>> = code.tables.conductorVolume.rows;
  return rows[size];
};

/** Whether a size is one that boxes and bodies are sized by length for, not by volume. */
export const isPullBoxSize = (size: WireSize): boolean => sizeRank(size) >= sizeRank(PULL_BOX_FROM);

/** The sizes in a box that are too large for the count by volume. */
export const tooLargeForFill = ({ conductors, egc, devices }: BoxContents): WireSize | undefined =>
  [...conductors, ...egc, ...devices].find(({ size }) => isPullBoxSize(size))?.size;

const largest = (parts: readonly { readonly size: WireSize }[]): WireSize | undefined =>
  parts.reduce<WireSize | undefined>(
    (max, { size }) => (max === undefined || sizeRank(size) > sizeRank(max) ? size : max),
    undefined,
  );

/**
 * The volume that a box needs, part by part: each conductor that ends or passes, clamps and fittings by the
 * largest, devices twice the conductor on them for each gang, grounds together (314.16(B)). Sizes of 4 AWG
 * and larger do not count here.
 */
export function boxFill(contents: BoxContents, code: Edition): readonly BoxPart[] {
  const { conductors, egc, devices, clamps, fittings } = contents;
  const volume = (size: WireSize): number =>
    isPullBoxSize(size) ? 0 : present(volumeOf(code, size), 'Table 314.16(B)(1)', size);
  const parts: BoxPart[] = conductors.map(({ size, count }) => ({
    what: `${count} of ${size} AWG`,
    in3: count * volume(size),
  }));
  const max = largest(conductors);
  if (clamps && max !== undefined) parts.push({ what: 'clamps', in3: volume(max) });
  if (fittings > 0 && max !== undefined) parts.push({ what: 'fittings', in3: fittings * volume(max) });
  for (const { size, gangs } of devices)
    parts.push({ what: `device on ${size} AWG, ${gangs} gang`, in3: 2 * gangs * volume(size) });
  const grounds = egc.reduce((sum, { count }) => sum + count, 0);
  const ground = largest(egc);
  if (ground !== undefined && grounds > 0) {
    const extra = Math.max(0, grounds - GROUNDS_IN_ONE) * code.parameters.extraGroundShare.value;
    parts.push({ what: `${grounds} grounds`, in3: volume(ground) * (1 + extra) });
  }
  return parts;
}
