import type { MethodId } from '../code/methods';
import { defaultPrices } from '../price/defaultPrices';
import type { PriceList } from '../price/priceList';
import { isByLength, type Item } from '../takeoff/item';
import { offerOf } from '../takeoff/offer';
import { TRADE_SIZES } from '../units/tradeSize';
import { WIRE_SIZES, type WireSize } from '../units/wireSize';
import { itemName } from './itemWords';

/** How the simulated supplier may answer: as usual, dearer, with items missing, with coils only. */
export const SUPPLIER_MOODS = ['none', 'dearer', 'missing', 'packs'] as const;
/** How the simulated supplier answers. */
export type SupplierMood = (typeof SUPPLIER_MOODS)[number];

/** A row of its list, as a price file has it. */
type PriceRow = Readonly<Record<string, string | number>>;

const LETTERS = ['BK', 'RD', 'BU', 'WH', 'GN'] as const;
const SOURCE = 'Simulated supplier (made up)';
const DEARER = 1.12;
/** Of its items every so many is missing when it has no full list. */
const MISSING = 5;

/** Cables as they are named: size and insulated conductors. */
const cables = (method: MethodId, name: string, { cable }: PriceList): readonly Item[] =>
  WIRE_SIZES.flatMap((size) => {
    const made = (wires: 2 | 3): readonly Item[] =>
      cable[method]?.[wires === 2 ? 'two' : 'three'][size] === undefined
        ? []
        : [{ kind: 'cable', name: `${name} ${size}/${wires}`, method, size, wires }];
    return [...made(2), ...made(3)];
  });

const wires = (size: WireSize): readonly Item[] =>
  LETTERS.map((letters) => ({ kind: 'wire', size, metal: 'cu', insulation: 'THWN-2', letters }));

const racewayMethods = Object.keys(defaultPrices.raceway);

/** Everything that it sells, of the kinds that every job takes. */
const SOLD: readonly Item[] = [
  ...cables('nm-b', 'NM-B', defaultPrices),
  ...cables('uf-b', 'UF-B', defaultPrices),
  ...cables('mc', 'MC', defaultPrices),
  ...WIRE_SIZES.flatMap(wires),
  { kind: 'bond-wire', size: '8' },
  { kind: 'ribbon' },
  ...(['emt', 'pvc40', 'pvc80', 'rmc', 'imc', 'lfmc', 'lfnc'] as const)
    .filter((method) => racewayMethods.includes(method))
    .flatMap((method) =>
      TRADE_SIZES.flatMap((trade): readonly Item[] => {
        const fitting = (kind: 'connector' | 'coupling' | 'elbow' | 'body' | 'seal'): Item => ({
          kind,
          method,
          trade,
        });
        return [
          { kind: 'raceway', method, trade },
          fitting('connector'),
          fitting('coupling'),
          fitting('elbow'),
          fitting('body'),
          fitting('seal'),
        ];
      }),
    ),
  ...[15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 100].flatMap((amps): readonly Item[] => [
    { kind: 'breaker', amps, poles: 1, form: 'plain' },
    { kind: 'breaker', amps, poles: 2, form: 'plain' },
    { kind: 'breaker', amps, poles: 2, form: 'gfci' },
  ]),
  ...([30, 60, 100, 200] as const).map((amps): Item => ({ kind: 'disconnect', amps })),
  { kind: 'label' },
  { kind: 'wire-connector' },
  { kind: 'cement' },
  { kind: 'bond-connector' },
  { kind: 'bond-clamp' },
];

/** The price list of the simulated supplier of a day: a row for each way in which an item is sold. */
export function supplierRows(mood: SupplierMood, date: string): readonly PriceRow[] {
  const sold = mood === 'missing' ? SOLD.filter((_, at) => at % MISSING !== 0) : SOLD;
  const price = (cents: number): string => ((cents * (mood === 'dearer' ? DEARER : 1)) / 100).toFixed(2);
  return sold.flatMap((item): readonly PriceRow[] => {
    const { each, packs, packsOnly } = offerOf(item, { prices: [], truck: [] }, defaultPrices);
    if (each === undefined) return [];
    const row = (packFt: number | '', cents: number): PriceRow => ({
      item: itemName(item),
      pack_ft: packFt,
      price: price(cents),
      date,
      source: SOURCE,
    });
    const single = packsOnly || (mood === 'packs' && isByLength(item) && packs.length > 0);
    return [...(single ? [] : [row('', each)]), ...packs.map(({ ft, cents }) => row(ft, cents))];
  });
}
