import type { z } from 'zod';
import type { Edition } from '../code/edition';
import type { Place } from '../code/methods';
import type { Working } from '../working/worked';
import type { NumberRange } from '../units/number';

/** How the appliance meets the wiring. */
type Connection = 'hardwired' | 'receptacle';

/** The load that an appliance puts on its circuit, in the terms that the rules read. */
export interface LoadModel {
  readonly volts: number;
  /** Current expected for three hours or more, amperes. */
  readonly continuousA: number;
  readonly otherA: number;
  /** Whether a neutral is carried besides two ungrounded conductors. */
  readonly neutral: boolean;
  readonly powerFactor: number;
  readonly connection: Connection;
  /** The device that the plate names, or the largest that it allows. */
  readonly plateOcpdA: number | null;
  readonly mostOcpdA: number | null;
  /** Rating of the equipment, for its disconnecting means. */
  readonly equipmentA: number;
}

/** What the protection of an outlet depends on besides the load itself. */
export interface OutletSite {
  readonly place: Place;
  readonly ocpdA: number;
}

/** A receptacle by its configuration and rating. */
export interface ReceptacleChoice {
  readonly config: string;
  readonly ratingA: number;
}

interface DisconnectChoice {
  readonly required: boolean | 'ask';
  readonly kind: 'none' | 'plug' | 'lockable-breaker' | 'switch';
  readonly ratingA: number | null;
  readonly inSight: boolean;
}

/** Whether ground-fault protection is asked for, in which form, and why. */
export interface GroundFaultChoice {
  readonly required: boolean | 'ask';
  readonly form: 'none' | 'breaker';
  readonly why: 'receptacle' | 'hardwired-outdoor' | 'not-listed' | 'unknown';
}

interface ArcFaultChoice {
  readonly required: boolean | 'ask';
  readonly why: 'over-120v' | 'rooms';
}

/** What stands at the outlet: receptacle, disconnect, ground-fault and arc-fault protection. */
export interface OutletChoice {
  readonly receptacle: ReceptacleChoice | null;
  readonly disconnect: DisconnectChoice;
  readonly gfci: GroundFaultChoice;
  readonly afci: ArcFaultChoice;
}

/** One field of a nameplate, as the survey asks for it. */
export type Question<Key extends string = string> = {
  readonly key: Key;
  readonly label: string;
  readonly help?: string;
  /** Asked only when this says so of the plate as it stands. */
  readonly when?: (plate: Readonly<Record<string, unknown>>) => boolean;
} & (
  | { readonly kind: 'number'; readonly range: NumberRange; readonly optional?: boolean }
  | {
      readonly kind: 'choice';
      readonly choices: readonly { readonly value: string | number; readonly label: string }[];
    }
  | { readonly kind: 'yes-no' }
);

/** Kinds of change to a plate that may serve as a remedy. */
export type PlateChangeKind = 'setting' | 'guard-setting' | 'full-output' | 'hardwire';

/** Another plate for the same appliance. */
export interface PlateChange<Plate> {
  readonly kind: PlateChangeKind;
  readonly plate: Plate;
}

/** Everything that Pasture knows of one family of appliances. */
export interface Family<Plate> {
  readonly name: string;
  readonly schema: z.ZodType<Plate>;
  /** The plate that a new circuit of this family starts with. */
  readonly fresh: Plate;
  readonly questions: readonly Question[];
  /** What the circuit is called until somebody gives it a name. */
  title(plate: Plate): string;
  /** The load, with the steps and doubts that belong to it. */
  load(plate: Plate, code: Edition, work: Working): LoadModel;
  /** What stands at the outlet, recording into the workings of disconnect and protection. */
  outlet(
    plate: Plate,
    load: LoadModel,
    site: OutletSite,
    code: Edition,
    at: { readonly disconnect: Working; readonly protection: Working },
  ): OutletChoice;
  /** Other plates for the same appliance, worth trying as remedies; the smallest change first. */
  changes(plate: Plate): readonly PlateChange<Plate>[];
}
