import { Menu } from '@mantine/core';
import { useNavigate } from 'react-router';
import { THEMES, useTheme, type Theme } from '../../ui/theme/ThemeProvider';
import { exportJob, shareJob } from './exportJob';
import type { ReadyJob } from './JobPage';
import { useStageActions, type DialogName } from './stageActions';
import type { StageName } from './stages';
import classes from './JobBar.module.css';

interface MoreMenuProps {
  readonly open: ReadyJob;
  readonly current: StageName;
}

const THEME_NAME: Readonly<Record<Theme, string>> = {
  paper: 'Paper',
  attic: 'Attic, dim',
  noon: 'Noon, for sun',
};

const JOB_DIALOGS: readonly (readonly [DialogName, string])[] = [
  ['list', 'Circuits of the job'],
  ['job', 'The job'],
  ['edition', 'Change the edition'],
  ['practices', 'Shop practices'],
  ['amendments', 'Local amendments'],
  ['plugs', 'May this plug go there?'],
];

/** What a job may be asked for besides its stages. Loaded after the stage itself. */
export function MoreMenu({ open, current }: MoreMenuProps) {
  const { theme, setTheme } = useTheme();
  const navigate = useNavigate();
  const { open: show, leave, printJob } = useStageActions();
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
        {item('Questions', () => {
          void navigate(`/jobs/${open.job.id}/questions`);
        })}
        {item('Export the job as a file', () => {
          void exportJob(open.job);
        })}
        {item('Share the job', () => {
          void shareJob(open.job);
        })}
        {item('Print the whole job', printJob)}
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
