import { packetPages } from '../../core/packet/packetPages';
import { evaluateJob } from '../../core/job/evaluateJob';
import type { Steps } from '../worker/protocol';
import { serve } from '../worker/serve';
import { writePacket } from './packetPdf';
import type { PacketRequest } from './usePacketPdf';

function* work({ job, order, fonts }: PacketRequest): Steps<number, ArrayBuffer> {
  const pages = packetPages(evaluateJob(job), order);
  return yield* writePacket(pages, fonts, { title: job.name, paper: order.paper, date: order.date });
}

serve(work);
