import { Button } from '@mantine/core';
import { useJobEditor } from '../../../store/useJobEditor';
import { useStageActions } from '../../job/stageActions';
import { useReadyJob } from '../../job/JobPage';
import { TypeBar } from '../../job/TypeBar';
import classes from '../stage.module.css';

/** A job without circuits: what goes here, and the first step. */
export function EmptyStage() {
  const { open, leave, goTo } = useStageActions();
  const { job } = useReadyJob();
  const { canWrite } = useJobEditor();
  return (
    <main className={classes['empty']}>
      <h1>No circuit yet</h1>
      <p>
        A circuit runs from the panel to one appliance. Type what the nameplate says and how far it is;
        Pasture draws the run and works out breaker, conductor, ground, raceway and drop, each with its
        reason.
      </p>
      <div className={classes['emptyLine']}>
        <TypeBar job={job} onAdded={goTo} />
      </div>
      <p className={classes['emptyActs']}>
        <Button
          variant="default"
          onClick={() => {
            open('add');
          }}
          disabled={!canWrite}
          data-autofocus
          autoFocus
        >
          Add the first circuit
        </Button>
        <Button variant="default" onClick={leave}>
          See the demo job in the list
        </Button>
      </p>
    </main>
  );
}
