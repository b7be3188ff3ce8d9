import { useMemo } from 'react';
import { withPin } from '../../core/circuit/edits/circuitEdits';
import { worstFinding } from '../../core/findings/finding';
import type { FigureKey } from '../../core/findings/subject';
import { pinOf } from '../../core/wording/ladder';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import type { Job } from '../../core/job/jobSchema';
import { fixing } from '../../store/lazyParts';
import { useAppSelector } from '../../store/store';
import { useJobEditor, type JobEditor } from '../../store/useJobEditor';
import type { StageActions } from '../job/stageActions';
import { STAGES } from '../job/stages';
import { useJobShortcuts } from '../job/useJobShortcuts';
import { usePart } from './usePart';

interface ShortcutsOf {
  /** Whether a dialog is open, or on its way. */
  readonly dialogOpen: boolean;
  readonly job: Job;
  readonly views: readonly CircuitEvaluation[];
  readonly current: CircuitEvaluation | undefined;
  readonly actions: StageActions;
}

const step = (
  views: readonly CircuitEvaluation[],
  current: CircuitEvaluation | undefined,
  by: number,
  actions: StageActions,
): void => {
  const at = views.findIndex((view) => view === current);
  const to = views[(at + by + views.length) % views.length];
  if (to !== undefined) actions.goTo(to.circuit.id);
};

/** Pins a figure as it stands, or leaves it to Pasture again. */
function togglePin(
  { circuit, solved: { figures } }: CircuitEvaluation,
  figureKey: FigureKey,
  editor: JobEditor,
): void {
  const pin = pinOf(figureKey);
  if (pin === undefined || !editor.canWrite) return;
  if (circuit.pins[pin] !== undefined) {
    editor.replaceCircuit(withPin(circuit, pin, undefined), 'Sized by Pasture');
    return;
  }
  switch (pin) {
    case 'ocpdA':
      editor.replaceCircuit(withPin(circuit, pin, figures.ocpd.ratingA), 'Breaker set by hand');
      return;
    case 'size':
      editor.replaceCircuit(withPin(circuit, pin, figures.size ?? undefined), 'Conductor set by hand');
      return;
    case 'egc':
      editor.replaceCircuit(withPin(circuit, pin, figures.groundTaken ?? undefined), 'Ground set by hand');
      return;
    case 'trade':
      if (figures.raceway !== null)
        editor.replaceCircuit(withPin(circuit, pin, figures.raceway.taken), 'Raceway set by hand');
  }
}

async function applyFirstFix(
  view: CircuitEvaluation,
  job: Job,
  figureKey: FigureKey,
  editor: JobEditor,
): Promise<void> {
  const finding = worstFinding(view.open, figureKey);
  if (finding === undefined || !editor.canWrite) return;
  const [{ fixesOf, fixAnswering }, { fixWords }] = await Promise.all([
    fixing.load(),
    import('../../core/wording/fixes'),
  ]);
  const [fix] = fixesOf(job, finding);
  if (fix !== undefined) editor.edit(fix.command, fixWords(fix.change), undefined, fixAnswering(finding));
}

/** The keys of the Circuits stage, besides those of every stage. */
export function useStageShortcuts({ job, views, current, actions, dialogOpen }: ShortcutsOf): void {
  const editor = useJobEditor();
  const figureKey = useAppSelector((state) => state.focus.figureKey);
  const { part } = usePart();
  const own = useMemo<Readonly<Record<string, () => void>>>(
    () => ({
      '[': () => {
        step(views, current, -1, actions);
      },
      ']': () => {
        step(views, current, 1, actions);
      },
      f1: () => {
        actions.open(`help ${figureKey}`);
      },
      n: () => {
        actions.open('add');
      },
      p: () => {
        if (current !== undefined) togglePin(current, figureKey, editor);
      },
      a: () => {
        if (current !== undefined) void applyFirstFix(current, job, figureKey, editor);
      },
      r: () => {
        if (current !== undefined) actions.goTo(current.circuit.id, part === 'route' ? 'figures' : 'route');
      },
      w: () => {
        document.getElementById('working')?.focus();
      },
      // The key of this stage itself leads to the figure that was chosen.
      [String(STAGES.findIndex(({ id }) => id === 'circuits') + 1)]: () => {
        document.querySelector<HTMLElement>(`[data-link="${figureKey}"]`)?.focus();
      },
    }),
    [job, views, current, actions, editor, figureKey, part],
  );
  useJobShortcuts(actions, dialogOpen, own);
}
