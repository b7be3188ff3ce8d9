import { typedNeutral, typedPlate, typedRating } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily, type LoadDesk, type LoadModel } from './family';
import { LOADS, heavierLeg, legLoadSchema } from './legs';
import { BREAKER, deviceA, plainLoad, plainOutlet, twoPoleVolts, VOLTS } from './plate';

const feederPlateSchema = z
  .strictObject({
    loadVA: z.number().min(0).max(200000).describe('Computed load of the panel, volt-amperes'),
    continuousVA: z
      .number()
      .min(0)
      .max(200000)
      .describe('The part of it that runs three hours or more, volt-amperes'),
    volts: twoPoleVolts,
    neutral: z.boolean(),
    loads: z
      .array(legLoadSchema)
      .max(60)
      .optional()
      .describe('The loads by leg; the heavier leg then decides'),
    building: z.enum(['same', 'detached', 'mobile-home']).optional().describe('Where the panel stands'),
    circuits: z.number().int().min(1).max(84).optional().describe('Circuits that it will have'),
    wires: z
      .union([z.literal(3), z.literal(4)])
      .optional()
      .describe('Wires of the feeder: four with an equipment ground apart'),
    bondingScrew: z.boolean().optional().describe('Whether the neutral is bonded in the subpanel'),
    dwelling: z.boolean().optional().describe('Whether the building is a one-family dwelling'),
    surge: z.boolean().optional().describe('Whether a surge-protective device is planned at its end'),
    emergencyDisconnect: z
      .boolean()
      .optional()
      .describe('Whether an emergency disconnect is planned outdoors at the building'),
    electrode: z.boolean().optional().describe('Whether the building has a grounding electrode'),
    breakerA: deviceA.optional().describe('Feeder breaker that is planned, amperes'),
  })
  .refine((plate) => plate.continuousVA <= plate.loadVA, {
    path: ['continuousVA'],
    message: 'The continuous part may not be more than the whole load, loadVA.',
  });

/** A feeder by the panel that it supplies. */
type FeederPlate = z.infer<typeof feederPlateSchema>;

/** Whether its panel stands in a building or structure of its own. */
const isApart = ({ building }: FeederPlate): boolean => building === 'detached' || building === 'mobile-home';

/** Least rating of the disconnect of a detached building, not of the feeder's breaker (225.39). */
function minDisconnect({ building, circuits, dwelling }: FeederPlate): number {
  if (building === 'mobile-home') return 100;
  if (building !== 'detached') return 0;
  if (dwelling === true) return 100;
  if (circuits === 1) return 15;
  return circuits === 2 ? 30 : 60;
}

/** Surge protection and an emergency disconnect at a dwelling that a new feeder supplies (215.18, 225.41, 225.42). */
function dwellingChecks(
  { building, dwelling, surge, emergencyDisconnect }: FeederPlate,
  desk: LoadDesk,
): void {
  const { work, code } = desk;
  const { feederSurge, buildingEmergency } = code.parameters;
  const detached = building === 'detached';
  if (detached && dwelling !== true) return;
  if (feederSurge.value && surge !== true) {
    const cite = detached ? 'feeder.surge-building' : feederSurge.cite;
    work.found(surge === false && detached ? 'stop' : 'ask', 'feeder.surge', cite, { detached });
  }
  if (detached && buildingEmergency.value && emergencyDisconnect !== true)
    work.found(emergencyDisconnect === false ? 'stop' : 'ask', 'feeder.emergency', buildingEmergency.cite, {
      seen: emergencyDisconnect === false,
    });
}

function checks(plate: FeederPlate, desk: LoadDesk): void {
  const { work } = desk;
  dwellingChecks(plate, desk);
  if (plate.building === 'mobile-home')
    work.found('ask', 'feeder.mobile-home', 'feeder.mobile-home', { minA: 100 });
  if (plate.wires === 3) work.found('stop', 'feeder.four-wires', 'feeder.neutral', { wires: 3 });
  if (plate.bondingScrew === true)
    work.found('stop', 'panel.neutral-ground-mixed', 'panel.apart', { where: 'subpanel' });
  if (plate.building !== 'detached') return;
  if (plate.dwelling === undefined)
    work.found('ask', 'feeder.dwelling', 'feeder.least', { circuits: plate.circuits ?? 0 });
  // The exception for a single branch circuit is for a branch circuit: a feeder has its electrode (250.32(A)).
  if (plate.electrode === false)
    work.found('stop', 'feeder.electrode', 'feeder.electrode', { circuits: plate.circuits ?? 0 });
  else if (plate.electrode === undefined)
    work.found('ask', 'feeder.electrode', 'feeder.electrode', { circuits: plate.circuits ?? 0 });
}

/** The whole of a panel's load, by volt-amperes or by its heavier leg. */
function currents(
  plate: FeederPlate,
  { code, work }: LoadDesk,
): Pick<LoadModel, 'continuousA' | 'otherA' | 'runA'> {
  const { loads, volts, loadVA, continuousVA } = plate;
  if (loads !== undefined && loads.length > 0) {
    const { designA, runA } = heavierLeg(loads, code, work, 'load.feeder');
    return { continuousA: 0, otherA: designA, runA };
  }
  const amps = work.step('load.demand-amps', 'load.feeder', { va: loadVA, volts }, loadVA / volts);
  const continuousA = continuousVA / volts;
  return { continuousA, otherA: amps - continuousA, runA: amps };
}

