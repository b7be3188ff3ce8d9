import type { EditionDifference } from '../editionShape';
import { believed } from '../parameters';
import { doubtful } from '../sections';

/** What 2026 is believed to set and number otherwise: load calculations moved to Article 120. */
export const edition2026 = {
  year: 2026,
  certainty: 'preliminary',
  sections: {
    'table.range': doubtful('Table 120.55'),
    'load.cooking': doubtful('120.55'),
    'service.lighting': doubtful('120.45'),
    'service.fixed': doubtful('120.53'),
    'service.climate': doubtful('120.60'),
    'service.motor': doubtful('120.50'),
    'service.management': doubtful('120.70'),
    'service.legs': doubtful('120.61'),
    'service.standard': doubtful('120.40'),
    'service.optional': doubtful('120.82'),
    'service.existing': doubtful('120.83'),
    'service.measured': doubtful('120.87'),
    'service.ev': doubtful('120.57'),
    'table.dryer': doubtful('Table 120.54'),
  },
  parameters: {
    hardwiredGfciAskA: believed<number>(60, 'gfci.outdoor'),
    hvacExemptUntil: believed<string>('ask', 'gfci.outdoor'),
    dwellingVAPerFt2: believed<number>(3, 'service.standard'),
    evFloorVA: believed<number>(7200, 'service.ev'),
    optionalFirstVA: believed<number>(10000, 'service.optional'),
  },
} as const satisfies EditionDifference;
