import { jobFileName, writeJobFile } from '../../core/job/jobFile';
import type { Job } from '../../core/job/jobSchema';

/** Hands a job to the browser as a file to keep. */
export function downloadJob(job: Job): void {
  const url = URL.createObjectURL(new Blob([writeJobFile(job)], { type: 'application/json' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = jobFileName(job);
  link.click();
  // The browser has taken the address by the next turn.
  setTimeout(() => {
    URL.revokeObjectURL(url);
  }, 1000);
}
