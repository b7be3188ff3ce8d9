import type { Edition } from '../code/edition';
import type { MethodId } from '../code/methods';
import type { SectionKey } from '../code/sections';
import { raise, type AnyFinding, type FindingCode, type FindingData, type SeverityOf } from './finding';
import type { Subject } from './subject';

/** Gathers findings under one edition about one subject, or about others that are named. */
export class FindingLog {
  readonly #all: AnyFinding[] = [];
  readonly #code: Edition;
  readonly #subject: Subject;

  constructor(code: Edition, subject: Subject) {
    this.#code = code;
    this.#subject = subject;
  }

  /** Records a finding. */
  found<C extends FindingCode>(
    severity: SeverityOf<C>,
    code: C,
    section: SectionKey,
    data: FindingData[C],
    of: { readonly subject?: Subject; readonly method?: MethodId } = {},
  ): void {
    const { subject = this.#subject, method } = of;
    this.#all.push(raise(this.#code, { severity, code, section, subject, data, method }));
  }

  /** What was found, in the order in which it was. */
  get all(): readonly AnyFinding[] {
    return this.#all;
  }
}
