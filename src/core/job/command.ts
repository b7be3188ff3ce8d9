import type { CircuitCheck } from '../checks/checksDocument';
import type { Circuit } from '../circuit/circuitSchema';
import type { Panel } from '../panel/panelSchema';
import type { House } from '../service/houseSchema';
import type { Days, GateId } from '../timing/daysDocument';
import type { Quote } from '../quote/quoteDocument';
import type { SourceEntry } from '../sources/sourcesDocument';
import type { Materials } from '../takeoff/materialsDocument';
import type { Yard, YardList, YardLists } from '../water/yardSchema';
import type { FieldChange } from './fieldChange';
import type { Job } from './jobSchema';

/** What a job may be told besides its circuits. */
export type JobFields = Omit<Job, 'id' | 'circuits'>;
/** What a circuit may be told: everything but which one it is. */
export type CircuitFields = Omit<Circuit, 'id'>;
/** What a panel may be told. */
export type PanelFields = Omit<Panel, 'id'>;

/** What a yard may be told besides what stands in it. */
export type YardFields = Omit<Yard, YardList>;

/** What a part of a job that is one thing may be told. A further part is one line here and one in its check. */
interface Parts {
  readonly house: House;
  readonly materials: Materials;
  readonly quote: Quote;
  readonly days: Days;
  readonly yard: YardFields;
}

/** The fields of any of these parts; which of them a part has is checked by its schema. */
type PartFields = Partial<House & Materials & Quote & Days & YardFields>;

/** A change of one of these parts. */
export type PartChange = { readonly kind: 'change'; readonly part: keyof Parts } & FieldChange<PartFields>;

/** Something in the yard as it is to be: it replaces what has its id, or comes in at a position. */
type PutInYard = {
  readonly [L in YardList]: {
    readonly kind: 'put-in-yard';
    readonly list: L;
    readonly item: YardLists[L];
    readonly at: number;
  };
}[YardList];

/** A circuit with the position that it takes. */
export interface Placed {
  readonly circuit: Circuit;
  readonly at: number;
}

/** A photograph by the id of its picture. */
export type Photo = Circuit['photos'][number];

/** What a photograph belongs to. */
export type PhotoOwner =
  | { readonly circuitId: string }
  | { readonly panelId: string }
  | { readonly observedId: string }
  | { readonly waterId: string }
  | { readonly wordId: string }
  | { readonly gateId: GateId };

/** Where inputs come from, and inputs of which nothing is said any more. */
export interface PutSources {
  readonly kind: 'put-sources';
  readonly put: readonly SourceEntry[];
  readonly drop: readonly string[];
}

/** One edit of a job: it carries what changes and no more. Its inverse is a command like any other. */
export type Command =
  | { readonly kind: 'add-circuits'; readonly circuits: readonly Placed[] }
  | { readonly kind: 'remove-circuits'; readonly ids: readonly string[] }
  | ({ readonly kind: 'change-circuit'; readonly id: string } & FieldChange<CircuitFields>)
  | { readonly kind: 'move-circuit'; readonly id: string; readonly to: number }
  | ({ readonly kind: 'change-job' } & FieldChange<JobFields>)
  | PartChange
  /** The readings of a circuit; null: none any more. */
  | { readonly kind: 'put-check'; readonly id: string; readonly check: CircuitCheck | null }
  | ({ readonly kind: 'change-panel'; readonly id: string } & FieldChange<PanelFields>)
  | PutInYard
  | { readonly kind: 'take-from-yard'; readonly list: YardList; readonly id: string }
  | { readonly kind: 'add-photo'; readonly of: PhotoOwner; readonly photo: Photo; readonly at: number }
  | { readonly kind: 'remove-photo'; readonly of: PhotoOwner; readonly id: string }
  | {
      readonly kind: 'caption-photo';
      readonly of: PhotoOwner;
      readonly id: string;
      readonly caption: string;
    }
  | PutSources
  | { readonly kind: 'batch'; readonly commands: readonly Command[] };
