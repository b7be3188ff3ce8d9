import { useCallback } from 'react';
import type { Job } from '../../core/job/jobSchema';
import type { Days, GateId, GateRecord } from '../../core/timing/daysDocument';
import { useJobEditor } from '../../store/useJobEditor';

/** Ways to change the days of the open job. */
export interface DaysEditor {
  readonly canWrite: boolean;
  readonly put: (fields: Partial<Days>, label: string, mergeKey?: string) => void;
  readonly putGate: (id: GateId, gate: Partial<GateRecord>, label: string) => void;
}

/** Edits the days of the open job. */
export function useDaysEditor({ days }: Job): DaysEditor {
  const { canWrite, edit } = useJobEditor();
  const put = useCallback<DaysEditor['put']>(
    (fields, label, mergeKey) => {
      edit({ kind: 'change', part: 'days', fields }, label, mergeKey);
    },
    [edit],
  );
  return {
    canWrite,
    put,
    putGate: (id, gate, label) => {
      const was = days.gates.find((each) => each.id === id) ?? {
        id,
        booked: null,
        until: null,
        passed: null,
        failed: '',
        photos: [],
      };
      const now = { ...was, ...gate };
      // A window that would end before it begins belonged to another booking.
      const holds = now.booked !== null && now.until !== null && now.booked <= now.until;
      const own = { ...now, until: holds ? now.until : null };
      put({ gates: [...days.gates.filter((each) => each !== was), own] }, label);
    },
  };
}
