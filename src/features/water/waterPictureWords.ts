import type { WaterReport } from '../../core/water/waterReport';
import { sizeWords } from '../../core/wording/yardWords';
import { shellName, waterKindName } from '../../core/wording/waterWords';

/** What a water is named by on the plan: a large one with its size and make, a tub by its name first. */
export const waterWords = ({ water }: WaterReport): readonly string[] =>
  water.shell === 'self-contained'
    ? [water.name, sizeWords(water), waterKindName[water.kind]]
    : [`${water.name} ${sizeWords(water)}`, shellName[water.shell]];
