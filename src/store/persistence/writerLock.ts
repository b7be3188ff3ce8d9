/** What a tab may do with a job. */
export type TabRole = 'writer' | 'reader';

const name = (jobId: string): string => `pasture-job-${jobId}`;

/** A lock that was got, with the way to let go of it. */
export interface HeldLock {
  release(): void;
}

const NO_LOCKS: HeldLock = { release: () => undefined };

const held = (jobId: string, options: LockOptions, lost: () => void): Promise<HeldLock | undefined> =>
  new Promise((resolve) => {
    let released = false;
    let got = false;
    void navigator.locks
      .request(name(jobId), options, (lock) => {
        if (lock === null) {
          resolve(undefined);
          return undefined;
        }
        got = true;
        return new Promise<void>((release) => {
          resolve({
            release: () => {
              released = true;
              release();
            },
          });
        });
      })
      .catch(() => {
        // A stolen lock rejects: another tab has taken the job over. One that was waited for and given up does too.
        if (!got) resolve(undefined);
        else if (!released) lost();
      });
  });

/**
 * The lock of the one tab that may write a job; undefined where another tab holds it. A tab that is closed
 * or killed lets go by itself. Where the browser has no locks (a page that is not secure) the tab that
 * opened the job last writes.
 */
export const takeWriterLock = (jobId: string, lost: () => void): Promise<HeldLock | undefined> =>
  'locks' in navigator ? held(jobId, { ifAvailable: true }, lost) : Promise.resolve(NO_LOCKS);

/** The same lock once the tab that has it lets go; undefined when the waiting is given up before. */
export const awaitWriterLock = (
  jobId: string,
  signal: AbortSignal,
  lost: () => void,
): Promise<HeldLock | undefined> =>
  'locks' in navigator ? held(jobId, { signal }, lost) : Promise.resolve(undefined);

/** Takes the lock from whoever has it. */
export const stealWriterLock = (jobId: string, lost: () => void): Promise<HeldLock | undefined> =>
  'locks' in navigator ? held(jobId, { steal: true }, lost) : Promise.resolve(NO_LOCKS);
