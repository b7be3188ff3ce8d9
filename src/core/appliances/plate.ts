import { z } from 'zod';
import type { NumberRange } from '../units/number';
import type { LoadModel, OutletNeeds, Question } from './family';

const AMPERES = { units: ['a', 'amp', 'amps', 'ampere', 'amperes'], shown: 'A' } as const;
const KILOWATTS = { units: ['kw', 'kilowatt', 'kilowatts'], shown: 'kW' } as const;
const HORSEPOWER = { units: ['hp', 'horsepower'], shown: 'hp' } as const;

/** Amperes within bounds. */
export const amperes = (min: number, max: number): NumberRange => ({ min, max, ...AMPERES });
/** Kilowatts within bounds. */
export const kilowatts = (min: number, max: number): NumberRange => ({ min, max, ...KILOWATTS });
/** Horsepower within bounds. */
export const horsepower = (min: number, max: number): NumberRange => ({ min, max, ...HORSEPOWER });

/** Rating of a device that a plate names or allows, amperes. */
export const deviceA = z.number().min(10).max(2000);

/** Voltages of a dwelling's two-pole circuits, or of one leg. */
export const dwellingVolts = z.union([z.literal(120), z.literal(208), z.literal(240)]);
/** Voltages of a two-pole circuit only. */
export const twoPoleVolts = z.union([z.literal(208), z.literal(240)]);

const choice = (volts: readonly number[]) => volts.map((value) => ({ value, label: `${value} V` }));

/** The question for volts. */
export const voltsQuestion = (...volts: readonly number[]): Question => ({
  key: 'volts',
  label: 'Volts',
  mark: 'V',
  kind: 'choice',
  choices: choice(volts),
});

/** The question for hardwired or plugged. */
export const connectionQuestion: Question = {
  key: 'connection',
  label: 'Connection',
  kind: 'choice',
  choices: [
    { value: 'hardwired', label: 'Hardwired' },
    { value: 'receptacle', label: 'Plug and receptacle' },
  ],
};

/** The question for a breaker that the plate names. */
export const breakerQuestion: Question = {
  key: 'breakerA',
  label: 'Breaker named on the nameplate',
  mark: 'BKR',
  kind: 'number',
  optional: true,
  range: amperes(10, 2000),
};

/** A load with what most have: one phase, nothing that starts hard, the next standard device. */
export function plainLoad(
  part: Partial<LoadModel> & Pick<LoadModel, 'volts' | 'continuousA' | 'otherA'>,
): LoadModel {
  const amps = part.continuousA + part.otherA;
  return {
    volts: part.volts,
    phase: part.phase ?? 1,
    continuousA: part.continuousA,
    otherA: part.otherA,
    runA: part.runA ?? amps,
    startA: part.startA ?? null,
    dipPct: part.dipPct ?? 15,
    neutral: part.neutral ?? false,
    powerFactor: part.powerFactor ?? 1,
    connection: part.connection ?? 'hardwired',
    outlets: part.outlets ?? 1,
    device: part.device ?? STANDARD,
    plateOcpdA: part.plateOcpdA ?? null,
    maxOcpdA: part.maxOcpdA ?? null,
    own: part.own ?? null,
    equipmentA: part.equipmentA ?? amps,
    labelFollowed: part.labelFollowed ?? false,
    feeder: part.feeder ?? false,
    plugA: part.plugA ?? null,
    matchBreaker: part.matchBreaker ?? false,
    beyondTables: part.beyondTables ?? false,
    min: part.min ?? null,
    minGround: part.minGround ?? null,
  };
}

const STANDARD = { kind: 'standard', minA: 0 } as const;

/** The usual outlet of a hardwired appliance, with what this one has otherwise. */
export const plainOutlet = (
  part: Partial<OutletNeeds> & Pick<OutletNeeds, 'kind' | 'location' | 'disconnect'>,
): OutletNeeds => ({
  use: '240',
  usesNeutral: false,
  unattended: false,
  integralGfci: false,
  hidden: false,
  ...part,
});
