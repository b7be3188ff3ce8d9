import type { Circuit, Segment } from '../circuit/circuitSchema';
import type { Panel } from '../panel/panelSchema';
import type { Quote } from '../quote/quoteDocument';
import type { Yard } from '../water/yardSchema';
import type { Job } from './jobSchema';

/** Letters, digits, dot, hyphen and underscore: safe in an address, a file name and a key. */
const SAFE = /^[A-Za-z0-9._-]{1,60}$/;

/** Gives ids anew where they are twice there or not safe, and remembers what became of each. */
class Renaming {
  readonly #taken = new Set<string>();
  readonly names = new Map<string, string>();
  count = 0;

  id(old: string, kind: string): string {
    if (SAFE.test(old) && !this.#taken.has(old)) {
      this.#taken.add(old);
      return old;
    }
    let at = this.#taken.size + 1;
    while (this.#taken.has(`${kind}-${at}`)) at += 1;
    const fresh = `${kind}-${at}`;
    this.#taken.add(fresh);
    // What refers to an id that was twice there goes on referring to the first.
    if (!this.names.has(old) && !SAFE.test(old)) this.names.set(old, fresh);
    this.count += 1;
    return fresh;
  }

  /** What a reference to an old id is now. */
  of(old: string): string {
    return this.names.get(old) ?? old;
  }
}

const withSegmentIds = (circuit: Circuit, segments: Renaming): readonly Segment[] =>
  circuit.run.map((segment) => ({ ...segment, id: segments.id(segment.id, 'segment') }));

/** What became of every id of a job. */
interface Names {
  readonly circuits: Renaming;
  /** Of the segments of each circuit, by the id that the circuit had. */
  readonly segments: ReadonlyMap<string, Renaming>;
  readonly panels: Renaming;
  readonly items: Renaming;
}

/** Where a word names its thing first and more after it: the thing by its new name. Ids that are not safe may hold blanks. */
function ledBy(word: string, names: Renaming): string {
  const longest = [...names.names.keys()]
    .filter((old) => word === old || word.startsWith(`${old} `))
    .toSorted((a, b) => b.length - a.length)[0];
  return longest === undefined ? word : `${names.of(longest)}${word.slice(longest.length)}`;
}

/** A part of the job by its kind and its id: "circuit kiln", "panel main", "water pool". */
function partNow(part: string, { circuits, panels, items }: Names): string {
  const [kind = '', rest = ''] = part.split(/ (.*)/s);
  const of = { circuit: circuits, panel: panels, water: items }[kind];
  return of === undefined ? part : `${kind} ${ledBy(rest, of)}`;
}

/** A piece of wire or raceway is named by its circuit, panel or water first. */
function pieceNow(piece: string, { circuits, panels, items }: Names): string {
  for (const names of [circuits, panels, items]) {
    const now = ledBy(piece, names);
    if (now !== piece) return now;
  }
  return piece;
}

/** A segment of a circuit: "kiln/segment-1". */
function segmentNow(path: string, { circuits, segments }: Names): string {
  for (const [circuitId, own] of segments) {
    if (!path.startsWith(`${circuitId}/`)) continue;
    return `${circuits.of(circuitId)}/${own.of(path.slice(circuitId.length + 1))}`;
  }
  return path;
}

function withPanelIds(panel: Panel, panels: Renaming, circuits: Renaming): Panel {
  const { plan } = panel;
  return {
    ...panel,
    id: panels.id(panel.id, 'panel'),
    fedFrom: panel.fedFrom === null ? null : panels.of(panel.fedFrom),
    ...(panel.feederId != null && { feederId: circuits.of(panel.feederId) }),
    plan: {
      ...plan,
      placed: plan.placed.map((each) => ({ ...each, circuitId: circuits.of(each.circuitId) })),
    },
  };
}

/** What stands in the yard, its ids unique among all of its lists, fed by circuits as they are now called. */
function withYardIds(yard: Yard, items: Renaming, circuits: Renaming): Yard {
  const safe = <T extends { readonly id: string }>(item: T, kind: string): T => ({
    ...item,
    id: items.id(item.id, kind),
  });
  return {
    ...yard,
    waters: yard.waters.map((water) => safe(water, 'water')),
    lines: yard.lines.map((line) => safe(line, 'line')),
    areas: yard.areas.map((area) => safe(area, 'area')),
    things: yard.things.map((thing) => {
      const { circuitId } = thing;
      return {
        ...safe(thing, 'thing'),
        ...(circuitId !== undefined && { circuitId: circuits.of(circuitId) }),
      };
    }),
  };
}

/** The subject of an answer by the ids as they are now. */
function subjectNow(subject: string, names: Names): string {
  const [kind = '', rest = ''] = subject.split(/:(.*)/s);
  switch (kind) {
    case 'panel':
      return `panel:${names.panels.of(rest)}`;
    case 'circuit':
    case 'check':
      return `${kind}:${names.circuits.of(rest)}`;
    case 'segment':
    case 'station':
      return `${kind}:${segmentNow(rest, names)}`;
    case 'water':
      return `water:${names.items.of(rest)}`;
    case 'yard':
      return `yard:${yardNow(rest, names.items)}`;
    case 'day':
      return `day:${stepNow(rest, names)}`;
    default:
      return subject;
  }
}

/** A water and what stands around it: "pool/ladder". */
function yardNow(path: string, items: Renaming): string {
  const olds = [...items.names.keys()].toSorted((a, b) => b.length - a.length);
  const water = olds.find((old) => path.startsWith(`${old}/`)) ?? path.split('/')[0] ?? '';
  return `${items.of(water)}/${items.of(path.slice(water.length + 1))}`;
}

/** What the quote says of circuits, by the ids as they are now. */
function quoteNow(quote: Quote, names: Names): Quote {
  const { circuits } = names;
  const named = <T extends { readonly circuitId: string }>(all: readonly T[]): T[] =>
    all.map((each) => ({ ...each, circuitId: circuits.of(each.circuitId) }));
  const { labor, accepted } = quote;
  return {
    ...quote,
    options: named(quote.options),
    picked: named(quote.picked),
    ownerMax: named(quote.ownerMax),
    accepted: accepted && {
      ...accepted,
      parts: accepted.parts.map((part) => ({ ...part, key: partNow(part.key, names) })),
    },
    labor: {
      ...labor,
      finished: labor.finished.map((each) => circuits.of(each)),
      taken: labor.taken.map((each) => ({ ...each, id: circuits.of(each.id) })),
    },
  };
}

/** A step of the days is named by its kind and its circuit or water, a trench by its segment besides. */
function stepNow(id: string, { circuits, items }: Names): string {
  const [kind = '', rest = ''] = id.split(/ (.*)/s);
  const now = ledBy(rest, circuits);
  return `${kind} ${now === rest ? ledBy(rest, items) : now}`.trimEnd();
}

/** The days of a job whose circuits were named anew. */
const daysNow = (days: Job['days'], names: Names): Job['days'] => ({
  ...days,
  moved: days.moved.map((each) => ({ ...each, id: stepNow(each.id, names) })),
  done: days.done.map((each) => ({ ...each, id: stepNow(each.id, names) })),
  words: days.words.map((each) => ({ ...each, step: stepNow(each.step, names) })),
});

/** Bars that were laid by hand, and the count at noon, by the ids as they are now. */
const materialsNow = (materials: Job['materials'], names: Names): Job['materials'] => ({
  ...materials,
  kept: materials.kept.map((bar) => ({ ...bar, pieces: bar.pieces.map((piece) => pieceNow(piece, names)) })),
  count: materials.count && {
    ...materials.count,
    up: materials.count.up.map((part) => partNow(part, names)),
  },
});

/** What was read, by the ids as they are now. */
const checksNow = (checks: Job['checks'], { circuits, segments }: Names): Job['checks'] =>
  checks.map((check) => ({
    ...check,
    id: circuits.of(check.id),
    built: check.built.map((each) => ({
      ...each,
      segment: segments.get(check.id)?.of(each.segment) ?? each.segment,
    })),
  }));

/** The subject of an input and its segment by the ids as they are now. */
function inputNow(input: string, names: Names): string {
  const [, kind = '', rest = ''] = /^(circuit|panel|yard):(.*)$/s.exec(input) ?? [];
  const of = { circuit: names.circuits, panel: names.panels, yard: names.items }[kind];
  // Before the place of an input stands a slash; ids that are not safe may hold one as well.
  const old =
    of && longestStart(rest, [...of.names.keys(), ...(kind === 'circuit' ? names.segments.keys() : [])]);
  if (of === undefined || old === undefined) return input;
  const at = rest.slice(old.length + 1);
  const segments = names.segments.get(old);
  const segment = at.startsWith('run.') && segments && longestStart(at.slice(4), [...segments.names.keys()]);
  const place = segment ? `run.${segments.of(segment)}${at.slice(4 + segment.length)}` : at;
  return `${kind}:${of.of(old)}/${place}`;
}

/** The longest of some ids that a word starts with, before a slash or a dot. */
const longestStart = (word: string, ids: readonly string[]): string | undefined =>
  ids
    .filter((id) => word.startsWith(`${id}/`) || word.startsWith(`${id}.`))
    .toSorted((a, b) => b.length - a.length)[0];

/** A job that came from a file, its ids unique and safe; how many had to be given anew. */
export function withSafeIds(job: Job): { readonly job: Job; readonly renamed: number } {
  const circuits = new Renaming();
  const panels = new Renaming();
  const segmentsOf = new Map<string, Renaming>();
  let renamed = 0;
  const named = job.circuits
    .map((circuit) => {
      const segments = new Renaming();
      const run = [...withSegmentIds(circuit, segments)];
      renamed += segments.count;
      // Of two circuits with one id the first is the one that is referred to.
      if (!segmentsOf.has(circuit.id)) segmentsOf.set(circuit.id, segments);
      return { ...circuit, id: circuits.id(circuit.id, 'circuit'), run };
    })
    .map((circuit) => ({ ...circuit, feedId: circuit.feedId && circuits.of(circuit.feedId) }));
  const housed = job.panels.map((panel) => withPanelIds(panel, panels, circuits));
  renamed += circuits.count + panels.count;
  const found = new Renaming();
  const observed = job.observed.map((each) => ({ ...each, id: found.id(each.id, 'observation') }));
  const items = new Renaming();
  const yard = withYardIds(job.yard, items, circuits);
  renamed += found.count + items.count;
  const id = SAFE.test(job.id) ? job.id : 'job-from-file';
  if (id !== job.id) renamed += 1;
  if (renamed === 0) return { job, renamed };
  const names: Names = { circuits, segments: segmentsOf, panels, items };
  const { house, answers } = job;
  const sharing = house.sharing && { ...house.sharing, circuitId: circuits.of(house.sharing.circuitId) };
  const groups = house.groups.map((group) => ({
    ...group,
    circuitIds: group.circuitIds.map((each) => circuits.of(each)),
    feederId: group.feederId && circuits.of(group.feederId),
  }));
  return {
    job: {
      ...job,
      id,
      house: { ...house, sharing, groups },
      observed,
      yard,
      panels: housed,
      materials: materialsNow(job.materials, names),
      quote: quoteNow(job.quote, names),
      days: daysNow(job.days, names),
      checks: checksNow(job.checks, names),
      answers: answers.map((each) => ({
        ...each,
        subject: subjectNow(each.subject, names),
      })),
      sources: job.sources.map((each) => ({ ...each, input: inputNow(each.input, names) })),
      circuits: named,
    },
    renamed,
  };
}
