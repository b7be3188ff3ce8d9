import { z } from 'zod';
import { LIMITS } from '../code/limits';
import type { StageDocument } from '../files/stageDocument';
import { FRESH_LABOR, laborSchema } from '../labor/laborDocument';
import { optionChangeSchema, optionKey } from './optionChange';
import { keyed, whole } from '../files/mergeRules';

const id = z.string().min(1).max(60);
const cents = z.number().int().min(0).max(LIMITS.cents);
const percent = z.number().min(0).max(100);

/** What a price is made of besides material and hours. */
export const termsSchema = z.strictObject({
  rateCents: cents.describe('An hour of one person'),
  marginPct: percent.describe('Margin on material and labor'),
  taxPct: percent.describe('Sales tax on material'),
  permitJobCents: cents.describe('Permit fee of the job'),
  permitCircuitCents: cents.describe('Permit fee of each new circuit'),
  permitServiceCents: cents.describe('Permit fee of a larger service'),
  goodDays: z.number().int().min(1).max(365).describe('How long the price is good, days'),
});

const acceptedSchema = whole(
  z.strictObject({
    date: z.iso.date(),
    by: z.string().min(1).max(LIMITS.nameLength),
    cents,
    parts: z
      .array(z.strictObject({ key: z.string().max(80), name: z.string().max(LIMITS.nameLength), cents }))
      .max(LIMITS.circuits + LIMITS.panels + LIMITS.waters + 2)
      .describe('The price part by part as it was accepted: what changes after it is an extra'),
  }),
);

const schema = z.strictObject({
  terms: termsSchema,
  labor: laborSchema,
  options: keyed(
    z
      .array(
        z.strictObject({ circuitId: id, changes: keyed(z.array(optionChangeSchema).max(12), optionKey) }),
      )
      .max(LIMITS.options)
      .describe('Options beside the plan, set by hand; circuits left out have those that are suggested'),
    ({ circuitId }) => circuitId,
  ),
  picked: keyed(
    z
      .array(z.strictObject({ circuitId: id, change: optionChangeSchema }))
      .max(LIMITS.circuits)
      .describe('The option of a circuit that is in the quote; left out: as planned'),
    ({ circuitId }) => circuitId,
  ),
  ownerMax: keyed(
    z
      .array(z.strictObject({ circuitId: id, cents }))
      .max(LIMITS.circuits)
      .describe('What the owner said that a circuit may cost'),
    ({ circuitId }) => circuitId,
  ),
  accepted: acceptedSchema.nullable(),
});

/** The quote of a job: how its work is counted, what an hour costs, options, and what was accepted. */
export type Quote = z.infer<typeof schema>;
/** What an hour, the permit and the rest cost. */
export type QuoteTerms = Quote['terms'];
/** What the owner accepted. */
export type Accepted = NonNullable<Quote['accepted']>;

/** Starting figures: an hour and a margin to be set by hand, no fee and no tax until they are known. */
const FRESH: Quote = {
  terms: {
    rateCents: 9800,
    marginPct: 15,
    taxPct: 0,
    permitJobCents: 0,
    permitCircuitCents: 0,
    permitServiceCents: 0,
    goodDays: 30,
  },
  labor: FRESH_LABOR,
  options: [],
  picked: [],
  ownerMax: [],
  accepted: null,
};

/** What the quote of a job keeps. */
export const quoteDocument: StageDocument<typeof schema> = {
  schema,
  fresh: FRESH,
  migrations: [{ from: 9, up: (job) => ({ quote: FRESH, ...job }) }],
};
