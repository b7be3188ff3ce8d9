import type { SmallConductorTable } from './shapes';

/** Largest overcurrent device for small conductors. */
// prettier-ignore
export const smallConductor: SmallConductorTable = {
  id: 'small-conductor',
  title: 'Largest overcurrent device for small conductors',
  certainty: 'partly',
  cu: { 18: 7, 16: 10, 14: 15, 12: 20, 10: 30 },
  al: { 12: 15, 10: 25 },
  cca: { 14: 10, 12: 15, 10: 25 },
};
