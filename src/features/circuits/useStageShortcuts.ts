import { useEffect } from 'react';
import { withPin } from '../../core/circuit/circuitEdits';
import { worstFinding } from '../../core/circuit/standings';
import { pinOf } from '../../core/wording/ladder';
import { remedyWords } from '../../core/wording/remedies';
import type { Link } from '../../core/working/finding';
import type { CircuitView } from '../../store/circuitView';
import { redone, undone } from '../../store/jobSlice';
import { remediesOf } from '../../store/remedies';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useJobEditor, type JobEditor } from '../../store/useJobEditor';
import type { StageActions } from './stageActions';

interface ShortcutsOf {
  readonly views: readonly CircuitView[];
  readonly current: CircuitView | undefined;
  readonly actions: StageActions;
}

/** Keys that type must reach the field that has the focus. */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.closest('input, textarea, select, [contenteditable], [role="dialog"]') !== null;

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
function togglePin({ circuit, solved: { figures } }: CircuitView, link: Link, editor: JobEditor): void {
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

function applyFirstRemedy(view: CircuitView, link: Link, editor: JobEditor): void {
  const finding = worstFinding(view.open, link);
  const remedy = finding === undefined ? undefined : remediesOf(view, finding)[0];
  if (remedy !== undefined && editor.canWrite)
    editor.replaceCircuit(remedy.circuit, remedyWords(remedy.change));
}

/** The keys of the stage. Those that type do nothing while a field has the focus; undo does, everywhere. */
export function useStageShortcuts({ views, current, actions }: ShortcutsOf): void {
  const dispatch = useAppDispatch();
  const editor = useJobEditor();
  const link = useAppSelector((state) => state.focus.link);
  useEffect(() => {
    const plain: Readonly<Record<string, () => void>> = {
      '[': () => {
        step(views, current, -1, actions);
      },
      ']': () => {
        step(views, current, 1, actions);
      },
      '/': () => {
        actions.open('palette');
      },
      '?': () => {
        actions.open('keys');
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
      w: () => {
        document.getElementById('working')?.focus();
      },
      '1': () => {
        document.querySelector<HTMLElement>(`[data-link="${link}"]`)?.focus();
      },
    };
    const onKey = (event: KeyboardEvent): void => {
      const key = event.key.toLowerCase();
      if (event.ctrlKey || event.metaKey) {
        if (key === 'k') actions.open('palette');
        else if (key === 'z') dispatch(event.shiftKey ? redone() : undone());
        else return;
        event.preventDefault();
        return;
      }
      if (event.altKey || isTyping(event.target)) return;
      const act = plain[key];
      if (act === undefined) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [views, current, actions, dispatch, editor, link]);
}
