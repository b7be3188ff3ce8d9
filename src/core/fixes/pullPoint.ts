import { bendsOf } from '../circuit/bends';
import type { Circuit, Segment } from '../circuit/circuitSchema';
import { circuitOf, segmentIndex } from '../findings/subject';
import { circuitChange } from '../job/changes';
import { circuitAfter, type Candidates } from './candidate';

/** An id after another that nothing bears yet: "trench-b", then "trench-c". */
function nextId(id: string, taken: ReadonlySet<string>): string {
  const letters = 'bcdefghijklmnopqrstuvwxyz';
  for (const letter of letters) if (!taken.has(`${id}-${letter}`)) return `${id}-${letter}`;
  return nextId(`${id}-z`, taken);
}

/** A segment as two halves with a pull box between them, in another raceway from there on. */
function halves(
  segment: Segment,
  bendsDeg: number,
  id: string,
  raceway: string | undefined,
): readonly [Segment, Segment] {
  const half = { ...segment, lengthFt: segment.lengthFt / 2, bendsDeg: bendsDeg / 2 };
  return [
    { ...half, end: { kind: 'pull-box' }, endHeightFt: segment.heightFt },
    { ...half, id, ...(raceway !== undefined && { shares: { ...segment.shares, raceway } }) },
  ];
}

const withHalves = (circuit: Circuit, index: number, raceway: string | undefined): Circuit => {
  const segment = circuit.run[index];
  if (segment === undefined) return circuit;
  const id = nextId(segment.id, new Set(circuit.run.map((each) => each.id)));
  return {
    ...circuit,
    run: circuit.run.toSpliced(index, 1, ...halves(segment, bendsOf(circuit, index), id, raceway)),
  };
};

/**
 * A pull box in the middle of a raceway halves the bends between two pull points. All circuits in the raceway pass
 * through it, so every one of them gets it.
 */
export const pullPoint: Candidates = ({ job }, { subject }) => {
  const index = segmentIndex(subject);
  const circuit = job.circuits.find(({ id }) => id === circuitOf(subject));
  const segment = index === undefined ? undefined : circuit?.run[index];
  if (circuit === undefined || index === undefined || segment === undefined) return [];
  const raceway = segment.shares?.raceway;
  const at = (each: Circuit): number =>
    each === circuit ? index : each.run.findIndex(({ shares }) => shares?.raceway === raceway);
  const sharing =
    raceway === undefined ? [circuit] : job.circuits.filter((each) => each === circuit || at(each) >= 0);
  const taken = new Set(
    job.circuits.flatMap(({ run }) => run.flatMap(({ shares }) => shares?.raceway ?? [])),
  );
  const beyond = raceway === undefined ? undefined : nextId(raceway, taken);
  return [
    {
      kind: 'pull-point',
      command: {
        kind: 'batch',
        commands: sharing.map((each) => circuitChange(each, withHalves(each, at(each), beyond))),
      },
      describe: (after) => ({
        kind: 'pull-point',
        degrees: circuitAfter(after, circuit).circuit.run[index]?.bendsDeg ?? 0,
      }),
    },
  ];
};
