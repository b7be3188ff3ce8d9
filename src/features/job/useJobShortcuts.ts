import { useEffect } from 'react';
import { isTyping } from '../../ui/shell/isTyping';
import type { HelpId } from '../../core/wording/help';
import { useHistory } from '../../store/useHistory';
import type { StageActions } from './stageActions';
import { STAGES } from './stages';

/** Topics that fields stand under; their words are fetched when they are asked for. */
const ABOUT_FIELDS: readonly HelpId[] = [
  'mca',
  'method',
  'boxes',
  'water',
  'disconnect',
  'protection',
  'torque',
  'directory',
  'service',
  'demand',
  'fault',
  'sources',
];

/** The topic that the field with the focus stands under; undefined outside of those. */
function helpAt(target: EventTarget | null): HelpId | undefined {
  const about = target instanceof HTMLElement ? target.closest<HTMLElement>('[data-help]') : null;
  return ABOUT_FIELDS.find((id) => id === about?.dataset['help']);
}

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
        actions.open('help sources');
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
      const topic = key === 'f1' && !dialogOpen ? helpAt(event.target) : undefined;
      if (topic !== undefined) {
        event.preventDefault();
        actions.open(`help ${topic}`);
        return;
      }
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
