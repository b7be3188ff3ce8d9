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

/** The actions of the stage, and which of its dialogs are open. */
function useStage(jobId: string) {
  const navigate = useNavigate();
  const [adding, addingIs] = useDisclosure();
  const [settings, settingsAre] = useDisclosure();
  const [help, helpIs] = useDisclosure();
  const [listing, listingIs] = useDisclosure();
  const actions = useMemo<StageActions>(
    () => ({
      add: addingIs.open,
      openSettings: settingsAre.open,
      openHelp: helpIs.open,
      openList: listingIs.open,
      goTo: (id) => {
        listingIs.close();
        void navigate(`/jobs/${jobId}/${id}`);
      },
      openSheet: (id) => void navigate(`/jobs/${jobId}/${id}/sheet`),
      leave: () => void navigate('/'),
    }),
    [addingIs, settingsAre, helpIs, listingIs, navigate, jobId],
  );
  const dialogs = {
    adding,
    onAdded: addingIs.close,
    settings,
    onCloseSettings: settingsAre.close,
    help,
    onCloseHelp: helpIs.close,
    listing,
    onCloseList: listingIs.close,
  };
  return { actions, dialogs };
}

/** The stage on which circuits are sized: list, run, ladder of figures and working, of one choice. */
export function CircuitsStage({ open, circuitId }: CircuitsStageProps) {
  const { job } = open;
  const { actions, dialogs } = useStage(job.id);
  const views = useMemo(() => job.circuits.map((circuit) => circuitView(job, circuit)), [job]);
  const current = views.find(({ circuit }) => circuit.id === circuitId) ?? views[0];
  useStageShortcuts({ views, current, actions });
  const everything = views.flatMap((view) => view.open);
  return (
    <StageActionsProvider value={actions}>
      <div className={classes['stage']}>
        <JobBar open={open} standing={worstStanding(everything)} openCount={everything.length} />
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
      <Dialogs open={open} views={views} current={current} {...dialogs} />
    </StageActionsProvider>
  );
}
