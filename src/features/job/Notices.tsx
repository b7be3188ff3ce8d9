import { useEffect } from 'react';
import { counted } from '../../core/wording/words';
import type { OpenJob } from '../../store/jobSlice';
import { retrySaving, takeOverJob } from '../../store/openJob';
import { useAppSelector } from '../../store/store';
import { exportJob } from './exportJob';
import { Notice } from '../../ui/shell/Notice';

interface NoticesProps {
  readonly open: Extract<OpenJob, { status: 'ready' }>;
}

/** Asks before the page is left while edits are not saved. */
function useLeaveGuard(unsaved: boolean): void {
  useEffect(() => {
    if (!unsaved) return undefined;
    const guard = (event: BeforeUnloadEvent): void => {
      event.preventDefault();
    };
    window.addEventListener('beforeunload', guard);
    return () => {
      window.removeEventListener('beforeunload', guard);
    };
  }, [unsaved]);
}

/** What the electrician must know about saving: read along only, not saved, gone. */
export function Notices({ open }: NoticesProps) {
  const { role, job } = open;
  const save = useAppSelector((state) => state.save);
  useLeaveGuard(save.kind === 'failed');
  const exportIt = {
    label: 'Export the job as a file',
    act: () => {
      void exportJob(job);
    },
  };
  if (save.kind === 'failed') {
    const why =
      save.reason === 'full'
        ? "This browser's storage is full"
        : 'The browser could not write to its storage';
    return (
      <Notice severity="stop" acts={[{ label: 'Try again', act: retrySaving }, exportIt]}>
        {why}: {counted(save.unsaved, 'edit')} not saved yet. Nothing is lost while this page stays open.
        Export the job as a file, make room, then try again.
      </Notice>
    );
  }
  if (save.kind === 'gone') {
    return (
      <Notice severity="stop" acts={[exportIt]}>
        This job was deleted in another tab. What is on this page can still be exported.
      </Notice>
    );
  }
  if (role === 'reader') {
    return (
      <Notice
        severity="ask"
        acts={[
          {
            label: 'Take over here',
            act: () => {
              void takeOverJob();
            },
          },
        ]}
      >
        Another tab is writing this job. This one reads along and follows every edit.
      </Notice>
    );
  }
  return (
    <div aria-live="polite" className="visually-hidden">
      {save.kind === 'saving' ? '' : 'Saved'}
    </div>
  );
}
