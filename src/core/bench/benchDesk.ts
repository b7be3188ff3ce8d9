import { benchFaults, faultKey, type BenchFault } from './benchFaults';
import type { BenchCircuit } from './benchCircuits';
import type { Bench } from './benches';
import { allMeasurements, measurementKey, tellsApart, type Measurement, type Read } from './measurement';
import { Posed } from './posed';

/** A reading that was taken. */
export interface Taken {
  readonly measurement: Measurement;
  readonly read: Read;
}

/** Something that may be wrong, and the reading that ruled it out; null: still possible. */
export interface Possible {
  readonly key: string;
  readonly fault: BenchFault;
  /** By its place in the log, from 1. */
  readonly ruledOutBy: number | null;
}

/** A bench with everything that may be wrong on it solved: what a reading comes to, and what readings leave. */
export class BenchDesk {
  readonly circuit: BenchCircuit;
  readonly faults: readonly BenchFault[];
  readonly measurements: readonly Measurement[];
  readonly #posed: readonly Posed[];
  readonly #sound: Posed;
  readonly #hidden: number;
  readonly #known = new Map<string, readonly Read[]>();

  constructor({ circuit, families, only, hidden }: Omit<Bench, 'id' | 'name'>) {
    this.circuit = circuit;
    this.faults = benchFaults(circuit, families).filter(
      (fault) =>
        only === undefined || fault.kind !== 'wiring' || only.some((each) => each === fault.conductor),
    );
    this.measurements = allMeasurements(circuit);
    this.#posed = this.faults.map((fault) => new Posed(circuit, fault));
    this.#sound = new Posed(circuit, null);
    this.#hidden = this.faults.findIndex((fault) => faultKey(fault) === hidden);
    if (this.#hidden < 0) throw new Error(`${hidden} is nothing that may be wrong there.`);
  }

  /** What is wrong. */
  get hidden(): BenchFault {
    const fault = this.faults[this.#hidden];
    if (fault === undefined) throw new Error('Nothing is hidden.');
    return fault;
  }

  /** What a measurement comes to on this bench. */
  read(measurement: Measurement): Read {
    return this.#all(measurement)[this.#hidden] ?? null;
  }

  /** What it would come to with nothing wrong. */
  sound(measurement: Measurement): Read {
    return this.#sound.read(measurement);
  }

  /** What a measurement comes to with each of the faults. */
  #all(measurement: Measurement): readonly Read[] {
    const key = measurementKey(measurement);
    const known = this.#known.get(key);
    if (known !== undefined) return known;
    const all = this.#posed.map((posed) => posed.read(measurement));
    this.#known.set(key, all);
    return all;
  }

  /** Faults that a measurement rules out, by their places. */
  ruledOut(measurement: Measurement): readonly number[] {
    const all = this.#all(measurement);
    const read = all[this.#hidden] ?? null;
    return all.flatMap((each, at) => (tellsApart(measurement, each, read) ? [at] : []));
  }

  /** Of faults that are left, how many a measurement leaves in the mean, whichever of them it is. */
  expectedLeft(measurement: Measurement, left: readonly number[]): number {
    const all = this.#all(measurement);
    let sum = 0;
    for (const truth of left)
      for (const each of left) if (!tellsApart(measurement, all[each] ?? null, all[truth] ?? null)) sum += 1;
    return sum / left.length;
  }

  /** Everything that may be wrong, with the first reading that rules it out. */
  left(readings: readonly Measurement[]): readonly Possible[] {
    const by = new Map<number, number>();
    for (const [at, measurement] of readings.entries())
      for (const fault of this.ruledOut(measurement)) if (!by.has(fault)) by.set(fault, at + 1);
    return this.faults.map((fault, at) => ({
      key: faultKey(fault),
      fault,
      ruledOutBy: by.get(at) ?? null,
    }));
  }

  /** Whether a claim is what is wrong, or reads the same by every measurement there is. */
  isIt(key: string): boolean {
    const at = this.faults.findIndex((fault) => faultKey(fault) === key);
    if (at < 0) return false;
    return this.measurements.every((measurement) => !this.ruledOut(measurement).includes(at));
  }
}
