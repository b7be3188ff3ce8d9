import type { Spread } from '../estimate/jobEstimate';
import type { GateId, WorkPlace } from '../timing/daysDocument';

/** Kinds of work in the order in which a job has them. */
export type StepKind =
  | 'dig'
  | 'conduit'
  | 'ring'
  | 'cover'
  | 'rough'
  | 'pull'
  | 'backfill'
  | 'subpanel'
  | 'trim'
  | 'set-panel'
  | 'land'
  | 'panel'
  | 'prove'
  | 'energize'
  | 'mend'
  | 'hand-over';

/** A step of the work of a job. */
export interface JobStep {
  readonly id: string;
  readonly kind: StepKind;
  /** Circuits that it is for, by id; none where it is for the job. */
  readonly circuitIds: readonly string[];
  readonly place: WorkPlace;
  readonly hours: Spread;
  readonly people: 1 | 2;
  readonly after: readonly string[];
  readonly gate: GateId | null;
  /** Whether the house is dead meanwhile. */
  readonly dead: boolean;
  /** Whether it covers work that an inspector has to see first. */
  readonly covers: boolean;
  /** The panel that it is done in, whose supply is off and locked meanwhile; null: none. */
  readonly panelId: string | null;
}

/** A gate with the steps that have to stand by then. */
export interface JobGate {
  readonly id: GateId;
  readonly after: readonly string[];
}

/** The work of a job as steps and gates. */
export interface JobWork {
  readonly steps: readonly JobStep[];
  readonly gates: readonly JobGate[];
}

/** The water whose bonding a step is about, by its id; undefined where it is about none. */
export const waterIdOf = ({ id, kind }: Pick<JobStep, 'id' | 'kind'>): string | undefined =>
  kind === 'ring' || kind === 'cover' ? id.slice(id.indexOf(' ') + 1) : undefined;
