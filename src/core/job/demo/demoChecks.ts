import { PAIRS } from '../../network/network';
import { freshCheck, type Checks, type VoltageReading } from '../../checks/checksDocument';

type Volts = readonly [L1L2: number, L1N: number, L2N: number, L1G: number, L2G: number, NG: number];

const read = (at: string, on: boolean, volts: Volts): VoltageReading[] =>
  PAIRS.map((pair, index) => ({ at, pair, on, volts: volts[index] ?? 0 }));

/** With the load on the neutral is off by what a joint of 0.62 ohm takes. */
const TUB: VoltageReading[] = [
  ...read('A', false, [241.9, 120.9, 121, 120.9, 121, 0]),
  ...read('C', false, [241.9, 120.9, 121, 120.9, 121, 0.1]),
  ...read('D', false, [241.8, 120.8, 121, 120.9, 121.1, 0.1]),
  ...read('D', true, [239.1, 114.6, 124.5, 119.3, 119.7, 4.8]),
];

/** A charger that is proved but for its load, and a tub with a neutral joint that heats. */
export const DEMO_CHECKS: Checks = [
  {
    ...freshCheck('carport-charger'),
    off: true,
    dead: { before: 242.1, dead: 0, after: 242 },
    insulationMohm: 410,
    groundOhms: 0.06,
    readings: [
      { at: 'A', pair: 'L1L2', on: false, volts: 242 },
      { at: 'A', pair: 'L1G', on: false, volts: 120.9 },
      { at: 'A', pair: 'L2G', on: false, volts: 121.1 },
    ],
    left: 'open',
  },
  {
    ...freshCheck('deck-tub'),
    off: true,
    dead: { before: 241.8, dead: 0, after: 241.9 },
    insulationMohm: 310,
    groundOhms: 0.07,
    readings: TUB,
    loadA: 38,
    tripMa: 5.2,
    button: true,
  },
];
