import { memo } from 'react';
import { Menu } from '@mantine/core';
import type { FigureStanding } from '../../core/circuit/standings';
import { redone, undone, type OpenJob } from '../../store/jobSlice';
import { useAppDispatch } from '../../store/store';
import { exportJob } from './exportJob';
import { StageBar } from '../../ui/shell/StageBar';
import { THEMES, useTheme, type Theme } from '../../ui/theme/ThemeProvider';
import { STAGES, useStageActions, type DialogName, type StageName } from './stageActions';
import classes from './JobBar.module.css';

interface StageState {
  readonly standing: FigureStanding;
  /** How much is open in it. */
  readonly open: number;
}

interface JobBarProps {
  readonly open: Extract<OpenJob, { status: 'ready' }>;
  readonly current: StageName;
  readonly stages: Readonly<Record<StageName, StageState>>;
}

const STAGE_NAME: Readonly<Record<StageName, string>> = { survey: 'Survey', circuits: 'Circuits' };

const THEME_NAME: Readonly<Record<Theme, string>> = {
  paper: 'Paper',
  attic: 'Attic, dim',
  noon: 'Noon, for sun',
};

const JOB_DIALOGS: readonly (readonly [DialogName, string])[] = [
  ['list', 'Circuits of the job'],
  ['job', 'The job'],
  ['edition', 'Change the edition'],
  ['practices', 'House practices'],
  ['amendments', 'Local rules'],
  ['plugs', 'May this plug go there?'],
];

function More({ open, current }: Pick<JobBarProps, 'open' | 'current'>) {
  const { theme, setTheme } = useTheme();
  const { open: show, leave } = useStageActions();
  const item = (name: string, act: () => void, className = '') => (
    <Menu.Item key={name} onClick={act} className={className}>
      {name}
    </Menu.Item>
  );
  const dialogs = JOB_DIALOGS.filter(([dialog]) => dialog !== 'list' || current === 'circuits');
  return (
    <Menu position="bottom-end" width={220} withinPortal={false} withInitialFocusPlaceholder={false}>
      <Menu.Target>
        <button type="button" className={classes['tool']} aria-label="More">
          More
        </button>
      </Menu.Target>
      <Menu.Dropdown>
        {dialogs.map(([dialog, name]) =>
          item(
            name,
            () => {
              show(dialog);
            },
            dialog === 'list' ? classes['narrow'] : '',
          ),
        )}
        {item('Export the job as a file', () => {
          exportJob(open.job);
        })}
        {item('All jobs', leave)}
        {THEMES.filter((each) => each !== theme).map((each) =>
          item(THEME_NAME[each], () => {
            setTheme(each);
          }),
        )}
        {item('Keys', () => {
          show('keys');
        })}
      </Menu.Dropdown>
    </Menu>
  );
}

/** Find, undo and redo, and the rest. */
function Tools({ open, current }: Pick<JobBarProps, 'open' | 'current'>) {
  const dispatch = useAppDispatch();
  const { open: show } = useStageActions();
  const { journal, cursor, role } = open;
  const writes = role === 'writer';
  const undo = journal[cursor - 1];
  const redo = journal[cursor];
  return (
    <>
      {current === 'circuits' && (
        <button
          type="button"
          className={`${classes['tool']} ${classes['find']}`}
          onClick={() => {
            show('palette');
          }}
        >
          Find <kbd className="fig">Ctrl K</kbd>
        </button>
      )}
      <button
        type="button"
        className={classes['tool']}
        disabled={!writes || undo === undefined}
        title={undo && `Undo: ${undo.label}`}
        onClick={() => {
          dispatch(undone());
        }}
      >
        Undo
      </button>
      <button
        type="button"
        className={classes['tool']}
        disabled={!writes || redo === undefined}
        title={redo && `Redo: ${redo.label}`}
        onClick={() => {
          dispatch(redone());
        }}
      >
        Redo
      </button>
      <More open={open} current={current} />
    </>
  );
}

/** The bar above the stage: job and edition, stages, find, undo and redo, theme and files. */
export const JobBar = memo(function JobBar({ open, current, stages }: JobBarProps) {
  const { open: show, openStage } = useStageActions();
  const { job } = open;
  const { edition, amendments } = job;
  const note = `${edition} code${edition === 2026 ? ', not verified' : ''}${amendments.length > 0 ? ' · local rules' : ''}`;
  return (
    <StageBar
      jobName={job.name}
      jobNote={note}
      onJob={() => {
        show('job');
      }}
      stages={STAGES.map((id) => ({ id, name: STAGE_NAME[id], ...stages[id], current: id === current }))}
      onStage={(id) => {
        const stage = STAGES.find((each) => each === id);
        if (stage !== undefined && stage !== current) openStage(stage);
      }}
      tools={<Tools open={open} current={current} />}
    />
  );
});
