import type { Job } from '../../core/job/jobSchema';

/** A job as it is written to a file, its photographs and sealed packets with it. */
async function written(
  job: Job,
): Promise<{ readonly text: string; readonly name: (ending?: string) => string }> {
  // Loaded when it is asked for: the stage itself needs no writer of files.
  const [{ wholeJobFile }, { jobFileName }] = await Promise.all([
    import('../../store/persistence/wholeJob'),
    import('../../core/job/jobFile'),
  ]);
  const { text } = await wholeJobFile(job);
  return { text, name: (ending) => jobFileName(job, ending) };
}

/** Hands the job to the browser as a file to keep. */
export async function exportJob(job: Job): Promise<void> {
  const [{ text, name }, { downloadText }] = await Promise.all([
    written(job),
    import('../../ui/files/download'),
  ]);
  downloadText(text, name(), 'application/json');
}

/** Hands the job to the share sheet of the phone. It takes plain text where it refuses JSON, so that is what it gets. */
export async function shareJob(job: Job): Promise<void> {
  const [{ text, name }, { shareText }] = await Promise.all([
    written(job),
    import('../../ui/files/shareFile'),
  ]);
  await shareText(text, name('pasture.txt'), 'text/plain');
}
