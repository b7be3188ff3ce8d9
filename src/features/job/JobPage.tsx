import { lazy, Suspense } from 'react';
import { Link, Outlet, useBlocker, useOutletContext, useParams } from 'react-router';
import { counted } from '../../core/wording/words';
import type { OpenJob } from '../../store/jobSlice';
import { saveNow } from '../../store/openJob';
import { useAppSelector } from '../../store/store';
import { useOpenJob } from '../../store/useOpenJob';
import { Message } from '../../ui/shell/Message';
import { Notice } from '../../ui/shell/Notice';

const DamagedJob = lazy(() => import('./DamagedJob').then((module) => ({ default: module.DamagedJob })));

/** A job that is open and ready. */
export type ReadyJob = Extract<OpenJob, { status: 'ready' }>;

/** Asks before a job is left whose edits could not be saved. */
function LeaveUnsaved({ jobId }: { readonly jobId: string }) {
  const save = useAppSelector((state) => state.save);
  const blocker = useBlocker(
    ({ nextLocation }) => save.kind === 'failed' && !nextLocation.pathname.startsWith(`/jobs/${jobId}`),
  );
  if (blocker.state !== 'blocked' || save.kind !== 'failed') return null;
  return (
    <Notice
      severity="stop"
      acts={[
        {
          label: 'Stay and try again',
          act: () => {
            blocker.reset();
            saveNow();
          },
        },
        { label: 'Leave and lose them', act: blocker.proceed },
      ]}
    >
      {counted(save.unsaved, 'edit')} could not be saved. Leave this job all the same?
    </Notice>
  );
}

/** A job from opening it to closing it: its stages stand inside, and share it. */
export function JobPage() {
  const { jobId = '' } = useParams();
  const open = useOpenJob(jobId);
  switch (open.status) {
    case 'ready':
      return (
        <>
          <LeaveUnsaved jobId={jobId} />
          <Outlet context={open satisfies ReadyJob} />
        </>
      );
    case 'missing':
      return (
        <Message title="This job is not in this browser">
          Open its file from the <Link to="/">list of jobs</Link>, or look in the browser in which it was
          made.
        </Message>
      );
    case 'damaged':
      return (
        <Suspense>
          <DamagedJob damaged={open} />
        </Suspense>
      );
    case 'none':
    case 'loading':
      return <Message title="Opening the job" />;
  }
}

/** The job that a stage stands in. */
export const useReadyJob = (): ReadyJob => useOutletContext<ReadyJob>();
