import { useCallback } from 'react';
import type { Job } from '../../core/job/jobSchema';
import type { Days, GateId, GateRecord } from '../../core/timing/daysDocument';
import { GATE_NAME } from '../../core/wording/daysWords';
import { nowLocal } from '../../store/clock';
import { useJobEditor } from '../../store/useJobEditor';

/** Ways to change the days of the open job. */
export interface DaysEditor {
  readonly canWrite: boolean;
  readonly put: (fields: Partial<Days>, label: string, mergeKey?: string) => void;
  readonly putGate: (id: GateId, gate: Partial<GateRecord>, label: string) => void;
  /** Somebody passed a gate, now: what was not passed before stays in its record. */
  readonly passGate: (id: GateId, by: string) => void;
  /** It was not passed, now: it is mended, and booked anew. */
  readonly refuseGate: (id: GateId, what: string) => void;
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
  const gateOf = (id: GateId): GateRecord =>
    days.gates.find((each) => each.id === id) ?? {
      id,
      booked: null,
      until: null,
      passed: null,
      failed: '',
      photos: [],
    };
  /** What was not passed so far, mended by now. */
  const mended = ({ failed, failedAt, booked, refused = [] }: GateRecord): Partial<GateRecord> =>
    failed === ''
      ? {}
      : { failed: '', failedAt: null, refused: [...refused, { what: failed, at: failedAt ?? booked }] };
  const putGate: DaysEditor['putGate'] = (id, gate, label) => {
    const was = gateOf(id);
    const now = { ...was, ...gate };
    // A window that would end before it begins belonged to another booking.
    const holds = now.booked !== null && now.until !== null && now.booked <= now.until;
    const own = { ...now, until: holds ? now.until : null };
    put({ gates: [...days.gates.filter((each) => each !== was), own] }, label);
  };
  return {
    canWrite,
    put,
    putGate,
    passGate: (id, by) => {
      const passed = { by, at: nowLocal() };
      putGate(id, { ...mended(gateOf(id)), passed }, `${GATE_NAME[id]} passed`);
    },
    refuseGate: (id, what) => {
      const fields = { ...mended(gateOf(id)), failed: what, failedAt: nowLocal(), booked: null };
      putGate(id, fields, `${GATE_NAME[id]} not passed`);
    },
  };
}
