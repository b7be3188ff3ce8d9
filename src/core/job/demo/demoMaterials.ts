import type { Materials } from '../../takeoff/materialsDocument';

const RIDGELINE = { date: '2026-03-12', source: 'Ridgeline Supply (made up)' } as const;
const BLACK = 'wire 6 cu THWN-2 BK';
const RED = 'wire 6 cu THWN-2 RD';

/** Prices of a supplier that is made up, for a part of the list, and what lies on the truck. */
export const DEMO_MATERIALS: Materials = {
  prices: [BLACK, RED].flatMap((item) => [
    { item, packFt: null, cents: 115, ...RIDGELINE },
    { item, packFt: 125, cents: 11900, ...RIDGELINE },
    { item, packFt: 250, cents: 21400, ...RIDGELINE },
  ]),
  truck: [
    { item: 'cable NM-B 12/2 nm-b 12 2', ft: 52, count: 1 },
    { item: 'wire 10 cu THWN-2 GN', ft: 125, count: 1 },
    { item: 'raceway emt 3/4', ft: 10, count: 1 },
    { item: 'wire-connector', ft: null, count: 40 },
    { item: 'tape RD', ft: null, count: 2 },
  ],
  kept: [],
  count: null,
};
