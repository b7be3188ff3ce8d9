import type { AmbientTable } from './shapes';

/** Ambient temperature correction, 30 °C base. */
// prettier-ignore
export const ambient: AmbientTable = {
  id: 'ambient',
  title: 'Ambient temperature correction, 30 °C base',
  certainty: 'sure',
  rows: [
    { fromC: null, toC: 10, 60: 1.29, 75: 1.2, 90: 1.15 },
    { fromC: 11, toC: 15, 60: 1.22, 75: 1.15, 90: 1.12 },
    { fromC: 16, toC: 20, 60: 1.15, 75: 1.11, 90: 1.08 },
    { fromC: 21, toC: 25, 60: 1.08, 75: 1.05, 90: 1.04 },
    { fromC: 26, toC: 30, 60: 1.0, 75: 1.0, 90: 1.0 },
    { fromC: 31, toC: 35, 60: 0.91, 75: 0.94, 90: 0.96 },
    { fromC: 36, toC: 40, 60: 0.82, 75: 0.88, 90: 0.91 },
    { fromC: 41, toC: 45, 60: 0.71, 75: 0.82, 90: 0.87 },
    { fromC: 46, toC: 50, 60: 0.58, 75: 0.75, 90: 0.82 },
    { fromC: 51, toC: 55, 60: 0.41, 75: 0.67, 90: 0.76 },
    { fromC: 56, toC: 60, 60: null, 75: 0.58, 90: 0.71 },
    { fromC: 61, toC: 65, 60: null, 75: 0.47, 90: 0.65 },
    { fromC: 66, toC: 70, 60: null, 75: 0.33, 90: 0.58 },
    { fromC: 71, toC: 75, 60: null, 75: null, 90: 0.5 },
    { fromC: 76, toC: 80, 60: null, 75: null, 90: 0.41 },
    { fromC: 81, toC: 85, 60: null, 75: null, 90: 0.29 },
  ],
};
