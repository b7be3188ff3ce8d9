import type { ConfigurationTable } from './shapes';

/** Receptacle and plug configurations. */
// prettier-ignore
export const configurations: ConfigurationTable = {
  id: 'configurations',
  title: 'Receptacle and plug configurations',
  certainty: 'sure',
  rows: [
    { config: '1-15', poles: 2, wires: 2, volts: '125', amps: 15, locking: false, neutral: true, ground: false },
    { config: '5-15', poles: 2, wires: 3, volts: '125', amps: 15, locking: false, neutral: true, ground: true },
    { config: '5-20', poles: 2, wires: 3, volts: '125', amps: 20, locking: false, neutral: true, ground: true },
    { config: '5-30', poles: 2, wires: 3, volts: '125', amps: 30, locking: false, neutral: true, ground: true },
    { config: '5-50', poles: 2, wires: 3, volts: '125', amps: 50, locking: false, neutral: true, ground: true },
    { config: '6-15', poles: 2, wires: 3, volts: '250', amps: 15, locking: false, neutral: false, ground: true },
    { config: '6-20', poles: 2, wires: 3, volts: '250', amps: 20, locking: false, neutral: false, ground: true },
    { config: '6-30', poles: 2, wires: 3, volts: '250', amps: 30, locking: false, neutral: false, ground: true },
    { config: '6-50', poles: 2, wires: 3, volts: '250', amps: 50, locking: false, neutral: false, ground: true },
    {
      config: '10-30', poles: 3, wires: 3, volts: '125/250', amps: 30, locking: false, neutral: true,
      ground: false,
    },
    {
      config: '10-50', poles: 3, wires: 3, volts: '125/250', amps: 50, locking: false, neutral: true,
      ground: false,
    },
    {
      config: '14-20', poles: 3, wires: 4, volts: '125/250', amps: 20, locking: false, neutral: true,
      ground: true,
    },
    {
      config: '14-30', poles: 3, wires: 4, volts: '125/250', amps: 30, locking: false, neutral: true,
      ground: true,
    },
    {
      config: '14-50', poles: 3, wires: 4, volts: '125/250', amps: 50, locking: false, neutral: true,
      ground: true,
    },
    {
      config: '14-60', poles: 3, wires: 4, volts: '125/250', amps: 60, locking: false, neutral: true,
      ground: true,
    },
    { config: 'TT-30', poles: 2, wires: 3, volts: '125', amps: 30, locking: false, neutral: true, ground: true },
    { config: 'L5-15', poles: 2, wires: 3, volts: '125', amps: 15, locking: true, neutral: true, ground: true },
    { config: 'L5-20', poles: 2, wires: 3, volts: '125', amps: 20, locking: true, neutral: true, ground: true },
    { config: 'L5-30', poles: 2, wires: 3, volts: '125', amps: 30, locking: true, neutral: true, ground: true },
    { config: 'L6-20', poles: 2, wires: 3, volts: '250', amps: 20, locking: true, neutral: false, ground: true },
    { config: 'L6-30', poles: 2, wires: 3, volts: '250', amps: 30, locking: true, neutral: false, ground: true },
    {
      config: 'L14-20', poles: 3, wires: 4, volts: '125/250', amps: 20, locking: true, neutral: true,
      ground: true,
    },
    {
      config: 'L14-30', poles: 3, wires: 4, volts: '125/250', amps: 30, locking: true, neutral: true,
      ground: true,
    },
  ],
};
