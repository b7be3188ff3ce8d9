import type { FigureSeverity } from '../findings/severity';
import type { WalkStep } from '../water/walk';
import { RING_DEEP_IN, RING_OFF_IN, WETTED_IN2 } from '../water/bondFindings';
import { printNumber as n } from '../units/number';
import { taped } from './yardWords';

/** What a stop of the walk is called, and what is done there. */
export function walkTitle(step: WalkStep): readonly [string, string] {
  switch (step.kind) {
    case 'ring':
      return [`Ring, ${step.side} side`, '18 to 24 in off, 4 to 6 in below subgrade'];
    case 'part':
      return [
        step.name,
        step.distanceFt === null
          ? 'lug on, solid 8 AWG; bonded at any distance'
          : 'nearest place to the inside wall of the water',
      ];
    case 'plate':
      return [step.name, `${WETTED_IN2} in² of metal kept wet`];
    case 'shell':
      return ['Taps to the shell', 'one on each side, clamps listed for it'];
  }
}

/** How a stop stands by what was measured there; undefined where nothing was yet. */
export function walkAnswer(
  step: WalkStep,
): { readonly severity: FigureSeverity; readonly says: string } | undefined {
  const { seen } = step;
  if (seen?.right === false) return { severity: 'stop', says: 'looked at: not right' };
  if (step.kind === 'ring') {
    if (seen?.offIn == null || seen.deepIn == null) return undefined;
    const far = seen.offIn >= RING_OFF_IN.min && seen.offIn <= RING_OFF_IN.max;
    const deep = seen.deepIn >= RING_DEEP_IN.min && seen.deepIn <= RING_DEEP_IN.max;
    const says = `${n(seen.offIn)} in off, ${n(seen.deepIn)} in down${far ? '' : '; 18 to 24 in off is required'}${deep ? '' : '; 4 to 6 in below subgrade is required'}`;
    return { severity: far && deep ? 'ok' : 'stop', says };
  }
  if (step.kind === 'plate' && step.in2 !== null && step.in2 < WETTED_IN2)
    return { severity: 'stop', says: `${n(step.in2, 1)} in²; ${WETTED_IN2} in² or more is required` };
  // Only who looked and says that it is right signs it.
  if (seen?.right !== true) return undefined;
  if (step.kind !== 'part' || step.distanceFt === null) return { severity: 'ok', says: 'seen, right' };
  const says = step.distanceFt <= 5 ? 'within 5 ft: seen bonded, solid 8 AWG' : 'over 5 ft: not required';
  return { severity: 'ok', says: `${taped(step.distanceFt)} off, ${says}` };
}

/** Whether a stop is done: looked at or measured, and right. One that is not right is open. */
export const isWalked = (step: WalkStep): boolean => walkAnswer(step)?.severity === 'ok';
