import type { Panel, PanelPlan, Space } from './panelSchema';
import { clashes, planned, type Clash, type Wanted } from './spaces';

/** A plan with something put where it was pointed, or why it cannot stand there. */
export type Put = { readonly plan: PanelPlan } | { readonly clash: Clash };

const without = (plan: PanelPlan, id: string): PanelPlan => ({
  gone: plan.gone,
  moved: plan.moved.filter((each) => each.id !== id),
  placed: plan.placed.filter((each) => each.circuitId !== id),
});

/** Puts a breaker or a new circuit into a space; refused where another stands or the label does not allow it. */
export function putInto(panel: Panel, wanted: readonly Wanted[], id: string, to: Space): Put {
  const found = panel.breakers.find((each) => each.id === id);
  const cleared = without(panel.plan, id);
  const stays = found !== undefined && found.place.slot === to.slot && found.place.half === to.half;
  const plan: PanelPlan =
    found === undefined
      ? { ...cleared, placed: [...cleared.placed, { circuitId: id, at: to }] }
      : {
          ...cleared,
          gone: cleared.gone.filter((each) => each !== id),
          moved: stays ? cleared.moved : [...cleared.moved, { id, to }],
        };
  const clash = clashes(panel, planned({ ...panel, plan }, wanted)).find(
    (each) => each.id === id || (each.why === 'taken' && each.by === id),
  );
  return clash === undefined ? { plan } : { clash };
}

/** Takes a new circuit out of its space, or a breaker out of the panel; back where it was when it was out already. */
export function takeOut(panel: Panel, id: string): PanelPlan {
  const { plan } = panel;
  if (!panel.breakers.some((each) => each.id === id)) return without(plan, id);
  if (plan.gone.includes(id)) return { ...plan, gone: plan.gone.filter((each) => each !== id) };
  return { ...without(plan, id), gone: [...plan.gone, id] };
}

/** Exchanges the places of two that stand in a panel. */
export function swapped(panel: Panel, wanted: readonly Wanted[], one: string, other: string): PanelPlan {
  const installed = planned(panel, wanted);
  const [a, b] = [one, other].map((id) => installed.find((each) => each.id === id));
  if (a === undefined || b === undefined) return panel.plan;
  const put = (plan: PanelPlan, id: string, to: Space): PanelPlan => {
    const cleared = without(plan, id);
    const found = panel.breakers.find((each) => each.id === id);
    if (found === undefined) return { ...cleared, placed: [...cleared.placed, { circuitId: id, at: to }] };
    const back = found.place.slot === to.slot && found.place.half === to.half;
    return back ? cleared : { ...cleared, moved: [...cleared.moved, { id, to }] };
  };
  return put(put(panel.plan, one, b.place), other, a.place);
}
