import { cite, type Edition } from '../code/edition';
import { methodCitation, type MethodId } from '../code/methods';
import type { Parameter } from '../code/parameters';
import type { Citation, SectionKey } from '../code/sections';
import type { CellRead } from '../code/tableSet';
import {
  raise,
  type AnyFinding,
  type FindingCode,
  type FindingData,
  type SeverityOf,
} from '../findings/finding';
import type { FigureKey, Subject } from '../findings/subject';
import type { AnyStep, Step, StepId, StepInputs, StepResult } from './step';

/** A figure with the steps that led to it and the doubts about it. */
export interface Worked<T> {
  readonly value: T;
  readonly steps: readonly AnyStep[];
  readonly findings: readonly AnyFinding[];
}

/** What may be said of a step besides its inputs and result. */
export interface StepNote {
  readonly read?: CellRead;
  /** The parameter that the step used, so that the amendment which set it is named. */
  readonly by?: Parameter<unknown>;
  /** The method whose own article the section belongs to. */
  readonly method?: MethodId;
}

/** What is worked on: a circuit by its id, with the ids of its segments. */
export interface WorkedRun {
  readonly id: string;
  readonly run: readonly { readonly id: string }[];
}

/**
 * Gathers steps and findings of one figure while it is computed. It returns what it records, so that
 * an explanation cannot differ from the figure explained.
 */
export class Working {
  readonly steps: AnyStep[] = [];
  readonly findings: AnyFinding[] = [];
  /** The segment that is being worked on, by position; undefined for the whole run. */
  segment: number | undefined = undefined;
  readonly #code: Edition;
  readonly #figure: FigureKey;
  readonly #of: WorkedRun;

  constructor(code: Edition, figure: FigureKey, of: WorkedRun) {
    this.#code = code;
    this.#figure = figure;
    this.#of = of;
  }

  #subject(): Subject {
    const { id: circuitId, run } = this.#of;
    const index = this.segment;
    const segment = index === undefined ? undefined : run[index];
    if (index === undefined || segment === undefined)
      return { kind: 'circuit', circuitId, figure: this.#figure };
    return { kind: 'segment', circuitId, segmentId: segment.id, index, figure: this.#figure };
  }

  #cite(section: SectionKey, method: MethodId | undefined): Citation {
    const found = cite(this.#code, section);
    return method === undefined ? found : methodCitation(found, method);
  }

  /** Records a step and gives its result back. */
  step<K extends StepId, R extends StepResult>(
    id: K,
    section: SectionKey,
    inputs: StepInputs[K],
    result: R,
    note?: StepNote,
  ): R {
    const step: Step<K> = {
      id,
      inputs,
      result,
      cite: this.#cite(section, note?.method),
      read: note?.read,
      by: note?.by?.by,
      segment: this.segment,
    };
    this.steps.push(anyStep(step));
    return result;
  }

  /** Records a finding about this figure. */
  found<C extends FindingCode>(
    severity: SeverityOf<C>,
    code: C,
    section: SectionKey,
    data: FindingData[C],
    method?: MethodId,
  ): void {
    const subject = this.#subject();
    this.findings.push(raise(this.#code, { severity, code, section, subject, data, method }));
  }

  /** The figure with what was gathered. */
  done<T>(value: T): Worked<T> {
    return { value, steps: this.steps, findings: this.findings };
  }
}

// The compiler cannot see that a Step<K> for a K of the union is a member of the union.
const anyStep = <K extends StepId>(step: Step<K>): AnyStep => step as unknown as AnyStep;
