import type { PacketPage } from '../../core/paper/pageSchema';
import { photosById } from '../persistence/photoStorage';
import { useWorker, type Work } from '../worker/useWorker';
import figures from './fonts/figures.ttf?url';
import signs from './fonts/signs.ttf?url';
import strong from './fonts/strong.ttf?url';
import words from './fonts/words.ttf?url';
import type { PacketAssets, PacketFacts, PacketFonts } from './packetPdf';

/** What the worker is asked: pages as they are on the screen, with the fonts and photographs that they bear. */
export interface PacketRequest {
  readonly pages: readonly PacketPage[];
  readonly assets: PacketAssets;
  readonly facts: PacketFacts;
}

/** Bytes that are turned into text at once: more would be too many arguments. */
const CHUNK = 0x8000;

/** A font of the application as base64. */
async function fontAt(url: string): Promise<string> {
  const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
  let text = '';
  for (let at = 0; at < bytes.length; at += CHUNK)
    text += String.fromCharCode(...bytes.subarray(at, at + CHUNK));
  return btoa(text);
}

async function packetFonts(): Promise<PacketFonts> {
  const [a, b, c, d] = await Promise.all([words, strong, figures, signs].map(fontAt));
  return { words: a ?? '', strong: b ?? '', figures: c ?? '', signs: d ?? '' };
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
      void Promise.all([packetFonts(), photosById(photosOn(pages))]).then(([fonts, photos]) => {
        post({ pages, assets: { fonts, photos }, facts });
      });
    },
  };
}
