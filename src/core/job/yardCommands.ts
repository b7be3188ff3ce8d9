import { YARD_LIMITS, type Yard, type YardList } from '../water/yardSchema';
import type { Command } from './command';
import type { Job } from './jobSchema';
import { refused, type Refusal } from './refusal';

interface Done {
  readonly job: Job;
  readonly inverse: Command;
}

type Put = Extract<Command, { kind: 'put-in-yard' }>;

/** What a list of the yard holds, and the command that puts one of its items where it is. */
function itemsOf(yard: Yard, list: YardList): readonly Put[] {
  const put = { kind: 'put-in-yard' } as const;
  switch (list) {
    case 'waters':
      return yard.waters.map((item, at) => ({ ...put, list, item, at }));
    case 'lines':
      return yard.lines.map((item, at) => ({ ...put, list, item, at }));
    case 'areas':
      return yard.areas.map((item, at) => ({ ...put, list, item, at }));
    case 'things':
      return yard.things.map((item, at) => ({ ...put, list, item, at }));
  }
}

/** The list with an item in the place of the one that has its id, or at a position. */
function withItem<T extends { readonly id: string }>(items: readonly T[], item: T, at: number): T[] {
  const now = items.findIndex(({ id }) => id === item.id);
  return now < 0 ? items.toSpliced(Math.min(at, items.length), 0, item) : items.with(now, item);
}

function yardWith(yard: Yard, command: Put): Yard {
  switch (command.list) {
    case 'waters':
      return { ...yard, waters: withItem(yard.waters, command.item, command.at) };
    case 'lines':
      return { ...yard, lines: withItem(yard.lines, command.item, command.at) };
    case 'areas':
      return { ...yard, areas: withItem(yard.areas, command.item, command.at) };
    case 'things':
      return { ...yard, things: withItem(yard.things, command.item, command.at) };
  }
}

/** Puts something into the yard, or changes it. */
export function putInYard(job: Job, command: Put): Done | Refusal {
  const { list, item } = command;
  const items = itemsOf(job.yard, list);
  const before = items.find((each) => each.item.id === item.id);
  const max = YARD_LIMITS[list];
  if (before === undefined && items.length >= max)
    return refused({ kind: 'too-many', what: list, max, asked: 1, over: 1 });
  return {
    job: { ...job, yard: yardWith(job.yard, command) },
    inverse: before ?? { kind: 'take-from-yard', list, id: item.id },
  };
}

/** Takes something out of the yard. */
export function takeFromYard(job: Job, list: YardList, id: string): Done | Refusal {
  const before = itemsOf(job.yard, list).find(({ item }) => item.id === id);
  if (before === undefined) return refused({ kind: 'gone', what: 'yard item' });
  const yard = { ...job.yard, [list]: job.yard[list].filter((each) => each.id !== id) };
  return { job: { ...job, yard }, inverse: before };
}
