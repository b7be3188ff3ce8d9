import type { Job } from '../../core/job/jobSchema';
import { isByLength, itemKey } from '../../core/takeoff/item';
import type { DatedPrice, OnTruck } from '../../core/takeoff/materialsDocument';
import type { PricedLine } from '../../core/takeoff/pricedTakeoff';
import { withPrices } from '../../core/takeoff/priceCsv';
import { parseTails, printTails } from '../../core/takeoff/truckText';
import { itemName } from '../../core/wording/itemWords';
import { parseNumber, printNumber } from '../../core/units/number';
import { isRefused, type Refused } from '../../core/units/refused';
import { useJobEditor } from '../../store/useJobEditor';
import { QuantityField } from '../../ui/fields/QuantityField';
import { today } from '../../store/clock';
import classes from './materials.module.css';

interface LineFieldsProps {
  readonly job: Job;
  readonly priced: PricedLine;
}

const COUNT = { min: 0, max: 1000, units: [], shown: '', whole: true } as const;
const DOLLARS = { min: 0.01, max: 1_000_000, units: ['$'], shown: 'dollars' } as const;

/** What of the line lies on the truck: lengths of what is cut, a number of what is counted. */
function Truck({ job, priced: { line, offer } }: LineFieldsProps) {
  const { canWrite, edit } = useJobEditor();
  const key = itemKey(line.item);
  const put = (own: readonly OnTruck[], merge: string): void => {
    const truck = [...job.materials.truck.filter(({ item }) => item !== key), ...own];
    edit(
      { kind: 'change', part: 'materials', fields: { truck } },
      `On the truck: ${itemName(line.item)}`,
      merge,
    );
  };
  if (isByLength(line.item))
    return (
      <QuantityField<readonly OnTruck[]>
        label="On the truck, ft"
        value={offer.truck}
        disabled={!canWrite}
        print={printTails}
        parse={(text) => parseTails(key, text)}
        onValue={put}
      />
    );
  return (
    <QuantityField<number>
      label="On the truck"
      value={offer.truck.reduce((sum, { count }) => sum + count, 0)}
      disabled={!canWrite}
      print={(count) => (count === 0 ? '' : printNumber(count))}
      parse={(text) => (text.trim() === '' ? 0 : parseNumber(text, COUNT))}
      onValue={(count, merge) => {
        put(count === 0 ? [] : [{ item: key, ft: null, count }], merge);
      }}
    />
  );
}

/** The price of a piece, or of a foot at the counter, dated today when it is typed. */
function Price({ job, priced: { line, offer } }: LineFieldsProps) {
  const { canWrite, edit } = useJobEditor();
  const key = itemKey(line.item);
  const put = (own: readonly DatedPrice[], merge: string): void => {
    const prices = withPrices(job.materials.prices, own);
    edit({ kind: 'change', part: 'materials', fields: { prices } }, `Price: ${itemName(line.item)}`, merge);
  };
  return (
    <QuantityField<number | undefined>
      label={
        offer.packsOnly
          ? 'Price of a stick, $'
          : isByLength(line.item)
            ? 'Price of a foot, $'
            : 'Price of one, $'
      }
      value={offer.packsOnly ? offer.packs[0]?.cents : offer.each}
      disabled={!canWrite}
      print={(cents) => (cents === undefined ? '' : (cents / 100).toFixed(2))}
      parse={(text): number | Refused => {
        const dollars = parseNumber(text.replace('$', ''), DOLLARS);
        return isRefused(dollars) ? dollars : Math.round(dollars * 100);
      }}
      onValue={(cents, merge) => {
        if (cents === undefined) return;
        const packFt = offer.packsOnly ? (offer.packs[0]?.ft ?? null) : null;
        put([{ item: key, packFt, cents, date: today(), source: 'typed' }], merge);
      }}
    />
  );
}

/** What is typed about a line: what lies on the truck, and its price. */
export function LineFields(props: LineFieldsProps) {
  return (
    <div className={classes['fields']}>
      <Truck {...props} />
      <Price {...props} />
    </div>
  );
}
