import type { FamilyId } from '../../../core/appliances/registry';
import { atWater } from './atWater';
import { heating } from './heating';
import { machines } from './machines';
import { outlets } from './outlets';
import type { Silhouette } from './silhouette';

/** The silhouette of every family. One without does not compile. */
export const silhouettes: Readonly<Record<FamilyId, Silhouette>> = {
  ...atWater,
  ...heating,
  ...machines,
  ...outlets,
};
