declare const unit: unique symbol;

/** A plain number at run time; its unit exists for the compiler only. */
export type Quantity<U extends string> = number & { readonly [unit]: U };

export type Amps = Quantity<'A'>;
export type Volts = Quantity<'V'>;
export type Feet = Quantity<'ft'>;
export type Inches = Quantity<'in'>;
export type SquareInches = Quantity<'in2'>;
export type Celsius = Quantity<'°C'>;
export type Percent = Quantity<'%'>;
/** Money in whole cents, so that sums never gather rounding. */
export type Cents = Quantity<'cent'>;

const as =
  <U extends string>() =>
  (value: number): Quantity<U> =>
    value as Quantity<U>;

/** Amperes from a plain number. */
export const amps: (value: number) => Amps = as<'A'>();
/** Volts from a plain number. */
export const volts: (value: number) => Volts = as<'V'>();
/** Feet from a plain number. */
export const feet: (value: number) => Feet = as<'ft'>();
/** Inches from a plain number. */
export const inches: (value: number) => Inches = as<'in'>();
/** Square inches from a plain number. */
export const squareInches: (value: number) => SquareInches = as<'in2'>();
/** Degrees Celsius from a plain number. */
export const celsius: (value: number) => Celsius = as<'°C'>();
/** Percent from a plain number: 3 means 3 %. */
export const percent: (value: number) => Percent = as<'%'>();
/** Whole cents from a number of cents, rounded half away from zero. */
export const cents = (value: number): Cents => as<'cent'>()(Math.sign(value) * Math.round(Math.abs(value)));

/** Comparison slack: figures that differ by less are the same figure, so 1.25 × 48 meets 60. */
const EPSILON = 1e-9;

/** Whether `has` is at least `needs`, with slack for binary fractions. */
export const meets = (has: number, needs: number): boolean => has >= needs - EPSILON;
