import { applianceSchema, type Appliance, type FamilyId } from '../../src/core/appliances/registry';
import type { Circuit } from '../../src/core/circuit/circuitSchema';
import type { SolveContext } from '../../src/core/circuit/solveContext';
import { context, segment, sized, solveAny, type Sized } from './circuits';

/** An appliance of a family by its plate, read as a file would be. */
export const appliance = (family: FamilyId, nameplate: Record<string, unknown>): Appliance =>
  applianceSchema.parse({ family, nameplate });

/** A circuit of a family in a straight run, solved, whether or not a conductor fits. */
export const solveFamilyAny = (
  family: FamilyId,
  nameplate: Record<string, unknown>,
  run: Parameters<typeof segment>[0] = {},
  part: Partial<Circuit> = {},
  under: SolveContext = context(),
) => solveAny({ appliance: appliance(family, nameplate), run: [segment(run)], ...part }, under);

/** A circuit of a family in a straight run, solved; its conductor must have been found. */
export const solveFamily = (...about: Parameters<typeof solveFamilyAny>): Sized =>
  sized(solveFamilyAny(...about));

/** Both ends without a 75 °C mark. */
export const at60: Partial<Circuit> = { terminals: { panel: 60, load: 60 } };
