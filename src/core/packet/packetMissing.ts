import { circuitOf, type Subject } from '../findings/subject';
import type { Severity } from '../findings/severity';
import type { JobEvaluation } from '../job/evaluateJob';
import type { Chapter, Reader } from '../paper/packetReaders';
import type { PacketPage } from '../paper/pageSchema';
import { packetLacks, type Lack } from './packetLacks';
import { plannedCircuits } from './plannedCircuits';

/** How much a lack weighs; a note is none. */
export type LackSeverity = Exclude<Severity, 'note'>;

/** What a packet lacks, with the pages that it spoils. */
export interface Missing {
  readonly lack: Lack;
  readonly severity: LackSeverity;
  /** From 1. */
  readonly pages: readonly number[];
}

/** The pages that speak of a subject: their chapter, and the id of what they are about. */
function spoiled(subject: Subject): readonly [Chapter, id: string] {
  switch (subject.kind) {
    case 'circuit':
    case 'segment':
    case 'station':
      return ['circuits', subject.circuitId];
    case 'check':
      return ['checks', subject.circuitId];
    case 'panel':
      return ['panel', subject.panelId];
    case 'water':
    case 'yard':
      return ['bonding', subject.waterId];
    case 'service':
      return ['load', ''];
    case 'day':
      return ['days', ''];
    case 'job':
      return ['cover', ''];
  }
}

/** Numbers of the pages of a chapter that are about something. */
const pagesOf = (
  pages: readonly PacketPage[],
  [chapter, id]: readonly [Chapter, string],
): readonly number[] =>
  pages.flatMap((page, at) => (page.chapter === chapter && page.subject === id ? [at + 1] : []));

const SEVERITIES: readonly LackSeverity[] = ['stop', 'ask', 'check'];

/**
 * What keeps a packet from being sealed, the worst first, each with the pages that it spoils: every stop, and of
 * questions, doubts and photographs those that a page of this packet speaks of.
 */
export function packetMissing(
  evaluation: JobEvaluation,
  pages: readonly PacketPage[],
  reader: Reader,
): readonly Missing[] {
  const listed = pages.flatMap(({ chapter }, at) => (chapter === 'open' ? [at + 1] : []));
  const found = evaluation.openOf(evaluation.findings).flatMap((finding): readonly Missing[] => {
    const own = pagesOf(pages, spoiled(finding.subject));
    // What has no page of its own stands among what is open, where that goes in.
    const at = own.length > 0 ? own : listed.slice(0, 1);
    const { severity } = finding;
    if (severity === 'note' || (severity !== 'stop' && at.length === 0)) return [];
    return [{ lack: { kind: 'finding', finding }, severity, pages: at }];
  });
  const photoPages = pages.flatMap(({ chapter }, at) => (chapter === 'photos' ? [at + 1] : []));
  const lacks = packetLacks(evaluation).flatMap((lack): readonly Missing[] => {
    if (lack.kind === 'photo')
      return photoPages.length === 0 ? [] : [{ lack, severity: 'check', pages: photoPages.slice(0, 1) }];
    return reader === 'inspector' ? [{ lack, severity: 'ask', pages: [1] }] : [];
  });
  const all = [...found, ...lacks];
  return SEVERITIES.flatMap((severity) => all.filter((each) => each.severity === severity));
}

/** Whether work with a stop may be handed to the next trade: only where it is recorded as off and locked. */
export interface LeftOff {
  /** Circuits that are off and locked, by name. */
  readonly locked: readonly string[];
  /** Circuits that would have to be, and are not. */
  readonly notLocked: readonly string[];
}

/** Which circuits have to be off and locked for what is missing to be left, and which are. */
export function leftOff(evaluation: JobEvaluation, missing: readonly Missing[]): LeftOff {
  const findings = missing.flatMap(({ lack }) => (lack.kind === 'finding' ? [lack.finding] : []));
  const circuits = plannedCircuits(evaluation);
  // A stop of the service, a panel or a water is one of every circuit.
  const all = findings.some(
    ({ severity, subject }) => severity === 'stop' && circuitOf(subject) === undefined,
  );
  const own = new Set(findings.map(({ subject }) => circuitOf(subject)));
  const [locked, notLocked]: [string[], string[]] = [[], []];
  for (const { circuit } of circuits) {
    if (!all && !own.has(circuit.id)) continue;
    const left = evaluation.job.checks.find(({ id }) => id === circuit.id)?.left;
    (left === 'locked' ? locked : notLocked).push(circuit.name);
  }
  return { locked, notLocked };
}
