import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { eachSaved, isSaved, type Saved, type StageDocument } from '../files/stageDocument';
import { CONDUCTORS, PAIRS } from '../network/network';
import { keyed, whole } from '../files/mergeRules';

const id = z.string().min(1).max(60);
const volts = z.number().min(0).max(1000);
const continuity = z.number().min(0).max(100_000).nullable();

/** A torque that stood with a circuit could be so large: what was kept there is kept here. */
const MOST_LB_IN = 6000;

const station = z
  .string()
  .regex(/^[A-Z]$/)
  .describe('Station by its letter');

const readingSchema = whole(
  z.strictObject({
    at: station,
    pair: z.enum(PAIRS),
    on: z.boolean().describe('With the load on'),
    volts,
  }),
);

const torqueSchema = z.strictObject({
  terminal: z.string().min(1).max(80).describe('By its end and the purpose of its conductor: "panel hot-1"'),
  first: z.number().positive().max(MOST_LB_IN).describe('Pound-inches'),
  second: z
    .number()
    .positive()
    .max(MOST_LB_IN)
    .nullable()
    .describe('After the wire was moved; null: not yet'),
});

const tracedSchema = whole(
  z.strictObject({
    at: station,
    one: continuity
      .optional()
      .describe('Ohms from the first unmarked conductor to the ground; null: no path; left out: not read'),
    two: continuity.optional().describe('Ohms from the second one'),
    tieOff: z.boolean().describe('Whether the tie was taken off the ground bar again'),
  }),
);

const ohmsSchema = whole(
  z.strictObject({
    at: station,
    of: z.enum([...PAIRS, ...CONDUCTORS]).describe('Two conductors; one: across its joint'),
    on: z.boolean().describe('With the loads left on'),
    ohms: continuity.describe('null: no path'),
  }),
);

const circuitSchema = z.strictObject({
  id: id.describe('The circuit'),
  off: z.boolean().describe('Off, locked and tagged'),
  dead: whole(z.strictObject({ before: volts.nullable(), dead: volts.nullable(), after: volts.nullable() }))
    .nullable()
    .describe(
      'Live, dead, live: the tester on a known source, the most of each conductor to every other, neutral and ground, on the source again; null: not read',
    ),
  insulationMohm: z.number().min(0).max(100_000).nullable(),
  groundOhms: z.number().min(0).max(1000).nullable().describe('Ground from end to end'),
  readings: keyed(
    z.array(readingSchema).max(LIMITS.readings),
    ({ at, pair, on }) => `${at} ${pair} ${String(on)}`,
  ),
  ohms: keyed(
    z.array(ohmsSchema).max(LIMITS.readings).describe('Read dead, where the diagnosis asked for it'),
    ({ at, of, on }) => `${at} ${of} ${String(on)}`,
  ),
  loadA: z.number().min(0).max(1000).nullable().describe('Current with the load on'),
  tripMa: z.number().min(0).max(1000).nullable().describe('GFCI by the tester'),
  button: z.boolean().nullable().describe('GFCI by its own button'),
  tripsOnLoad: z.boolean().nullable().describe('Whether the GFCI trips as the load comes on'),
  tripsAlone: z.boolean().nullable().describe('Whether the GFCI trips with the load disconnected'),
  trippedV: volts.nullable().describe('Volts past the GFCI while it is tripped'),
  riseC: z.number().min(-50).max(300).nullable().describe('Terminal over the ambient after an hour, kelvin'),
  torque: keyed(z.array(torqueSchema).max(LIMITS.readings), ({ terminal }) => terminal),
  traced: tracedSchema
    .nullable()
    .describe('Two conductors that were not marked at the pull, told apart dead: which comes from the panel'),
  built: keyed(
    z
      .array(z.strictObject({ segment: id, lengthFt: z.number().positive().max(LIMITS.segmentFt) }))
      .max(LIMITS.segments)
      .describe('Lengths as built, by the id of the segment'),
    ({ segment }) => segment,
  ),
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
/** Ohms that were read dead. */
export type OhmsReading = CircuitCheck['ohms'][number];

/** Nothing read yet. */
export const freshCheck = (circuitId: string): CircuitCheck => ({
  id: circuitId,
  off: false,
  dead: null,
  insulationMohm: null,
  groundOhms: null,
  readings: [],
  ohms: [],
  loadA: null,
  tripMa: null,
  button: null,
  tripsOnLoad: null,
  tripsAlone: null,
  trippedV: null,
  riseC: null,
  torque: [],
  traced: null,
  built: [],
  left: 'open',
  note: '',
});

/** What version 12 brought to the readings of a circuit; a terminal is filed by its end and purpose alone. */
const withMore = (check: Saved): Saved => ({
  tripsOnLoad: null,
  trippedV: null,
  traced: null,
  built: [],
  ...check,
  torque: eachSaved(check['torque'], (torque) => ({
    ...torque,
    terminal: String(torque['terminal']).replace(/^(\S+) \S+ (\S+)$/, '$1 $2'),
  })),
});

/** Torque that was kept with its circuit, as it is kept with the readings: by terminal. */
function keptWith(circuit: Saved): readonly Saved[] {
  const { torques } = circuit;
  return isSaved(torques)
    ? Object.entries(torques).map(([terminal, first]) => ({ terminal, first, second: null }))
    : [];
}

/** Until version 11 a torque could stand with its circuit and with its readings. */
function withOneTorque(job: Saved): Saved {
  const circuits: readonly unknown[] = Array.isArray(job['circuits']) ? job['circuits'] : [];
  const kept = new Map(
    circuits.filter(isSaved).map((circuit) => [circuit['id'], keptWith(circuit)] as const),
  );
  const known: readonly unknown[] = Array.isArray(job['checks']) ? job['checks'] : [];
  const checks = known.map((check) => (isSaved(check) ? withMore(check) : check));
  const has = new Set(checks.filter(isSaved).map((check) => check['id']));
  return {
    ...job,
    circuits: eachSaved(job['circuits'], ({ torques: _kept, ...circuit }) => circuit),
    checks: [
      ...checks.map((check) => {
        if (!isSaved(check)) return check;
        const own: readonly unknown[] = Array.isArray(check['torque']) ? check['torque'] : [];
        const filed = new Set(own.filter(isSaved).map((torque) => torque['terminal']));
        const others = (kept.get(check['id']) ?? []).filter(({ terminal }) => !filed.has(terminal));
        return { ...check, torque: [...own, ...others] };
      }),
      ...[...kept]
        .filter(([circuitId, torque]) => !has.has(circuitId) && torque.length > 0)
        .map(([circuitId, torque]) => ({ ...freshCheck(String(circuitId)), torque })),
    ],
  };
}

/** Until version 13 a conductor that was not read yet stood as one without a path: it is read again. */
function withUnread(check: Saved): Saved {
  const { traced } = check;
  const more = { ohms: [], tripsAlone: null };
  if (!isSaved(traced)) return { ...more, ...check };
  const read = Object.entries(traced).filter(([, value]) => value !== null);
  return { ...more, ...check, traced: { ...Object.fromEntries(read), tieOff: false } };
}

/** What the Checks stage keeps. */
export const checksDocument: StageDocument<typeof schema> = {
  schema,
  fresh: [],
  migrations: [
    { from: 10, up: (job) => ({ checks: [], ...job }) },
    { from: 11, up: withOneTorque },
    { from: 13, up: (job) => ({ ...job, checks: eachSaved(job['checks'], withUnread) }) },
  ],
};
