import { z } from 'zod';
import type { StageDocument } from '../files/stageDocument';
import { CHAPTERS, isFor, READERS, type Chapter, type Reader } from './packetReaders';

const chapters = z
  .array(z.enum(CHAPTERS))
  .max(CHAPTERS.length)
  .refine((all) => new Set(all).size === all.length, 'A chapter stands once.');

const schema = z
  .array(
    z.strictObject({
      id: z.enum(READERS),
      order: chapters.describe('Chapters as they are read; one that is not named keeps its usual place'),
      chosen: chapters.describe('Chapters that go in'),
    }),
  )
  .max(READERS.length)
  .describe('Readers whose chapters are not the usual ones');

/** What goes into the packets of a job. */
export type Packets = z.infer<typeof schema>;

/** What the Packet stage keeps. */
export const packetDocument: StageDocument<typeof schema> = {
  schema,
  fresh: [],
  migrations: [{ from: 12, up: (job) => ({ packets: [], ...job }) }],
};

/** The cover is the first page of every packet, and never left out. */
const COVER = 'cover';

/** All chapters in the order of a reader; the cover first, one that came later where it usually stands. */
export function chapterOrder(packets: Packets, reader: Reader): readonly Chapter[] {
  const own = packets.find(({ id }) => id === reader)?.order ?? [];
  const order: Chapter[] = own.filter((chapter) => chapter !== COVER);
  for (const [at, chapter] of CHAPTERS.entries()) {
    if (chapter === COVER || order.includes(chapter)) continue;
    const before = CHAPTERS.slice(0, at).findLast((each) => order.includes(each));
    order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, chapter);
  }
  return [COVER, ...order];
}

/** Whether a chapter goes into the packet of a reader. */
export function isChosen(packets: Packets, reader: Reader, chapter: Chapter): boolean {
  const own = packets.find(({ id }) => id === reader);
  return chapter === COVER || (own === undefined ? isFor(chapter, reader) : own.chosen.includes(chapter));
}

/** The chapters of a reader's packet in their order. */
export const chaptersOf = (packets: Packets, reader: Reader): readonly Chapter[] =>
  chapterOrder(packets, reader).filter((chapter) => isChosen(packets, reader, chapter));

/** The packets with other chapters for one reader. */
function withReader(packets: Packets, own: Packets[number]): Packets {
  const others = packets.filter(({ id }) => id !== own.id);
  return READERS.flatMap((reader) => (reader === own.id ? [own] : others.filter(({ id }) => id === reader)));
}

/** The packets with a chapter put in for a reader, or left out. */
export function withChapter(packets: Packets, reader: Reader, chapter: Chapter): Packets {
  if (chapter === COVER) return packets;
  const had = isChosen(packets, reader, chapter);
  const order = chapterOrder(packets, reader);
  const chosen = order.filter((each) => (each === chapter ? !had : isChosen(packets, reader, each)));
  return withReader(packets, { id: reader, order: [...order], chosen });
}

/** The packets with a chapter of a reader moved to a place; the cover stays the first page. */
export function withOrder(packets: Packets, reader: Reader, chapter: Chapter, to: number): Packets {
  if (chapter === COVER) return packets;
  const order = chapterOrder(packets, reader).filter((each) => each !== chapter);
  order.splice(Math.min(order.length, Math.max(1, to)), 0, chapter);
  return withReader(packets, {
    id: reader,
    order,
    chosen: order.filter((each) => isChosen(packets, reader, each)),
  });
}
