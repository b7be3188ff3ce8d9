import { z } from 'zod';
import { cooktopOven, range } from './cooking';
import { dryer } from './dryer';
import { ev } from './ev';
import type { Changed, Field } from '../fields/field';
import { omitUndefined } from '../units/omitUndefined';
import { refuse, type Refused } from '../units/refused';
import type { Family, LoadDesk, LoadModel, OutletNeeds, PlateChangeKind } from './family';
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
import type { TypedWords } from './typedWords';
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
type PlateOf<F extends FamilyId> = (typeof FAMILIES)[F] extends Family<F, infer Plate> ? Plate : never;
type Plates = { [F in FamilyId]: PlateOf<F> };
const families: { readonly [F in FamilyId]: Family<F, Plates[F]> } = FAMILIES;

/** An appliance with its nameplate, the two tied together. */
export type ApplianceOf<F extends FamilyId> = { family: F; nameplate: Plates[F] };
/** An appliance of any family. */
export type Appliance = { [F in FamilyId]: ApplianceOf<F> }[FamilyId];

const [first, ...others] = Object.values(FAMILIES).map(({ appliance }) => appliance);
if (first === undefined) throw new Error('No family of appliances is registered.');

/** The appliance of a saved circuit: the family names the shape of its nameplate. */
export const applianceSchema: z.ZodType<Appliance> = z.discriminatedUnion('family', [first, ...others]);

/** Families with their names and how they are typed, in the order in which they are offered. */
export const familyList: readonly {
  readonly id: FamilyId;
  readonly name: string;
  readonly typed: TypedWords;
}[] = Object.values(FAMILIES).map(({ id, name, typed }) => ({ id, name, typed }));

/** How appliances of a family are typed. */
export const typedWords = (family: FamilyId): TypedWords => families[family].typed;

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

/** What an appliance adds to a service by its family's own rule; undefined where its plate or running load says it. */
export const applianceDemandVA = <F extends FamilyId>(
  { family, nameplate }: ApplianceOf<F>,
  load: LoadModel,
): number | undefined => families[family].demandVA?.(nameplate, load);

/** A nameplate of any family. */
type AnyPlate = Readonly<Record<string, unknown>>;
/** What the survey asks of a nameplate. */
export type PlateQuestion = Field<AnyPlate>;

/** Every field that the survey may ask of a family. */
export const familyQuestions = (family: FamilyId): readonly PlateQuestion[] => families[family].questions;

/** The fields that the survey asks of this appliance, as its plate now stands. */
export const applianceQuestions = ({ family, nameplate }: Appliance): readonly PlateQuestion[] =>
  familyQuestions(family).filter((question) => question.when?.(nameplate) ?? true);

/** What a nameplate of a family is checked by. */
export const plateSchema = (family: FamilyId): z.ZodObject => families[family].schema;

/** An appliance with other fields on its plate, or why there is no such plate. */
export function withPlate({ family, nameplate }: Appliance, fields: Changed<AnyPlate>): Appliance | Refused {
  const plate = omitUndefined({ ...nameplate, ...fields });
  const read = applianceSchema.safeParse({ family, nameplate: plate });
  if (read.success) return read.data;
  const why = read.error.issues.at(-1)?.message ?? 'another value';
  return refuse('', `a value that fits the rest: ${why}`);
}

const platesOf = <F extends FamilyId>({ family, nameplate }: ApplianceOf<F>, kind: PlateChangeKind) =>
  families[family].changes(nameplate).filter((change) => change.kind === kind);

/** The same appliance with another plate, of one kind of change; none where the family offers none. */
export const applianceChanges = (appliance: Appliance, kind: PlateChangeKind): readonly Appliance[] =>
  platesOf(appliance, kind).map(({ plate }) =>
    applianceSchema.parse({ family: appliance.family, nameplate: plate }),
  );
