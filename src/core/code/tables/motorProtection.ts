import type { ReferenceTable } from './shapes';

/** Motor short-circuit and ground-fault devices, percent of full-load current. */
// prettier-ignore
export const motorProtection = {
  id: 'motor-protection',
  title: 'Motor short-circuit and ground-fault devices, percent of full-load current',
  certainty: 'sure',
  percent: {
    singlePhase: { ntd: 300, td: 175, instantaneous: 800, inverse: 250 },
    polyphaseSquirrelCage: { ntd: 300, td: 175, instantaneous: 800, inverse: 250 },
    designBEnergyEfficient: { ntd: 300, td: 175, instantaneous: 1100, inverse: 250 },
    synchronous: { ntd: 300, td: 175, instantaneous: 800, inverse: 250 },
    woundRotor: { ntd: 150, td: 150, instantaneous: 800, inverse: 150 },
    dc: { ntd: 150, td: 150, instantaneous: 250, inverse: 150 },
  },
  ceilings: { nonTimeDelay: 400, timeDelay: 225, inverseTo100A: 400, inverseOver100A: 300, instantaneous: 1300 },
  overload: {
    serviceFactor115: { running: 125, maximum: 140 },
    rise40C: { running: 125, maximum: 140 },
    other: { running: 115, maximum: 130 },
  },
  conductor: 125,
  disconnect: 115,
  hermetic: { device: 175, deviceMaximum: 225, conductor: 125 },
} as const satisfies ReferenceTable;
