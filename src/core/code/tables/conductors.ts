import type { ConductorTable } from './shapes';

/** Conductor properties: area, direct-current resistance at 75 °C, bare area. */
// prettier-ignore
export const conductors: ConductorTable = {
  id: 'conductors',
  title: 'Conductor properties: area, direct-current resistance at 75 °C, bare area',
  certainty: 'sure',
  rows: {
    14: { cmil: 4110, strands: 7, cuOhmPerKft: 3.14, alOhmPerKft: 5.17, diameterIn: 0.073, bareAreaIn2: 0.004 },
    12: { cmil: 6530, strands: 7, cuOhmPerKft: 1.98, alOhmPerKft: 3.25, diameterIn: 0.092, bareAreaIn2: 0.006 },
    10: { cmil: 10380, strands: 7, cuOhmPerKft: 1.24, alOhmPerKft: 2.04, diameterIn: 0.116, bareAreaIn2: 0.011 },
    8: { cmil: 16510, strands: 7, cuOhmPerKft: 0.778, alOhmPerKft: 1.28, diameterIn: 0.146, bareAreaIn2: 0.017 },
    6: { cmil: 26240, strands: 7, cuOhmPerKft: 0.491, alOhmPerKft: 0.808, diameterIn: 0.184, bareAreaIn2: 0.027 },
    4: { cmil: 41740, strands: 7, cuOhmPerKft: 0.308, alOhmPerKft: 0.508, diameterIn: 0.232, bareAreaIn2: 0.042 },
    3: { cmil: 52620, strands: 7, cuOhmPerKft: 0.245, alOhmPerKft: 0.403, diameterIn: 0.26, bareAreaIn2: 0.053 },
    2: { cmil: 66360, strands: 7, cuOhmPerKft: 0.194, alOhmPerKft: 0.319, diameterIn: 0.292, bareAreaIn2: 0.067 },
    1: { cmil: 83690, strands: 19, cuOhmPerKft: 0.154, alOhmPerKft: 0.253, diameterIn: 0.332, bareAreaIn2: 0.087 },
    '1/0': { cmil: 105600, strands: 19, cuOhmPerKft: 0.122, alOhmPerKft: 0.201, diameterIn: 0.372, bareAreaIn2: 0.109 },
    '2/0': {
      cmil: 133100, strands: 19, cuOhmPerKft: 0.0967, alOhmPerKft: 0.159, diameterIn: 0.418, bareAreaIn2: 0.137,
    },
    '3/0': { cmil: 167800, strands: 19, cuOhmPerKft: 0.0766, alOhmPerKft: 0.126, diameterIn: 0.47, bareAreaIn2: 0.173 },
    '4/0': { cmil: 211600, strands: 19, cuOhmPerKft: 0.0608, alOhmPerKft: 0.1, diameterIn: 0.528, bareAreaIn2: 0.219 },
    250: {
      cmil: 250000, strands: 37, cuOhmPerKft: 0.0515, alOhmPerKft: 0.0847, diameterIn: 0.575, bareAreaIn2: 0.26,
    },
    300: {
      cmil: 300000, strands: 37, cuOhmPerKft: 0.0429, alOhmPerKft: 0.0707, diameterIn: 0.63, bareAreaIn2: 0.312,
    },
    350: {
      cmil: 350000, strands: 37, cuOhmPerKft: 0.0367, alOhmPerKft: 0.0605, diameterIn: 0.681, bareAreaIn2: 0.364,
    },
    400: {
      cmil: 400000, strands: 37, cuOhmPerKft: 0.0321, alOhmPerKft: 0.0529, diameterIn: 0.728, bareAreaIn2: 0.416,
    },
    500: {
      cmil: 500000, strands: 37, cuOhmPerKft: 0.0258, alOhmPerKft: 0.0424, diameterIn: 0.813, bareAreaIn2: 0.519,
    },
    600: {
      cmil: 600000, strands: 61, cuOhmPerKft: 0.0214, alOhmPerKft: 0.0353, diameterIn: 0.893, bareAreaIn2: 0.626,
    },
    700: {
      cmil: 700000, strands: 61, cuOhmPerKft: 0.0184, alOhmPerKft: 0.0303, diameterIn: 0.964, bareAreaIn2: 0.73,
    },
    750: {
      cmil: 750000, strands: 61, cuOhmPerKft: 0.0171, alOhmPerKft: 0.0282, diameterIn: 0.998, bareAreaIn2: 0.782,
    },
  },
};
