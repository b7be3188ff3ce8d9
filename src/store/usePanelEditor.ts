import { useCallback } from 'react';
import type { Job } from '../core/job/jobSchema';
import type { Panel, PanelPlan } from '../core/panel/panelSchema';
import { useJobEditor } from './useJobEditor';

/** The ways to change a panel of the open job. */
export interface PanelEditor {
  readonly canWrite: boolean;
  readonly change: (fields: Partial<Panel>, label: string, mergeKey?: string) => void;
  readonly plan: (plan: PanelPlan, label: string) => void;
}

/** Edits one panel of a job. */
export function usePanelEditor(job: Job, panel: Panel): PanelEditor {
  const { canWrite, edit } = useJobEditor();
  const change = useCallback(
    (fields: Partial<Panel>, label: string, mergeKey?: string) => {
      const panels = job.panels.map((each) => (each === panel ? { ...panel, ...fields } : each));
      edit({ kind: 'set-job', fields: { panels } }, label, mergeKey);
    },
    [edit, job.panels, panel],
  );
  const plan = useCallback(
    (next: PanelPlan, label: string) => {
      change({ plan: next }, label);
    },
    [change],
  );
  return { canWrite, change, plan };
}
