import { useDeferredValue, useMemo } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { packetChapters, packetPages, type PacketChapters } from '../../core/packet/packetPages';
import { packetMissing, type Missing } from '../../core/packet/packetMissing';
import type { PacketOrder } from '../../core/packet/packetOrder';
import { chaptersOf } from '../../core/paper/packetDocument';
import { READERS, type Reader } from '../../core/paper/packetReaders';
import type { PacketPage, Paper } from '../../core/paper/pageSchema';
import { useDays } from '../../store/days/useDays';
import { evaluationOf } from '../../store/evaluation';
import { today } from '../../store/clock';

/** A packet as it is now. */
export interface Packet {
  readonly job: Job;
  readonly order: PacketOrder;
  readonly chapters: PacketChapters;
  readonly pages: readonly PacketPage[];
  readonly missing: readonly Missing[];
  /** Pages of each reader's packet. */
  readonly counts: ReadonlyMap<Reader, number>;
  /** Whether the work was put into days, where they go in. */
  readonly isReady: boolean;
}

/** The packet of a job for a reader; it follows the job and does not hold up what is typed. */
export function usePacket(open: Job, reader: Reader, paper: Paper): Packet {
  const job = useDeferredValue(open);
  const days = useDays(job);
  const evaluation = evaluationOf(job);
  const chapters = useMemo(() => packetChapters(evaluation, paper, days), [evaluation, paper, days]);
  const all = useMemo(
    () =>
      new Map(
        READERS.map((each) => {
          const order: PacketOrder = {
            reader: each,
            paper,
            date: today(),
            chapters: chaptersOf(job.packets, each),
            leftOff: null,
          };
          return [each, { order, pages: packetPages({ job }, chapters, order) }] as const;
        }),
      ),
    [job, chapters, paper],
  );
  const own = all.get(reader);
  const pages = useMemo(() => own?.pages ?? [], [own]);
  const missing = useMemo(() => packetMissing(evaluation, pages, reader), [evaluation, pages, reader]);
  const order = own?.order ?? { reader, paper, date: today(), chapters: [], leftOff: null };
  return {
    job,
    order,
    chapters,
    pages,
    missing,
    counts: new Map([...all].map(([each, packet]) => [each, packet.pages.length])),
    isReady: days !== null || !order.chapters.includes('days'),
  };
}
