/** The greatest whole number both are multiples of; the other number where one is 0. */
export const common = (a: number, b: number): number => (b === 0 ? a : common(b, a % b));
