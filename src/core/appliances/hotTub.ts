import { typedNeutral, typedPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily } from './family';
import { BREAKER, deviceA, dwellingVolts, plainLoad, plainOutlet, VOLTS } from './plate';

const hotTubPlateSchema = z
  .strictObject({
    amps: z
      .number()
      .min(1)
      .max(100)
      .optional()
      .describe('Largest current on the label as it is strapped, amperes; left out: 80 % of its breaker'),
    volts: dwellingVolts,
    neutral: z.boolean().describe('Whether the label asks for a neutral: four wires'),
    breakerA: deviceA.optional().describe('Breaker that the label names, amperes'),
    jumper: z.enum(['low', 'high']).optional().describe('How the jumper of the control is set'),
    lowA: z.number().min(1).max(100).optional().describe('Largest current at the low setting, amperes'),
    feeds: z
      .enum(['one', 'pair'])
      .optional()
      .describe('One GFCI device, or a 20 A and 30 A pair in a spa panel'),
    part: z
      .enum(['heater', 'pumps'])
      .optional()
      .describe('Which circuit of the pair it is; left out: the whole tub'),
    diagramRead: z
      .boolean()
      .optional()
      .describe("Whether poles and neutral of the pumps were read from the manufacturer's diagram"),
    connection: z.enum(['hardwired', 'receptacle']).optional(),
    integralGfci: z.boolean().optional().describe('Listed with its own Class A protection of all parts'),
  })
  .refine(({ amps, breakerA }) => amps !== undefined || breakerA !== undefined, {
    path: ['amps'],
    message: 'Give the amps on the label, or the breaker that it names.',
  });

/** The nameplate of a hot tub. */
type HotTubPlate = z.infer<typeof hotTubPlateSchema>;

/** Circuits of a pair. */
const PAIR = 2;

/** What a breaker carries for three hours and more. */
const CONTINUOUS_SHARE = 0.8;

const asStrapped = ({ amps, breakerA = 0, jumper, lowA }: HotTubPlate): number =>
  jumper === 'low' && lowA !== undefined ? lowA : (amps ?? breakerA * CONTINUOUS_SHARE);

const of = fieldsOf<HotTubPlate>();

/** Hot tub or spa: heater and pumps together, three hours and more; protected whatever its place (680.44). */
export const hotTub = defineFamily<'hot-tub', HotTubPlate>({
  id: 'hot-tub',
  name: 'Hot tub or spa',
  schema: hotTubPlateSchema,
  fresh: { amps: 40, volts: 240, neutral: true },
  questions: [
    of.number('amps', 'Largest current on the label', UNITS.amperes, {
      mark: 'A',
      help: 'As the jumper is set: heater and pumps together.',
      until: '80 % of the breaker on the nameplate.',
    }),
    of.named('volts', 'Volts', VOLTS),
    of.yesNo('neutral', 'Four wires: does it need a neutral?', {
      mark: 'N',
      until: 'Read it from the nameplate: 240 V three-wire and 120/240 V four-wire tubs look alike.',
      when: (plate) => plate['volts'] !== 120,
    }),
    of.number('breakerA', BREAKER.label, UNITS.amperes, {
      ...BREAKER,
      until: 'The next standard size above 125 % of the current.',
    }),
    of.choice('jumper', 'Jumper of the control', { high: 'High amps', low: 'Low amps' }),
    of.number('lowA', 'Current at the low setting', UNITS.amperes, {
      mark: 'A',
      when: (plate) => plate['jumper'] === 'low',
    }),
    of.choice(
      'feeds',
      'GFCI device',
      { one: 'One for the tub', pair: '20 A and 30 A pair' },
      { help: "As the manufacturer's nameplate says.", when: (plate) => plate['part'] === undefined },
    ),
    of.yesNo('diagramRead', "Poles and neutral read from the manufacturer's diagram?", {
      when: (plate) => plate['part'] === 'pumps',
    }),
    of.yesNo('integralGfci', 'Listed with its own Class A protection of all parts?'),
  ],
  title: (plate) => `Hot tub${plate.part === undefined ? '' : ` ${plate.part}`}, ${asStrapped(plate)} A`,
  load(plate, { practices, work, fedCircuits = 0 }) {
    const amps = work.step('load.maker', 'load.nameplate', { volts: plate.volts }, asStrapped(plate));
    if (plate.amps === undefined)
      work.found('ask', 'load.by-breaker', 'load.nameplate', { breakerA: plate.breakerA ?? 0, usedA: amps });
    if (plate.jumper === 'low' && plate.lowA === undefined) {
      work.found('ask', 'load.plate-missing', 'load.nameplate', { field: 'low setting', usedA: amps });
    }
    if (plate.feeds === 'pair') {
      const feederA = plate.breakerA ?? amps * 1.25;
      const planned = fedCircuits >= PAIR;
      work.found(planned ? 'note' : 'check', 'load.spa-pair', 'load.nameplate', { feederA, planned });
      work.found('ask', 'disconnect.pair-main', 'disconnect.pool', { feederA });
    }
    if (plate.part === 'pumps' && plate.diagramRead !== true)
      work.found('ask', 'load.pair-diagram', 'load.nameplate', { breakerA: plate.breakerA ?? 0 });
    const continuous = practices.spaContinuous;
    return plainLoad({
      volts: plate.volts,
      continuousA: continuous ? amps : 0,
      otherA: continuous ? 0 : amps,
      neutral: plate.neutral && plate.volts !== 120,
      connection: plate.connection ?? 'hardwired',
      plateOcpdA: plate.breakerA ?? null,
      labelFollowed: true,
      minGround: '12',
    });
  },
  outlet: (plate, load) =>
    plainOutlet({
      kind: 'spa',
      location: 'outdoor',
      use: plate.volts === 120 ? '120' : plate.neutral ? '120/240' : '240',
      usesNeutral: plate.neutral || plate.volts === 120,
      integralGfci: plate.integralGfci === true,
      disconnect: { by: 'pool', minA: load.equipmentA * 1.25 },
    }),
  changes: (plate) =>
    plate.jumper !== 'low' && plate.lowA !== undefined
      ? [{ kind: 'setting', plate: { ...plate, jumper: 'low' } }]
      : [],
  typed: {
    names: ['hot tub', 'tub', 'spa', 'hottub', 'swim spa', 'whirlpool', 'cold plunge'],
    example: 'hot tub 50',
    main: 'amps',
    plate: (typed) => {
      const { amps, breakerA, volts } = typed;
      const known = amps ?? breakerA;
      return typedPlate(
        { amps, breakerA, volts, neutral: typedNeutral(typed) },
        { ...(known === undefined && { amps: 40 }), volts: 240, neutral: volts !== 120 },
      );
    },
  },
});
