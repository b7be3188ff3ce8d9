import { readCsv, writeCsv } from '../../core/files/csvTable';

/** Schedules that were pasted and not added yet, by job: closing the dialog loses none. */
const drafts = new Map<string, string>();

export const draftOf = (jobId: string): string => drafts.get(jobId) ?? '';

export function keepDraft(jobId: string, text: string): void {
  if (text === '') drafts.delete(jobId);
  else drafts.set(jobId, text);
}

/** The header and the refused rows of a schedule, to be mended where they stand; nothing of a worksheet. */
export function refusedPart(text: string, lines: readonly number[]): string {
  if (lines.length === 0 || text.trimStart().startsWith('{')) return '';
  const table = readCsv(text);
  if ('problem' in table) return '';
  return writeCsv(table.rows.filter(({ line }) => lines.includes(line)).map(({ cells }) => cells));
}
