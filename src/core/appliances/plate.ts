import { z } from 'zod';
import type { LoadModel, OutletNeeds } from './family';

/** Rating of a device that a plate names or allows, amperes. */
export const deviceA = z.number().min(10).max(2000);

/** Voltages of a dwelling's two-pole circuits, or of one leg. */
export const dwellingVolts = z.union([z.literal(120), z.literal(208), z.literal(240)]);
/** Voltages of a two-pole circuit only. */
export const twoPoleVolts = z.union([z.literal(208), z.literal(240)]);

/** How volts are asked: every voltage that the plate may bear. */
export const VOLTS = { mark: 'V', nameOf: (volts: number) => `${volts} V` } as const;

/** Hardwired or plugged. */
export const CONNECTIONS = { hardwired: 'Hardwired', receptacle: 'Plug and receptacle' } as const;

/** How a breaker that the plate names is asked. */
export const BREAKER = { label: 'Breaker named on the nameplate', mark: 'BKR' } as const;

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
