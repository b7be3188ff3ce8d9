import type { CircuitCheck } from '../checks/checksDocument';
import { LIMITS } from '../code/limits';
import type {
  CircuitFields,
  Command,
  JobFields,
  PanelFields,
  PartChange,
  Photo,
  PhotoOwner,
  Placed,
  PutSources,
} from './command';
import { changeFields, type FieldChange } from './fieldChange';
import type { Job } from './jobSchema';
import { refused, type Refusal } from './refusal';
import { invalidPart } from './validation';
import { withSources } from '../sources/sourceIndex';
import { putInYard, takeFromYard } from './yardCommands';

/** A job after a command, and the way back. */
export interface Applied {
  readonly job: Job;
  readonly inverse: Command;
}

function addCircuits(job: Job, placed: readonly Placed[]): Applied | Refusal {
  const over = job.circuits.length + placed.length - LIMITS.circuits;
  if (over > 0)
    return refused({ kind: 'too-many', what: 'circuits', max: LIMITS.circuits, asked: placed.length, over });
  const ids = placed.map(({ circuit }) => circuit.id);
  const known = new Set(job.circuits.map(({ id }) => id));
  const twice = ids.find((id, at) => known.has(id) || ids.indexOf(id) !== at);
  if (twice !== undefined) return refused({ kind: 'twice', what: 'circuit', id: twice });
  const circuits = [...job.circuits];
  // From the front, so that each lands where it stood among those that come back with it.
  for (const { circuit, at } of placed.toSorted((a, b) => a.at - b.at)) circuits.splice(at, 0, circuit);
  return { job: { ...job, circuits }, inverse: { kind: 'remove-circuits', ids } };
}

function removeCircuits(job: Job, ids: readonly string[]): Applied | Refusal {
  const gone = job.circuits.flatMap((circuit, at) => (ids.includes(circuit.id) ? [{ circuit, at }] : []));
  if (gone.length !== ids.length) return refused({ kind: 'gone', what: 'circuit' });
  const circuits = job.circuits.filter(({ id }) => !ids.includes(id));
  return { job: { ...job, circuits }, inverse: { kind: 'add-circuits', circuits: gone } };
}

function changeCircuit(job: Job, id: string, change: FieldChange<CircuitFields>): Applied | Refusal {
  const index = job.circuits.findIndex((each) => each.id === id);
  const circuit = job.circuits[index];
  if (circuit === undefined) return refused({ kind: 'gone', what: 'circuit' });
  const { next, back } = changeFields<CircuitFields>(circuit, change);
  return {
    job: { ...job, circuits: job.circuits.with(index, { ...next, id }) },
    inverse: { kind: 'change-circuit', id, ...back },
  };
}

function moveCircuit(job: Job, id: string, to: number): Applied | Refusal {
  const from = job.circuits.findIndex((each) => each.id === id);
  const circuit = job.circuits[from];
  if (circuit === undefined) return refused({ kind: 'gone', what: 'circuit' });
  if (!Number.isInteger(to) || to < 0 || to >= job.circuits.length)
    return refused({ kind: 'gone', what: 'position' });
  return {
    job: { ...job, circuits: job.circuits.toSpliced(from, 1).toSpliced(to, 0, circuit) },
    inverse: { kind: 'move-circuit', id, to: from },
  };
}

function changeJob(job: Job, change: FieldChange<JobFields>): Applied | Refusal {
  const ids = (change.fields.panels ?? []).map(({ id }) => id);
  const twice = ids.find((id, at) => ids.indexOf(id) !== at);
  if (twice !== undefined) return refused({ kind: 'twice', what: 'panel', id: twice });
  const { id, circuits } = job;
  const { next, back } = changeFields<JobFields>(job, change);
  return { job: { ...next, id, circuits }, inverse: { kind: 'change-job', ...back } };
}

function changePanel(job: Job, id: string, change: FieldChange<PanelFields>): Applied | Refusal {
  const index = job.panels.findIndex((each) => each.id === id);
  const panel = job.panels[index];
  if (panel === undefined) return refused({ kind: 'gone', what: 'panel' });
  const { next, back } = changeFields<PanelFields>(panel, change);
  return {
    job: { ...job, panels: job.panels.with(index, { ...next, id }) },
    inverse: { kind: 'change-panel', id, ...back },
  };
}

