import { z } from 'zod';

const who = z.string().min(1).max(60).optional().describe('Initials or role of whoever answers for it');
const on = z.iso.date().optional().describe('The day; left out: before sources were kept');

/** What a length or a reading was taken with. */
const INSTRUMENTS = ['tape', 'wheel', 'pace', 'meter'] as const;

/** Where a value comes from. */
export const sourceSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('assumed'),
    rule: z
      .string()
      .min(1)
      .max(80)
      .describe('By which default or act: "default", "old-file.default", "yard.circuit", "fix.CODE", "line"'),
  }),
  z.strictObject({
    kind: z.literal('told'),
    who,
    on,
    file: z.string().min(1).max(120).optional().describe('The file or schedule that said it'),
  }),
  z.strictObject({ kind: z.literal('read'), photo: z.string().min(1).max(60), who, on }),
  z.strictObject({ kind: z.literal('measured'), with: z.enum(INSTRUMENTS), who, on }),
  z.strictObject({ kind: z.literal('seen'), who, on, photo: z.string().min(1).max(60).optional() }),
]);

/** Where a value comes from: nobody answers for what is assumed, somebody for all else. */
export type Source = z.infer<typeof sourceSchema>;
