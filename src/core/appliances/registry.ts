import { z } from 'zod';
import { cooktopOven, range } from './cooking';
import { dryer } from './dryer';
import { ev } from './ev';
import type { Family, LoadDesk, LoadModel, OutletNeeds, PlateChangeKind, Question } from './family';
import { feeder } from './feeder';
import { hotTub } from './hotTub';
import { kiln } from './kiln';
import { genericLoad } from './load';
import { miniSplit } from './miniSplit';
import { mix } from './mix';
import { motor } from './motor';
import { outletCircuit } from './outletCircuit';
import { poolHeater } from './poolHeater';
import { poolPump } from './poolPump';
import { roomAc } from './roomAc';
import { trailer } from './trailer';
import { waterHeater } from './waterHeater';
import { welder } from './welder';
import { wellPump } from './wellPump';

/** Every family of appliances. A new one is a file of its own and a line here. */
const FAMILIES = {
  ev,
  'hot-tub': hotTub,
  'pool-pump': poolPump,
  'pool-heater': poolHeater,
  range,
  'cooktop-oven': cooktopOven,
  dryer,
  'water-heater': waterHeater,
  'mini-split': miniSplit,
  'room-ac': roomAc,
  welder,
  motor,
  'well-pump': wellPump,
  rv: trailer,
  kiln,
  receptacle: outletCircuit,
  feeder,
  mix,
  load: genericLoad,
};

/** Id of a family of appliances. */
export type FamilyId = keyof typeof FAMILIES;
type PlateOf<F extends FamilyId> = (typeof FAMILIES)[F] extends Family<infer Plate> ? Plate : never;
type Plates = { [F in FamilyId]: PlateOf<F> };
const families: { readonly [F in FamilyId]: Family<Plates[F]> } = FAMILIES;

/** An appliance with its nameplate, the two tied together. */
export type ApplianceOf<F extends FamilyId> = { family: F; nameplate: Plates[F] };
/** An appliance of any family. */
export type Appliance = { [F in FamilyId]: ApplianceOf<F> }[FamilyId];

const of = <F extends FamilyId>(family: F) =>
  z.strictObject({ family: z.literal(family), nameplate: families[family].schema });

/** The appliance of a saved circuit: the family names the shape of its nameplate. */
export const applianceSchema: z.ZodType<Appliance> = z.discriminatedUnion('family', [
  of('ev'),
  of('hot-tub'),
  of('pool-pump'),
  of('pool-heater'),
  of('range'),
  of('cooktop-oven'),
  of('dryer'),
  of('water-heater'),
  of('mini-split'),
  of('room-ac'),
  of('welder'),
  of('motor'),
  of('well-pump'),
  of('rv'),
  of('kiln'),
  of('receptacle'),
  of('feeder'),
  of('mix'),
  of('load'),
]);

const IDS: readonly FamilyId[] = [
  'ev',
  'hot-tub',
  'pool-pump',
  'pool-heater',
  'range',
  'cooktop-oven',
  'dryer',
  'water-heater',
  'mini-split',
  'room-ac',
  'welder',
  'motor',
  'well-pump',
  'rv',
  'kiln',
  'receptacle',
  'feeder',
  'mix',
  'load',
];

/** Family ids with their names, in the order in which they are offered. */
export const familyNames: readonly { readonly id: FamilyId; readonly name: string }[] = IDS.map((id) => ({
  id,
  name: families[id].name,
}));

/** A new appliance of a family, with the plate that such an appliance commonly has. */
export const freshAppliance = (family: FamilyId): Appliance =>
  applianceSchema.parse({ family, nameplate: families[family].fresh });

/** The load of an appliance, worked. */
export const applianceLoad = <F extends FamilyId>(
  { family, nameplate }: ApplianceOf<F>,
  desk: LoadDesk,
): LoadModel => families[family].load(nameplate, desk);

/** What stands at the outlet of an appliance, for the rules of protection and disconnects. */
export const applianceOutlet = <F extends FamilyId>(
  { family, nameplate }: ApplianceOf<F>,
  load: LoadModel,
): OutletNeeds => families[family].outlet(nameplate, load);

/** What a circuit for this appliance is called until it is given a name. */
export const applianceTitle = <F extends FamilyId>({ family, nameplate }: ApplianceOf<F>): string =>
  families[family].title(nameplate);

/** The fields that the survey asks of this appliance, as its plate now stands. */
export const applianceQuestions = (appliance: Appliance): readonly Question[] =>
  families[appliance.family].questions.filter((question) => question.when?.(appliance.nameplate) ?? true);

const platesOf = <F extends FamilyId>({ family, nameplate }: ApplianceOf<F>, kind: PlateChangeKind) =>
  families[family].changes(nameplate).filter((change) => change.kind === kind);

/** The same appliance with another plate, of one kind of change; none where the family offers none. */
export const applianceChanges = (appliance: Appliance, kind: PlateChangeKind): readonly Appliance[] =>
  platesOf(appliance, kind).map(({ plate }) =>
    applianceSchema.parse({ family: appliance.family, nameplate: plate }),
  );
