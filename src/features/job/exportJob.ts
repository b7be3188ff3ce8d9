import type { Job } from '../../core/job/jobSchema';

/** Hands the job to the browser as a file, its photographs with it; without them where they cannot be read. */
export async function exportJob(job: Job): Promise<void> {
  // Loaded when it is asked for: the stage itself needs no writer of files.
  const [{ photosOf }, { downloadJob }] = await Promise.all([
    import('../../store/persistence/photoStorage'),
    import('../../ui/files/downloadJob'),
  ]);
  const photos = await photosOf(job).catch(() => ({}));
  downloadJob(job, photos);
}
