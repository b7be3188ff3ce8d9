import type { Breaker, Panel, Space } from './panelSchema';

/** A leg of a 120/240 V panel. */
export type Leg = 'A' | 'B';

/** The leg that a space lands on: rows alternate, and both columns of a row are on the same leg. */
export const legOf = (slot: number): Leg => (Math.ceil(slot / 2) % 2 === 1 ? 'A' : 'B');

/** The space under this one in the same column. */
export const below = (slot: number): number => slot + 2;

/** The spaces that a breaker takes. */
export const slotsOf = ({ place, poles }: Pick<Breaker, 'place' | 'poles'>): readonly number[] =>
  poles === 2 ? [place.slot, below(place.slot)] : [place.slot];

/** A space by its label: 7, or 22b for a half. */
export const spaceLabel = ({ slot, half }: Space): string => `${slot}${half ?? ''}`;

/** Whether the label lets two single poles share this space. Where it was not read, none does. */
export const takesTandem = ({ tandems }: Pick<Panel, 'tandems'>, slot: number): boolean =>
  tandems !== null && tandems.some(({ from, to }) => slot >= from && slot <= to);

/** What stands in a panel: a breaker that was found, or a new circuit. */
export interface InstalledBreaker {
  readonly id: string;
  readonly place: Space;
  readonly poles: 1 | 2;
  readonly amps: number;
  readonly name: string;
  readonly kind: Breaker['kind'];
  readonly sharedNeutral: boolean;
  readonly va: number | null;
  readonly fate: 'stays' | 'moved' | 'new';
  /** Where it stood before, for one that is moved. */
  readonly from: Space | null;
}

/** A new circuit as a panel sees it. */
export interface Wanted {
  readonly circuitId: string;
  readonly name: string;
  readonly poles: 1 | 2;
  readonly amps: number;
  readonly kind: Breaker['kind'];
  readonly va: number;
}

const asFound = (breaker: Breaker): InstalledBreaker => ({ ...breaker, fate: 'stays', from: null });

/** The panel as it was found. */
export const found = ({ breakers }: Panel): readonly InstalledBreaker[] => breakers.map(asFound);

/** The panel as its plan leaves it. A planned circuit that the job no longer has is left out. */
export function planned({ breakers, plan }: Panel, wanted: readonly Wanted[]): readonly InstalledBreaker[] {
  const kept = breakers
    .filter(({ id }) => !plan.gone.includes(id))
    .map((breaker): InstalledBreaker => {
      const move = plan.moved.find(({ id }) => id === breaker.id);
      if (move === undefined) return asFound(breaker);
      // One that only makes room for another in its own space stays where it was.
      return move.to.slot === breaker.place.slot
        ? { ...asFound(breaker), place: move.to }
        : { ...breaker, place: move.to, fate: 'moved', from: breaker.place };
    });
  const fresh = plan.placed.flatMap(({ circuitId, at }): readonly InstalledBreaker[] => {
    const circuit = wanted.find((each) => each.circuitId === circuitId);
    if (circuit === undefined) return [];
    const { name, poles, amps, kind, va } = circuit;
    return [
      {
        id: circuitId,
        name,
        poles,
        amps,
        kind,
        va,
        place: at,
        sharedNeutral: false,
        fate: 'new',
        from: null,
      },
    ];
  });
  return [...kept, ...fresh];
}

/** Why something cannot stand where it is put. */
export type Clash =
  | { readonly why: 'outside'; readonly id: string; readonly slot: number }
  | { readonly why: 'taken'; readonly id: string; readonly slot: number; readonly by: string }
  | { readonly why: 'tandem'; readonly id: string; readonly slot: number };

/** Every way in which what stands in a panel cannot stand so. Empty where it can. */
export function clashes(
  panel: Pick<Panel, 'spaces' | 'tandems'>,
  installed: readonly InstalledBreaker[],
): readonly Clash[] {
  const holders = new Map<string, string>();
  const problems: Clash[] = [];
  for (const each of installed) {
    for (const slot of slotsOf(each)) {
      if (slot > panel.spaces) problems.push({ why: 'outside', id: each.id, slot });
      const halves = each.place.half === null ? ['a', 'b'] : [each.place.half];
      const other = halves.map((half) => holders.get(`${slot}${half}`)).find((id) => id !== undefined);
      if (other !== undefined) problems.push({ why: 'taken', id: each.id, slot, by: other });
      for (const half of halves) holders.set(`${slot}${half}`, each.id);
      if (each.place.half !== null && each.fate !== 'stays' && !takesTandem(panel, slot)) {
        problems.push({ why: 'tandem', id: each.id, slot });
      }
    }
  }
  return problems;
}

/** The spaces in which nothing stands, not even a half. */
export function freeSlots(
  { spaces }: Pick<Panel, 'spaces'>,
  installed: readonly InstalledBreaker[],
): readonly number[] {
  const taken = new Set(installed.flatMap(slotsOf));
  return Array.from({ length: spaces }, (_, at) => at + 1).filter((slot) => !taken.has(slot));
}

/** Poles of circuits, as the label of a panel counts them. */
export const polesIn = (circuits: readonly Pick<Breaker, 'poles'>[]): number =>
  circuits.reduce((sum, { poles }) => sum + poles, 0);

/** The circuits that have no place in the plan of a panel yet. */
export function unplacedOf({ plan }: Pick<Panel, 'plan'>, wanted: readonly Wanted[]): readonly Wanted[] {
  const placed = new Set(plan.placed.map(({ circuitId }) => circuitId));
  return wanted.filter(({ circuitId }) => !placed.has(circuitId));
}

/** The order of a panel: space by space, and the upper half of one before the lower. */
export const bySpace = (a: Pick<Breaker, 'place'>, b: Pick<Breaker, 'place'>): number =>
  a.place.slot - b.place.slot || (a.place.half ?? '').localeCompare(b.place.half ?? '');
