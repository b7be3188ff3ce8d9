import { z } from 'zod';
import type { Edition } from '../code/edition';
import type { Working } from '../working/worked';
import { ev } from './ev';
import type { Family, LoadModel, OutletChoice, OutletSite, PlateChangeKind, Question } from './family';
import { genericLoad } from './load';

/** Every family of appliances. A new one is a file of its own and a line here. */
const FAMILIES = { ev, load: genericLoad };

/** Id of a family of appliances. */
export type FamilyId = keyof typeof FAMILIES;
type PlateOf<F extends FamilyId> = (typeof FAMILIES)[F] extends Family<infer Plate> ? Plate : never;
type Plates = { [F in FamilyId]: PlateOf<F> };
const families: { readonly [F in FamilyId]: Family<Plates[F]> } = FAMILIES;

/** An appliance with its nameplate, the two tied together. */
export type ApplianceOf<F extends FamilyId> = { family: F; nameplate: Plates[F] };
/** An appliance of any family. */
export type Appliance = { [F in FamilyId]: ApplianceOf<F> }[FamilyId];

/** The appliance of a saved circuit: the family names the shape of its nameplate. */
export const applianceSchema: z.ZodType<Appliance> = z.discriminatedUnion('family', [
  z.strictObject({ family: z.literal('ev'), nameplate: ev.schema }),
  z.strictObject({ family: z.literal('load'), nameplate: genericLoad.schema }),
]);

/** Family ids with their names, in the order in which they are offered. */
export const familyNames: readonly { readonly id: FamilyId; readonly name: string }[] = [
  { id: 'ev', name: ev.name },
  { id: 'load', name: genericLoad.name },
];

/** A new appliance of a family, with the plate that such an appliance commonly has. */
export const freshAppliance = (family: FamilyId): Appliance =>
  applianceSchema.parse({ family, nameplate: families[family].fresh });

/** The load of an appliance, worked. */
export const applianceLoad = <F extends FamilyId>(
  { family, nameplate }: ApplianceOf<F>,
  code: Edition,
  work: Working,
): LoadModel => families[family].load(nameplate, code, work);

/** What stands at the outlet of an appliance, worked. */
export const applianceOutlet = <F extends FamilyId>(
  { family, nameplate }: ApplianceOf<F>,
  load: LoadModel,
  site: OutletSite,
  code: Edition,
  at: { readonly disconnect: Working; readonly protection: Working },
): OutletChoice => families[family].outlet(nameplate, load, site, code, at);

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
