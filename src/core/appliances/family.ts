import { z } from 'zod';
import type { Edition } from '../code/edition';
import type { Location } from '../code/locations';
import type { Field } from '../fields/field';
import type { WireSize } from '../units/wireSize';
import type { MinReason } from '../code/minReason';
import type { DisconnectArticle } from '../working/step';
import type { OwnArticle } from '../code/ownArticles';
import type { Working } from '../working/worked';
import type { TypedWords } from './typedWords';

/** How the appliance meets the wiring. */
type Connection = 'hardwired' | 'receptacle';

/** How the overcurrent device follows from the load. */
export type DeviceRule =
  /** The next standard rating above the design current, no less than `leastA` (240.6(A)). */
  | { readonly kind: 'standard'; readonly minA: number }
  /** A rating that circuits are commonly built in (210.3), no less than `leastA` where that is said. */
  | { readonly kind: 'usual'; readonly minA: number }
  /** The rating is given: an outlet of that size. */
  | { readonly kind: 'given'; readonly ratingA: number }
  /** A motor's short-circuit device: a percentage of its table current, next standard up (430.52). */
  | { readonly kind: 'motor'; readonly flcA: number; readonly percent: number }
  /** The largest standard rating that the plate allows (440.4(B)). */
  | { readonly kind: 'largest'; readonly maxA: number };

/** The smallest conductor that an article, a practice or a manufacturer lets be used, and why. */
export interface MinConductor {
  readonly size: WireSize;
  readonly why: MinReason;
}

/** The load that an appliance puts on its circuit, in the terms that the rules read. */
export interface LoadModel {
  readonly volts: number;
  readonly phase: 1 | 3;
  /** Current expected for three hours or more, or that of a motor: counted at 125 %, amperes. */
  readonly continuousA: number;
  readonly otherA: number;
  /** Current while it runs, for the voltage drop, amperes. */
  readonly runA: number;
  /** Current while a motor starts, amperes; null where nothing starts hard. */
  readonly startA: number | null;
  /** The most that the voltage may dip while it starts, percent. */
  readonly dipPct: number;
  /** Whether a neutral is carried besides two ungrounded conductors. */
  readonly neutral: boolean;
  readonly powerFactor: number;
  readonly connection: Connection;
  /** Receptacles on the circuit; more than one asks the device to fit the conductor exactly (240.4(B)(1)). */
  readonly outlets: number;
  readonly device: DeviceRule;
  /** The device that the plate names, or the largest that it allows. */
  readonly plateOcpdA: number | null;
  readonly maxOcpdA: number | null;
  /** The article whose own protection rule lets the device exceed the ampacity (240.4(G)); null elsewhere. */
  readonly own: OwnArticle | null;
  /** Rating of the equipment, for its disconnecting means. */
  readonly equipmentA: number;
  /** Whether a breaker on the label that is less than 125 % of the current is followed once the manufacturer was asked. */
  readonly labelFollowed: boolean;
  /** Whether it is a feeder: Article 215 stands in the place of 210. */
  readonly feeder: boolean;
  /** Largest receptacle that its plug goes into: a motor's breaker is no larger; null where it has no plug. */
  readonly plugA: number | null;
  /** Whether a shop practice wires the conductor to the breaker, whatever the article allows. */
  readonly matchBreaker: boolean;
  /** Whether no table has this load, so that nothing can be sized for it. */
  readonly beyondTables: boolean;
  readonly min: MinConductor | null;
  /** Smallest insulated copper ground that a pool or spa article asks for; null elsewhere. */
  readonly minGround: WireSize | null;
}

/** What the protection rules call the load. */
export type LoadKind =
  | 'ev'
  | 'spa'
  | 'pool-pump'
  | 'pool-heater'
  | 'range'
  | 'dryer'
  | 'water-heater'
  | 'hvac'
  | 'room-ac'
  | 'welder'
  | 'well-pump'
  | 'motor'
  | 'rv'
  | 'receptacle'
  | 'feeder'
  | 'heat'
  | 'dishwasher'
  | 'sump-pump'
  | 'microwave'
  | 'water-cooler'
  | 'pressure-washer'
  | 'tire-inflator'
  | 'vending'
  | 'vacuum'
  | 'other';

