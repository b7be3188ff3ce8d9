import type { Circuit } from '../core/circuit/circuitSchema';
import { shareKeys, type Neighbors } from '../core/circuit/neighbors';
import { contextsInJob, type Solvers } from '../core/circuit/contextsInJob';
import type { SolveContext } from '../core/circuit/solveContext';
import type { Job } from '../core/job/jobSchema';
import { sharedContext, solved } from './solved';

const accompanied = new WeakMap<SolveContext, Map<string, SolveContext>>();

/** Neighbors in a line, alike for alike neighbors. */
const neighborsKey = (neighbors: Neighbors): string => {
  let key = '';
  for (const [segment, ofSegment] of Object.entries(neighbors)) {
    for (const [kind, members] of Object.entries(ofSegment)) {
      key += `${segment} ${kind}`;
      for (const { circuitId, name, carrying, wires, neutral, volts, insulation, size, ground } of members) {
        key += `|${circuitId} ${name} ${carrying} ${wires} ${neutral ? 1 : 0} ${volts} ${insulation} ${size ?? ''} ${ground ?? ''}`;
      }
    }
  }
  return key;
};

/** How many neighborsOfSegments are remembered under one context before they are forgotten all together. */
const MAX_REMEMBERED = 2000;

/** A context with neighbors; the same object for the same neighbors. */
function withNeighbors(base: SolveContext, neighbors: Neighbors): SolveContext {
  const known = accompanied.get(base) ?? new Map<string, SolveContext>();
  const key = neighborsKey(neighbors);
  const context = known.get(key) ?? { ...base, neighbors };
  if (known.size > MAX_REMEMBERED) known.clear();
  known.set(key, context);
  accompanied.set(base, known);
  return context;
}

interface Contexts {
  readonly base: SolveContext;
  readonly circuits: readonly Circuit[];
  /** Of those circuits that share their way, by id. */
  readonly of: ReadonlyMap<string, SolveContext>;
}

const keys = new WeakMap<Circuit, readonly string[]>();

/** The ways that a circuit shares anywhere along its run. */
export function circuitShareKeys(circuit: Circuit): readonly string[] {
  const known = keys.get(circuit) ?? [...new Set(circuit.run.flatMap(shareKeys))];
  keys.set(circuit, known);
  return known;
}

/** The circuits that changed, and all that hang together with them by ways shared before or now. */
function affected(circuits: readonly Circuit[], before: readonly Circuit[]): ReadonlySet<Circuit> {
  const kept = new Set(before);
  const still = new Set(circuits);
  const touched = new Set<Circuit>(circuits.filter((each) => !kept.has(each)));
  const routes = new Set(
    [...touched, ...before.filter((each) => !still.has(each))].flatMap(circuitShareKeys),
  );
  for (let grown = true; grown;) {
    grown = false;
    for (const circuit of circuits) {
      const ids = circuitShareKeys(circuit);
      if (touched.has(circuit) || !ids.some((id) => routes.has(id))) continue;
      touched.add(circuit);
      for (const id of ids) routes.add(id);
      grown = true;
    }
  }
  return touched;
}

const solvers: Solvers = { solve: solved, withNeighbors };

let last: Contexts | undefined;

/** The contexts of circuits that share their way; those that an edit does not reach are taken over. */
function contextsOf(circuits: readonly Circuit[], base: SolveContext): Contexts {
  if (last?.base === base && last.circuits === circuits) return last;
  const before = last?.base === base ? last : undefined;
  const touched = affected(circuits, before?.circuits ?? []);
  const anew = contextsInJob(
    circuits.filter((each) => touched.has(each)),
    base,
    solvers,
  );
  const untouched = circuits.flatMap((each) => {
    const context = touched.has(each) ? undefined : before?.of.get(each.id);
    return context === undefined ? [] : [[each.id, context] as const];
  });
  last = { base, circuits, of: new Map([...untouched, ...anew]) };
  return last;
}

/** The context of one circuit of a job, with what it shares its way with. */
export function contextOf(job: Job, circuit: Circuit): SolveContext {
  const base = sharedContext(job);
  return contextsOf(job.circuits, base).of.get(circuit.id) ?? base;
}
