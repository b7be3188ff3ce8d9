import type { LoadKind } from '../appliances/family';

/** What is plugged in at water, wherever it stands. */
export const AT_WATER: ReadonlySet<LoadKind> = new Set(['spa', 'pool-pump', 'pool-heater']);

/** Appliances whose frame the neutral of an existing circuit may ground (250.140). */
export const FRAME_ON_NEUTRAL: ReadonlySet<LoadKind> = new Set(['range', 'dryer']);
