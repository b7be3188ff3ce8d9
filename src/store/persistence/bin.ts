import { nowMs } from '../clock';
import { database, type BinRecord } from './database';
import { dropRecord, loadJob, putRecord } from './jobStorage';

/** How long a deleted job stays in the bin, days. */
export const BIN_DAYS = 30;
const DAY_MS = 86_400_000;

/** Puts a job into the bin, whole: with its journal and sealed packets. The id of its place there; undefined where it is gone. */
export function binJob(jobId: string, binId: string = crypto.randomUUID()): Promise<string | undefined> {
  const db = database();
  return db.transaction('rw', db.jobs, db.listed, db.journal, db.seals, db.bin, async () => {
    const saved = await loadJob(jobId);
    if (saved === undefined) return undefined;
    const seals = await db.seals.where('jobId').equals(jobId).toArray();
    await db.bin.add({ id: binId, binnedAt: nowMs(), ...saved, seals: seals.map(({ seal }) => seal) });
    await db.journal.where('jobId').equals(jobId).delete();
    await db.seals.where('jobId').equals(jobId).delete();
    await dropRecord(jobId);
    return binId;
  });
}

/** Brings a job back from the bin as it was. Where a job of its id came meanwhile it stands beside that one. */
export function fromBin(binId: string, otherId: string = crypto.randomUUID()): Promise<string | undefined> {
  const db = database();
  return db.transaction('rw', db.jobs, db.listed, db.journal, db.seals, db.bin, async () => {
    const binned = await db.bin.get(binId);
    if (binned === undefined) return undefined;
    const { record, journal, seals } = binned;
    const id = (await db.jobs.get(record.id)) === undefined ? record.id : otherId;
    await putRecord({
      ...record,
      id,
      document: { ...record.document, id },
      updatedAt: nowMs(),
      writer: null,
    });
    await db.journal.bulkPut(journal.map((entry) => ({ ...entry, jobId: id })));
    await db.seals.bulkPut(seals.map((seal) => ({ jobId: id, id: seal.id, seal })));
    await db.bin.delete(binId);
    return id;
  });
}

/** What lies in the bin, the last deleted first. */
export const binned = (): Promise<BinRecord[]> => database().bin.orderBy('binnedAt').reverse().toArray();

/** Whole days until a job leaves the bin. */
export const daysLeft = ({ binnedAt }: Pick<BinRecord, 'binnedAt'>, now: number): number =>
  Math.max(0, Math.ceil(BIN_DAYS - (now - binnedAt) / DAY_MS));

/** Lets go of what has lain in the bin for its time. */
export const emptyBin = (now = nowMs()): Promise<number> =>
  database()
    .bin.where('binnedAt')
    .belowOrEqual(now - BIN_DAYS * DAY_MS)
    .delete();
