import { z } from 'zod';
import { CHAPTERS } from './packetReaders';

const FACES = ['words', 'strong', 'figures'] as const;
const INKS = ['ink', 'quiet', 'rule', 'stop', 'copper', 'wash', 'pasture', 'water', 'sheet'] as const;

/** Faces of a page: words, words that stand out, figures of one width. */
export type Face = (typeof FACES)[number];
/** Inks of a page, by what they say. */
export type Ink = (typeof INKS)[number];

const at = { x: z.number(), y: z.number() };
const box = { ...at, wide: z.number(), high: z.number() };
const ink = z.enum(INKS);

const itemSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('text'),
    ...at,
    text: z.string(),
    face: z.enum(FACES),
    size: z.number(),
    ink,
    align: z.enum(['left', 'right', 'middle']),
  }),
  z.strictObject({
    kind: z.literal('line'),
    points: z.array(z.tuple([z.number(), z.number()])),
    ink,
    width: z.number(),
  }),
  z.strictObject({ kind: z.literal('box'), ...box, fill: ink.nullable(), edge: ink.nullable() }),
  z.strictObject({ kind: z.literal('photo'), ...box, id: z.string().max(60) }),
  z.strictObject({ kind: z.literal('link'), ...box, to: z.number().int().positive() }),
]);

/** What is on a page, in points from its upper left corner; a text stands on its `y`, a link leads to a page from 1. */
export type PageItem = z.infer<typeof itemSchema>;

const factSchema = z.strictObject({
  name: z.string().describe('What it is called on its page'),
  value: z.string().describe('What the page says of it'),
});

/** Something that a page says, for comparing it with what another edition of it says. */
export type PageFact = z.infer<typeof factSchema>;

/** A page as it is printed. */
export const pageSchema = z.strictObject({
  title: z.string(),
  chapter: z.enum(CHAPTERS),
  subject: z.string().describe('What it is about: the id of a circuit, a panel, a water; empty for the job'),
  items: z.array(itemSchema),
  facts: z.array(factSchema),
});
/** A page as it is printed. */
export type PacketPage = Readonly<z.infer<typeof pageSchema>>;

/** Names of the sizes of paper. */
export const PAPER_IDS = ['letter', 'a4'] as const;
/** A size of paper. */
export type Paper = (typeof PAPER_IDS)[number];
