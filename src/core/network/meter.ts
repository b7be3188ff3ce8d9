/** Testers by their impedance: about 10 kilohm, which drains what is only coupled; or megohms, which shows it. */
export const METERS = ['low-z', 'high-z'] as const;
/** A tester by its impedance. */
export type Meter = (typeof METERS)[number];
