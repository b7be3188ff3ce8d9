import type { Steps } from '../worker/protocol';
import { serve } from '../worker/serve';
import { writePacket } from './packetPdf';
import type { PacketRequest } from './usePacketPdf';

const work = ({ pages, assets, facts }: PacketRequest): Steps<number, ArrayBuffer> =>
  writePacket(pages, assets, facts);

serve(work);
