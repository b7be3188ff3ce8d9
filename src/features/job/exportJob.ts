import type { Job } from '../../core/job/jobSchema';
import { photosOf } from '../../store/persistence/photoStorage';
import { downloadJob } from '../../ui/files/downloadJob';

/** Hands the job to the browser as a file, its photographs with it; without them where they cannot be read. */
export function exportJob(job: Job): void {
  void photosOf(job).then(
    (photos) => {
      downloadJob(job, photos);
    },
    () => {
      downloadJob(job, {});
    },
  );
}
