import type { Edition } from '../code/edition';
import { METHODS, type MethodId } from '../code/methods';
import { sizeRank, WIRE_SIZES, type Metal, type WireSize } from '../units/wireSize';
import { cableMade } from './cableMade';

const memo = new WeakMap<Edition, Map<string, readonly WireSize[]>>();

/** The smallest conductor that code and local amendments allow for a branch circuit. */
export const smallestAllowed = (code: Edition, metal: Metal) =>
  metal === 'cu' ? code.parameters.smallestCopper : code.parameters.smallestAluminum;

const find = (code: Edition, method: MethodId, wires: number, metal: Metal): readonly WireSize[] => {
  const floor = sizeRank(smallestAllowed(code, metal).value);
  const cable = METHODS[method].kind === 'cable';
  return WIRE_SIZES.filter(
    (size) =>
      sizeRank(size) >= floor &&
      code.tables.ampacity[metal][60][size] !== undefined &&
      (!cable || cableMade(code, method, size, wires, metal) !== undefined),
  );
};

/**
 * The sizes that one method may be had in, small to large: from the smallest allowed, and for a cable
 * those that manufacturers build with enough conductors.
 */
export function candidateSizes(
  code: Edition,
  method: MethodId,
  wires: number,
  metal: Metal,
): readonly WireSize[] {
  const known = memo.get(code) ?? new Map<string, readonly WireSize[]>();
  const key = `${method}${wires}${metal}`;
  const sizes = known.get(key) ?? find(code, method, wires, metal);
  known.set(key, sizes);
  memo.set(code, known);
  return sizes;
}
