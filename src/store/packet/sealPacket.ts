import type { Job } from '../../core/job/jobSchema';
import type { PacketOrder } from '../../core/packet/packetOrder';
import { sealed } from '../../core/packet/seal';
import type { PacketPage } from '../../core/paper/pageSchema';
import type { Seal } from '../../core/paper/sealSchema';
import { photosById } from '../persistence/photoStorage';
import { keepSeal } from '../persistence/sealStorage';
import { photosOn } from './usePacketPdf';
import { nowIso } from '../clock';

/** Seals a packet as it is now and keeps it beside its job. */
export async function sealPacket(job: Job, order: PacketOrder, pages: readonly PacketPage[]): Promise<Seal> {
  const seal = sealed({
    id: crypto.randomUUID(),
    at: nowIso(),
    job,
    order,
    pages,
    photos: await photosById(photosOn(pages)),
  });
  await keepSeal(job.id, seal);
  return seal;
}
