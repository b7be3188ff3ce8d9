import { continuousOf, typedAmps, typedPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import type { Edition } from '../code/edition';
import type { Working } from '../working/worked';
import { defineFamily, type LoadDesk, type LoadModel, type PlateChange } from './family';
import { plainLoad, plainOutlet } from './plate';

const RESTRICTIONS = ['tool-cover', 'locked-door', 'password'] as const;

const evPlateSchema = z.strictObject({
  outputAmps: z.number().min(6).max(80).describe('Rated output current, amperes'),
  volts: z.union([z.literal(120), z.literal(208), z.literal(240)]),
  connection: z.enum(['hardwired', 'receptacle']),
  settingA: z.number().min(6).max(80).optional().describe('Current that the charger is set to, amperes'),
  settingRestricted: z.boolean().optional().describe('Whether access to the setting is restricted'),
  restrictedBy: z
    .enum(RESTRICTIONS)
    .optional()
    .describe('What restricts it: tool cover, locked door or password'),
  plug: z
    .enum(['four-wire', 'three-wire'])
    .optional()
    .describe('Its plug: 14-30 or 14-50 (four-wire), 6-20, 6-30 or 6-50 (three-wire)'),
  adapterA: z
    .number()
    .min(6)
    .max(80)
    .optional()
    .describe('Current that its listed plug adapter sets, amperes'),
  units: z
    .number()
    .int()
    .min(2)
    .max(8)
    .optional()
    .describe('Chargers on this circuit under one limit; left out: one'),
  sharedA: z
    .number()
    .min(6)
    .max(80)
    .optional()
    .describe('Most that the chargers of this circuit take together, amperes'),
  managed: z
    .number()
    .min(6)
    .max(200)
    .optional()
    .describe('Limit kept by an energy management system, amperes'),
});

/** The nameplate of a vehicle charger. */
export type EvPlate = z.infer<typeof evPlateSchema>;

/** The settings that chargers commonly offer, amperes; a lower one asks less of the circuit. */
export const SETTINGS_A = [48, 44, 40, 36, 32, 30, 28, 24, 20, 16, 12] as const;

/** A listed adapter that sets the rating of its plug: taken as the rating, and asked about (110.3(B)). */
function pluggedOutput({ outputAmps: plateA, settingA, adapterA }: EvPlate, work: Working): number {
  if (adapterA !== undefined && adapterA < plateA) {
    work.found('ask', 'load.plug-adapter', 'load.nameplate', { adapterA, plateA });
    return work.step('load.adapter', 'load.nameplate', { adapterA, plateA }, adapterA);
  }
  if (settingA !== undefined && settingA < plateA)
    work.found('check', 'load.setting-plugged', 'load.ev-setting', { settingA, plateA });
  return plateA;
}

/**
 * The current that the circuit is sized for. A setting counts only where the edition knows it, the charger is fastened
 * in place and hardwired, and access to the setting is restricted (625.42); until then the charger may take all that
 * its plate says.
 */
function ratedOutput(plate: EvPlate, code: Edition, work: Working): number {
  const { outputAmps: plateA, settingA } = plate;
  work.step('load.plate', 'load.ev-rating', { outputA: plateA, volts: plate.volts }, plateA);
  if (plate.connection === 'receptacle' && (settingA ?? 0) <= plateA) return pluggedOutput(plate, work);
  if (settingA === undefined || settingA === plateA) return plateA;
  if (settingA > plateA) {
    work.found('stop', 'load.setting-above-plate', 'load.ev-setting', { settingA, plateA });
    return settingA;
  }
  if (plate.settingRestricted !== true) {
    work.found('ask', 'load.setting-open', 'load.ev-setting', { settingA, plateA });
    return plateA;
  }
  const counts = code.parameters.evSettingCounts;
  if (!counts.value) {
    work.found('ask', 'load.setting-edition', counts.cite, { settingA, plateA, year: code.year });
    return plateA;
  }
  if (plate.restrictedBy === undefined) work.found('ask', 'load.setting-means', counts.cite, { settingA });
  return work.step('load.setting', counts.cite, { settingA, plateA }, settingA, { by: counts });
}

/** Up to this a charger's plug is a three-wire one until it was seen: nobody makes a small four-wire cord. */
const SMALL_PLUG_A = 16;

/** Whether its receptacle has a neutral: a new 14-30 or 14-50 has four wires, whatever the charger uses. */
const hasFourWirePlug = ({ plug, connection, volts, outputAmps }: EvPlate): boolean =>
  connection === 'receptacle' &&
  volts !== 120 &&
  (plug === undefined ? outputAmps > SMALL_PLUG_A : plug === 'four-wire');

/** Several chargers on one circuit: only where load management keeps them under one limit (625.40 Ex., 625.42). */
function circuitOutput(plate: EvPlate, code: Edition, work: Working): number {
  const eachA = ratedOutput(plate, code, work);
  const { units, sharedA } = plate;
  if (units === undefined) return eachA;
  if (sharedA === undefined) {
    work.found('stop', 'load.individual-circuit', 'load.shared-limit', { units });
    return units * eachA;
  }
  work.found('ask', 'load.shared-limit', 'load.shared-limit', { units, sharedA });
  return work.step('load.shared', 'load.shared-limit', { units, plateA: eachA }, sharedA);
}

function load(plate: EvPlate, { code, work }: LoadDesk): LoadModel {
  const continuousA = circuitOutput(plate, code, work);
  if (plate.managed !== undefined && plate.managed < continuousA) {
    work.found('ask', 'load.managed', 'load.managed', { managedA: plate.managed, plateA: continuousA });
  }
  const asks = plate.connection === 'receptacle' && plate.plug === undefined && hasFourWirePlug(plate);
  if (asks) work.found('ask', 'receptacle.which-plug', 'receptacle.listing', { volts: plate.volts });
  return plainLoad({
    volts: plate.volts,
    continuousA,
    otherA: 0,
    connection: plate.connection,
    neutral: hasFourWirePlug(plate),
  });
}

function changes(plate: EvPlate): PlateChange<EvPlate>[] {
  const { settingA: _setting, settingRestricted: _guard, ...full } = plate;
  const now = plate.settingA ?? plate.outputAmps;
  return [
    ...SETTINGS_A.filter((each) => each < now).map((settingA) => ({
      kind: 'setting' as const,
      plate: { ...plate, settingA, settingRestricted: true },
    })),
    ...(plate.units === undefined || plate.sharedA !== undefined
      ? []
      : [{ kind: 'shared-limit' as const, plate: { ...plate, sharedA: now } }]),
    { kind: 'guard-setting', plate: { ...plate, settingRestricted: true } },
    { kind: 'full-output', plate: full },
    { kind: 'hardwire', plate: { ...plate, connection: 'hardwired' } },
    { kind: 'three-wire-plug', plate: { ...plate, plug: 'three-wire' } },
    { kind: 'four-wire-plug', plate: { ...plate, plug: 'four-wire' } },
  ];
}

const of = fieldsOf<EvPlate>();

/** Electric vehicle supply equipment: a continuous load, hardwired or on a cord (Article 625). */
export const ev = defineFamily<'ev', EvPlate>({
  id: 'ev',
  name: 'EV charger',
  schema: evPlateSchema,
  fresh: { outputAmps: 48, volts: 240, connection: 'hardwired' },
  questions: [
    of.number('outputAmps', 'Output on the nameplate', UNITS.amperes, {
      mark: 'OUTPUT',
      help: 'Amperes, as the nameplate says: not the size of the breaker.',
    }),
    of.choice('volts', 'Volts', { 240: '240 V', 208: '208 V', 120: '120 V' }, { mark: 'V' }),
    of.choice('connection', 'Connection', { hardwired: 'Hardwired', receptacle: 'Plug and receptacle' }),
    of.number('settingA', 'Set to', UNITS.amperes, { help: 'Leave empty when it runs at its full output.' }),
    of.yesNo('settingRestricted', 'Is access to the setting restricted?', {
      help: 'By a tool cover, a locked door or a password, with the rating marked on the label.',
      when: (plate) => plate['settingA'] !== undefined && plate['connection'] === 'hardwired',
    }),
    of.choice(
      'restrictedBy',
      'Restricted by',
      { 'tool-cover': 'Tool cover', 'locked-door': 'Locked door', password: 'Password' },
      { when: (plate) => plate['settingRestricted'] === true },
    ),
    of.choice(
      'plug',
      'Plug of the charger',
      { 'four-wire': '14-30 or 14-50, four wires', 'three-wire': '6-20, 6-30 or 6-50, three wires' },
      { when: (plate) => plate['connection'] === 'receptacle' && plate['volts'] !== 120 },
    ),
    of.number('adapterA', 'Current that its plug adapter sets', UNITS.amperes, {
      when: (plate) => plate['connection'] === 'receptacle',
    }),
    of.number('units', 'Chargers on this circuit', UNITS.none, {
      help: 'Leave empty for one. Several need load management that keeps them under one limit.',
    }),
    of.number('sharedA', 'Limit of all of them together', UNITS.amperes, {
      when: (plate) => plate['units'] !== undefined,
    }),
    of.number('managed', 'Limit kept by load management', UNITS.amperes, {
      help: 'Counts for the service. The circuit itself is sized for the full output.',
    }),
  ],
  title: ({ units, sharedA, settingA, outputAmps }) =>
    units === undefined || sharedA === undefined
      ? `EV charger, ${settingA ?? outputAmps} A`
      : `${units} EV chargers, ${sharedA} A together`,
  load,
  outlet: (plate, { equipmentA }) =>
    plainOutlet({
      kind: 'ev',
      location: 'utility',
      use: plate.volts === 120 ? '120' : hasFourWirePlug(plate) ? 'vehicle-14' : '240',
      usesNeutral: plate.volts === 120 || hasFourWirePlug(plate),
      unattended: true,
      disconnect: { by: 'ev', minA: equipmentA },
    }),
  changes,
  // What load management leaves it is what the service sees.
  demandVA: ({ managed = Infinity }, { continuousA, volts }) => Math.min(managed, continuousA) * volts,
  typed: {
    names: [
      'ev charger',
      'ev',
      'charger',
      'evse',
      'car charger',
      'vehicle charger',
      'ev outlet',
      'wall charger',
      'wall connector',
      'ev plug',
      'charging station',
      'level 2 charger',
      'level 2',
      'level two charger',
      'electric vehicle charger',
      'electric vehicle',
      'electric car charger',
      'electric car',
    ],
    example: 'ev 48',
    main: 'amps',
    plate: (typed) =>
      typedPlate(
        {
          outputAmps: typed.amps ?? typedAmps(typed) ?? continuousOf(typed),
          volts: typed.volts,
          connection: typed.connection,
          plug:
            typed.receptacle === undefined
              ? undefined
              : typed.receptacle.startsWith('14')
                ? 'four-wire'
                : 'three-wire',
        },
        { outputAmps: 48, volts: 240, connection: 'hardwired' },
      ),
  },
});
