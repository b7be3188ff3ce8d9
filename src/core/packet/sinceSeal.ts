import { evaluateJob, type JobEvaluation } from '../job/evaluateJob';
import { readJobDocument } from '../job/jobFile';
import type { PacketPage } from '../paper/pageSchema';
import { plainTitle } from '../paper/pageScene';
import { packetChapters, packetPages } from './packetPages';
import type { Seal } from '../paper/sealSchema';

/** What made a page say something else: somebody, a newer engine, or both. */
export type ChangedBy = 'hand' | 'engine' | 'both';

/** Something that a sealed page says otherwise by now. */
export interface SinceSeal {
  /** The page of the sealed packet; of the packet as it is now where that had none. From 1. */
  readonly page: number;
  readonly title: string;
  /** What it is called; empty where the whole subject came or went. */
  readonly name: string;
  /** Null: it was not there. */
  readonly then: string | null;
  /** Null: it is not there any more. */
  readonly now: string | null;
  readonly by: ChangedBy;
}

interface Said {
  readonly page: number;
  readonly title: string;
  readonly subject: string;
  readonly name: string;
  readonly value: string;
}

type AllSaid = ReadonlyMap<string, Said>;

/** Everything that pages say, by chapter, subject and name. Days follow the calendar, so they are not compared. */
function allSaid(pages: readonly PacketPage[]): AllSaid {
  const all = new Map<string, Said>();
  for (const [at, { chapter, title, subject, facts }] of pages.entries()) {
    if (chapter === 'days') continue;
    const about = `${chapter} ${subject}`;
    for (const { name, value } of facts) {
      let key = `${about} ${name}`;
      // Two of one name on a page are told apart by their order.
      while (all.has(key)) key = `${key}+`;
      all.set(key, { page: at + 1, title: plainTitle(title), subject: about, name, value });
    }
  }
  return all;
}

function byOf(was: string | null, reworked: string | null, now: string | null): ChangedBy {
  if (was === reworked) return 'hand';
  return reworked === now ? 'engine' : 'both';
}

/** What a sealed packet would say if the engine of today had made it of the job as it was. */
function reworkedPages(seal: Seal): readonly PacketPage[] {
  const read = readJobDocument(seal.job, seal.jobVersion);
  if (!read.ok) return seal.pages;
  const evaluation = evaluateJob(read.job);
  return packetPages(evaluation, packetChapters(evaluation, seal.paper), seal);
}

/** Subjects that one side has and the other has not. */
function onlyIn(one: AllSaid, other: AllSaid): ReadonlySet<string> {
  const has = new Set([...other.values()].map(({ subject }) => subject));
  return new Set([...one.values()].flatMap(({ subject }) => (has.has(subject) ? [] : [subject])));
}

/**
 * What a sealed packet says otherwise by now, page by page: changed by hand, by a newer engine, or by both. The sealed
 * job is evaluated anew, which tells one from the other.
 */
export function sinceSeal(seal: Seal, now: JobEvaluation): readonly SinceSeal[] {
  const was = allSaid(seal.pages);
  const reworked = allSaid(reworkedPages(seal));
  const is = allSaid(packetPages(now, packetChapters(now, seal.paper), seal));
  const [came, went] = [onlyIn(is, was), onlyIn(was, is)];
  const changes: SinceSeal[] = [];
  const told = new Set<string>();
  for (const key of new Set([...was.keys(), ...is.keys()])) {
    const [then, at] = [was.get(key), is.get(key)];
    const said = then ?? at;
    if (said === undefined || then?.value === at?.value) continue;
    const values = [then, reworked.get(key), at].map((each) => each?.value ?? null);
    const by = byOf(values[0] ?? null, values[1] ?? null, values[2] ?? null);
    const { page, title, subject, name } = said;
    if (!came.has(subject) && !went.has(subject)) {
      changes.push({ page, title, name, then: values[0] ?? null, now: values[2] ?? null, by });
    } else if (!told.has(subject)) {
      told.add(subject);
      const isGone = went.has(subject);
      changes.push({ page, title, name: '', then: isGone ? title : null, now: isGone ? null : title, by });
    }
  }
  return changes.toSorted((a, b) => a.page - b.page);
}