/** A change of a part that is one thing: the house, the quote. */
function changePart(job: Job, { part, ...change }: PartChange): Applied {
  const { next, back } = changeFields(job[part], change);
  return { job: { ...job, [part]: next }, inverse: { kind: 'change', part, ...back } };
}

/** The job with other photographs of their owner. */
function withPhotos(job: Job, of: PhotoOwner, photos: Photo[]): Job {
  const put = <T extends { readonly id: string; readonly photos: Photo[] }>(id: string, all: T[]): T[] =>
    all.map((each) => (each.id === id ? { ...each, photos } : each));
  if ('circuitId' in of) return { ...job, circuits: put(of.circuitId, job.circuits) };
  if ('panelId' in of) return { ...job, panels: put(of.panelId, job.panels) };
  if ('waterId' in of) return { ...job, yard: { ...job.yard, waters: put(of.waterId, job.yard.waters) } };
  if ('wordId' in of) return { ...job, days: { ...job.days, words: put(of.wordId, job.days.words) } };
  if ('gateId' in of) return { ...job, days: { ...job.days, gates: put(of.gateId, job.days.gates) } };
  return { ...job, observed: put(of.observedId, job.observed) };
}

/** What photographs belong to, and what it is called where it is gone. */
function ownerOf(job: Job, of: PhotoOwner) {
  if ('circuitId' in of)
    return { owner: job.circuits.find(({ id }) => id === of.circuitId), what: 'circuit' } as const;
  if ('panelId' in of)
    return { owner: job.panels.find(({ id }) => id === of.panelId), what: 'panel' } as const;
  if ('waterId' in of)
    return { owner: job.yard.waters.find(({ id }) => id === of.waterId), what: 'yard item' } as const;
  if ('gateId' in of)
    return { owner: job.days.gates.find(({ id }) => id === of.gateId), what: 'gate' } as const;
  if ('wordId' in of)
    return { owner: job.days.words.find(({ id }) => id === of.wordId), what: 'question' } as const;
  return { owner: job.observed.find(({ id }) => id === of.observedId), what: 'observation' } as const;
}

/** A change of the photographs of a circuit, a panel or an observation. */
function changePhotos(
  job: Job,
  of: PhotoOwner,
  change: (photos: readonly Photo[]) => { readonly photos: Photo[]; readonly inverse: Command } | Refusal,
): Applied | Refusal {
  const { owner, what } = ownerOf(job, of);
  if (owner === undefined) return refused({ kind: 'gone', what });
  const changed = change(owner.photos);
  if ('refused' in changed) return changed;
  const { photos, inverse } = changed;
  return { job: withPhotos(job, of, photos), inverse };
}

const addPhoto = (job: Job, of: PhotoOwner, photo: Photo, at: number): Applied | Refusal =>
  changePhotos(job, of, (photos) => {
    const { length } = photos;
    if (length >= LIMITS.photos)
      return refused({ kind: 'too-many', what: 'photos', max: LIMITS.photos, asked: 1, over: 1 });
    if (photos.some(({ id }) => id === photo.id))
      return refused({ kind: 'twice', what: 'photo', id: photo.id });
    return {
      photos: photos.toSpliced(Math.min(at, length), 0, photo),
      inverse: { kind: 'remove-photo', of, id: photo.id },
    };
  });

const removePhoto = (job: Job, of: PhotoOwner, id: string): Applied | Refusal =>
  changePhotos(job, of, (photos) => {
    const at = photos.findIndex((each) => each.id === id);
    const photo = photos[at];
    if (photo === undefined) return refused({ kind: 'gone', what: 'photo' });
    return { photos: photos.toSpliced(at, 1), inverse: { kind: 'add-photo', of, photo, at } };
  });

