import type { Environment } from '../code/methods';
import type { DesignTemperatures } from './designTemperatures';
import type { Practices } from './practices';

/** The shop practices that a new job starts with. */
export const DEFAULT_PRACTICES: Practices = {
  raceway: 'comfort',
  supports: 'half',
  matchBreaker: false,
  welderGeneralUse: true,
  spaContinuous: true,
  tanklessContinuous: true,
  pumpFullSize: true,
  tubDevice: 'near',
  aluminum: 'feeders',
  groundFaultForm: 'device',
  bondTaps: 'ask',
  ringAround: false,
};

/** Length that is taken until one is typed, feet. */
export const USUAL_LENGTH_FT = 40;

/** What is taken until the place was asked about: a warm summer, a hot attic, a closed garage. */
export const USUAL_DESIGN: DesignTemperatures = { outdoor: 38, attic: 50, garage: 40 };

/** Indoors and in the ground the tables' own 30 °C holds. */
const TABLE_C = 30;

/** The ambient that a segment in a place starts with. */
export const designAmbient = (design: DesignTemperatures, place: Environment): number =>
  place === 'indoor' || place === 'underground' || place === 'damp'
    ? TABLE_C
    : design[place === 'corrosive' ? 'outdoor' : place];
