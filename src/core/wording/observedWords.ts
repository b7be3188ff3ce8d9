import type { SiteCondition } from '../code/siteConditions';

/** What was found wrong on site, as it is written to the owner. */
export const conditionName: Readonly<Record<SiteCondition, string>> = {
  'two-grounds': 'Two grounds under one screw that is not marked for two',
  'two-neutrals': 'Two neutrals under one screw',
  'two-hots': 'Two conductors under a breaker screw that is not marked for two',
  'loose-cable': 'Cable not secured',
  'no-connector': 'Cable enters without a connector',
  'open-hole': 'Open knockout or hole',
  'open-splice': 'Splice outside a box',
  'no-cover': 'Box without a cover',
  'no-ground': 'Grounding-type receptacle without a ground',
  'reversed-polarity': 'Hot and neutral reversed',
  'oversized-breaker': 'Breaker too large for its conductor',
  'bond-downstream': 'Neutral bonded to ground past the service',
  'no-pipe-bond': 'Metal water pipe not bonded',
  'heated-terminal': 'Terminal that was hot: discolored or melted',
  'damaged-insulation': 'Damaged insulation or cable',
  'blocked-space': 'Working space before the panel blocked',
  other: 'Something else',
};

/** What stands over the list, on the screen and in print. */
export const OBSERVED_NOTE =
  'Found on site and no part of the work of this job. Recorded so that the owner knows of it.';

/** What is said of what endangers as it is. */
export const DANGER_NOTE = 'Dangerous as it is: turn it off or make it safe before anything else.';
