import { z } from 'zod';
import { LIMITS } from '../code/limits';
import type { StageDocument } from '../files/stageDocument';
import { PAIRS } from '../network/network';

const id = z.string().min(1).max(60);
const volts = z.number().min(0).max(1000);

const readingSchema = z.strictObject({
  at: z
    .string()
    .regex(/^[A-Z]$/)
    .describe('Station by its letter'),
  pair: z.enum(PAIRS),
  on: z.boolean().describe('With the load on'),
  volts,
});

const torqueSchema = z.strictObject({
  terminal: z.string().min(1).max(80),
  first: z.number().positive().max(2000).describe('Pound-inches'),
  second: z.number().positive().max(2000).nullable().describe('After the wire was moved; null: not yet'),
});

const circuitSchema = z.strictObject({
  id: id.describe('The circuit'),
  off: z.boolean().describe('Off, locked and tagged'),
  dead: z
    .strictObject({ before: volts, dead: volts, after: volts })
    .nullable()
    .describe('Live, dead, live: the tester on a known source, on the conductors, on the source again'),
  insulationMohm: z.number().min(0).max(100_000).nullable(),
  groundOhms: z.number().min(0).max(1000).nullable().describe('Ground from end to end'),
  readings: z.array(readingSchema).max(LIMITS.readings),
  loadA: z.number().min(0).max(1000).nullable().describe('Current with the load on'),
  tripMa: z.number().min(0).max(1000).nullable().describe('GFCI by the tester'),
  button: z.boolean().nullable().describe('GFCI by its own button'),
  riseC: z.number().min(-50).max(300).nullable().describe('Terminal over the ambient after an hour, kelvin'),
  torque: z.array(torqueSchema).max(LIMITS.readings),
  left: z.enum(['open', 'on', 'locked']).describe('How the circuit is left'),
  note: z.string().max(LIMITS.answerLength).describe('For the next trade'),
});

const schema = z.array(circuitSchema).max(LIMITS.circuits);

/** What was read on each circuit. */
export type Checks = z.infer<typeof schema>;
/** What was read on one circuit. */
export type CircuitCheck = Checks[number];
/** A voltage that was read. */
export type VoltageReading = CircuitCheck['readings'][number];

/** Nothing read yet. */
export const freshCheck = (circuitId: string): CircuitCheck => ({
  id: circuitId,
  off: false,
  dead: null,
  insulationMohm: null,
  groundOhms: null,
  readings: [],
  loadA: null,
  tripMa: null,
  button: null,
  riseC: null,
  torque: [],
  left: 'open',
  note: '',
});

/** What the Checks stage keeps. */
export const checksDocument: StageDocument<typeof schema> = {
  schema,
  fresh: [],
  migrations: [{ from: 10, up: (job) => ({ checks: [], ...job }) }],
};
