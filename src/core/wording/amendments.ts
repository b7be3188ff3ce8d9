import type { AmendmentChange } from '../code/amendment';
import { METHODS } from '../code/methods';
import { printNumber as n } from '../units/number';
import { inLocation, loadKindName, ruleWords } from './places';
import { inEnvironment } from './words';

/** Kinds of change a local amendment may make, by what they are called, with a sample of each. */
export const AMENDMENT_KINDS: readonly {
  readonly kind: AmendmentChange['kind'];
  readonly name: string;
  readonly sample: AmendmentChange;
}[] = [
  {
    kind: 'strike-gfci',
    name: 'Strike a ground-fault rule',
    sample: { kind: 'strike-gfci', rule: 'outdoor-outlet' },
  },
  {
    kind: 'require-gfci',
    name: 'Ask for GFCI protection in a place',
    sample: { kind: 'require-gfci', room: 'accessory' },
  },
  {
    kind: 'exempt-gfci',
    name: 'Exempt a load from GFCI protection',
    sample: { kind: 'exempt-gfci', load: 'rv' },
  },
  {
    kind: 'hvac-exempt-until',
    name: 'Move the date of the exception for heating and cooling',
    sample: { kind: 'hvac-exempt-until', date: '2027-01-01' },
  },
  { kind: 'no-arc-fault', name: 'Strike AFCI protection', sample: { kind: 'no-arc-fault' } },
  {
    kind: 'outdoor-outlet-amps',
    name: 'Largest outdoor outlet that is protected, amperes',
    sample: { kind: 'outdoor-outlet-amps', value: 60 },
  },
  { kind: 'sink-distance', name: 'Distance from a sink, feet', sample: { kind: 'sink-distance', value: 6 } },
  {
    kind: 'smallest-copper',
    name: 'Smallest branch-circuit conductor',
    sample: { kind: 'smallest-copper', size: '12' },
  },
  {
    kind: 'forbid-method',
    name: 'Forbid a wiring method',
    sample: { kind: 'forbid-method', method: 'nm-b', place: 'garage' },
  },
  {
    kind: 'ev-disconnect-over',
    name: 'Chargers that need a disconnect, above amperes',
    sample: { kind: 'ev-disconnect-over', value: 0 },
  },
  {
    kind: 'in-sight-distance',
    name: 'In sight means within, feet',
    sample: { kind: 'in-sight-distance', value: 50 },
  },
  {
    kind: 'pool-disconnect-distance',
    name: 'Disconnect from pool or tub, feet',
    sample: { kind: 'pool-disconnect-distance', value: 5 },
  },
  {
    kind: 'continuous-factor',
    name: 'Times the continuous load',
    sample: { kind: 'continuous-factor', value: 1.25 },
  },
  {
    kind: 'bend-limit',
    name: 'Bends between pull points, degrees',
    sample: { kind: 'bend-limit', value: 270 },
  },
  {
    kind: 'requirement',
    name: 'Another requirement, in words',
    sample: { kind: 'requirement', text: 'Engraved plates on every disconnect.' },
  },
];

const list = (words: Readonly<Record<string, string>>, key: string): string => words[key] ?? key;

/** What a change says, in a few words. */
export function changeWords(change: AmendmentChange): string {
  switch (change.kind) {
    case 'strike-gfci':
      return `Ground-fault rule struck: ${ruleWords[change.rule]}`;
    case 'require-gfci':
      return `GFCI protection required ${inLocation(change.room)}`;
    case 'exempt-gfci':
      return `No GFCI protection required of ${list(loadKindName, change.load)}`;
    case 'hvac-exempt-until':
      return `Heating and cooling exempt outdoors until ${change.date}`;
    case 'no-arc-fault':
      return 'AFCI protection struck';
    case 'outdoor-outlet-amps':
      return `Outdoor outlets protected up to ${n(change.value, 1)} A`;
    case 'sink-distance':
      return `Receptacles protected within ${n(change.value)} ft of a sink`;
    case 'smallest-copper':
      return `No copper under ${change.size} AWG`;
    case 'forbid-method':
      return `${METHODS[change.method].name} forbidden ${change.place === 'anywhere' ? 'anywhere' : inEnvironment(change.place)}`;
    case 'ev-disconnect-over':
      return `Chargers above ${n(change.value, 1)} A have a disconnect`;
    case 'in-sight-distance':
      return `In sight within ${n(change.value)} ft`;
    case 'pool-disconnect-distance':
      return `Disconnects ${n(change.value)} ft or more from pool and tub`;
    case 'continuous-factor':
      return `Continuous load times ${n(change.value)}`;
    case 'bend-limit':
      return `${n(change.value)}° of bend between pull points`;
    case 'requirement':
      return change.text;
  }
}
