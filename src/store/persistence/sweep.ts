import { sealedPhotoIds } from '../../core/job/photoIds';
import { nowMs } from '../clock';
import { emptyBin } from './bin';
import { database, type JournalRecord } from './database';

/** A photograph is kept a moment before the edit that names it: so long nothing is swept, milliseconds. */
const GRACE_MS = 86_400_000;

/** What was swept. */
export interface Swept {
  readonly photos: number;
  readonly bytes: number;
}

const isId = (value: unknown): value is string => typeof value === 'string';

/** Every word in a value that may be the id of a photograph: edits and documents of past versions name them in many shapes. */
function* wordsIn(value: unknown): Generator<string> {
  if (isId(value)) yield value;
  else if (typeof value === 'object' && value !== null)
    for (const each of Object.values(value)) yield* wordsIn(each);
}

/**
 * Lets go of what nothing refers to any more: jobs whose time in the bin is over, photographs that no job, no job in the
 * bin, no undo and no sealed packet names. What was kept within the last day stays.
 */
export async function sweep(now = nowMs()): Promise<Swept> {
  await emptyBin(now);
  const db = database();
  return db.transaction('rw', db.jobs, db.journal, db.seals, db.bin, db.photos, async () => {
    const wanted = new Set<string>();
    const want = (ids: Iterable<string>): void => {
      for (const id of ids) wanted.add(id);
    };
    const wantEdits = ({ forward, backward }: JournalRecord): void => {
      want(wordsIn([forward, backward]));
    };
    await db.jobs.each((job) => {
      want(wordsIn(job.document));
    });
    await db.journal.each(wantEdits);
    await db.seals.each(({ seal }) => {
      want(sealedPhotoIds([seal]));
    });
    await db.bin.each(({ record, journal, seals }) => {
      want(wordsIn(record.document));
      for (const entry of journal) wantEdits(entry);
      want(sealedPhotoIds(seals));
    });
    let bytes = 0;
    const gone: string[] = [];
    await db.photos.each(({ id, picture, keptAt = 0 }) => {
      if (wanted.has(id) || now - keptAt < GRACE_MS) return;
      gone.push(id);
      bytes += picture.length;
    });
    await db.photos.bulkDelete(gone);
    return { photos: gone.length, bytes };
  });
}
