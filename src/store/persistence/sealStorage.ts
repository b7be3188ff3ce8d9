import type { Seal } from '../../core/paper/sealSchema';
import { database } from './database';

/** Keeps sealed packets beside a job. */
export async function keepSeals(jobId: string, seals: readonly Seal[]): Promise<void> {
  await database().seals.bulkPut(seals.map((seal) => ({ jobId, id: seal.id, seal })));
}

/** The sealed packets of a job, the last one first. */
export async function sealsOf(jobId: string): Promise<readonly Seal[]> {
  const found = await database().seals.where('jobId').equals(jobId).toArray();
  return found.map(({ seal }) => seal).toSorted((a, b) => (a.at < b.at ? 1 : -1));
}
