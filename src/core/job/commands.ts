import type { Circuit } from '../circuit/circuitSchema';
import type { Job } from './jobSchema';

/** What a job may be told besides its circuits. */
export type JobFields = Omit<Job, 'id' | 'circuits'>;

/** One edit of a job. Every command has an inverse of the same kind, so that undo is an edit like any other. */
export type Command =
  | { readonly kind: 'insert-circuit'; readonly circuit: Circuit; readonly at: number }
  | { readonly kind: 'insert-circuits'; readonly circuits: readonly Circuit[]; readonly at: number }
  | { readonly kind: 'remove-circuits'; readonly ids: readonly string[]; readonly at: number }
  | { readonly kind: 'remove-circuit'; readonly id: string }
  | { readonly kind: 'replace-circuit'; readonly circuit: Circuit }
  | { readonly kind: 'move-circuit'; readonly id: string; readonly to: number }
  | { readonly kind: 'set-job'; readonly fields: Partial<JobFields> }
  | { readonly kind: 'together'; readonly commands: readonly Command[] };

/** A job after a command, and the way back. */
export interface Applied {
  readonly job: Job;
  readonly inverse: Command;
}

const at = (job: Job, id: string): number => job.circuits.findIndex((circuit) => circuit.id === id);

/** Applies a command. Undefined where it does not fit the job: a circuit that is not there, or is already. */
export function applyCommand(job: Job, command: Command): Applied | undefined {
  switch (command.kind) {
    case 'insert-circuit': {
      if (at(job, command.circuit.id) >= 0) return undefined;
      const circuits = job.circuits.toSpliced(command.at, 0, command.circuit);
      return { job: { ...job, circuits }, inverse: { kind: 'remove-circuit', id: command.circuit.id } };
    }
    case 'insert-circuits':
      return insertCircuits(job, command.circuits, command.at);
    case 'remove-circuits': {
      const gone = job.circuits.filter(({ id }) => command.ids.includes(id));
      if (gone.length !== command.ids.length) return undefined;
      const circuits = job.circuits.filter((circuit) => !gone.includes(circuit));
      return {
        job: { ...job, circuits },
        inverse: { kind: 'insert-circuits', circuits: gone, at: command.at },
      };
    }
    case 'remove-circuit': {
      const index = at(job, command.id);
      const circuit = job.circuits[index];
      if (circuit === undefined) return undefined;
      return {
        job: { ...job, circuits: job.circuits.toSpliced(index, 1) },
        inverse: { kind: 'insert-circuit', circuit, at: index },
      };
    }
    case 'replace-circuit': {
      const index = at(job, command.circuit.id);
      const circuit = job.circuits[index];
      if (circuit === undefined) return undefined;
      return {
        job: { ...job, circuits: job.circuits.with(index, command.circuit) },
        inverse: { kind: 'replace-circuit', circuit },
      };
    }
    case 'move-circuit':
      return moveCircuit(job, command.id, command.to);
    case 'set-job':
      return setJob(job, command.fields);
    case 'together':
      return together(job, command.commands);
  }
}

/** One after the other, or none of them. */
function together(job: Job, commands: readonly Command[]): Applied | undefined {
  const inverses: Command[] = [];
  let acc = job;
  for (const command of commands) {
    const applied = applyCommand(acc, command);
    if (applied === undefined) return undefined;
    acc = applied.job;
    inverses.unshift(applied.inverse);
  }
  return { job: acc, inverse: { kind: 'together', commands: inverses } };
}

/** The most circuits that a job holds. */
const MAX_CIRCUITS = 200;

function insertCircuits(job: Job, circuits: readonly Circuit[], to: number): Applied | undefined {
  const ids = circuits.map(({ id }) => id);
  const doubled = new Set(ids).size !== ids.length || ids.some((id) => at(job, id) >= 0);
  if (doubled || job.circuits.length + circuits.length > MAX_CIRCUITS) return undefined;
  return {
    job: { ...job, circuits: job.circuits.toSpliced(to, 0, ...circuits) },
    inverse: { kind: 'remove-circuits', ids, at: to },
  };
}

function moveCircuit(job: Job, id: string, to: number): Applied | undefined {
  const from = at(job, id);
  const circuit = job.circuits[from];
  if (circuit === undefined || to < 0 || to >= job.circuits.length) return undefined;
  return {
    job: { ...job, circuits: job.circuits.toSpliced(from, 1).toSpliced(to, 0, circuit) },
    inverse: { kind: 'move-circuit', id, to: from },
  };
}

function setJob(job: Job, fields: Partial<JobFields>): Applied {
  const {
    name,
    edition,
    authority,
    permitDate,
    occupancy,
    designC,
    later,
    amendments,
    practices,
    house,
    panels,
    answers,
    locate,
  } = job;
  const all: JobFields = {
    name,
    edition,
    authority,
    permitDate,
    occupancy,
    designC,
    later,
    amendments,
    practices,
    house,
    panels,
    answers,
    locate,
  };
  // The inverse sets every field back, which is more than was changed and never wrong.
  return { job: { ...job, ...fields }, inverse: { kind: 'set-job', fields: all } };
}
