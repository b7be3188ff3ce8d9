import type { ReceptacleRatingTable } from './shapes';

/** Receptacle ratings allowed on a circuit. */
// prettier-ignore
export const receptacleRating: ReceptacleRatingTable = {
  id: 'receptacle-rating',
  title: 'Receptacle ratings allowed on a circuit',
  certainty: 'partly',
  allowed: { 15: [15], 20: [15, 20], 30: [30], 40: [40, 50], 50: [50] },
  largestCordLoad: { 15: 12, 20: 16, 30: 24 },
};
