import type { PriceList } from '../price/priceList';
import { METHODS } from '../code/methods';
import { STICK_FT } from '../route/cutList';
import { isByLength, itemKey, type Item } from './item';
import { itemPrice } from './itemPrice';
import type { DatedPrice, Materials, OnTruck } from './materialsDocument';

/** What an item is sold as, and what of it lies on the truck. */
export interface Offer {
  /** Of a piece, or of a foot cut at the counter, cents; undefined where there is no such price. */
  readonly each: number | undefined;
  /** Coils, rolls and sticks. */
  readonly packs: readonly { readonly ft: number; readonly cents: number }[];
  /** Whether lengths are only sold as packs, as sticks are. */
  readonly packsOnly: boolean;
  /** Where the price comes from: a dated one, the list for comparing, or nowhere. */
  readonly basis: 'dated' | 'comparing' | 'none';
  /** The oldest date of the prices that were read; null where they bear none. */
  readonly date: string | null;
  readonly source: string | null;
  readonly truck: readonly OnTruck[];
}

const isStick = (item: Item): boolean =>
  item.kind === 'raceway' &&
  !['fmc', 'lfmc', 'lfnc', 'ent'].includes(item.method) &&
  METHODS[item.method].raceway !== null;

/** The prices of the list that is only for comparing. */
function comparing(item: Item, prices: PriceList): Omit<Offer, 'truck'> {
  const each = itemPrice(item, prices);
  const base = { packsOnly: isStick(item), date: null, source: null } as const;
  if (each === undefined) return { ...base, each, packs: [], basis: 'none' };
  const basis = 'comparing';
  if (isStick(item)) return { ...base, each, packs: [{ ft: STICK_FT, cents: each * STICK_FT }], basis };
  const sold =
    item.kind === 'wire' || item.kind === 'cable' || item.kind === 'bond-wire'
      ? prices.packs[item.kind]
      : item.kind === 'raceway'
        ? prices.packs.coiled
        : [];
  return {
    ...base,
    each,
    packs: sold.map(({ ft, share }) => ({ ft, cents: Math.round(ft * each * share) })),
    basis,
  };
}

/** Dated prices of an item: where there are any, nothing is taken from the list for comparing. */
function dated(own: readonly DatedPrice[], item: Item): Omit<Offer, 'truck'> {
  const [first] = own;
  return {
    each: own.find(({ packFt }) => packFt === null)?.cents,
    packs: own.flatMap(({ packFt, cents }) => (packFt === null ? [] : [{ ft: packFt, cents }])),
    packsOnly: isStick(item) && own.every(({ packFt }) => packFt !== null),
    basis: 'dated',
    date: own.reduce((oldest, { date }) => (date < oldest ? date : oldest), first?.date ?? ''),
    source: first?.source ?? null,
  };
}

/** What an item is sold as: by the dated prices of the job, or else by the list for comparing, which is said. */
export function offerOf(
  item: Item,
  { prices, truck }: Pick<Materials, 'prices' | 'truck'>,
  list: PriceList,
): Offer {
  const key = itemKey(item);
  const own = prices.filter((price) => price.item === key);
  const onTruck = truck.filter((each) => each.item === key && (each.ft === null) === !isByLength(item));
  return { ...(own.length > 0 ? dated(own, item) : comparing(item, list)), truck: onTruck };
}
