import type { AsyncSteps } from '../worker/protocol';
import { serve } from '../worker/serve';
import { packetFonts } from './packetFonts';
import { writePacket } from './packetPdf';
import type { PacketRequest } from './usePacketPdf';

async function* work({ pages, photos, facts }: PacketRequest): AsyncSteps<number, ArrayBuffer> {
  return yield* writePacket(pages, { fonts: await packetFonts(), photos }, facts);
}

serve(work);
