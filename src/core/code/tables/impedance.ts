import type { ImpedanceTable } from './shapes';

/** Alternating-current resistance and reactance, ohms to neutral per 1000 ft, 75 °C. */
// prettier-ignore
export const impedance: ImpedanceTable = {
  id: 'impedance',
  title: 'Alternating-current resistance and reactance, ohms to neutral per 1000 ft, 75 °C',
  certainty: 'sure',
  rows: {
    14: {
      xPvcAl: 0.058,
      xSteel: 0.073,
      cu: { pvc: 3.1, aluminum: 3.1, steel: 3.1 },
      al: { pvc: null, aluminum: null, steel: null },
    },
    12: {
      xPvcAl: 0.054,
      xSteel: 0.068,
      cu: { pvc: 2.0, aluminum: 2.0, steel: 2.0 },
      al: { pvc: 3.2, aluminum: 3.2, steel: 3.2 },
    },
    10: {
      xPvcAl: 0.05,
      xSteel: 0.063,
      cu: { pvc: 1.2, aluminum: 1.2, steel: 1.2 },
      al: { pvc: 2.0, aluminum: 2.0, steel: 2.0 },
    },
    8: {
      xPvcAl: 0.052,
      xSteel: 0.065,
      cu: { pvc: 0.78, aluminum: 0.78, steel: 0.78 },
      al: { pvc: 1.3, aluminum: 1.3, steel: 1.3 },
    },
    6: {
      xPvcAl: 0.051,
      xSteel: 0.064,
      cu: { pvc: 0.49, aluminum: 0.49, steel: 0.49 },
      al: { pvc: 0.81, aluminum: 0.81, steel: 0.81 },
    },
    4: {
      xPvcAl: 0.048,
      xSteel: 0.06,
      cu: { pvc: 0.31, aluminum: 0.31, steel: 0.31 },
      al: { pvc: 0.51, aluminum: 0.51, steel: 0.51 },
    },
    3: {
      xPvcAl: 0.047,
      xSteel: 0.059,
      cu: { pvc: 0.25, aluminum: 0.25, steel: 0.25 },
      al: { pvc: 0.4, aluminum: 0.41, steel: 0.4 },
    },
    2: {
      xPvcAl: 0.045,
      xSteel: 0.057,
      cu: { pvc: 0.19, aluminum: 0.2, steel: 0.2 },
      al: { pvc: 0.32, aluminum: 0.32, steel: 0.32 },
    },
    1: {
      xPvcAl: 0.046,
      xSteel: 0.057,
      cu: { pvc: 0.15, aluminum: 0.16, steel: 0.16 },
      al: { pvc: 0.25, aluminum: 0.26, steel: 0.25 },
    },
    '1/0': {
      xPvcAl: 0.044,
      xSteel: 0.055,
      cu: { pvc: 0.12, aluminum: 0.13, steel: 0.12 },
      al: { pvc: 0.2, aluminum: 0.21, steel: 0.2 },
    },
    '2/0': {
      xPvcAl: 0.043,
      xSteel: 0.054,
      cu: { pvc: 0.1, aluminum: 0.1, steel: 0.1 },
      al: { pvc: 0.16, aluminum: 0.16, steel: 0.16 },
    },
    '3/0': {
      xPvcAl: 0.042,
      xSteel: 0.052,
      cu: { pvc: 0.077, aluminum: 0.082, steel: 0.079 },
      al: { pvc: 0.13, aluminum: 0.13, steel: 0.13 },
    },
    '4/0': {
      xPvcAl: 0.041,
      xSteel: 0.051,
      cu: { pvc: 0.062, aluminum: 0.067, steel: 0.063 },
      al: { pvc: 0.1, aluminum: 0.11, steel: 0.1 },
    },
    250: {
      xPvcAl: 0.041,
      xSteel: 0.052,
      cu: { pvc: 0.052, aluminum: 0.057, steel: 0.054 },
      al: { pvc: 0.085, aluminum: 0.09, steel: 0.086 },
    },
    300: {
      xPvcAl: 0.041,
      xSteel: 0.051,
      cu: { pvc: 0.044, aluminum: 0.049, steel: 0.045 },
      al: { pvc: 0.071, aluminum: 0.076, steel: 0.072 },
    },
    350: {
      xPvcAl: 0.04,
      xSteel: 0.05,
      cu: { pvc: 0.038, aluminum: 0.043, steel: 0.039 },
      al: { pvc: 0.061, aluminum: 0.066, steel: 0.063 },
    },
    400: {
      xPvcAl: 0.04,
      xSteel: 0.049,
      cu: { pvc: 0.033, aluminum: 0.038, steel: 0.035 },
      al: { pvc: 0.054, aluminum: 0.059, steel: 0.055 },
    },
    500: {
      xPvcAl: 0.039,
      xSteel: 0.048,
      cu: { pvc: 0.027, aluminum: 0.032, steel: 0.029 },
      al: { pvc: 0.043, aluminum: 0.048, steel: 0.045 },
    },
    600: {
      xPvcAl: 0.039,
      xSteel: 0.048,
      cu: { pvc: 0.023, aluminum: 0.028, steel: 0.025 },
      al: { pvc: 0.036, aluminum: 0.041, steel: 0.038 },
    },
    750: {
      xPvcAl: 0.038,
      xSteel: 0.048,
      cu: { pvc: 0.019, aluminum: 0.024, steel: 0.021 },
      al: { pvc: 0.029, aluminum: 0.034, steel: 0.031 },
    },
  },
};
