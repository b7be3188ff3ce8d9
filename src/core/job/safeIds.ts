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
function subjectNow(subject: string, circuits: Renaming, panels: Renaming, items: Renaming): string {
  const [kind = '', rest = ''] = subject.split(/:(.*)/s);
  if (kind === 'panel') return `panel:${panels.of(rest)}`;
  if (kind === 'circuit') return `circuit:${circuits.of(rest)}`;
  if (kind === 'water') return `water:${items.of(rest)}`;
  if (kind === 'yard')
    return `yard:${rest
      .split('/')
      .map((each) => items.of(each))
      .join('/')}`;
  return subject;
}

/** What the quote says of circuits, by the ids as they are now. */
function quoteNow(quote: Quote, circuits: Renaming): Quote {
  const named = <T extends { readonly circuitId: string }>(all: readonly T[]): T[] =>
    all.map((each) => ({ ...each, circuitId: circuits.of(each.circuitId) }));
  const { labor } = quote;
  return {
    ...quote,
    options: named(quote.options),
    picked: named(quote.picked),
    ownerMax: named(quote.ownerMax),
    labor: {
      ...labor,
      finished: labor.finished.map((each) => circuits.of(each)),
      taken: labor.taken.map((each) => ({ ...each, id: circuits.of(each.id) })),
    },
  };
}

/** A step of the days is named by its kind and its circuit, a trench by its circuit and segment besides. */
function stepNow(id: string, circuits: Renaming): string {
  const [, kind = '', circuitId = '', rest = ''] = /^(\S+) (.+?)( \d+)?$/.exec(id) ?? [];
  return kind === '' ? id : `${kind} ${circuits.of(circuitId)}${rest}`;
}

/** The days of a job whose circuits were named anew. */
const daysNow = (days: Job['days'], circuits: Renaming): Job['days'] => ({
  ...days,
  moved: days.moved.map((each) => ({ ...each, id: stepNow(each.id, circuits) })),
  done: days.done.map((each) => ({ ...each, id: stepNow(each.id, circuits) })),
  words: days.words.map((each) => ({ ...each, step: stepNow(each.step, circuits) })),
});

/** A job that came from a file, its ids unique and safe; how many had to be given anew. */
export function withSafeIds(job: Job): { readonly job: Job; readonly renamed: number } {
  const circuits = new Renaming();
  const panels = new Renaming();
  let renamed = 0;
  const named = job.circuits
    .map((circuit) => {
      const segments = new Renaming();
      const run = [...withSegmentIds(circuit, segments)];
      renamed += segments.count;
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
      quote: quoteNow(job.quote, circuits),
      days: daysNow(job.days, circuits),
      checks: job.checks.map((each) => ({ ...each, id: circuits.of(each.id) })),
      answers: answers.map((each) => ({
        ...each,
        subject: subjectNow(each.subject, circuits, panels, items),
      })),
      circuits: named,
    },
    renamed,
  };
}
