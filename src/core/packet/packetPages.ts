import type { JobDays } from '../days/jobDays';
import type { JobEvaluation } from '../job/evaluateJob';
import type { Job } from '../job/jobSchema';
import { numbered, PageFlow, type Column } from '../paper/pageFlow';
import { isContinued } from '../paper/pageScene';
import type { PacketPage, Paper } from '../paper/pageSchema';
import type { Chapter } from '../paper/packetReaders';
import { OWNER_CAUTIONS, SHEET_CAUTIONS } from '../wording/cautions';
import { CHAPTER_NAME, READER_NAME, WAITS_FOR } from '../wording/packetWords';
import { bondingChapter } from './chapters/bondingChapter';
import { careChapter } from './chapters/careChapter';
import { checksChapter } from './chapters/checksChapter';
import { circuitsChapter, workingChapter } from './chapters/circuitChapters';
import { daysChapter } from './chapters/daysChapter';
import { answersChapter, cautionsChapter, materialsChapter } from './chapters/listChapters';
import { loadChapter } from './chapters/loadChapter';
import type { Making } from './chapters/making';
import type { PacketOrder } from './packetOrder';
import { openChapter } from './chapters/openChapter';
import { panelChapter } from './chapters/panelChapter';
import { photosChapter } from './chapters/photosChapter';
import { sourcesChapter } from './chapters/sourcesChapter';
import { wiringChapter } from './chapters/wiringChapter';

const MADE: readonly (readonly [Chapter, (making: Making) => void])[] = [
  ['open', openChapter],
  ['load', loadChapter],
  ['circuits', circuitsChapter],
  ['working', workingChapter],
  ['panel', panelChapter],
  ['bonding', bondingChapter],
  ['wiring', wiringChapter],
  ['checks', checksChapter],
  ['care', careChapter],
  ['materials', materialsChapter],
  ['days', daysChapter],
  ['photos', photosChapter],
  ['sources', sourcesChapter],
  ['answers', answersChapter],
  ['cautions', cautionsChapter],
];

const FACTS: readonly Column[] = [{ at: 0 }, { at: 0.3, face: 'figures' }];

/** What is handed over off: nobody energizes it before it is done. */
function leftOff(flow: PageFlow, names: readonly string[]): void {
  flow.say(`LEFT OFF AND LOCKED: ${names.join(', ')}.`, { face: 'strong', size: 'head', ink: 'stop' });
  flow.say('Work is open on it. It stays off and locked until it is mended and proved.', { ink: 'stop' });
}

/** A chapter that has no page until there is something to say. */
type WaitingChapter = keyof typeof WAITS_FOR;

const WAITING: readonly WaitingChapter[] = ['circuits', 'working', 'panel', 'bonding', 'wiring', 'checks'];

/** The cover: what the packet is of, and where each chapter stands or what it waits for. */
function cover(
  job: Job,
  order: PacketOrder,
  contents: readonly (readonly [title: string, page: number])[],
  waiting: readonly WaitingChapter[],
): readonly PacketPage[] {
  const flow = new PageFlow(order.paper);
  flow.page('cover', job.name);
  flow.say(`For the ${READER_NAME[order.reader].toLowerCase()}`, { face: 'strong', size: 'head' });
  if (order.leftOff !== null) leftOff(flow, order.leftOff);
  flow.say(' ');
  flow.row(FACTS, ['Code', String(job.edition)]);
  flow.row(FACTS, ['Authority', job.authority || 'not named']);
  flow.row(FACTS, [
    'Permit',
    job.permitDate === null ? 'not applied for yet' : `applied for ${job.permitDate}`,
  ]);
  // The day is of the packet, not of the job.
  flow.row(FACTS, ['Made', order.date], { fact: null });
  for (const { title } of job.amendments) flow.row(FACTS, ['Local amendment', title]);
  flow.head('Contents');
  for (const [title, page] of contents) flow.entry(title, page);
  for (const chapter of waiting)
    flow.row(FACTS, [CHAPTER_NAME[chapter], WAITS_FOR[chapter]], { ink: 'quiet', fact: null });
  flow.head('Cautions');
  for (const caution of order.reader === 'owner' ? OWNER_CAUTIONS : SHEET_CAUTIONS)
    flow.say(caution, { size: 'small' });
  flow.head('Prepared by, license ______________________    Received by ______________________');
  return flow.pages();
}

/** The pages of every chapter, not numbered yet: they are the same for every reader. */
export type PacketChapters = ReadonlyMap<Chapter, readonly PacketPage[]>;

/** The chapters of a job on paper. The same job, paper and days give the same pages. */
export function packetChapters(
  evaluation: JobEvaluation,
  paper: Paper,
  days: JobDays | null = null,
): PacketChapters {
  return new Map(
    MADE.map(([chapter, make]) => {
      const flow = new PageFlow(paper);
      make({ flow, evaluation, paper, days });
      return [chapter, flow.pages()];
    }),
  );
}

/** Chapters that have a page for every circuit, told in the contents by their first one. */
const TOLD_ONCE: ReadonlySet<Chapter> = new Set(['working', 'wiring', 'checks']);

/** What the contents name, with the page that it begins on among those after the cover, from 0. */
function contentsOf(body: readonly PacketPage[]): readonly (readonly [title: string, at: number])[] {
  const told = new Set<Chapter>();
  return [...body.entries()].flatMap(([at, page]): readonly (readonly [string, number])[] => {
    if (isContinued(page) || told.has(page.chapter)) return [];
    if (!TOLD_ONCE.has(page.chapter)) return [[page.title, at]];
    told.add(page.chapter);
    return [[CHAPTER_NAME[page.chapter], at]];
  });
}

/**
 * The pages of a packet for one reader, as they are drawn on the screen and printed: cover with contents that lead to
 * their pages, then chapter by chapter.
 */
export function packetPages(
  { job }: Pick<JobEvaluation, 'job'>,
  chapters: PacketChapters,
  order: PacketOrder,
): readonly PacketPage[] {
  const body = order.chapters.flatMap((chapter) => chapters.get(chapter) ?? []);
  const titles = contentsOf(body);
  const waiting = WAITING.filter(
    (chapter) => order.chapters.includes(chapter) && (chapters.get(chapter) ?? []).length === 0,
  );
  // The cover's own pages stand before all others, so they are counted before they are numbered.
  const count = cover(job, order, titles, waiting).length;
  const front = cover(
    job,
    order,
    titles.map(([title, at]) => [title, at + count + 1]),
    waiting,
  );
  return numbered([...front, ...body], order.paper, `${job.name}, ${order.date}`);
}
