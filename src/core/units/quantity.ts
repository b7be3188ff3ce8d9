declare const unit: unique symbol;

/** A plain number at run time; its unit exists for the compiler only. */
export type Quantity<U extends string> = number & { readonly [unit]: U };

/** A length in feet. */
export type Feet = Quantity<'ft'>;
/** A temperature in degrees Celsius. */
export type Celsius = Quantity<'°C'>;
/** Money in whole cents, so that sums never gather rounding. */
export type Cents = Quantity<'cent'>;

const as =
  <U extends string>() =>
  (value: number): Quantity<U> =>
    value as Quantity<U>;

/** Feet from a plain number. */
export const feet: (value: number) => Feet = as<'ft'>();
/** Degrees Celsius from a plain number. */
export const celsius: (value: number) => Celsius = as<'°C'>();
/** Whole cents from a number of cents, rounded half away from zero. */
export const cents = (value: number): Cents => as<'cent'>()(Math.sign(value) * Math.round(Math.abs(value)));

/** Comparison slack: figures that differ by less are the same figure, so 1.25 × 48 meets 60. */
const EPSILON = 1e-9;

/** Whether `has` is at least `needs`, with slack for binary fractions. */
export const meets = (has: number, needs: number): boolean => has >= needs - EPSILON;
