import { withPlate, type Raised } from './raised';

/** Findings about the currents of a motor. */
export const raisedByMotors: readonly Raised[] = [
  [
    'motor.fla-used-for-flc',
    'note',
    withPlate('pool-pump', { hp: 1, volts: 230, nameplateA: 7 }),
    'Nameplate: 7 A. Conductor and breaker are sized by the table, 8 A.',
    withPlate('pool-pump', { hp: 1, volts: 230 }),
  ],
  [
    'motor.listed-appliance',
    'ask',
    withPlate('motor', { hp: 1, volts: 230, nameplateA: 9 }),
    'Part of a listed appliance marked in horsepower and amperes? Yes: the 9 A of the nameplate count. No: the 8 A of the table. Until then conductor and disconnect carry the larger, the breaker is limited by the smaller.',
    withPlate('motor', { hp: 1, volts: 230, nameplateA: 9, listedAppliance: true }),
  ],
  [
    'motor.plate-above-table',
    'check',
    withPlate('motor', { hp: 1, volts: 230, nameplateA: 9, listedAppliance: false }),
    'Nameplate: 9 A, more than the 8 A of the table. Is it built for low speed or high torque? Then the nameplate is used.',
    withPlate('motor', { hp: 1, volts: 230, nameplateA: 7, listedAppliance: false }),
  ],
];
