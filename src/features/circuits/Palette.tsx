import '@mantine/spotlight/styles.css';
import { createSpotlight, Spotlight, type SpotlightActionData } from '@mantine/spotlight';
import { useEffect } from 'react';
import { FIGURE_KEYS } from '../../core/findings/subject';
import { circuitLine, figureName } from '../../core/wording/ladder';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { figureChosen } from '../../store/focusSlice';
import { useHistory } from '../../store/useHistory';
import type { OpenJob } from '../../store/jobSlice';
import { useAppDispatch } from '../../store/store';
import { exportJob } from '../job/exportJob';
import { THEMES, useTheme } from '../../ui/theme/ThemeProvider';
import { useStageActions, type DialogName } from '../job/stageActions';
import { STAGES } from '../job/stages';

interface PaletteProps {
  readonly open: Extract<OpenJob, { status: 'ready' }>;
  readonly views: readonly CircuitEvaluation[];
  readonly current: CircuitEvaluation | undefined;
  readonly onClose: () => void;
}

const [paletteStore, palette] = createSpotlight();

type Act = readonly [id: string, label: string, act: () => void, description?: string];

const spotlightAction = ([id, label, onClick, description]: Act): SpotlightActionData => ({
  id,
  label,
  onClick,
  ...(description !== undefined && { description }),
});

/** What can be gone to. */
function useTargets({ views, current }: PaletteProps): readonly Act[] {
  const dispatch = useAppDispatch();
  const { goTo, openSheet, leave } = useStageActions();
  return [
    ...views.map(({ circuit, solved }): Act => [
      `go ${circuit.id}`,
      circuit.name,
      () => {
        goTo(circuit.id);
      },
      circuitLine(solved, circuit),
    ]),
    ...FIGURE_KEYS.map((figureKey): Act => [
      `link ${figureKey}`,
      `Why this ${figureName[figureKey].toLowerCase()}`,
      () => {
        dispatch(figureChosen({ figureKey }));
      },
    ]),
    ...(current === undefined
      ? []
      : [
          [
            'route',
            'Route of this circuit',
            () => {
              goTo(current.circuit.id, 'route');
            },
          ] satisfies Act,
          [
            'sheet',
            'Circuit sheet, to print',
            () => {
              openSheet(current.circuit.id);
            },
          ] satisfies Act,
        ]),
    ['jobs', 'All jobs', leave],
  ];
}

/** What can be done. */
function useActions({ open }: PaletteProps): readonly Act[] {
  const { undo, redo } = useHistory();
  const { setTheme } = useTheme();
  const { open: show, openStage, printJob } = useStageActions();
  const opens = (dialog: DialogName, label: string): Act => [
    dialog,
    label,
    () => {
      show(dialog);
    },
  ];
  return [
    opens('add', 'Add a circuit'),
    ['undo', 'Undo', undo],
    ['redo', 'Redo', redo],
    [
      'export',
      'Export the job as a file',
      () => {
        void exportJob(open.job);
      },
    ],
    ['print', 'Print the whole job', printJob],
    opens('job', 'The job'),
    opens('edition', 'Change the edition'),
    opens('practices', 'Shop practices'),
    opens('amendments', 'Local amendments'),
    opens('schedule', 'Read a schedule of appliances'),
    opens('plugs', 'May this plug go there?'),
    opens('wiring', 'Terminations of this circuit'),
    opens('options', 'Compare options for this circuit'),
    ...STAGES.map(({ id, name }): Act => [
      `stage ${id}`,
      name,
      () => {
        openStage(id);
      },
    ]),
    ...THEMES.map((theme): Act => [
      `theme ${theme}`,
      `Theme: ${theme}`,
      () => {
        setTheme(theme);
      },
    ]),
    opens('keys', 'Keys'),
  ];
}

/** Everything that can be done or gone to, by typing a part of its name. */
export function Palette(props: PaletteProps) {
  const targets = useTargets(props);
  const actions = useActions(props);
  useEffect(() => {
    palette.open();
  }, []);
  return (
    <Spotlight
      store={paletteStore}
      onSpotlightClose={props.onClose}
      closeOnActionTrigger
      actions={[...actions, ...targets].map(spotlightAction)}
      overlayProps={{ backgroundOpacity: 0.3, blur: 0 }}
      shortcut={null}
      limit={12}
      scrollable
      maxHeight={420}
      nothingFound="Nothing by that name"
      searchProps={{ placeholder: 'Find a circuit, a figure, or what to do', 'aria-label': 'Find' }}
    />
  );
}
