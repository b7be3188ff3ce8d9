import { certain, doubtful, type Citation } from './sections';

/** What is often found wrong on site and is no part of the job, in the order in which it is offered. */
export const SITE_CONDITION_IDS = [
  'two-grounds',
  'two-neutrals',
  'two-hots',
  'loose-cable',
  'no-connector',
  'open-hole',
  'open-splice',
  'no-cover',
  'no-ground',
  'reversed-polarity',
  'oversized-breaker',
  'bond-downstream',
  'no-pipe-bond',
  'heated-terminal',
  'damaged-insulation',
  'blocked-space',
  'other',
] as const;

/** Something often found wrong on site. */
export type SiteCondition = (typeof SITE_CONDITION_IDS)[number];

/** The section that each breaks. */
export const SITE_CONDITIONS: Readonly<Record<SiteCondition, Citation>> = {
  'two-grounds': certain('408.40'),
  'two-neutrals': certain('408.41'),
  'two-hots': certain('110.14(A)'),
  'loose-cable': doubtful('334.30'),
  'no-connector': certain('312.5(C)'),
  'open-hole': certain('110.12(A)'),
  'open-splice': certain('300.15'),
  'no-cover': certain('314.25'),
  'no-ground': certain('406.4(D)(2)'),
  'reversed-polarity': certain('200.11'),
  'oversized-breaker': certain('240.4'),
  'bond-downstream': certain('250.142(B)'),
  'no-pipe-bond': certain('250.104(A)'),
  'heated-terminal': certain('110.14'),
  'damaged-insulation': certain('110.12(B)'),
  'blocked-space': certain('110.26'),
  other: doubtful('110.3(B)'),
};
