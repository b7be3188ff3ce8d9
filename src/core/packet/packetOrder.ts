import type { Chapter, Reader } from '../paper/packetReaders';
import type { Paper } from '../paper/pageSchema';

/** What a packet is made for. */
export interface PacketOrder {
  readonly reader: Reader;
  readonly paper: Paper;
  /** Today, as it is written on the cover. */
  readonly date: string;
  /** Chapters in the order in which they are read. */
  readonly chapters: readonly Chapter[];
  /** Circuits that are handed over off and locked, with what is open; null where the work is handed over as done. */
  readonly leftOff: readonly string[] | null;
}
