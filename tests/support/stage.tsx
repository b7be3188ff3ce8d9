import { MantineProvider } from '@mantine/core';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { MemoryRouter, Outlet, Route, Routes } from 'react-router';
import { fullHouse } from './fullHouse/job';
import type { Job } from '../../src/core/job/jobSchema';
import { StageActionsProvider, type StageActions } from '../../src/features/job/stageActions';
import type { CircuitEvaluation } from '../../src/core/job/evaluation';
import { sizesOf } from '../../src/store/sizes';
import { jobLoaded } from '../../src/store/jobSlice';
import type { TabRole } from '../../src/store/persistence/writerLock';
import { store, useAppSelector } from '../../src/store/store';
import { ThemeProvider } from '../../src/ui/theme/ThemeProvider';

/** Puts a job into the store, as if it had just been opened. */
export function load(job: Job = fullHouse, role: TabRole = 'writer'): void {
  store.dispatch(jobLoaded({ job, journal: [], cursor: 0, role }));
}

/** The open job as it is now. */
export function openJob(): Job {
  const { job: open } = store.getState();
  if (open.status !== 'ready') throw new Error('No job is open.');
  return open.job;
}

/** A circuit of the open job as it is now, with everything that was computed of it. */
export function viewOf(id: string): CircuitEvaluation {
  const view = sizesOf(openJob()).circuit(id);
  if (view === undefined) throw new Error(`No circuit ${id}.`);
  return view;
}

/** Shows a part of the stage with everything that it stands in. */
export function show(part: ReactNode, actions: Partial<StageActions> = {}) {
  const nothing = (): void => undefined;
  return render(
    <Provider store={store}>
      <ThemeProvider>
        <MantineProvider env="test">
          <MemoryRouter>
            <StageActionsProvider
              value={{
                open: nothing,
                goTo: nothing,
                openSheet: nothing,
                printJob: nothing,
                openStage: nothing,
                leave: nothing,
                ...actions,
              }}
            >
              {part}
            </StageActionsProvider>
          </MemoryRouter>
        </MantineProvider>
      </ThemeProvider>
    </Provider>,
  );
}

/** A part of the stage that is drawn anew with the open job, as its page does. */
export function Live({ part }: { readonly part: (job: Job) => ReactNode }) {
  const job = useAppSelector(({ job: open }) => (open.status === 'ready' ? open.job : undefined));
  return job === undefined ? null : part(job);
}

/** What the page of a job gives to its stages. */
function JobOutlet() {
  const open = useAppSelector(({ job }) => job);
  return <Outlet context={open} />;
}

/** Shows a part that asks its page for the open job. */
export const showInJob = (part: ReactNode, actions: Partial<StageActions> = {}) =>
  show(
    <Routes>
      <Route element={<JobOutlet />}>
        <Route path="*" element={part} />
      </Route>
    </Routes>,
    actions,
  );
