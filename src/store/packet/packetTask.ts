import type { AsyncSteps } from '../worker/protocol';
import { asJpegs } from './asJpeg';
import { packetFonts } from './packetFonts';
import { writePacket } from './packetPdf';
import type { PacketPage } from '../../core/paper/pageSchema';
import type { PacketAssets } from './packetPdf';
import type { PacketFacts } from './packetPdf';

/** What the worker is asked: pages as they are on the screen, with the photographs that they bear. */
export interface PacketRequest {
  readonly pages: readonly PacketPage[];
  readonly photos: PacketAssets['photos'];
  readonly facts: PacketFacts;
}

/** The bytes of the PDF of a packet. */
export async function* packetTask({ pages, photos, facts }: PacketRequest): AsyncSteps<number, ArrayBuffer> {
  return yield* writePacket(pages, { fonts: await packetFonts(), photos: await asJpegs(photos) }, facts);
}
