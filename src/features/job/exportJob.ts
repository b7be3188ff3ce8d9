import type { Job } from '../../core/job/jobSchema';
import type { WholeJobFile } from '../../store/persistence/wholeJob';

interface Written {
  readonly file: WholeJobFile;
  readonly name: (ending?: string) => string;
}

/** A job as it is written to a file, its photographs and sealed packets with it. */
async function written(job: Job): Promise<Written> {
  // Loaded when it is asked for: the stage itself needs no writer of files.
  const [{ wholeJobFile }, { jobFileName }] = await Promise.all([
    import('../../store/persistence/wholeJob'),
    import('../../core/job/jobFile'),
  ]);
  return { file: await wholeJobFile(job), name: (ending) => jobFileName(job, ending) };
}

/** Hands the job to the browser as a file to keep. */
export async function exportJob(job: Job): Promise<void> {
  const [{ file, name }, { downloadBytes, downloadText }] = await Promise.all([
    written(job),
    import('../../ui/files/download'),
  ]);
  if ('text' in file) downloadText(file.text, name(), 'application/json');
  else downloadBytes(file.zip, name('pasture.zip'), 'application/zip');
}

/** Hands the job to the share sheet of the phone. It takes plain text where it refuses JSON, so that is what it gets. */
export async function shareJob(job: Job): Promise<void> {
  const [{ file, name }, { shareFile }] = await Promise.all([
    written(job),
    import('../../ui/files/shareFile'),
  ]);
  if ('text' in file) await shareFile(file.text, name('pasture.txt'), 'text/plain');
  else await shareFile(file.zip, name('pasture.zip'), 'application/zip');
}
