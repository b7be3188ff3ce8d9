import { isWithin, lookAt, type Look, type Seen, type WalkStep } from '../water/walk';
import { RING_DEEP_IN, RING_OFF_IN, WETTED_IN2 } from '../water/bondFindings';
import { printNumber as n } from '../units/number';
import { stampWords } from './momentWords';
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

/** What a way to stand is called. */
export const LOOK_NAME: Readonly<Record<Look, string>> = {
  right: 'Seen and right',
  wrong: 'Not right',
  later: 'Later',
  again: 'Look again',
  open: 'Not looked at',
};

/** Who looked, and when: "lead, Mar 19, 2026 3:12 pm". */
const signature = ({ by, at }: Seen): string =>
  [by, at === undefined ? undefined : stampWords(at)].filter((each) => each !== undefined).join(', ');

/** What was measured at a stop, and what is required where it is not that. */
function measureWords(step: WalkStep): string | undefined {
  if (step.kind === 'ring') {
    const { offIn = null, deepIn = null } = step.seen ?? {};
    const parts = [
      ...(offIn === null ? [] : [`${n(offIn)} in off`]),
      ...(deepIn === null ? [] : [`${n(deepIn)} in down`]),
    ];
    const isNear = offIn === null || isWithin(RING_OFF_IN, offIn);
    const isDeep = deepIn === null || isWithin(RING_DEEP_IN, deepIn);
    if (parts.length === 0) return undefined;
    return `${parts.join(', ')}${isNear ? '' : '; 18 to 24 in off is required'}${isDeep ? '' : '; 4 to 6 in below subgrade is required'}`;
  }
  if (step.kind === 'plate' && step.in2 !== null)
    return `${n(step.in2, 1)} in²${step.in2 < WETTED_IN2 ? `; ${WETTED_IN2} in² or more is required` : ''}`;
  if (step.kind !== 'part' || step.distanceFt === null) return undefined;
  return `${taped(step.distanceFt)} off, ${step.distanceFt <= 5 ? 'within 5 ft: solid 8 AWG' : 'over 5 ft: not required'}`;
}

/** What is known of a stop in one line: what was measured, what is wrong or waits, who signed it and when. */
export function walkSays(step: WalkStep): string {
  const look = lookAt(step);
  const { seen } = step;
  const said = look === 'wrong' ? seen?.wrong : look === 'later' ? seen?.later : undefined;
  const known = [
    ...(look === 'again' ? ['moved since it was signed'] : []),
    measureWords(step),
    said,
    ...(seen === undefined || look === 'open' ? [] : [signature(seen)]),
  ].filter((each) => each !== undefined && each !== '');
  return known.length === 0 ? walkTitle(step)[1] : known.join('; ');
}
