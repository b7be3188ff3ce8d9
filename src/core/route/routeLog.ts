import type { Circuit } from '../circuit/circuitSchema';
import type { Edition } from '../code/edition';
import type { MethodId } from '../code/methods';
import type { SectionKey } from '../code/sections';
import type { AnyFinding, FindingCode, FindingData, SeverityOf } from '../findings/finding';
import { FindingLog } from '../findings/findingLog';
import type { Subject } from '../findings/subject';

/** Findings about what stands at the end of a segment; the others are about the segment itself. */
const AT_STATION: ReadonlySet<FindingCode> = new Set<FindingCode>([
  'box.fill',
  'box.none',
  'box.pull-length',
  'box.unbonded',
  'body.marked',
  'knockout.size',
  'station.transition',
]);

/** Gathers findings about the route of one circuit: by the segment that they are about or that ends there. */
export class RouteLog {
  readonly #log: FindingLog;
  readonly #circuit: Circuit;

  constructor(code: Edition, circuit: Circuit) {
    this.#circuit = circuit;
    this.#log = new FindingLog(code, { kind: 'circuit', circuitId: circuit.id, figure: 'raceway' });
  }

  #subject(code: FindingCode, index: number): Subject {
    const { id: circuitId, run } = this.#circuit;
    const on = { circuitId, segmentId: run[index]?.id ?? '', index };
    return AT_STATION.has(code) ? { kind: 'station', ...on } : { kind: 'segment', figure: null, ...on };
  }

  /** Records a finding. */
  found<C extends FindingCode>(
    severity: SeverityOf<C>,
    code: C,
    section: SectionKey,
    index: number,
    data: FindingData[C],
    method?: MethodId,
  ): void {
    const subject = this.#subject(code, index);
    this.#log.found(severity, code, section, data, { subject, ...(method !== undefined && { method }) });
  }

  /** What was found, in the order in which it was. */
  get all(): readonly AnyFinding[] {
    return this.#log.all;
  }
}
