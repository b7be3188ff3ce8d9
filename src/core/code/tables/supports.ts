import type { SupportTable } from './shapes';

/** Support: distance from a box and largest spacing, inches. */
// prettier-ignore
export const supports: SupportTable = {
  id: 'supports',
  title: 'Support: distance from a box and largest spacing, inches',
  certainty: 'partly',
  rows: {
    NM: { withinIn: 12, spacingIn: 54 },
    UF: { withinIn: 12, spacingIn: 54 },
    MC: { withinIn: 12, spacingIn: 72 },
    SER: { withinIn: 12, spacingIn: 54 },
    EMT: { withinIn: 36, spacingIn: 120 },
    PVC: {
      withinIn: 36,
      spacingIn: { '1/2': 36, '3/4': 36, 1: 36, '1-1/4': 60, '1-1/2': 60, 2: 60, '2-1/2': 72, 3: 72, '3-1/2': 84, 4: 84 },
    },
    RMC: { withinIn: 36, spacingIn: 120 },
    IMC: { withinIn: 36, spacingIn: 120 },
    FMC: { withinIn: 12, spacingIn: 54 },
    LFMC: { withinIn: 12, spacingIn: 54 },
    LFNC: { withinIn: 12, spacingIn: 36 },
    ENT: { withinIn: 36, spacingIn: 36 },
  },
};
