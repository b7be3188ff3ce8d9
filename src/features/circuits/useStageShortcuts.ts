import { useMemo } from 'react';
import { withPin } from '../../core/circuit/edits/circuitEdits';
import { worstFinding } from '../../core/circuit/severities';
import { pinOf } from '../../core/wording/ladder';
import { remedyWords } from '../../core/wording/remedies';
import type { FigureKey } from '../../core/findings/finding';
import type { CircuitView } from '../../store/circuitView';
import { remediesOf } from '../../store/remedies';
import { useAppSelector } from '../../store/store';
import { useJobEditor, type JobEditor } from '../../store/useJobEditor';
import { STAGES, type StageActions } from '../job/stageActions';
import { useJobShortcuts } from '../job/useJobShortcuts';
import { usePart } from './usePart';

interface ShortcutsOf {
  /** Whether a dialog is open, or on its way. */
  readonly dialogOpen: boolean;
  readonly views: readonly CircuitView[];
  readonly current: CircuitView | undefined;
  readonly actions: StageActions;
}

const step = (
  views: readonly CircuitView[],
  current: CircuitView | undefined,
  by: number,
  actions: StageActions,
): void => {
  const at = views.findIndex((view) => view === current);
  const to = views[(at + by + views.length) % views.length];
  if (to !== undefined) actions.goTo(to.circuit.id);
};

/** Pins a figure as it stands, or leaves it to Pasture again. */
function togglePin({ circuit, solved: { figures } }: CircuitView, link: FigureKey, editor: JobEditor): void {
  const pin = pinOf(link);
  if (pin === undefined || !editor.canWrite) return;
  if (circuit.pins[pin] !== undefined) {
    editor.replaceCircuit(withPin(circuit, pin, undefined), 'Free a pin');
    return;
  }
  switch (pin) {
    case 'ocpdA':
      editor.replaceCircuit(withPin(circuit, pin, figures.ocpd.ratingA), 'Pin the breaker');
      return;
    case 'size':
      editor.replaceCircuit(withPin(circuit, pin, figures.size), 'Pin the conductor');
      return;
    case 'egc':
      editor.replaceCircuit(withPin(circuit, pin, figures.groundTaken), 'Pin the ground');
      return;
    case 'trade':
      if (figures.raceway !== null)
        editor.replaceCircuit(withPin(circuit, pin, figures.raceway.taken), 'Pin the raceway');
  }
}

function applyFirstRemedy(view: CircuitView, link: FigureKey, editor: JobEditor): void {
  const finding = worstFinding(view.open, link);
  const remedy = finding === undefined ? undefined : remediesOf(view, finding)[0];
  if (remedy !== undefined && editor.canWrite)
    editor.replaceCircuit(remedy.circuit, remedyWords(remedy.change));
}

/** The keys of the Circuits stage, besides those of every stage. */
export function useStageShortcuts({ views, current, actions, dialogOpen }: ShortcutsOf): void {
  const editor = useJobEditor();
  const link = useAppSelector((state) => state.focus.link);
  const { part } = usePart();
  const own = useMemo<Readonly<Record<string, () => void>>>(
    () => ({
      '[': () => {
        step(views, current, -1, actions);
      },
      ']': () => {
        step(views, current, 1, actions);
      },
      '/': () => {
        actions.open('palette');
      },
      n: () => {
        actions.open('add');
      },
      p: () => {
        if (current !== undefined) togglePin(current, link, editor);
      },
      a: () => {
        if (current !== undefined) applyFirstRemedy(current, link, editor);
      },
      r: () => {
        if (current !== undefined) actions.goTo(current.circuit.id, part === 'route' ? 'figures' : 'route');
      },
      w: () => {
        document.getElementById('working')?.focus();
      },
      // The key of this stage itself leads to the figure that was chosen.
      [String(STAGES.indexOf('circuits') + 1)]: () => {
        document.querySelector<HTMLElement>(`[data-link="${link}"]`)?.focus();
      },
    }),
    [views, current, actions, editor, link, part],
  );
  useJobShortcuts(actions, dialogOpen, own);
}