const captionPhoto = (job: Job, of: PhotoOwner, id: string, caption: string): Applied | Refusal =>
  changePhotos(job, of, (photos) => {
    const at = photos.findIndex((each) => each.id === id);
    const photo = photos[at];
    if (photo === undefined) return refused({ kind: 'gone', what: 'photo' });
    return {
      photos: photos.with(at, { ...photo, caption }),
      inverse: { kind: 'caption-photo', of, id, caption: photo.caption },
    };
  });

/** The readings of a circuit put in the place of what was read before. */
function putCheck(job: Job, id: string, check: CircuitCheck | null): Applied {
  const before = job.checks.find((each) => each.id === id) ?? null;
  const others = job.checks.filter((each) => each !== before);
  return {
    job: { ...job, checks: check === null ? others : [...others, check] },
    inverse: { kind: 'put-check', id, check: before },
  };
}

/** Sources put in the place of those that inputs had. */
function putSources(job: Job, { put, drop }: PutSources): Applied {
  const now = new Set([...put.map(({ input }) => input), ...drop]);
  const before = job.sources.filter(({ input }) => now.has(input));
  const had = new Set(before.map(({ input }) => input));
  const fresh = put.flatMap(({ input }) => (had.has(input) ? [] : [input]));
  return {
    job: { ...job, sources: withSources(job.sources, put, drop) },
    inverse: { kind: 'put-sources', put: before, drop: fresh },
  };
}

/** One after the other, or none of them. */
function batch(job: Job, commands: readonly Command[]): Applied | Refusal {
  const inverses: Command[] = [];
  let acc = job;
  for (const command of commands) {
    const applied = applyCommand(acc, command);
    if ('refused' in applied) return applied;
    acc = applied.job;
    inverses.unshift(applied.inverse);
  }
  return { job: acc, inverse: { kind: 'batch', commands: inverses } };
}

function apply(job: Job, command: Command): Applied | Refusal {
  switch (command.kind) {
    case 'add-circuits':
      return addCircuits(job, command.circuits);
    case 'remove-circuits':
      return removeCircuits(job, command.ids);
    case 'change-circuit':
      return changeCircuit(job, command.id, command);
    case 'move-circuit':
      return moveCircuit(job, command.id, command.to);
    case 'change-job':
      return changeJob(job, command);
    case 'put-check':
      return putCheck(job, command.id, command.check);
    case 'change-panel':
      return changePanel(job, command.id, command);
    case 'put-in-yard':
      return putInYard(job, command);
    case 'take-from-yard':
      return takeFromYard(job, command.list, command.id);
    case 'change':
      return changePart(job, command);
    case 'add-photo':
      return addPhoto(job, command.of, command.photo, command.at);
    case 'remove-photo':
      return removePhoto(job, command.of, command.id);
    case 'caption-photo':
      return captionPhoto(job, command.of, command.id, command.caption);
    case 'put-sources':
      return putSources(job, command);
    case 'batch':
      return batch(job, command.commands);
  }
}

/**
 * Applies a command. What it carries is checked by the schema of the job first, so that no edit makes a job that
 * could not be opened again; a command that does not fit is refused with what is accepted, and changes nothing.
 */
export function applyCommand(job: Job, command: Command): Applied | Refusal {
  const problem = invalidPart(command);
  return problem === undefined ? apply(job, command) : refused({ kind: 'invalid', problem });
}

/**
 * The job after a command, what it carries unchecked: for working out what follows from it before it is taken.
 */
export const appliedUnchecked = (job: Job, command: Command): Applied | Refusal => apply(job, command);

/** Whether a command was refused. */
export const isRefusal = (outcome: Applied | Refusal): outcome is Refusal => 'refused' in outcome;

const looksLikeJob = (value: unknown): value is Job =>
  typeof value === 'object' &&
  value !== null &&
  'circuits' in value &&
  Array.isArray(value.circuits) &&
  'panels' in value &&
  Array.isArray(value.panels);

/** Takes an edit back on a document that its schema refuses; undefined where it does not fit. */
export function undoUnchecked(document: unknown, command: Command): Job | undefined {
  if (!looksLikeJob(document)) return undefined;
  const applied = apply(document, command);
  return isRefusal(applied) ? undefined : applied.job;
}
