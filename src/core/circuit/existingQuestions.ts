import { AT_WATER, FRAME_ON_NEUTRAL } from '../protection/loadKinds';
import type { OutletFacts } from '../protection/outletFacts';
import type { Existing } from './existingSchema';

/** What there is to look at on an existing circuit: only what its judgement reads. */
export function existingQuestions(
  existing: Existing,
  { needs, site }: OutletFacts,
): readonly (keyof Existing)[] {
  const onNeutral = FRAME_ON_NEUTRAL.has(needs.kind);
  const three = onNeutral && existing.frame === 'neutral';
  const asked: readonly (readonly [keyof Existing, boolean])[] = [
    ['legal', true],
    ['extended', true],
    ['frame', onNeutral],
    ['neutral', three],
    ['neutralSize', three],
    ['serviceCable', three && existing.neutral === 'bare'],
    ['groundInBox', three],
    ['frameBonded', three],
    ['replaced', needs.kind === 'pool-pump'],
    ['newWater', site.waterFt !== undefined || AT_WATER.has(needs.kind)],
  ];
  return asked.flatMap(([key, is]) => (is ? [key] : []));
}
