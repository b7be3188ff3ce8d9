import type { PacketPage } from '../../core/paper/pageSchema';
import { photosById } from '../persistence/photoStorage';
import { useWorker, type Work } from '../worker/useWorker';
import type { PacketAssets, PacketFacts } from './packetPdf';

/** What the worker is asked: pages as they are on the screen, with the photographs that they bear. */
export interface PacketRequest {
  readonly pages: readonly PacketPage[];
  readonly photos: PacketAssets['photos'];
  readonly facts: PacketFacts;
}

/** The photographs that pages bear, by their ids. */
export const photosOn = (pages: readonly PacketPage[]): readonly string[] =>
  pages.flatMap(({ items }) => items.flatMap((item) => (item.kind === 'photo' ? [item.id] : [])));

const make = (): Worker => new Worker(new URL('./packet.worker.ts', import.meta.url), { type: 'module' });

/** Makes the PDF of a packet in a worker; `onDone` is given its bytes. */
export function usePacketPdf(onDone: (bytes: ArrayBuffer) => void): {
  readonly work: Work<number, ArrayBuffer>;
  readonly start: (pages: readonly PacketPage[], facts: PacketFacts) => void;
  readonly stop: () => void;
} {
  const { work, post, stop } = useWorker<PacketRequest, number, ArrayBuffer>(make, onDone);
  return {
    work,
    stop,
    start: (pages, facts) => {
      void photosById(photosOn(pages)).then((photos) => {
        post({ pages, photos, facts });
      });
    },
  };
}
