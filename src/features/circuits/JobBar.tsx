import { memo } from 'react';
import { Menu } from '@mantine/core';
import type { FigureStanding } from '../../core/circuit/standings';
import { redone, undone, type OpenJob } from '../../store/jobSlice';
import { useAppDispatch } from '../../store/store';
import { downloadJob } from '../../ui/files/downloadJob';
import { StageBar } from '../../ui/shell/StageBar';
import { THEMES, useTheme, type Theme } from '../../ui/theme/ThemeProvider';
import { useStageActions } from './stageActions';
import classes from './JobBar.module.css';

interface JobBarProps {
  readonly open: Extract<OpenJob, { status: 'ready' }>;
  readonly standing: FigureStanding;
  readonly openCount: number;
}

const THEME_NAME: Readonly<Record<Theme, string>> = {
  paper: 'Paper',
  attic: 'Attic, dim',
  noon: 'Noon, for sun',
};

function More({ open }: Pick<JobBarProps, 'open'>) {
  const { theme, setTheme } = useTheme();
  const { open: show, leave } = useStageActions();
  return (
    <Menu position="bottom-end" width={220} withinPortal={false} withInitialFocusPlaceholder={false}>
      <Menu.Target>
        <button type="button" className={classes['tool']} aria-label="More">
          More
        </button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item
          onClick={() => {
            show('list');
          }}
          className={classes['narrow'] ?? ''}
        >
          Circuits of the job
        </Menu.Item>
        <Menu.Item
          onClick={() => {
            show('job');
          }}
        >
          Job, edition, practices
        </Menu.Item>
        <Menu.Item
          onClick={() => {
            downloadJob(open.job);
          }}
        >
          Export the job as a file
        </Menu.Item>
        <Menu.Item onClick={leave}>All jobs</Menu.Item>
        {THEMES.filter((each) => each !== theme).map((each) => (
          <Menu.Item
            key={each}
            onClick={() => {
              setTheme(each);
            }}
          >
            {THEME_NAME[each]}
          </Menu.Item>
        ))}
        <Menu.Item
          onClick={() => {
            show('keys');
          }}
        >
          Keys
        </Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}

/** The bar above the stage: job and edition, stages, find, undo and redo, theme and files. */
export const JobBar = memo(function JobBar({ open, standing, openCount }: JobBarProps) {
  const dispatch = useAppDispatch();
  const { open: show } = useStageActions();
  const { job, journal, cursor, role } = open;
  const { edition, amendments } = job;
  const note = `${edition} code${edition === 2026 ? ', not verified' : ''}${amendments.length > 0 ? ' · local rules' : ''}`;
  const writes = role === 'writer';
  const undo = journal[cursor - 1];
  const redo = journal[cursor];
  return (
    <StageBar
      jobName={job.name}
      jobNote={note}
      onJob={() => {
        show('job');
      }}
      stages={[{ name: 'Circuits', standing, open: openCount, current: true }]}
      tools={
        <>
          <button
            type="button"
            className={`${classes['tool']} ${classes['find']}`}
            onClick={() => {
              show('palette');
            }}
          >
            Find <kbd className="fig">Ctrl K</kbd>
          </button>
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
          <More open={open} />
        </>
      }
    />
  );
});
