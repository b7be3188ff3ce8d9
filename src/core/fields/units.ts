import type { Unit } from './field';

/** Units that fields are typed in, with the words that may follow a number. */
export const UNITS = {
  none: { units: [], shown: '' },
  amperes: { units: ['a', 'amp', 'amps', 'ampere', 'amperes'], shown: 'A' },
  kiloamperes: { units: ['ka'], shown: 'kA' },
  inches: { units: ['in', '"'], shown: 'in' },
  squareInches: { units: ['in2', 'in²', 'sq in'], shown: 'in²' },
  squareFeet: { units: ['ft2', 'sq ft', 'ft²'], shown: 'ft²' },
  spaces: { units: ['spaces'], shown: 'spaces' },
  degrees: { units: ['°', 'deg', 'degrees'], shown: '°' },
  poundInches: { units: ['lb-in', 'in-lb', 'lbin'], shown: 'lb-in' },
  percent: { units: ['%', 'percent'], shown: '%' },
  kilowatts: { units: ['kw', 'kilowatt', 'kilowatts'], shown: 'kW' },
  horsepower: { units: ['hp', 'horsepower'], shown: 'hp' },
  voltamperes: { units: ['va', 'volt-amperes', 'w'], shown: 'VA' },
  days: { units: ['days'], shown: 'days' },
} as const satisfies Readonly<Record<string, Unit>>;
