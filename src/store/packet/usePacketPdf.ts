import type { PacketPage } from '../../core/paper/pageSchema';
import { photosById } from '../persistence/photoStorage';
import { useWorker, type Work } from '../worker/useWorker';
import type { PacketFacts } from './packetPdf';

/** The photographs that pages bear, by their ids. */
export const photosOn = (pages: readonly PacketPage[]): readonly string[] =>
  pages.flatMap(({ items }) => items.flatMap((item) => (item.kind === 'photo' ? [item.id] : [])));

/** Makes the PDF of a packet in a worker; `onDone` is given its bytes. */
export function usePacketPdf(onDone: (bytes: ArrayBuffer) => void): {
  readonly work: Work<number, ArrayBuffer>;
  readonly start: (pages: readonly PacketPage[], facts: PacketFacts) => void;
  readonly stop: () => void;
} {
  const { work, post, stop } = useWorker('packet', onDone);
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
