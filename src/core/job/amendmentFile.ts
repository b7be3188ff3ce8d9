import { z } from 'zod';
import type { Amendment } from '../code/amendment';
import { amendmentSchema } from './amendmentSchema';
import { firstProblem } from './zodProblem';

/** A file of local amendments: what one authority changes, to be used in other jobs. */
export const amendmentFileSchema = z.strictObject({
  pasture: z.literal('local-rules'),
  version: z.literal(1),
  amendments: z.array(amendmentSchema).max(40),
});

/** Local amendments as the text of a file. */
export const writeAmendments = (amendments: readonly Amendment[]): string =>
  `${JSON.stringify(amendmentFileSchema.parse({ pasture: 'local-rules', version: 1, amendments }), null, 2)}\n`;

/** Reads a file of local amendments; what is wrong comes back in words that name the field. */
export function readAmendments(
  text: string,
): { readonly amendments: z.infer<typeof amendmentFileSchema>['amendments'] } | { readonly problem: string } {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { problem: 'The file is damaged or cut short: it is not readable as JSON.' };
  }
  const read = amendmentFileSchema.safeParse(value);
  if (read.success) return { amendments: read.data.amendments };
  const { path, message } = firstProblem(read.error);
  return { problem: `${path === '' ? 'The file' : path}: ${message}` };
}
