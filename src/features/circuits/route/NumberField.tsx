import { parseNumber, printNumber, type NumberRange } from '../../../core/units/number';
import { QuantityField } from '../../../ui/fields/QuantityField';

interface NumberFieldProps {
  readonly label: string;
  readonly value: number | undefined;
  /** What is shown while nothing was said. */
  readonly usual: string;
  readonly range: NumberRange;
  readonly disabled: boolean;
  readonly onValue: (value: number | undefined, mergeKey: string) => void;
}

/** A number that may be left to what is usual: an empty field is left so. */
export function NumberField({ label, value, usual, range, disabled, onValue }: NumberFieldProps) {
  return (
    <QuantityField<number | undefined>
      label={label}
      disabled={disabled}
      inputMode="decimal"
      value={value}
      print={(shown) => (shown === undefined ? usual : `${printNumber(shown, 3)} ${range.shown}`.trim())}
      parse={(text) => (text.trim() === '' || text.trim() === usual ? undefined : parseNumber(text, range))}
      onValue={onValue}
    />
  );
}
