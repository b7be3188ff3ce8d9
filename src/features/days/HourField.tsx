import { parseNumber } from '../../core/units/number';
import { isRefused, refuse, type Refused } from '../../core/units/refused';
import { QuantityField } from '../../ui/fields/QuantityField';

type Span = readonly [number, number];

interface HourFieldProps {
  readonly label: string;
  readonly span: Span;
  /** Its beginning, or its end. */
  readonly which: 0 | 1;
  readonly disabled: boolean;
  readonly onSpan: (span: [number, number], mergeKey: string) => void;
}

const HOUR = { min: 0, max: 24, units: [], shown: '' } as const;
const ACCEPTS = 'an hour from 0 to 24, such as 7:30 or 7.5';

/** An hour of the day: "7:30", "16", "7.5". */
function parseHour(text: string): number | Refused {
  const clock = /^(\d{1,2}):([0-5]\d)$/.exec(text.trim());
  const hour = clock === null ? parseNumber(text, HOUR) : Number(clock[1]) + Number(clock[2]) / 60;
  return isRefused(hour) || hour > 24 ? refuse(text, ACCEPTS) : hour;
}

const printHour = (hour: number): string => {
  const minutes = Math.round(hour * 60);
  return `${Math.floor(minutes / 60)}:${`${minutes % 60}`.padStart(2, '0')}`;
};

/** The beginning or the end of a part of the day: it begins before it ends. */
export function HourField({ label, span, which, disabled, onSpan }: HourFieldProps) {
  return (
    <QuantityField<number>
      label={label}
      value={span[which]}
      disabled={disabled}
      print={printHour}
      parse={(text) => {
        const hour = parseHour(text);
        if (isRefused(hour)) return hour;
        if (which === 0) return hour < span[1] ? hour : refuse(text, 'an hour before its end');
        return hour > span[0] ? hour : refuse(text, 'an hour after its beginning');
      }}
      onValue={(hour, mergeKey) => {
        onSpan(which === 0 ? [hour, span[1]] : [span[0], hour], mergeKey);
      }}
    />
  );
}
