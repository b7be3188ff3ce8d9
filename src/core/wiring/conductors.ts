import type { SegmentFigures, SizedFigures } from '../circuit/figures';
import { METHODS } from '../code/methods';
import type { WireSize } from '../units/wireSize';

/** Insulation of a conductor by its letters. */
export type Letters = 'BK' | 'RD' | 'BU' | 'WH' | 'GN' | 'BARE';

/** What a conductor is for. */
export type Role = 'hot-1' | 'hot-2' | 'hot-3' | 'neutral' | 'ground' | 'spare' | 'pigtail';

/** One conductor of a segment: what it is for, its color, its size, and how it is re-marked. */
export interface Conductor {
  readonly role: Role;
  readonly letters: Letters;
  readonly size: WireSize;
  readonly marked: Letters | null;
}

const HOT_LETTERS: readonly Letters[] = ['BK', 'RD', 'BU'];
const HOT_ROLES: readonly Role[] = ['hot-1', 'hot-2', 'hot-3'];

/** Letters of a cable's hots: the white of a two-wire cable is the second one and is marked. */
function cableHots(hots: number, wires: number, size: WireSize): readonly Conductor[] {
  return Array.from({ length: hots }, (_, at): Conductor => {
    const role = HOT_ROLES[at] ?? 'hot-3';
    const white = at === 1 && wires === 2;
    return { role, letters: white ? 'WH' : (HOT_LETTERS[at] ?? 'BK'), size, marked: white ? 'RD' : null };
  });
}

/** The conductors of one segment, by what they are for. */
export function conductors(
  figures: SizedFigures,
  { method, cable: made, size, ground: taken, feedNeutral }: SegmentFigures,
): readonly Conductor[] {
  const { ocpd, load } = figures;
  const cable = METHODS[method].kind === 'cable';
  const onePole = ocpd.poles === 1;
  const hots = onePole ? 1 : ocpd.poles;
  const neutral = onePole || load.neutral || feedNeutral;
  const wires = made?.wires ?? hots + (neutral ? 1 : 0);
  const hotWires = cable
    ? cableHots(hots, neutral ? 3 : wires, size)
    : Array.from({ length: hots }, (_, at): Conductor => ({
        role: HOT_ROLES[at] ?? 'hot-3',
        letters: HOT_LETTERS[at] ?? 'BK',
        size,
        marked: null,
      }));
  const rest: Conductor[] = [];
  if (neutral) rest.push({ role: 'neutral', letters: 'WH', size, marked: null });
  else if (cable && wires > hots) rest.push({ role: 'spare', letters: 'WH', size, marked: null });
  const ground = cable ? (made?.egc ?? taken) : taken;
  const bare = cable && method !== 'mc';
  return [
    ...hotWires,
    ...rest,
    { role: 'ground', letters: bare ? 'BARE' : 'GN', size: ground, marked: null },
  ];
}
