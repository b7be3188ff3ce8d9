import { z } from 'zod';
import { METERS } from '../network/meter';
import { PAIRS, PAIR_OF } from '../network/network';
import { OUTLETS } from '../network/outletFault';
import { itemBase } from './itemSchemas';
import { sizeField } from './methodNames';

const volts = z.number().min(0).max(1000);
const station = z.string().regex(/^[A-Z]$/, 'A station is one capital letter.');
const pair = z.enum(PAIRS);

const outletForm = z.strictObject({
  ...itemBase,
  kind: z.literal('fault'),
  outlet: z.enum(OUTLETS),
  meter: z.enum(METERS).optional().describe('Left out: not known, and what either tester would show is told'),
  readings: z
    .strictObject({
      L1L2: volts.optional(),
      L1N: volts.optional(),
      L2N: volts.optional(),
      L1G: volts.optional(),
      L2G: volts.optional(),
      NG: volts.optional(),
    })
    .refine((all) => Object.values(all).some((each) => each !== undefined), 'Give one reading at least.'),
});

const segment = z.strictObject({
  from: station,
  to: station,
  size: sizeField,
  egc: sizeField,
  material: z.enum(['cu', 'al']).default('cu'),
  lengthFt: z.number().positive().max(5000),
  neutral: z.boolean(),
});

const networkForm = z.strictObject({
  ...itemBase,
  kind: z.literal('fault'),
  supply: z.strictObject({
    L1: z.number().positive().max(1000),
    L2: z.number().positive().max(1000).optional(),
  }),
  segments: z.array(segment).min(1).max(25),
  loads: z
    .array(
      z.strictObject({
        at: station,
        between: z.enum(['L1L2', 'L1N', 'L2N']),
        ohms: z.number().positive().max(1e6),
      }),
    )
    .max(60)
    .default([]),
  readings: z
    .array(z.strictObject({ at: station, pair, on: z.boolean(), volts }))
    .min(1)
    .max(400),
  meter: z.enum(METERS).default('low-z'),
});

type NetworkForm = z.infer<typeof networkForm>;

interface Complaint {
  readonly path: (string | number)[];
  readonly message: string;
}

/** Stations in their order, each segment from the one before to the next. */
function orderComplaints({ segments }: NetworkForm): readonly Complaint[] {
  const seen = new Set<string>();
  return segments.flatMap(({ from, to }, at): readonly Complaint[] => {
    const before = segments[at - 1];
    seen.add(from);
    if (before === undefined && from !== 'A')
      return [{ path: ['segments', at, 'from'], message: 'The first segment begins at A, the source.' }];
    if (before !== undefined && before.to !== from)
      return [
        { path: ['segments', at, 'from'], message: `It begins where the one before ends: ${before.to}.` },
      ];
    if (seen.has(to))
      return [{ path: ['segments', at, 'to'], message: `The station ${to} is there already.` }];
    return [];
  });
}

/** Conductors that run to each station. */
function runsAt({ segments, supply }: NetworkForm): ReadonlyMap<string, ReadonlySet<string>> {
  const hots = supply.L2 === undefined ? ['L1'] : ['L1', 'L2'];
  let neutral = segments[0]?.neutral === true;
  const stations: [string, ReadonlySet<string>][] = [
    ['A', new Set([...hots, 'G', ...(neutral ? ['N'] : [])])],
  ];
  for (const segment of segments) {
    neutral &&= segment.neutral;
    stations.push([segment.to, new Set([...hots, 'G', ...(neutral ? ['N'] : [])])]);
  }
  return new Map(stations);
}

/** Loads and readings between conductors that are there. */
function pairComplaints(form: NetworkForm): readonly Complaint[] {
  const runs = runsAt(form);
  const of = (
    list: 'loads' | 'readings',
    field: 'between' | 'pair',
    at: string,
    index: number,
    between: keyof typeof PAIR_OF,
  ) => {
    const there = runs.get(at);
    if (there === undefined)
      return [
        {
          path: [list, index, 'at'],
          message: `There is no station ${at}: use ${[...runs.keys()].join(', ')}.`,
        },
      ];
    const missing = PAIR_OF[between].find((each) => !there.has(each));
    return missing === undefined
      ? []
      : [{ path: [list, index, field], message: `No ${missing} runs to ${at}.` }];
  };
  return [
    ...form.loads.flatMap(({ at, between }, index) => of('loads', 'between', at, index, between)),
    ...form.readings.flatMap(({ at, pair: between }, index) => of('readings', 'pair', at, index, between)),
  ];
}

const networkItem = networkForm.superRefine((form, context) => {
  const order = orderComplaints(form);
  for (const { path, message } of order.length > 0 ? order : pairComplaints(form))
    context.addIssue({ code: 'custom', path, message });
});

/** Both forms: readings of an outlet, or of a circuit as a network. */
export const faultFormSchemas = { outlet: outletForm, network: networkItem } as const;

/** Readings of an outlet, read. */
export type OutletFaultItem = z.infer<typeof outletForm>;
/** Readings of a circuit, read. */
export type NetworkFaultItem = NetworkForm;
