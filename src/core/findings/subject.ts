/** The figures of a circuit in the order of the reasoning. */
export const FIGURE_KEYS = [
  'load',
  'breaker',
  'conductor',
  'ground',
  'raceway',
  'drop',
  'disconnect',
  'protection',
] as const;
/** One figure of the ladder. */
export type FigureKey = (typeof FIGURE_KEYS)[number];

/** A segment of a run: by its id, and by its position as the run now is. */
interface OnRun {
  readonly circuitId: string;
  readonly segmentId: string;
  readonly index: number;
}

/** What a finding is about. */
export type Subject =
  | { readonly kind: 'job' }
  | { readonly kind: 'service' }
  | { readonly kind: 'panel'; readonly panelId: string }
  | { readonly kind: 'water'; readonly waterId: string }
  /** Something in the yard as it stands to one of its waters. */
  | { readonly kind: 'yard'; readonly waterId: string; readonly itemId: string }
  /** A step of the work. */
  | { readonly kind: 'day'; readonly stepId: string }
  /** The proof of a finished circuit. */
  | { readonly kind: 'check'; readonly circuitId: string }
  | { readonly kind: 'circuit'; readonly circuitId: string; readonly figure: FigureKey }
  /** A segment; `figure` is null where it is about the route alone. */
  | ({ readonly kind: 'segment'; readonly figure: FigureKey | null } & OnRun)
  /** The station at the end of a segment. */
  | ({ readonly kind: 'station' } & OnRun);

const circuitKey = (circuitId: string): string => `circuit:${circuitId}`;

/** A subject in a word that stays the same while the job is edited: what an answer is filed under. */
export function subjectKey(subject: Subject): string {
  switch (subject.kind) {
    case 'job':
    case 'service':
      return subject.kind;
    case 'panel':
      return `panel:${subject.panelId}`;
    case 'water':
      return `water:${subject.waterId}`;
    case 'day':
      return `day:${subject.stepId}`;
    case 'check':
      return `check:${subject.circuitId}`;
    case 'yard':
      return `yard:${subject.waterId}/${subject.itemId}`;
    case 'circuit':
      return circuitKey(subject.circuitId);
    case 'segment':
    case 'station':
      return `${subject.kind}:${subject.circuitId}/${subject.segmentId}`;
  }
}

/** The circuit that a subject belongs to; undefined for service and panels. */
export const circuitOf = (subject: Subject): string | undefined =>
  'circuitId' in subject ? subject.circuitId : undefined;

/** What else an answer may be filed under: one about a whole circuit covers its segments and stations. */
export const widerKey = (subject: Subject): string | undefined =>
  subject.kind === 'segment' || subject.kind === 'station' ? circuitKey(subject.circuitId) : undefined;

/** The segment that a subject is, or stands at the end of, by position; undefined where it is none. */
export const segmentIndex = (subject: Subject): number | undefined =>
  subject.kind === 'segment' || subject.kind === 'station' ? subject.index : undefined;

/** The figure that a subject is about; undefined where it is about none. */
export const figureOf = (subject: Subject): FigureKey | undefined =>
  'figure' in subject ? (subject.figure ?? undefined) : undefined;
