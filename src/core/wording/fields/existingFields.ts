import type { Pins } from '../../circuit/circuitSchema';
import type { Existing } from '../../circuit/existingSchema';
import { fieldsOf, type Field } from '../../fields/field';
import { UNITS } from '../../fields/units';

const of = fieldsOf<Existing>();

/** Everything that is found of an existing circuit, by the name that the survey gives it. */
export const existingFields: { readonly [K in keyof Required<Existing>]: Field<Existing> } = {
  legal: of.yesNo('legal', 'Legal when it was installed?', {
    help: 'By its permit, its age, or the authority.',
  }),
  extended: of.yesNo('extended', 'Does this job extend it?', {
    help: 'Longer, outlet moved, or receptacle replaced.',
  }),
  frame: of.choice(
    'frame',
    'The frame is grounded by',
    { ground: 'a ground of its own: four wires', neutral: 'the neutral: three wires' },
    { help: 'Four wires: a ground of its own. Three wires: the neutral.' },
  ),
  neutral: of.choice('neutral', 'The neutral is', { insulated: 'insulated', bare: 'bare' }),
  neutralSize: of.size('neutralSize', 'Size of the neutral', { help: 'Left empty: as the conductors.' }),
  serviceCable: of.yesNo('serviceCable', 'Is it service-entrance cable (SE)?'),
  groundInBox: of.yesNo('groundInBox', 'Is a ground in the outlet box?'),
  frameBonded: of.yesNo('frameBonded', 'Are receptacle and frame bonded to the neutral?'),
  replaced: of.yesNo('replaced', 'Is its pump motor replaced?'),
  newWater: of.yesNo('newWater', 'Is the pool, spa or tub new?'),
};

const ofPins = fieldsOf<Pins>();

/** Breaker and conductor that are there: an existing circuit is judged by them. */
export const foundFields: readonly Field<Pins>[] = [
  ofPins.number('ocpdA', 'Breaker that is there', { ...UNITS.amperes, min: 15, max: 400, whole: true }),
  ofPins.size('size', 'Conductor that is there'),
];
