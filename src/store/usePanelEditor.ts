import { useCallback } from 'react';
import type { Changed } from '../core/fields/field';
import type { PanelFields } from '../core/job/command';
import { changeOf } from '../core/job/fieldChange';
import type { Panel, PanelPlan } from '../core/panel/panelSchema';
import { useJobEditor } from './useJobEditor';

/** The ways to change a panel of the open job. */
export interface PanelEditor {
  readonly canWrite: boolean;
  readonly change: (fields: Changed<PanelFields>, label: string, mergeKey?: string) => void;
  readonly plan: (plan: PanelPlan, label: string) => void;
}

/** Edits one panel of a job. */
export function usePanelEditor({ id }: Pick<Panel, 'id'>): PanelEditor {
  const { canWrite, edit } = useJobEditor();
  const change = useCallback(
    (fields: Changed<PanelFields>, label: string, mergeKey?: string) => {
      edit({ kind: 'change-panel', id, ...changeOf(fields) }, label, mergeKey);
    },
    [edit, id],
  );
  const plan = useCallback(
    (next: PanelPlan, label: string) => {
      change({ plan: next }, label);
    },
    [change],
  );
  return { canWrite, change, plan };
}
