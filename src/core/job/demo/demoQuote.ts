import type { Quote } from '../../quote/quoteDocument';
import { FRESH_LABOR } from '../../labor/laborDocument';

/** Chargers that were hung before, with the hours by the units and those that they took. */
const CHARGERS: readonly (readonly [unitH: number, tookH: number, note: string])[] = [
  [5.2, 4.6, ''],
  [6.1, 5.8, ''],
  [4.8, 4.7, ''],
  [7.4, 7.4, ''],
  [5.5, 5.7, ''],
  [6.6, 7.3, 'crawl space'],
  [5.9, 6.5, ''],
  [8.2, 9.3, 'block wall'],
  [6.3, 7.6, 'attic in July'],
  [5.1, 7.1, 'old panel'],
  [6.8, 11.7, 'full panel, moved six'],
];

const past = (
  family: string,
  rows: readonly (readonly [unitH: number, tookH: number, note: string])[],
): Quote['labor']['past'] =>
  rows.map(([unitH, tookH, note], at) => ({ id: `${family}-${at + 1}`, family, unitH, tookH, note }));

/** How a made-up electrician quotes: rate, margin, fees, and the hours of past work. */
export const DEMO_QUOTE: Quote = {
  terms: {
    rateCents: 9800,
    marginPct: 15,
    taxPct: 6.5,
    permitJobCents: 12000,
    permitCircuitCents: 3500,
    permitServiceCents: 30000,
    goodDays: 30,
  },
  labor: {
    ...FRESH_LABOR,
    hardGround: true,
    past: [
      ...past('ev', CHARGERS),
      ...past('hot-tub', [
        [9.1, 9.6, ''],
        [11.4, 12.9, 'rock in the trench'],
        [8.7, 8.3, ''],
        [10.2, 11.0, ''],
        [12.5, 12.1, ''],
        [9.8, 13.2, 'deck came up'],
      ]),
    ],
  },
  options: [],
  picked: [],
  ownerMax: [{ circuitId: 'carport-charger', cents: 150000 }],
  accepted: null,
};
