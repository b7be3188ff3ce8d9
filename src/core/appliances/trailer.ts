import { typedPlate, typedRating } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { z } from 'zod';
import { defineFamily } from './family';
import { plainLoad, plainOutlet } from './plate';

const trailerPlateSchema = z.strictObject({
  amps: z.union([z.literal(30), z.literal(50)]).describe('30: 120 V, TT-30; 50: 120/240 V, 14-50'),
  poles: z
    .union([z.literal(1), z.literal(2)])
    .optional()
    .describe('Poles of the breaker that is planned, or was found'),
});

/** A trailer outlet by its rating. */
type TrailerPlate = z.infer<typeof trailerPlateSchema>;

/** For the drop a 30 A trailer is taken at 80 %. */
const RUNS_30_A = 24;

const of = fieldsOf<TrailerPlate>();

/** Trailer outlet: 30 A at 120 V or 50 A at 120/240 V. Article 551 is for parks; here it is a design basis. */
export const trailer = defineFamily<'rv', TrailerPlate>({
  id: 'rv',
  name: 'Trailer outlet',
  schema: trailerPlateSchema,
  fresh: { amps: 50 },
  questions: [
    of.choice(
      'amps',
      'Outlet',
      { 30: '30 A, 120 V', 50: '50 A, 120/240 V' },
      { mark: 'A', help: 'The larger with an adapter is done once.' },
    ),
    of.choice(
      'poles',
      'Poles of its breaker',
      { 1: 'One pole, 120 V', 2: 'Two poles, 240 V' },
      { help: 'A 30 A trailer is 120 V.', when: (plate) => plate['amps'] === 30 },
    ),
  ],
  title: (plate) => `Trailer outlet, ${plate.amps} A`,
  load(plate, { work }) {
    const thirty = plate.amps === 30;
    const volts = thirty ? 120 : 240;
    work.step('load.trailer', 'load.trailer', { amps: plate.amps, volts }, plate.amps);
    if (thirty && plate.poles === 2) work.found('stop', 'rv30.not-240', 'load.trailer', { volts: 240 });
    if (thirty) work.found('ask', 'rv.larger', 'load.trailer', { amps: plate.amps });
    return plainLoad({
      volts,
      continuousA: 0,
      otherA: plate.amps,
      runA: thirty ? RUNS_30_A : plate.amps,
      neutral: !thirty,
      connection: 'receptacle',
      device: { kind: 'given', ratingA: plate.amps },
    });
  },
  outlet: (_plate, load) =>
    plainOutlet({
      kind: 'rv',
      location: 'outdoor',
      fixedLocation: 'outdoor',
      use: 'rv',
      usesNeutral: true,
      unattended: true,
      disconnect: { by: 'none', minA: load.equipmentA },
    }),
  changes: (plate) => [
    ...(plate.poles === 2 ? [{ kind: 'one-pole' as const, plate: { amps: plate.amps } }] : []),
    ...(plate.amps === 30 ? [{ kind: 'larger-outlet' as const, plate: { amps: 50 as const } }] : []),
  ],
  // Its whole rating counts; one outlet has no demand factor (551.73).
  demandVA: ({ amps }) => (amps === 30 ? 3600 : 12000),
  typed: {
    names: [
      'trailer outlet',
      'trailer',
      'rv outlet',
      'rv',
      'rv plug',
      'rv pedestal',
      'rv hookup',
      'camper',
      'camper outlet',
      'motorhome',
    ],
    example: 'trailer 50',
    main: 'amps',
    plate: (typed) =>
      typedPlate(
        { amps: typedRating(typed) ?? (typed.receptacle === 'TT-30' ? 30 : undefined) },
        { amps: 50 },
      ),
  },
});
