import type { Seal } from '../../core/paper/sealSchema';
import { database } from './database';

/** Keeps a packet that was just sealed beside its job. */
export async function keepSeal(jobId: string, seal: Seal): Promise<void> {
  await database().seals.add({ jobId, id: seal.id, seal });
}

/**
 * Keeps sealed packets that came with a file. One that is here already is never replaced: another one of its id is
 * refused.
 *
 * @returns How many were refused.
 */
export async function addSeals(jobId: string, seals: readonly Seal[]): Promise<number> {
  const table = database().seals;
  let refused = 0;
  for (const seal of seals) {
    const known = await table.get([jobId, seal.id]);
    if (known === undefined) await table.add({ jobId, id: seal.id, seal });
    else if (JSON.stringify(known.seal) !== JSON.stringify(seal)) refused += 1;
  }
  return refused;
}

/** The sealed packets of a job, the last one first. */
export async function sealsOf(jobId: string): Promise<readonly Seal[]> {
  const found = await database().seals.where('jobId').equals(jobId).toArray();
  return found.map(({ seal }) => seal).toSorted((a, b) => (a.at < b.at ? 1 : -1));
}
