import type { SmallKind } from '../code/itemKinds';
import type { WaterReport } from '../water/waterReport';
import type { Item } from './item';
import { pieceOf, type Need } from './need';

const WIRE: Item = { kind: 'bond-wire', size: '8' };
/** A ring or grid is laid in lengths of this at most, feet; where two meet they are joined. */
const LAID_FT = 200;
/** What a joint takes of each of its two wires, feet. */
const LAP_FT = 0.5;

/** A long wire in lengths that are joined. */
const lengthsOf = (ft: number): readonly number[] => {
  const count = Math.max(1, Math.ceil(ft / LAID_FT));
  return Array.from({ length: count }, () => ft / count);
};

/** What the bonding of a water takes: 8 AWG solid copper in its pieces, connectors by their listing, clamps. */
export function waterNeeds(report: WaterReport): readonly Need[] {
  const { water, copper, ring, grid, parts, plates } = report;
  const source = { kind: 'water', id: water.id } as const;
  const cut = (where: string, ft: number, ends: readonly [number, number]): Need => {
    const piece = pieceOf(`${water.id} ${where}`, where, ft, ends, 'bond');
    return { item: WIRE, source, where, count: piece.cutFt, piece };
  };
  const small = (kind: SmallKind, count: number, where: string): readonly Need[] =>
    count > 0 ? [{ item: { kind }, source, where, count, piece: null }] : [];
  const laid = (name: string, ft: number): readonly Need[] =>
    ft === 0
      ? []
      : lengthsOf(ft).map((length, at, all) =>
          cut(all.length === 1 ? name : `${name} ${at + 1}`, length, [LAP_FT, LAP_FT]),
        );
  const tapFt = copper.taps === 0 ? 0 : copper.tapsFt / copper.taps;
  return [
    ...laid('ring', ring?.lengthFt ?? 0),
    ...laid('grid', grid?.wireFt ?? 0),
    ...(copper.around ? laid('ring around the pump', copper.aroundFt) : []),
    ...Array.from({ length: copper.taps }, (_, at) => cut(`tap ${at + 1}`, tapFt, [0, 0])),
    // The make-up of a tail is in its length already.
    ...parts.flatMap(({ candidate, tail }) => (tail === null ? [] : [cut(candidate.name, tail.ft, [0, 0])])),
    ...plates.map(({ thing, tail }) => cut(thing.name, tail.ft, [0, 0])),
    ...small('bond-connector', copper.buriedConnectors, 'ring and tails'),
    ...small('bond-clamp', copper.clamps, 'at the parts'),
    ...small('water-bond', plates.filter(({ thing }) => thing.existing !== true).length, 'in the wall'),
  ];
}
