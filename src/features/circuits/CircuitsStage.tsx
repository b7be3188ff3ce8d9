import { useDisclosure } from '@mantine/hooks';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { countStandings, worstStanding } from '../../core/circuit/standings';
import { circuitView } from '../../store/circuitView';
import type { OpenJob } from '../../store/jobSlice';
import { CircuitBoard } from './CircuitBoard';
import { CircuitList } from './CircuitList';
import { Dialogs } from './Dialogs';
import { EmptyStage } from './EmptyStage';
import { Foot } from './Foot';
import { JobBar } from './JobBar';
import { Notices } from './Notices';
import { StageActionsProvider, type StageActions } from './stageActions';
import { useStageShortcuts } from './useStageShortcuts';
import classes from './stage.module.css';

interface CircuitsStageProps {
  readonly open: Extract<OpenJob, { status: 'ready' }>;
  readonly circuitId: string | undefined;
}

/** The stage on which circuits are sized: list, run, ladder of figures and working, of one choice. */
export function CircuitsStage({ open, circuitId }: CircuitsStageProps) {
  const { job } = open;
  const navigate = useNavigate();
  const [adding, { open: add, close: added }] = useDisclosure();
  const [settings, { open: openSettings, close: closeSettings }] = useDisclosure();
  const [help, { open: openHelp, close: closeHelp }] = useDisclosure();
  const [listing, { open: openList, close: closeList }] = useDisclosure();
  const views = useMemo(() => job.circuits.map((circuit) => circuitView(job, circuit)), [job]);
  const current = views.find(({ circuit }) => circuit.id === circuitId) ?? views[0];
  const actions = useMemo<StageActions>(
    () => ({
      add,
      openSettings,
      openHelp,
      openList,
      goTo: (id) => {
        closeList();
        void navigate(`/jobs/${job.id}/${id}`);
      },
      openSheet: (id) => void navigate(`/jobs/${job.id}/${id}/sheet`),
      leave: () => void navigate('/'),
    }),
    [add, openSettings, openHelp, openList, closeList, navigate, job.id],
  );
  useStageShortcuts({ open, views, current, actions });
  const everything = views.flatMap((view) => view.open);
  return (
    <StageActionsProvider value={actions}>
      <div className={classes['stage']}>
        <JobBar
          open={open}
          standing={worstStanding(everything)}
          openCount={everything.length}
          current={current}
        />
        <div>
          <Notices open={open} />
        </div>
        {current === undefined ? (
          <EmptyStage />
        ) : (
          <CircuitBoard view={current} list={<CircuitList views={views} current={current.circuit.id} />} />
        )}
        <Foot views={views} counts={countStandings(everything)} />
      </div>
      <Dialogs
        open={open}
        views={views}
        current={current}
        adding={adding}
        onAdded={added}
        settings={settings}
        onCloseSettings={closeSettings}
        help={help}
        onCloseHelp={closeHelp}
        listing={listing}
        onCloseList={closeList}
      />
    </StageActionsProvider>
  );
}
