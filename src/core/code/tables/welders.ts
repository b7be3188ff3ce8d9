import type { ReferenceTable } from './shapes';

/** Welder supply conductor factors by duty cycle. */
// prettier-ignore
export const welders = {
  id: 'welders',
  title: 'Welder supply conductor factors by duty cycle',
  certainty: 'sure',
  arc: { 100: 1.0, 90: 0.95, 80: 0.89, 70: 0.84, 60: 0.78, 50: 0.71, 40: 0.63, 30: 0.55, 20: 0.45 },
  arcMotorGenerator: { 100: 1.0, 90: 0.96, 80: 0.91, 70: 0.86, 60: 0.81, 50: 0.75, 40: 0.69, 30: 0.62, 20: 0.55 },
  resistance: { 50: 0.71, 40: 0.63, 30: 0.55, 25: 0.5, 20: 0.45, 15: 0.39, 10: 0.32, '7.5': 0.27, 5: 0.22 },
  resistanceVarying: { automatic: 0.7, manual: 0.5 },
  devicePercent: { arc: 200, resistance: 300 },
} as const satisfies ReferenceTable;
