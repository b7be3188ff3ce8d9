/** Whether storing something failed because the browser has no room left. */
export const isQuota = (error: unknown): boolean =>
  error instanceof Error &&
  (error.name === 'QuotaExceededError' ||
    String(error).includes('QuotaExceeded') ||
    ('inner' in error && isQuota(error.inner)));

/** What came of storing something. */
export type Stored<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly full: boolean };

/** Stores something; where that fails it says whether the storage is full, and throws nothing. */
export async function storing<T>(act: () => Promise<T>): Promise<Stored<T>> {
  try {
    return { ok: true, value: await act() };
  } catch (error) {
    return { ok: false, full: isQuota(error) };
  }
}

/** What is said where something could not be stored. */
export const notStored = (what: string, { full }: { readonly full: boolean }): string =>
  full
    ? `The storage of this browser is full: ${what} was not kept. Delete what is not needed, or export jobs as files.`
    : `The storage of this browser did not take it: ${what} was not kept. Try again.`;
