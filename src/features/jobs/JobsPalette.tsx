import type { ListedJob } from '../../store/persistence/database';
import { PaletteView } from '../../ui/shell/PaletteView';
import { THEMES, useTheme } from '../../ui/theme/ThemeProvider';

interface JobsPaletteProps {
  readonly jobs: readonly ListedJob[];
  readonly onJob: (id: string) => void;
  readonly onDemo: () => void;
  readonly onClose: () => void;
}

/** Every job of this browser, and what can be done here, by typing a part of its name. */
export function JobsPalette({ jobs, onJob, onDemo, onClose }: JobsPaletteProps) {
  const { setTheme } = useTheme();
  const acts = [
    ...jobs.map(({ id, name }) => ({
      id: `job ${id}`,
      label: name,
      description: 'Job',
      act: () => {
        onJob(id);
      },
    })),
    { id: 'demo', label: 'Open the demo job', act: onDemo },
    ...THEMES.map((theme) => ({
      id: `theme ${theme}`,
      label: `Theme: ${theme}`,
      act: () => {
        setTheme(theme);
      },
    })),
  ];
  return <PaletteView acts={acts} placeholder="Find a job, or what to do" onClose={onClose} />;
}
