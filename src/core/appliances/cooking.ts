import { heatOn, typedKw, typedPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import type { Edition } from '../code/edition';
import { cookingDemand } from './cookingDemand';
import type { Working } from '../working/worked';
import { defineFamily, type LoadModel } from './family';
import { BREAKER, CONNECTIONS, deviceA, plainLoad, plainOutlet, twoPoleVolts, VOLTS } from './plate';

const rangePlateSchema = z.strictObject({
  kw: z.number().min(1).max(27).describe('Nameplate, kilowatts'),
  volts: twoPoleVolts,
  connection: z.enum(['hardwired', 'receptacle']),
  breakerA: deviceA.optional().describe('Breaker that the plate names, amperes'),
});

const cooktopOvenPlateSchema = z.strictObject({
  kw: z
    .array(z.number().min(0.5).max(27))
    .min(1)
    .max(6)
    .describe('Nameplates of cooktop and ovens, kilowatts'),
  volts: twoPoleVolts,
  connection: z.enum(['hardwired', 'receptacle']).optional(),
  breakerA: deviceA.optional().describe('Breaker that the plate names, amperes'),
});

type RangePlate = z.infer<typeof rangePlateSchema>;
type CooktopOvenPlate = z.infer<typeof cooktopOvenPlateSchema>;

/** A range this large asks for a 40 A circuit at least (210.19(A)(3)). */
export const LARGE_RANGE_KW = 8.75;
export const LARGE_RANGE_A = 40;
/** Taps for the parts of a counter kitchen are allowed from a circuit of this rating. */
const TAPPED_CIRCUIT_A = 50;
/** One cooktop and two ovens are taken as one range (Table 220.55, note 4); more are added up. */
const MAX_UNITS = 3;

function cooking(
  demandVA: number,
  part: {
    readonly volts: number;
    readonly minA: number;
    readonly connection: LoadModel['connection'];
    readonly breakerA: number | undefined;
  },
  work: Working,
): LoadModel {
  const { volts, minA, connection, breakerA } = part;
  const amps = work.step('load.demand-amps', 'load.cooking', { va: demandVA, volts }, demandVA / volts);
  return plainLoad({
    volts,
    continuousA: 0,
    otherA: amps,
    neutral: true,
    connection,
    device: { kind: 'usual', minA },
    plateOcpdA: breakerA ?? null,
  });
}

/** Demand of one range on its branch circuit (Table 220.55, note 4). */
const rangeDemandVA = (kw: number, code: Edition, work: Working): number => {
  const { demandVA } = cookingDemand([kw], code);
  return work.step('load.cooking-demand', 'table.range', { kw, units: 1 }, demandVA, {
    read: { table: 'rangeDemand', row: '1', column: 'C' },
  });
};

const ofRange = fieldsOf<RangePlate>();

/** A household range: demand by Table 220.55, never under 40 A from 8.75 kW. */
export const range = defineFamily<'range', RangePlate>({
  id: 'range',
  name: 'Range',
  schema: rangePlateSchema,
  fresh: { kw: 12, volts: 240, connection: 'receptacle' },
  questions: [
    ofRange.number('kw', 'Power on the nameplate', UNITS.kilowatts, { mark: 'KW' }),
    ofRange.named('volts', 'Volts', VOLTS),
    ofRange.choice('connection', 'Connection', CONNECTIONS),
    ofRange.number('breakerA', BREAKER.label, UNITS.amperes, BREAKER),
  ],
  title: (plate) => `Range, ${plate.kw} kW`,
  load: (plate, { code, work }) =>
    cooking(
      rangeDemandVA(plate.kw, code, work),
      {
        volts: plate.volts,
        minA: plate.kw >= LARGE_RANGE_KW ? LARGE_RANGE_A : 0,
        connection: plate.connection,
        breakerA: plate.breakerA,
      },
      work,
    ),
  outlet: (_plate, load) =>
    plainOutlet({
      kind: 'range',
      location: 'kitchen',
      use: '120/240',
      usesNeutral: true,
      hidden: load.connection === 'receptacle',
      disconnect: { by: 'appliance', minA: load.equipmentA },
    }),
  changes: (plate) => [{ kind: 'hardwire', plate: { ...plate, connection: 'hardwired' } }],
  typed: {
    names: [
      'range',
      'stove',
      'cooker',
      'electric range',
      'electric stove',
      'slide-in range',
      'stove outlet',
      'range outlet',
      'range plug',
    ],
    example: 'range 12 kW',
    main: 'kw',
    plate: (typed) =>
      typedPlate(
        { kw: typedKw(typed), volts: typed.volts, connection: typed.connection },
        { kw: 12, volts: 240, connection: 'receptacle' },
      ),
  },
});

const ofCooktopOven = fieldsOf<CooktopOvenPlate>();

/** Cooktop and wall ovens, alone on their nameplates or together as one range with taps (Table 220.55, note 4). */
export const cooktopOven = defineFamily<'cooktop-oven', CooktopOvenPlate>({
  id: 'cooktop-oven',
  name: 'Cooktop and ovens',
  schema: cooktopOvenPlateSchema,
  fresh: { kw: [6.6, 4.2], volts: 240 },
  questions: [
    ofCooktopOven.numbers('kw', 'Cooktop, then ovens', UNITS.kilowatts, {
      mark: 'KW',
      help: 'One number for each unit on this circuit, in one room.',
      accepts: '1 to 6 numbers from 0.5 to 27 kW, apart by commas',
    }),
    ofCooktopOven.named('volts', 'Volts', VOLTS),
    ofCooktopOven.number('breakerA', BREAKER.label, UNITS.amperes, BREAKER),
  ],
  title: (plate) => (plate.kw.length === 1 ? 'Cooktop or oven' : 'Cooktop and ovens'),
  load(plate, { code, work }) {
    const whole = plate.kw.reduce((sum, kw) => sum + kw, 0);
    const units = plate.kw.length;
    if (units > MAX_UNITS) work.found('ask', 'load.too-many-units', 'table.range', { units, max: MAX_UNITS });
    const demandVA =
      units === 1 || units > MAX_UNITS
        ? work.step('load.whole', 'table.range', { kw: whole }, whole * 1000)
        : rangeDemandVA(whole, code, work);
    if (units > 1) tapSteps(plate, work);
    return cooking(
      demandVA,
      {
        volts: plate.volts,
        minA: units > 1 ? TAPPED_CIRCUIT_A : 0,
        connection: plate.connection ?? 'hardwired',
        breakerA: plate.breakerA,
      },
      work,
    );
  },
  outlet: (_plate, load) =>
    plainOutlet({
      kind: 'range',
      location: 'kitchen',
      use: '120/240',
      usesNeutral: true,
      disconnect: { by: 'appliance', minA: load.equipmentA },
    }),
  changes: () => [],
  typed: {
    names: [
      'cooktop and oven',
      'cooktop',
      'wall oven',
      'oven',
      'double oven',
      'cook top',
      'cooktop and ovens',
      'counter cooktop',
      'induction cooktop',
      'built-in oven',
    ],
    example: 'cooktop 6.6+4.2',
    main: 'kw',
    plate: (typed) => {
      const kw = typedKw(typed);
      return typedPlate(
        { kw: typed.sum ?? (kw === undefined ? undefined : [kw]), volts: typed.volts },
        { kw: [Math.min(7, heatOn(typed, 7))], volts: 240 },
      );
    },
  },
});

/** The least ampacity of the tap to each unit: 20 A, and the unit's own current. */
function tapSteps({ kw, volts }: CooktopOvenPlate, work: Working): void {
  for (const each of kw) {
    work.step('load.tap', 'load.cooking-tap', { kw: each, volts }, Math.max(20, (each * 1000) / volts));
  }
  work.found('note', 'load.taps', 'load.cooking-tap', { units: kw.length });
}
