import { lazy, Suspense, useEffect } from 'react';
import { DEMO_JOB_ID } from '../../core/job/demo/demoJobId';
import { counted } from '../../core/wording/words';
import type { OpenJob } from '../../store/jobSlice';
import { isNews } from '../../store/newsSlice';
import { saveNow, takeOverJob } from '../../store/openJob';
import type { SaveState } from '../../store/persistence/saveQueue';
import { useAppSelector } from '../../store/store';
import { Notice } from '../../ui/shell/Notice';

interface NoticesProps {
  readonly open: Extract<OpenJob, { status: 'ready' }>;
}

/** Asks before the page is left while edits are not saved, and writes what is waiting when it may go. */
function useLeaveGuard(unsaved: boolean): void {
  useEffect(() => {
    const hidden = (): void => {
      if (document.visibilityState === 'hidden') saveNow();
    };
    document.addEventListener('visibilitychange', hidden);
    window.addEventListener('pagehide', saveNow);
    return () => {
      document.removeEventListener('visibilitychange', hidden);
      window.removeEventListener('pagehide', saveNow);
    };
  }, []);
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

const Tutorial = lazy(() => import('./tutorial/Tutorial').then((module) => ({ default: module.Tutorial })));
const News = lazy(() => import('./News').then((module) => ({ default: module.News })));

function NotSaved({
  save,
  exportIt,
}: {
  readonly save: Extract<SaveState, { kind: 'failed' }>;
  readonly exportIt: { readonly label: string; readonly act: () => void };
}) {
  const why =
    save.reason === 'full' ? "This browser's storage is full" : 'The browser could not write to its storage';
  return (
    <Notice severity="stop" acts={[{ label: 'Try again', act: saveNow }, exportIt]}>
      {why}: {counted(save.unsaved, 'edit')} not saved yet. Nothing is lost while this page stays open. Export
      the job as a file, make room, then try again.
    </Notice>
  );
}

/** How saving stands, where there is anything to say of it. */
function Saving({ open: { role, job } }: NoticesProps) {
  const save = useAppSelector((state) => state.save);
  useLeaveGuard(save.kind === 'failed');
  const exportIt = {
    label: 'Export the job as a file',
    act: () => {
      void import('./exportJob').then(({ exportJob }) => exportJob(job));
    },
  };
  if (save.kind === 'failed') return <NotSaved save={save} exportIt={exportIt} />;
  if (save.kind === 'gone') {
    return (
      <Notice severity="stop" acts={[exportIt]}>
        This job was deleted in another tab. What is on this page can still be exported.
      </Notice>
    );
  }
  if (role === 'reader') {
    return (
      <Notice severity="ask" acts={[{ label: 'Take over here', act: () => void takeOverJob() }]}>
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

/** What the electrician must know about the open job: what was not taken, how saving stands, what the tutorial says. */
export function Notices({ open }: NoticesProps) {
  const news = useAppSelector((state) => state.news);
  const tutorial = useAppSelector((state) => state.tutorial);
  return (
    <>
      {isNews(news) && (
        <Suspense>
          <News news={news} />
        </Suspense>
      )}
      <Saving open={open} />
      {tutorial !== null && open.job.id === DEMO_JOB_ID && (
        <Suspense>
          <Tutorial job={open.job} at={tutorial} />
        </Suspense>
      )}
    </>
  );
}
