import type { Panel } from '../panel/panelSchema';
import { found, planned, slotsOf, type InstalledBreaker, type Wanted } from '../panel/spaces';
import type { Need } from './need';

/** The spaces that two single poles share, each with the two. */
function shared(installed: readonly InstalledBreaker[]): ReadonlyMap<number, readonly InstalledBreaker[]> {
  const halves = installed.filter(({ place }) => place.half !== null);
  const slots = new Map<number, InstalledBreaker[]>();
  for (const each of halves) slots.set(each.place.slot, [...(slots.get(each.place.slot) ?? []), each]);
  return new Map([...slots].filter(([, two]) => two.length === 2));
}

/** Circuits of the job that stand in a half space: their breaker is the tandem of that space. */
export const onTandem = (panels: readonly { readonly panel: Panel; readonly wanted: readonly Wanted[] }[]) =>
  new Set(
    panels.flatMap(({ panel, wanted }) =>
      [...shared(planned(panel, wanted)).values()]
        .flat()
        .flatMap(({ id, fate }) => (fate === 'new' ? [id] : [])),
    ),
  );

/** What the work in a panel takes besides the breakers of new circuits: tandems, and blanks where nothing stands any more. */
export function panelNeeds(panel: Panel, wanted: readonly Wanted[]): readonly Need[] {
  const source = { kind: 'panel', id: panel.id } as const;
  const before = shared(found(panel));
  const after = planned(panel, wanted);
  const tandems = [...shared(after)].flatMap(([slot, [one, two]]): readonly Need[] => {
    if (one === undefined || two === undefined || before.has(slot)) return [];
    const [amps, other] = [Math.max(one.amps, two.amps), Math.min(one.amps, two.amps)];
    const item = { kind: 'tandem', amps, other } as const;
    return [{ item, source, where: `space ${slot}`, count: 1, piece: null }];
  });
  const taken = new Set(after.flatMap((each) => [...slotsOf(each)]));
  const emptied = new Set(found(panel).flatMap((each) => slotsOf(each).filter((slot) => !taken.has(slot))));
  const blanks = [...emptied].map((slot): Need => {
    return { item: { kind: 'blank' }, source, where: `space ${slot}`, count: 1, piece: null };
  });
  return [...tandems, ...blanks];
}
