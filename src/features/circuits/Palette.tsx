import '@mantine/spotlight/styles.css';
import { Spotlight, type SpotlightActionData } from '@mantine/spotlight';
import { LINKS } from '../../core/working/finding';
import { circuitLine, linkName } from '../../core/wording/ladder';
import type { CircuitView } from '../../store/circuitView';
import { linkChosen } from '../../store/focusSlice';
import { redone, undone, type OpenJob } from '../../store/jobSlice';
import { useAppDispatch } from '../../store/store';
import { downloadJob } from '../../ui/files/downloadJob';
import { THEMES, useTheme } from '../../ui/theme/ThemeProvider';
import { paletteStore } from './openPalette';
import { useStageActions } from './stageActions';

interface PaletteProps {
  readonly open: Extract<OpenJob, { status: 'ready' }>;
  readonly views: readonly CircuitView[];
  readonly current: CircuitView | undefined;
}

/** Everything that can be done or gone to, by typing a part of its name. */
export function Palette({ open, views, current }: PaletteProps) {
  const dispatch = useAppDispatch();
  const { setTheme } = useTheme();
  const { add, goTo, openSheet, openSettings, openHelp, leave } = useStageActions();
  const action = (
    id: string,
    label: string,
    onClick: () => void,
    description?: string,
  ): SpotlightActionData => ({
    id,
    label,
    onClick,
    ...(description !== undefined && { description }),
  });
  const actions: SpotlightActionData[] = [
    action('add', 'Add a circuit', add),
    ...views.map(({ circuit, solved }) =>
      action(`go ${circuit.id}`, circuit.name, () => {
        goTo(circuit.id);
      }, circuitLine(solved, circuit)),
    ),
    ...LINKS.map((link) =>
      action(`link ${link}`, `Why this ${linkName[link].toLowerCase()}`, () => {
        dispatch(linkChosen({ link }));
      }),
    ),
    ...(current === undefined ? [] : [action('sheet', 'Circuit sheet, to print', () => {
      openSheet(current.circuit.id);
    })]),
    action('undo', 'Undo', () => {
      dispatch(undone());
    }),
    action('redo', 'Redo', () => {
      dispatch(redone());
    }),
    action('export', 'Export the job as a file', () => {
      downloadJob(open.job);
    }),
    action('settings', 'Job, edition, practices', openSettings),
    ...THEMES.map((theme) =>
      action(`theme ${theme}`, `Theme: ${theme}`, () => {
        setTheme(theme);
      }),
    ),
    action('keys', 'Keys', openHelp),
    action('jobs', 'All jobs', leave),
  ]; // prettier-ignore
  return (
    <Spotlight
      store={paletteStore}
      actions={actions}
      shortcut={null}
      limit={12}
      scrollable
      maxHeight={420}
      nothingFound="Nothing by that name"
      searchProps={{ placeholder: 'Find a circuit, a figure, or what to do', 'aria-label': 'Find' }}
    />
  );
}
