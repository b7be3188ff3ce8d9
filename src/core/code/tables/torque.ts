import type { ReferenceTable } from './shapes';

/** Tightening torque where no manufacturer value is given, pound-inches. */
// prettier-ignore
export const torque = {
  id: 'torque',
  title: 'Tightening torque where no manufacturer value is given, pound-inches',
  certainty: 'partly',
  screws: [
    { size: '18-10', slotSmall: 20, slotLarge: 35, splitBolt: 80, otherHex: 75 },
    { size: '8', slotSmall: 25, slotLarge: 40, splitBolt: 80, otherHex: 75 },
    { size: '6-4', slotSmall: 35, slotLarge: 45, splitBolt: 165, otherHex: 110 },
    { size: '3', slotSmall: 35, slotLarge: 50, splitBolt: 275, otherHex: 150 },
    { size: '2', slotSmall: 40, slotLarge: 50, splitBolt: 275, otherHex: 150 },
    { size: '1', slotSmall: null, slotLarge: 50, splitBolt: 275, otherHex: 150 },
    { size: '1/0-2/0', slotSmall: null, slotLarge: 50, splitBolt: 385, otherHex: 180 },
    { size: '3/0-4/0', slotSmall: null, slotLarge: 50, splitBolt: 500, otherHex: 250 },
    { size: '250-350', slotSmall: null, slotLarge: 50, splitBolt: 650, otherHex: 325 },
    { size: '400', slotSmall: null, slotLarge: 50, splitBolt: 825, otherHex: 325 },
    { size: '500', slotSmall: null, slotLarge: 50, splitBolt: 825, otherHex: 375 },
    { size: '600-750', slotSmall: null, slotLarge: 50, splitBolt: 1000, otherHex: 375 },
  ],
  smallScrews: [
    { slotLengthIn: 'under 5/32', slotNarrow: 7, slotWide: 9 },
    { slotLengthIn: '5/32', slotNarrow: 7, slotWide: 12 },
    { slotLengthIn: '3/16', slotNarrow: 7, slotWide: 12 },
    { slotLengthIn: '7/32', slotNarrow: 7, slotWide: 12 },
    { slotLengthIn: '1/4', slotNarrow: 9, slotWide: 12 },
    { slotLengthIn: '9/32', slotNarrow: null, slotWide: 15 },
    { slotLengthIn: 'over 9/32', slotNarrow: null, slotWide: 20 },
  ],
  hexSocket: {
    '1/8': 45, '5/32': 100, '3/16': 120, '7/32': 150, '1/4': 200, '5/16': 275, '3/8': 375, '1/2': 500,
    '9/16': 600,
  },
} as const satisfies ReferenceTable;
