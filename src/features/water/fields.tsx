import { parseLength, printLength } from '../../core/units/length';
import { parseNumber, printNumber, type NumberRange } from '../../core/units/number';
import { feet } from '../../core/units/quantity';
import { isRefused, type Refused } from '../../core/units/refused';
import { QuantityField } from '../../ui/fields/QuantityField';

interface FieldProps<T> {
  readonly label: string;
  readonly value: T;
  readonly disabled: boolean;
  readonly onValue: (value: T, mergeKey: string) => void;
  readonly help?: string;
}

/** A distance. */
export const DistanceField = (props: FieldProps<number>) => (
  <QuantityField<number>
    {...props}
    print={(value) => printLength(feet(value))}
    parse={(text): number | Refused => {
      const read = parseLength(text);
      return isRefused(read) ? read : Number(read);
    }}
  />
);

/** A number of a range; nothing where it is not known. */
export const RangeField = ({
  range,
  ...props
}: FieldProps<number | null> & { readonly range: NumberRange }) => (
  <QuantityField<number | null>
    {...props}
    inputMode="decimal"
    print={(value) => (value === null ? '' : `${printNumber(value)} ${range.shown}`.trim())}
    parse={(text) => (text.trim() === '' ? null : parseNumber(text, range))}
  />
);

/** A number of a range that is always there. */
export const AmountField = ({ range, ...props }: FieldProps<number> & { readonly range: NumberRange }) => (
  <QuantityField<number>
    {...props}
    inputMode="decimal"
    print={(value) => `${printNumber(value)} ${range.shown}`.trim()}
    parse={(text) => parseNumber(text, range)}
  />
);

export const INCHES: NumberRange = { min: 0, max: 600, units: ['in', '"'], shown: 'in' };
