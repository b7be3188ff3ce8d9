import type { CableTable } from './shapes';

/** Typical outside dimensions of cables, inches. */
// prettier-ignore
export const cables: CableTable = {
  id: 'cables',
  title: 'Typical outside dimensions of cables, inches',
  certainty: 'unsure',
  types: {
    'NM-B': {
      '14/2': { widthIn: 0.37, heightIn: 0.17, egc: '14' },
      '12/2': { widthIn: 0.42, heightIn: 0.19, egc: '12' },
      '10/2': { widthIn: 0.5, heightIn: 0.22, egc: '10' },
      '8/2': { widthIn: 0.65, heightIn: 0.3, egc: '10' },
      '6/2': { widthIn: 0.74, heightIn: 0.34, egc: '10' },
      '14/3': { widthIn: 0.34, heightIn: 0.34, egc: '14' },
      '12/3': { widthIn: 0.39, heightIn: 0.39, egc: '12' },
      '10/3': { widthIn: 0.47, heightIn: 0.47, egc: '10' },
      '8/3': { widthIn: 0.63, heightIn: 0.63, egc: '10' },
      '6/3': { widthIn: 0.72, heightIn: 0.72, egc: '10' },
      '4/3': { widthIn: 0.86, heightIn: 0.86, egc: '8' },
    },
    'UF-B': {
      '14/2': { widthIn: 0.43, heightIn: 0.19, egc: '14' },
      '12/2': { widthIn: 0.48, heightIn: 0.21, egc: '12' },
      '10/2': { widthIn: 0.58, heightIn: 0.25, egc: '10' },
      '8/2': { widthIn: 0.73, heightIn: 0.31, egc: '10' },
      '6/2': { widthIn: 0.82, heightIn: 0.36, egc: '10' },
      '14/3': { widthIn: 0.58, heightIn: 0.19, egc: '14' },
      '12/3': { widthIn: 0.66, heightIn: 0.21, egc: '12' },
      '10/3': { widthIn: 0.8, heightIn: 0.25, egc: '10' },
      '8/3': { widthIn: 1.03, heightIn: 0.31, egc: '10' },
      '6/3': { widthIn: 1.2, heightIn: 0.37, egc: '10' },
      '4/3': { widthIn: null, heightIn: null, egc: '8' },
    },
    SER: {
      '4-4-4-6': { widthIn: 0.85, heightIn: 0.85, egc: '6' },
      '2-2-2-4': { widthIn: 1.0, heightIn: 1.0, egc: '4' },
      '1/0-1/0-1/0-2': { widthIn: 1.22, heightIn: 1.22, egc: '2' },
      '2/0-2/0-2/0-1': { widthIn: 1.33, heightIn: 1.33, egc: '1' },
      '4/0-4/0-4/0-2/0': { widthIn: 1.6, heightIn: 1.6, egc: '2/0' },
    },
  },
};
