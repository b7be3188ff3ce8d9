import { heatOn, typedKw, typedPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily, type LoadDesk, type LoadModel } from './family';
import { BREAKER, deviceA, dwellingVolts, plainLoad, plainOutlet, VOLTS } from './plate';
import { heatCurrent, LARGEST_ELEMENT_A } from './resistanceHeat';

const waterHeaterPlateSchema = z.strictObject({
  kw: z
    .number()
    .min(0.3)
    .max(40)
    .describe('Nameplate, kilowatts; with two elements that never run together the larger'),
  volts: dwellingVolts,
  storage: z.boolean().describe('A tank of up to 120 gallons; no: tankless'),
  hybrid: z.boolean().optional().describe('With a heat pump'),
  amps: z.number().min(1).max(60).optional().describe('Largest current on the label of a hybrid, amperes'),
  feeds: z
    .number()
    .int()
    .min(1)
    .max(4)
    .optional()
    .describe('Circuits that the manufacturer asks for; this is one of them'),
  breakerA: deviceA.optional().describe('Breaker that the plate names, amperes'),
});

/** The nameplate of a water heater. */
type WaterHeaterPlate = z.infer<typeof waterHeaterPlateSchema>;

/** Up to this current a lone appliance takes 20 A at most (422.11(E)). */
const SMALL_A = 13.3;
const SMALL_MOST_A = 20;
const MAX_TIMES = 1.5;
/** A listed instantaneous heater in one piece, and the device that protects it at most (422.11(F)(3)). */
const LARGEST_INSTANTANEOUS_A = 120;
const INSTANTANEOUS_DEVICE_A = 150;

const maxDevice = (amps: number, ratings: readonly number[]): number =>
  amps <= SMALL_A ? SMALL_MOST_A : (ratings.find((rating) => rating >= amps * MAX_TIMES - 1e-9) ?? Infinity);

function current(plate: WaterHeaterPlate, { work }: LoadDesk): number {
  if (plate.amps !== undefined) {
    return work.step('load.maker', 'load.nameplate', { volts: plate.volts }, plate.amps);
  }
  const feeds = plate.feeds ?? 1;
  const kw = plate.kw / feeds;
  if (feeds > 1) work.step('load.per-feed', 'load.heater-parts', { kw: plate.kw, feeds }, kw);
  const amps = heatCurrent(kw, plate.volts, work);
  if (plate.storage) work.step('load.storage', 'load.storage-heater', { amps }, amps);
  // A listed instantaneous heater may be subdivided inside, up to 120 A; the nameplate's breaker is followed.
  const maxA = plate.storage ? LARGEST_ELEMENT_A : LARGEST_INSTANTANEOUS_A;
  if (amps > maxA) work.found('stop', 'load.subdivide', 'load.heater-parts', { amps, maxA });
  return amps;
}

function load(plate: WaterHeaterPlate, desk: LoadDesk): LoadModel {
  const amps = current(plate, desk);
  // A manufacturer's circuit list is followed as it stands; without one a tankless heater is taken as continuous.
  const continuous = plate.storage || (plate.breakerA === undefined && desk.practices.tanklessContinuous);
  if (!plate.storage && plate.breakerA === undefined) {
    desk.work.found('ask', 'load.maker-circuits', 'load.heater-parts', { amps });
  }
  const maxA =
    plate.breakerA ??
    (plate.storage ? maxDevice(amps, desk.code.tables.standardOcpd.ratings) : INSTANTANEOUS_DEVICE_A);
  return plainLoad({
    volts: plate.volts,
    continuousA: continuous ? amps : 0,
    otherA: continuous ? 0 : amps,
    device: plate.storage ? { kind: 'usual', minA: 0 } : { kind: 'standard', minA: 0 },
    plateOcpdA: plate.breakerA ?? null,
    maxOcpdA: maxA,
  });
}

const of = fieldsOf<WaterHeaterPlate>();

/** Water heater: storage at 125 % (422.13), tankless in parts of 48 A, hybrid by its label. */
export const waterHeater = defineFamily<'water-heater', WaterHeaterPlate>({
  id: 'water-heater',
  name: 'Water heater',
  schema: waterHeaterPlateSchema,
  fresh: { kw: 4.5, volts: 240, storage: true },
  questions: [
    of.number('kw', 'Power on the nameplate', UNITS.kilowatts, {
      mark: 'KW',
      help: 'Two elements that never run together: the larger.',
    }),
    of.named('volts', 'Volts', VOLTS),
    of.yesNo('storage', 'A tank of up to 120 gallons?', { help: 'No: tankless.' }),
    of.number('feeds', 'Circuits on the nameplate', UNITS.none, {
      until: 'One, up to 120 A.',
      when: ({ storage }) => !storage,
    }),
    of.yesNo('hybrid', 'With a heat pump?', { when: ({ storage }) => storage }),
    of.number('amps', 'Largest current on the label', UNITS.amperes, {
      mark: 'MAX A',
      when: (plate) => plate['hybrid'] === true,
    }),
    of.number('breakerA', BREAKER.label, UNITS.amperes, BREAKER),
  ],
  title: (plate) => `Water heater, ${plate.kw} kW`,
  load,
  outlet: (plate, model) =>
    plainOutlet({
      kind: 'water-heater',
      location: 'utility',
      use: plate.volts === 120 ? '120' : '240',
      usesNeutral: plate.volts === 120,
      disconnect: { by: plate.hybrid === true ? 'hermetic' : 'appliance', minA: model.equipmentA * 1.25 },
    }),
  changes: (plate) =>
    plate.storage
      ? []
      : [2, 3, 4]
          .filter((feeds) => feeds > (plate.feeds ?? 1))
          .map((feeds) => ({ kind: 'feeds', plate: { ...plate, feeds } })),
  typed: {
    names: [
      'water heater',
      'tankless',
      'heat pump water heater',
      'hot water heater',
      'hot water tank',
      'hwh',
      'wh',
      'electric water heater',
      'tankless water heater',
      'hybrid water heater',
      'water tank',
      'waterheater',
      'on demand heater',
      'on demand water heater',
      'tankless heater',
      'instant heater',
    ],
    example: 'water heater 4.5 kW',
    main: 'kw',
    plate: (typed) => {
      const tankless = typed.words.has('tankless');
      return typedPlate(
        {
          kw: typedKw(typed),
          volts: typed.volts,
          storage: tankless ? false : undefined,
          feeds: tankless ? typed.count : undefined,
          hybrid: typed.words.has('hybrid') ? true : undefined,
        },
        { kw: tankless ? 18 : Math.min(4.5, heatOn(typed, 4.5)), volts: 240, storage: true },
      );
    },
  },
});
