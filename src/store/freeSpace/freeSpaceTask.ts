import { roomOffers } from '../../core/fixes/roomOffers';
import type { Job } from '../../core/job/jobSchema';
import { defaultPrices } from '../../core/price/defaultPrices';

/** What the worker is asked to find space for. */
export interface SpaceRequest {
  readonly job: Job;
  readonly panelId: string;
}

/** The options for finding space in a panel, each tried on the job. */
export const freeSpaceTask = ({ job, panelId }: SpaceRequest) => roomOffers(job, panelId, defaultPrices);
