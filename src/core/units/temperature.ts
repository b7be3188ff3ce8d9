import { parseNumber } from './number';
import { celsius, type Celsius } from './quantity';
import { isRefused, refuse, type Refused } from './refused';

const ACCEPTS = 'a temperature such as 86 °F or 30 °C, up to 85 °C';
const FORM = /^(.*?)\s*(?:°|deg(?:rees)?)?\s*(c|f)?$/;

/**
 * A temperature with its scale: "86 °F", "30C", "104 f". A bare number is °F from 60 up, else °C:
 * no design ambient in a house is 60 °C or more, and none that anybody writes down in °F is less than 60.
 */
export function parseTemperature(text: string): Celsius | Refused {
  const match = FORM.exec(text.trim().toLowerCase());
  const number = parseNumber(match?.[1] ?? '', { min: -60, max: 200, units: [], shown: '' });
  if (isRefused(number)) return refuse(text, ACCEPTS);
  const scale = match?.[2] ?? (number >= 60 ? 'f' : 'c');
  const value = scale === 'f' ? ((number - 32) * 5) / 9 : number;
  return value < -40 || value > 85 ? refuse(text, ACCEPTS) : celsius(Math.round(value * 100) / 100);
}

/** A temperature in both scales, whole degrees: "86 °F (30 °C)". */
export const printTemperature = (value: Celsius): string =>
  `${Math.round((value * 9) / 5 + 32)} °F (${Math.round(value)} °C)`;
