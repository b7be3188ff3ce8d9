import { useCallback } from 'react';
import type { Command } from '../core/job/command';
import type { Refusal } from '../core/job/refusal';
import { yardEdit } from '../core/job/yardEdits';
import type { YardItem, YardList } from '../core/water/yardSchema';
import { useJobEditor } from './useJobEditor';
import { useAppStore } from './store';

/** The ways to change the yard of the open job. */
export interface YardEditor {
  readonly canWrite: boolean;
  /** Puts something there, or changes it; circuits that it feeds follow. */
  readonly put: (what: YardItem, label: string, mergeKey?: string) => Refusal | undefined;
  readonly putAll: (all: readonly YardItem[], label: string) => Refusal | undefined;
  readonly take: (list: YardList, id: string, label: string) => Refusal | undefined;
}

const putting = (what: YardItem): Command => ({ kind: 'put-in-yard', ...what, at: Number.MAX_SAFE_INTEGER });

/** Edits the yard of the open job. */
export function useYardEditor(): YardEditor {
  const { canWrite, edit } = useJobEditor();
  const store = useAppStore();
  const change = useCallback(
    (command: Command, label: string, mergeKey?: string) => {
      const { job: open } = store.getState();
      return open.status === 'ready' ? edit(yardEdit(open.job, command), label, mergeKey) : undefined;
    },
    [edit, store],
  );
  const put = useCallback(
    (what: YardItem, label: string, mergeKey?: string) => change(putting(what), label, mergeKey),
    [change],
  );
  const putAll = useCallback(
    (all: readonly YardItem[], label: string) => change({ kind: 'batch', commands: all.map(putting) }, label),
    [change],
  );
  const take = useCallback(
    (list: YardList, id: string, label: string) => change({ kind: 'take-from-yard', list, id }, label),
    [change],
  );
  return { canWrite, put, putAll, take };
}
