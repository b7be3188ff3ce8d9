import type { Job } from '../job/jobSchema';
import { JOB_VERSION } from '../job/jobVersion';
import type { PacketPage } from '../paper/pageSchema';
import { digest, hashOf } from '../paper/sealHash';
import type { Seal } from '../paper/sealSchema';
import { ENGINE } from './engine';
import type { PacketOrder } from './packetOrder';

/** What a packet is sealed from. */
export interface Sealing {
  readonly id: string;
  /** The moment, as ISO 8601 in UTC. */
  readonly at: string;
  readonly job: Job;
  readonly order: PacketOrder;
  readonly pages: readonly PacketPage[];
  /** Pictures of its photographs by their ids. */
  readonly photos: Readonly<Record<string, string>>;
}

/** A packet sealed: the job, its pages and its photographs as they are, with the version of the computation. */
export function sealed({ id, at, job, order, pages, photos }: Sealing): Seal {
  const rest = {
    id,
    at,
    engine: ENGINE,
    reader: order.reader,
    paper: order.paper,
    date: order.date,
    chapters: [...order.chapters],
    leftOff: order.leftOff === null ? null : [...order.leftOff],
    jobVersion: JOB_VERSION,
    job: { ...job },
    pages: [...pages],
    photos: Object.entries(photos)
      .toSorted(([a], [b]) => (a < b ? -1 : 1))
      .map(([photo, picture]) => ({ id: photo, sha256: digest(picture) })),
  };
  return { ...rest, hash: hashOf(rest) };
}
