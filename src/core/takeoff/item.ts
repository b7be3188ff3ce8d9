import type { RacewayFittingKind, SmallKind } from '../code/itemKinds';
import type { MethodId } from '../code/methods';
import type { TradeSize } from '../units/tradeSize';
import type { Metal, WireSize } from '../units/wireSize';
import type { Cover } from '../protection/receptacleChoice';

/** Something that is bought. */
export type Item =
  | {
      readonly kind: 'wire';
      readonly size: WireSize;
      readonly metal: Metal;
      readonly insulation: string;
      readonly letters: string;
    }
  | { readonly kind: 'bond-wire'; readonly size: WireSize }
  | {
      readonly kind: 'cable';
      readonly name: string;
      readonly method: MethodId;
      readonly size: WireSize;
      readonly wires: number;
    }
  | { readonly kind: 'raceway'; readonly method: MethodId; readonly trade: TradeSize }
  | { readonly kind: RacewayFittingKind; readonly method: MethodId; readonly trade: TradeSize }
  | { readonly kind: 'cable-connector'; readonly trade: TradeSize }
  | { readonly kind: 'support'; readonly method: MethodId; readonly trade: TradeSize | null }
  | { readonly kind: 'box'; readonly name: string }
  | { readonly kind: 'pull-box'; readonly lengthIn: number }
  | {
      readonly kind: 'breaker';
      readonly amps: number;
      readonly poles: number;
      readonly form: 'plain' | 'gfci' | 'afci' | 'dual';
    }
  | { readonly kind: 'tandem'; readonly amps: number; readonly other: number }
  | {
      readonly kind: 'receptacle';
      readonly config: string;
      readonly gfci: boolean;
      readonly cover: Cover;
    }
  | { readonly kind: 'dead-front' | 'spa-panel' | 'disconnect'; readonly amps: number }
  | { readonly kind: 'tape'; readonly letters: string }
  | { readonly kind: 'ribbon' }
  | { readonly kind: 'load-manager' | 'sharing-device' }
  | { readonly kind: 'service'; readonly amps: number }
  | { readonly kind: SmallKind };

/** Items live as long as what needs them, and every edit groups all of them anew. */
const keys = new WeakMap<Item, string>();

/** What an item is told apart by: two of one key are one and the same thing to buy. */
export function itemKey(item: Item): string {
  const known = keys.get(item);
  if (known !== undefined) return known;
  const key = Object.values(item).join(' ');
  keys.set(item, key);
  return key;
}

/** Items that are bought by length, in one piece or cut from one. */
const BY_LENGTH = [
  'wire',
  'bond-wire',
  'cable',
  'raceway',
  'ribbon',
] as const satisfies readonly Item['kind'][];

/** Whether an item is measured in feet. */
export const isByLength = ({ kind }: Item): boolean => BY_LENGTH.some((each) => each === kind);
