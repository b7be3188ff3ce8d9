import { useNavigate } from 'react-router';
import { fromBin } from '../../store/persistence/bin';
import { Notice } from '../../ui/shell/Notice';

/** What became of opening, restoring or deleting, as it is told. */
export interface Outcome {
  readonly severity: 'stop' | 'ok';
  readonly words: string;
  /** A job that was deleted, by its place in the bin. */
  readonly binId?: string;
  /** A copy that was opened, and the job that it may be merged into. */
  readonly copy?: { readonly of: string; readonly id: string };
}

/** What became of it, with what may be done next. */
export function OutcomeNotice({
  outcome,
  onClose,
}: {
  readonly outcome: Outcome;
  readonly onClose: () => void;
}) {
  const { binId, copy } = outcome;
  const navigate = useNavigate();
  const undo = {
    label: 'Undo',
    act: () => {
      if (binId !== undefined) void fromBin(binId);
      onClose();
    },
  };
  return (
    <Notice
      severity={outcome.severity}
      acts={[
        ...(binId === undefined ? [] : [undo]),
        ...(copy === undefined
          ? []
          : [{ label: 'Merge the two', act: () => void navigate(`/merge/${copy.of}/${copy.id}`) }]),
        { label: 'Close', act: onClose },
      ]}
    >
      {outcome.words}
    </Notice>
  );
}
