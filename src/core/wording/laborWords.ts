import type { LaborFactor, LaborMeasure, LaborTask } from '../labor/laborTasks';
import { ENOUGH_PAST, type Pace } from '../labor/pace';
import { printNumber as n } from '../units/number';
import { counted } from './words';

const TASK: Readonly<Record<LaborTask, string>> = {
  cable: 'Run cable',
  raceway: 'Run raceway',
  flexible: 'Run flexible raceway',
  fitting: 'Set seals and expansion fittings',
  bend: 'Set elbows',
  body: 'Set conduit bodies',
  box: 'Set boxes',
  'pull-box': 'Set pull boxes',
  plate: 'Set nail plates',
  pull: 'Pull wire, each conductor',
  'pull-heavy': 'Pull heavy wire, each conductor',
  dig: 'Dig and backfill',
  bore: 'Bore',
  receptacle: 'Set the receptacle',
  disconnect: 'Set the disconnect',
  'spa-panel': 'Set the spa panel',
  'dead-front': 'Set the dead-front GFCI',
  charger: 'Hang and land the charger',
  equipment: 'Land the appliance',
  subpanel: 'Set and land the subpanel',
  'panel-end': 'Panel end, dead',
  tandem: 'Tandem breaker, move two circuits',
  blank: 'Close open spaces',
  'bond-wire': 'Lay bonding wire',
  'bond-joint': 'Make bonding connections',
  'load-manager': 'Load management, set and test',
  prove: 'Test, label, show',
};

const FACTOR: Readonly<Record<LaborFactor, string>> = {
  attic: 'attic',
  finished: 'finished walls',
  'hard-ground': 'hard ground',
  'old-panel': 'old panel',
  rain: 'rain',
  two: 'two people, hours of both',
};

const MEASURE: Readonly<Record<LaborMeasure, string>> = { ft: 'ft', yd3: 'yd³', each: '' };

/** What is done, as it stands in the working: "Run cable". */
export const taskName = (task: LaborTask): string => TASK[task];

/** What slows work: "attic". */
export const factorName = (factor: LaborFactor): string => FACTOR[factor];

/** So much of a kind of work: "62 ft", "1.4 yd³", "2". */
export const laborCount = (count: number, per: LaborMeasure): string =>
  `${n(count, 1)} ${MEASURE[per]}`.trim();

/** Hours to the tenth: "7.7 h". */
export const inHours = (hours: number): string => `${n(hours, 1)} h`;

/** Where the pace comes from: past jobs, or for want of them the units themselves. */
export function paceWords({ known, ratios, low, high }: Pace): string {
  if (known) return `${counted(ratios.length - 2, 'past job')} of ${ratios.length} in the band`;
  const few = ratios.length === 0 ? 'No past job' : `${counted(ratios.length, 'past job')} only`;
  return `${few} of this kind: ${ENOUGH_PAST} make a band. Until then the units' own range, ${n(low, 2)} to ${n(high, 2)}.`;
}
