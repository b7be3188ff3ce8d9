import type { FamilyId } from '../../../src/core/appliances/registry';
import type { Circuit } from '../../../src/core/circuit/circuitSchema';
import type { FindingCode } from '../../../src/core/findings/finding';
import { appliance } from '../../support/appliances';

/** One finding: its code and severity, what raises it, its sentence, and the circuit mended. */
export type Raised = readonly [
  code: FindingCode,
  severity: string,
  given: Partial<Circuit>,
  sentence: string,
  mended: Partial<Circuit>,
];

/** What a circuit with an appliance of a family is made of. */
export const withPlate = (family: FamilyId, plate: Record<string, unknown>): Partial<Circuit> => ({
  appliance: appliance(family, plate),
});

export const tub = { amps: 40, volts: 240, neutral: false, breakerA: 50 };
