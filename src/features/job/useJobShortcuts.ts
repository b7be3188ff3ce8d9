import { useEffect } from 'react';
import { useHistory } from '../../store/useHistory';
import type { StageActions } from './stageActions';
import { STAGES } from './stages';

/** Keys that type must reach the field that has the focus. */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.closest('input, textarea, select, [contenteditable], [role="dialog"]') !== null;

const NOTHING: Readonly<Record<string, () => void>> = {};

/**
 * The keys that every stage of a job has: undo and redo everywhere, the rest while no field has the focus.
 * A stage adds its own.
 */
export function useJobShortcuts(actions: StageActions, dialogOpen: boolean, own = NOTHING): void {
  const { undo, redo } = useHistory();
  useEffect(() => {
    const stages = Object.fromEntries(
      STAGES.map(({ id }, at) => [
        String(at + 1),
        () => {
          actions.openStage(id);
        },
      ]),
    );
    const plain: Readonly<Record<string, () => void>> = {
      '?': () => {
        actions.open('keys');
      },
      f1: () => {
        actions.open('help service');
      },
      '/': () => {
        actions.open('palette');
      },
      ...stages,
      ...own,
    };
    const onKey = (event: KeyboardEvent): void => {
      const key = event.key.toLowerCase();
      if (event.ctrlKey || event.metaKey) {
        if (key === 'k') actions.open('palette');
        else if (key === 'z' && event.shiftKey) redo();
        else if (key === 'z') undo();
        else return;
        event.preventDefault();
        return;
      }
      // While a dialog is still being fetched its field has no focus yet: what is typed for it is no key of the stage.
      if (event.altKey || dialogOpen || isTyping(event.target)) return;
      const act = plain[key];
      if (act === undefined) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [actions, dialogOpen, own, undo, redo]);
}