const TO = { same: 'subpanel', detached: 'detached building', 'mobile-home': 'mobile home' } as const;

const of = fieldsOf<FeederPlate>();

/** Feeder to a subpanel in the same or a detached building. */
export const feeder = defineFamily<'feeder', FeederPlate>({
  id: 'feeder',
  name: 'Feeder to a subpanel',
  schema: feederPlateSchema,
  fresh: { loadVA: 14400, continuousVA: 9600, volts: 240, neutral: true, building: 'same', wires: 4 },
  questions: [
    of.number('loadVA', 'Computed load of the panel', UNITS.voltamperes, { mark: 'VA' }),
    of.number('continuousVA', 'Of it continuous', UNITS.voltamperes, { mark: 'VA' }),
    of.named('volts', 'Volts', VOLTS),
    of.yesNo('neutral', 'Does it carry a neutral?'),
    of.choice('building', 'The panel stands', {
      same: 'In the same building',
      detached: 'In a detached building',
      'mobile-home': 'In a mobile home',
    }),
    of.yesNo('surge', 'Surge-protective device at its end?', {
      when: (plate) => plate['building'] !== 'detached' || plate['dwelling'] === true,
    }),
    of.yesNo('emergencyDisconnect', 'Emergency disconnect outdoors at the building?', {
      when: (plate) => plate['building'] === 'detached' && plate['dwelling'] === true,
    }),
    of.number('circuits', 'Circuits that it will have', UNITS.none, {
      until: 'More than two: a disconnect of 60 A at least.',
      when: (plate) => plate['building'] === 'detached',
    }),
    of.yesNo('dwelling', 'Is the building a one-family dwelling?', {
      when: (plate) => plate['building'] === 'detached',
    }),
    of.yesNo('electrode', 'Has the building a grounding electrode?', {
      when: (plate) => plate['building'] === 'detached',
    }),
    of.yesNo('bondingScrew', 'Is the neutral bonded in the subpanel?', {
      help: 'A new feeder has four wires and separate bars; in an existing panel the bond stays until the ground is run.',
    }),
    of.own('loads', 'The loads by leg, instead', {
      ...LOADS,
      help: 'When given, the heavier leg decides: "Charger 40 A both continuous; Lights 3 A B".',
    }),
    of.choice('wires', 'Wires of the feeder', { 4: 'Four: ground apart', 3: 'Three, as it is there' }),
    of.number('breakerA', BREAKER.label, UNITS.amperes, BREAKER),
  ],
  title: ({ building = 'same' }) => `Feeder, ${TO[building]}`,
  load(plate, desk) {
    checks(plate, desk);
    const { continuousA, otherA, runA } = currents(plate, desk);
    const { groupA = 0, work } = desk;
    if (groupA > 0)
      work.step(
        'load.group',
        'service.group',
        { groupA, ownA: continuousA + otherA },
        continuousA + otherA + groupA,
      );
    return plainLoad({
      volts: plate.volts,
      continuousA: continuousA + groupA,
      otherA,
      runA: runA + groupA,
      neutral: plate.neutral,
      powerFactor: 0.95,
      feeder: true,
      plateOcpdA: plate.breakerA ?? null,
    });
  },
  outlet: (plate, load) =>
    plainOutlet({
      kind: 'feeder',
      location: isApart(plate) ? 'accessory' : 'utility',
      usesNeutral: plate.neutral,
      disconnect: {
        by: isApart(plate) ? 'building' : 'none',
        minA: Math.max(load.equipmentA, minDisconnect(plate)),
      },
    }),
  changes: (plate) => [
    ...(plate.wires === 3
      ? [{ kind: 'plate-to-code' as const, plate: { ...plate, wires: 4 as const } }]
      : []),
    ...(plate.bondingScrew === true
      ? [{ kind: 'plate-to-code' as const, plate: { ...plate, bondingScrew: false, wires: 4 as const } }]
      : []),
    ...(plate.surge === false ? [{ kind: 'plate-to-code' as const, plate: { ...plate, surge: true } }] : []),
    ...(plate.emergencyDisconnect === false
      ? [{ kind: 'plate-to-code' as const, plate: { ...plate, emergencyDisconnect: true } }]
      : []),
    ...(plate.electrode === false
      ? [{ kind: 'plate-to-code' as const, plate: { ...plate, electrode: true } }]
      : []),
  ],
  typed: {
    names: [
      'feeder',
      'subpanel',
      'sub panel',
      'subpanel feeder',
      'sub',
      'sub feed',
      'subfeed',
      'garage panel',
      'shop panel',
      'barn panel',
      'shed panel',
      'load center',
      'mobile home feeder',
      'mobile home',
    ],
    example: 'feeder 60 A',
    main: 'amps',
    plate: (typed) => {
      const { va, kw, volts = 240, wires, building } = typed;
      const rating = typedRating(typed);
      const loadVA =
        va ??
        (kw === undefined ? undefined : kw * 1000) ??
        (rating === undefined ? undefined : rating * volts);
      return typedPlate(
        {
          loadVA,
          volts: typed.volts,
          neutral: typedNeutral(typed),
          building: building ? 'detached' : undefined,
          wires: wires === 3 || wires === 4 ? wires : undefined,
        },
        { loadVA: 14400, continuousVA: 0, volts: 240, neutral: true, building: 'same' },
      );
    },
  },
});
