import type { Job } from '../../core/job/jobSchema';
import type { PacketOrder } from '../../core/packet/packetPages';
import { useWorker, type Work } from '../worker/useWorker';
import figures from './fonts/figures.ttf?url';
import signs from './fonts/signs.ttf?url';
import strong from './fonts/strong.ttf?url';
import words from './fonts/words.ttf?url';
import type { PacketFonts } from './packetPdf';

/** What the worker is asked: the packet of a job for one reader, with the fonts that its pages bear. */
export interface PacketRequest {
  readonly job: Job;
  readonly order: PacketOrder;
  readonly fonts: PacketFonts;
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

const make = (): Worker => new Worker(new URL('./packet.worker.ts', import.meta.url), { type: 'module' });

/** Makes the PDF of a packet in a worker; `onDone` is given its bytes. */
export function usePacketPdf(onDone: (bytes: ArrayBuffer) => void): {
  readonly work: Work<number, ArrayBuffer>;
  readonly start: (job: Job, order: PacketOrder) => void;
  readonly stop: () => void;
} {
  const { work, post, stop } = useWorker<PacketRequest, number, ArrayBuffer>(make, onDone);
  return {
    work,
    stop,
    start: (job, order) => {
      void packetFonts().then((fonts) => {
        post({ job, order, fonts });
      });
    },
  };
}
