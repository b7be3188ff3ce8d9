import type { StandardOcpdTable } from './shapes';

/** Standard ampere ratings of overcurrent devices. */
// prettier-ignore
export const standardOcpd: StandardOcpdTable = {
  id: 'standard-ocpd',
  title: 'Standard ampere ratings of overcurrent devices',
  certainty: 'partly',
  ratings: [
    10, 15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400,
    450, 500, 600, 700, 800, 1000, 1200, 1600, 2000, 2500, 3000, 4000, 5000, 6000,
  ],
  fuseExtras: [1, 3, 6, 601],
};