/** The article that speaks of the disconnecting means, and the rating it asks for. */
export interface DisconnectNeed {
  readonly by: DisconnectArticle;
  /** Another article that asks for one: the same switch does both. */
  readonly also?: DisconnectArticle;
  readonly minA: number;
  readonly hp?: number;
  /** The motor is out of sight by its nature: a lockable one at its controller is enough (430.102(B) Ex.). */
  readonly atController?: boolean;
}

/** Receptacles that a plug of this appliance goes into. */
export type ReceptacleUse = '120' | '240' | '120/240' | 'vehicle-14' | 'rv' | 'outlet';

/** What stands at the outlet of an appliance, before the rules of place are applied. */
export interface OutletNeeds {
  readonly kind: LoadKind;
  /** The room that it commonly stands in, when nobody said otherwise and the run ends indoors. */
  readonly location: Location;
  /** Always in this room whatever the run says: a condenser stands outdoors. */
  readonly fixedLocation?: Location;
  readonly use: ReceptacleUse;
  /** Whether parts of the load, or a plug that may come later, use the neutral. */
  readonly usesNeutral: boolean;
  /** Used unattended with its plug in, so the cover must keep rain out then (406.9(B)). */
  readonly unattended: boolean;
  /** Whether the manufacturer lists it with Class A protection of all its parts. */
  readonly integralGfci: boolean;
  readonly disconnect: DisconnectNeed;
  /** Heating or cooling with power conversion: variable speed. */
  readonly powerConversion?: boolean;
  /** Behind something that must be moved to reach it. */
  readonly hidden: boolean;
}

/** Kinds of change to a plate that may serve as a remedy. */
export type PlateChangeKind =
  | 'setting'
  | 'guard-setting'
  | 'shared-limit'
  | 'full-output'
  | 'hardwire'
  | 'feeds'
  | 'own-circuit'
  | 'one-pole'
  | 'larger-outlet'
  | 'three-wire-plug'
  | 'four-wire-plug'
  | 'plate-to-code';

/** Another plate for the same appliance. */
export interface PlateChange<Plate> {
  readonly kind: PlateChangeKind;
  readonly plate: Plate;
}

/** Shop practices that change how an appliance is read. */
export interface LoadPractices {
  readonly matchBreaker: boolean;
  readonly welderGeneralUse: boolean;
  readonly spaContinuous: boolean;
  readonly tanklessContinuous: boolean;
  readonly pumpFullSize: boolean;
}

/** What a load is worked out under, and where its steps go. */
export interface LoadDesk {
  readonly code: Edition;
  readonly practices: LoadPractices;
  /** What chargers under one limit take from it besides, amperes. */
  readonly groupA?: number | undefined;
  /** Circuits whose breakers stand at its end. */
  readonly fedCircuits?: number | undefined;
  readonly work: Working;
}

/** Everything that Pasture knows of one family of appliances. */
interface FamilyParts<Id extends string, Plate> {
  /** What it is called in files. */
  readonly id: Id;
  readonly name: string;
  readonly schema: z.ZodObject & z.ZodType<Plate>;
  /** The plate that a new circuit of this family starts with. */
  readonly fresh: Plate;
  /** What the survey asks, in the order in which such plates bear it. */
  readonly questions: readonly Field<Plate>[];
  /** What the circuit is called until somebody gives it a name. */
  title(plate: Plate): string;
  /** The load, with the steps and doubts that belong to it. */
  load(plate: Plate, desk: LoadDesk): LoadModel;
  /** What stands at its outlet, for the rules of protection and disconnects. */
  outlet(plate: Plate, load: LoadModel): OutletNeeds;
  /** Other plates for the same appliance, worth trying as remedies; the smallest change first. */
  changes(plate: Plate): readonly PlateChange<Plate>[];
  /** What it adds to a service where that is not its plate's kilowatts or its running load, volt-amperes. */
  demandVA?(plate: Plate, load: LoadModel): number;
  /** How it is typed. */
  readonly typed: TypedWords;
}

/** A family as the registry holds it. */
export interface Family<Id extends string, Plate> extends FamilyParts<Id, Plate> {
  /** An appliance of this family, as it is saved: the family names the shape of its nameplate. */
  readonly appliance: z.ZodObject<{ family: z.ZodLiteral<Id>; nameplate: z.ZodType<Plate> }, z.core.$strict>;
}

/** A family of appliances, made of what is known of it. */
export const defineFamily = <Id extends string, Plate>(parts: FamilyParts<Id, Plate>): Family<Id, Plate> => ({
  ...parts,
  appliance: z.strictObject({ family: z.literal(parts.id), nameplate: parts.schema }),
});
