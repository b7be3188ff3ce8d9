import type { Bond } from '../plates/arithmetic';
import type { PlateFamily } from '../plates/plateFamily';
import type { Doubt } from '../plates/readMarks';

/** Why a plate is taken for one of a family. */
export function familyWhy({ family, because }: PlateFamily): string {
  if (because === null) return 'No word of it names a kind of appliance.';
  return family === null ? `It says "${because}": no appliance.` : `It says "${because}".`;
}

/** What of a plate contradicts itself. */
export const contradictionWords: Readonly<Record<Bond['code'], string>> = {
  'mocp-below-mca': 'MOCP is below MCA: one of the two is misread or misprinted.',
  'mca-of-parts': 'MCA is not 1.25 × RLA + FLA: one of them is misread, or the plate has a part more.',
  'kw-against-amps': 'Kilowatts are not volts × amperes: one of them is misread or misprinted.',
  'breaker-below-output':
    'The breaker is below 125 % of the output: one of the two is misread or misprinted.',
  'effective-current':
    'I1eff is not I1max × the root of the duty cycle: one of them is misread or misprinted.',
};

/** Why a mark is not taken without a look. */
export const doubtWords: Readonly<Record<Doubt, string>> = {
  'passes-differ': 'Read two ways.',
  'read-once': 'Read in one pass of three.',
  'low-score': 'Hard to read.',
  'out-of-bounds': 'No device has this figure.',
  contradicts: 'Contradicts another figure of the plate.',
};
