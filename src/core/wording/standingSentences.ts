import { printNumber as n } from '../units/number';
import { notRecorded, requiredWhenNew, stillToLookAt, threeWireFault } from './existingWords';
import type { Sentences } from './sentences';

/** What is said of where an appliance stands, what supplies its building, and what is there already. */
type StandingCode =
  | 'feeder.surge'
  | 'feeder.emergency'
  | 'feeder.mobile-home'
  | 'outlet.service'
  | 'disconnect.height'
  | 'disconnect.working-space'
  | 'building.which'
  | 'building.structure'
  | 'building.supply'
  | 'building.second-supply'
  | 'building.second-allowed'
  | 'building.further-feeder'
  | 'building.disconnect'
  | 'building.only-supply'
  | 'existing.not-recorded'
  | 'existing.frame'
  | 'existing.three-wire'
  | 'existing.three-wire-ask'
  | 'existing.three-wire-stays'
  | 'existing.bare-subpanel'
  | 'existing.feeder-stays'
  | 'existing.feeder-three-wires'
  | 'existing.new-water'
  | 'existing.pump-replaced'
  | 'existing.may-stay'
  | 'existing.stays';

/** Sentences of findings about buildings, mounting and existing work. */
export const standingSentences: Sentences<StandingCode> = {
  'feeder.surge': ({ data, severity }) =>
    severity === 'stop'
      ? 'A feeder to a dwelling in another building has a surge-protective device at its disconnect. None is planned.'
      : data.detached
        ? 'Which surge-protective device is planned at the disconnect of the dwelling? It has one, Type 1 or Type 2.'
        : 'Does the authority require a surge-protective device at a subpanel inside the dwelling, or is that of the service enough?',
  'feeder.emergency': ({ data }) =>
    data.seen
      ? 'A dwelling in another building has a marked emergency disconnect outdoors, readily accessible. None is planned.'
      : 'Where is the emergency disconnect of the dwelling? Outdoors, readily accessible, marked.',
  'feeder.mobile-home': ({ data }) =>
    `Is the service or feeder of the mobile home ${n(data.minA)} A or more, its disconnect outdoors, in sight and within 30 ft of the home, and are its four wires insulated? Articles 550.32 and 550.33 and the authority decide.`,
  'outlet.service': ({ data }) =>
    data.ft === null
      ? `Is a 125 V receptacle within ${n(data.maxFt)} ft of the equipment, on the same level? One is required for servicing.`
      : `The nearest 125 V receptacle is ${n(data.ft, 1)} ft from the equipment; ${n(data.maxFt)} ft is the most. Add one, not on the load side of its disconnect.`,
  'disconnect.height': ({ data }) =>
    `The handle of the disconnect is ${n(data.inches, 1)} in high; ${n(data.maxIn)} in (6 ft 7 in) is the most.`,
  'disconnect.working-space': () =>
    'The space before the disconnect is not clear: 30 in wide, 36 in deep, 6 ft 6 in high are required.',
  'building.which': ({ data }) =>
    data.location === 'garage'
      ? 'Is the garage attached or detached? Detached: it is another building, with its own disconnect and one supply.'
      : 'Which building is it? Another building has its own disconnect and one supply.',
  'building.structure': () =>
    'Does the authority call the post or the yard a structure? Yes: the rules of another building hold for it. No: they do not.',
  'building.supply': ({ data }) =>
    `What supplies the building already? Nothing: this ${data.feeder ? 'feeder' : 'circuit'} may be its supply. A circuit or a feeder: one supply is the rule.`,
  'building.second-supply': ({ data }) =>
    `The building has a ${data.supply === 'feeder' ? 'feeder' : 'branch circuit'} already, and one supply is the rule. ${data.feeder ? 'A second feeder' : 'A branch circuit from the house'} beside it needs a special condition or a different use that the authority accepts, recorded.`,
  'building.second-allowed': ({ data }) =>
    `A further supply is recorded: ${data.by === 'special' ? 'a special condition, 225.30(A)' : 'different voltage, phase or use, 225.30(D)'}. Does the authority accept it?`,
  'building.further-feeder': () =>
    'A further feeder is allowed by 225.30(B): its disconnect is grouped with those that are there, each marked.',
  'building.disconnect': ({ data, severity }) =>
    severity === 'stop'
      ? `The building requires a disconnect where the supply enters, rated ${n(data.minA)} A at least. None is planned.`
      : `Where is the disconnect of the building? Outside, or inside nearest to where the supply enters, rated ${n(data.minA)} A at least.`,
  'building.only-supply': ({ data }) =>
    `Only supply of the building: a disconnect of ${n(data.minA)} A at least. A single branch circuit with a ground requires no grounding electrode there.`,
  'existing.not-recorded': ({ data }) => notRecorded[data.missing],
  'existing.frame': () =>
    'What grounds the frame? A ground of its own: four wires. The neutral: three wires, which may stay under conditions.',
  'existing.three-wire': ({ data }) => threeWireFault[data.why],
  'existing.three-wire-ask': ({ data }) =>
    `Three wires may stay under conditions. Still to look at: ${stillToLookAt(data.missing)}.`,
  'existing.three-wire-stays': () =>
    'Three wires may stay: existing, not extended, neutral large enough, no ground in the box, frame bonded to the neutral. A new circuit has four wires.',
  'existing.bare-subpanel': ({ data }) =>
    `A bare neutral of SE cable comes from a subpanel: does the ${data.year} edition let it stay here? No: run four wires.`,
  'existing.feeder-stays': () =>
    'Three wires to another building may stay only as they were legal when installed: no ground of any kind run, no continuous metallic path bonded at both, no ground-fault protection of equipment upstream. Record it with its panel. A new feeder has four wires.',
  'existing.feeder-three-wires': ({ data }) =>
    data.detached
      ? 'This feeder is extended or was not legal: it is run with four wires. The bond stays until the ground is run.'
      : 'A subpanel in the same building has a ground of its own; this feeder has none. The bond stays until the ground is run: feeder off, locked, proved dead; run the ground, separate the bars, then take the screw out.',
  'existing.pump-replaced': ({ severity }) =>
    severity === 'ask'
      ? 'Is the motor of this pump replaced? Yes: GFCI protection is required from then on. No: it may stay where it was legal.'
      : 'The motor is replaced and has no GFCI protection: add it before it is fed.',
  'existing.new-water': ({ data }) =>
    `Is the water new? Yes: the existing receptacle is moved or removed, ${n(data.minFt)} ft or more. No: it may stay where it was legal.`,
  'existing.may-stay': ({ data }) =>
    `Was it legal when it was installed, and is it neither extended nor moved? Yes: it may stay. No: it is brought to the code as a new one: ${requiredWhenNew(data.rules)}.`,
  'existing.stays': ({ data }) =>
    `May stay: legal when installed and not extended. A new one would require: ${requiredWhenNew(data.rules)}.`,
};
