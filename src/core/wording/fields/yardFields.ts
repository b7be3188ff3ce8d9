import type { YardThing } from '../../code/waterFacts';
import { fieldsOf, type Field } from '../../fields/field';
import { UNITS } from '../../fields/units';
import { zoneObject } from '../../water/yardParts';
import type { Thing, YardArea, YardLine } from '../../water/yardSchema';
import { methodName } from '../words';

const ofThing = fieldsOf<Thing>();

/** What may be said of a thing besides where it stands and how large it is. */
const SAID = {
  existing: 'Already there',
  gfci: 'GFCI protection',
  metal: 'Metal',
  rigid: 'Rigidly attached to the structure',
  bonded: 'Found bonded',
  barrier: 'Permanent barrier keeps hands from it',
  doubleInsulated: 'Double insulated',
  pigtail: '8 AWG solid brought to it',
  isolated: 'Touches no other metal',
  fixed: 'Fixed in place',
  onTimer: 'Switched by the timer of the pump',
  lowVoltage: 'Listed low voltage, no ground',
  enclosed: 'Totally enclosed',
  seesPool: 'Whole pool seen from its switch',
  nicheWire: '8 AWG in the niche conduit',
} as const satisfies Partial<Record<keyof Thing, string>>;

type Said = keyof typeof SAID;

const DEVICE: readonly Said[] = ['existing', 'metal'];
const FITTING: readonly Said[] = ['metal', 'isolated', 'bonded'];
const FIXED: readonly Said[] = ['metal', 'barrier', 'bonded'];

const ASKED: Readonly<Partial<Record<YardThing, readonly Said[]>>> = {
  receptacle: ['gfci', 'existing', 'onTimer'],
  'pump-receptacle': ['gfci', 'existing'],
  luminaire: ['gfci', 'lowVoltage', 'rigid', 'enclosed', 'existing'],
  fan: ['gfci', 'rigid', 'enclosed', 'existing'],
  pump: ['doubleInsulated', 'pigtail', 'bonded'],
  heater: ['bonded'],
  'cover-motor': ['gfci', 'lowVoltage', 'barrier', 'seesPool', 'enclosed', 'bonded'],
  light: ['gfci', 'lowVoltage', 'nicheWire', 'existing', 'metal', 'bonded'],
  equipment: ['lowVoltage', 'barrier', 'metal', 'existing'],
  ladder: FITTING,
  drain: FITTING,
  rail: FIXED,
  board: FIXED,
  door: FIXED,
  window: FIXED,
  gate: FIXED,
  'ac-unit': FIXED,
  pole: FIXED,
  raceway: FIXED,
  furniture: ['fixed', 'metal'],
  'water-plate': [],
};

/** What may stand on a post in the yard. */
const ON_POST: ReadonlySet<YardThing> = new Set([
  'receptacle',
  'pump-receptacle',
  'disconnect',
  'panel',
  'timer',
  'switch',
  'luminaire',
]);

const hasSize = ({ kind }: Thing): boolean => kind === 'ladder' || kind === 'drain';

/** What was measured of a thing. */
const MEASURED: readonly Field<Thing>[] = [
  ofThing.height('heightFt', 'Height above grade'),
  ofThing.number('lensIn', 'Top of the lens below the water', UNITS.inches, {
    when: ({ kind }) => kind === 'light',
  }),
  ofThing.number('wetIn2', 'Always wetted', UNITS.squareInches, {
    when: ({ kind }) => kind === 'water-plate',
  }),
  ofThing.number('postIn', 'On a post, set deep', UNITS.inches, { when: ({ kind }) => ON_POST.has(kind) }),
  ofThing.number('acrossIn', 'Across', UNITS.inches, { when: hasSize }),
  ofThing.number('deepIn', 'Deep in the wall', UNITS.inches, { when: hasSize }),
];

/** What is asked of a thing of its kind, in the order in which it matters. */
export const thingFields = (thing: Thing): readonly Field<Thing>[] => [
  ...MEASURED,
  ...(ASKED[thing.kind] ?? (zoneObject(thing) === undefined ? FIXED : DEVICE)).map((key) =>
    ofThing.yesNo(key, SAID[key]),
  ),
];

type Of<K extends YardLine['kind']> = Extract<YardLine, { kind: K }>;
const ofWall = fieldsOf<Of<'wall'>>();
const ofFence = fieldsOf<Of<'fence'>>();
const ofOverhead = fieldsOf<Of<'overhead'>>();
const ofPipe = fieldsOf<Of<'pipe'>>();
const ofWiring = fieldsOf<Of<'wiring'>>();

/** What is known of a line besides its points. */
export const lineFields: { readonly [K in YardLine['kind']]: readonly Field<Of<K>>[] } = {
  wall: [ofWall.length('heightFt', 'Height')],
  fence: [
    ofFence.length('heightFt', 'Height'),
    ofFence.yesNo('metal', 'Metal'),
    ofFence.check('solid', 'Solid: neither cord nor hand passes through'),
  ],
  overhead: [
    ofOverhead.choice('conductors', 'Conductors', {
      triplex: 'Service drop, triplex, to 750 V',
      'open-15kv': 'Other, to 15 kV',
      'open-50kv': 'Other, 15 to 50 kV',
      communication: 'Telephone, cable, data',
      broadband: 'Broadband that the network powers',
    }),
    ofOverhead.length('fromFt', 'Height at its first end'),
    ofOverhead.length('toFt', 'Height at its last end'),
    ofOverhead.length('sagFt', 'Sag, hot or with ice'),
  ],
  pipe: [ofPipe.yesNo('metal', 'Metal'), ofPipe.height('heightFt', 'Height above grade')],
  wiring: [
    ofWiring.named('method', 'Method', { nameOf: methodName }),
    ofWiring.check('feedsWater', 'Feeds the equipment of the water'),
  ],
};

const ofArea = fieldsOf<YardArea>();

/** What is known of a deck or slab besides its points. */
export const areaFields: readonly Field<YardArea>[] = [
  ofArea.number('topIn', 'Top above grade', UNITS.inches),
  ofArea.yesNo('steel', 'Bare steel in it', { when: ({ kind }) => kind === 'slab' }),
];
