import { useNavigate } from 'react-router';
import { FIGURE_KEYS } from '../../core/findings/subject';
import { circuitLine, figureName } from '../../core/wording/ladder';
import { HELP, HELP_IDS } from '../../core/wording/help';
import { PRACTICES } from '../../core/wording/practices';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { figureChosen } from '../../store/focusSlice';
import { sizesOf } from '../../store/sizes';
import { useHistory } from '../../store/useHistory';
import { useAppDispatch } from '../../store/store';
import { PaletteView, type PaletteAct } from '../../ui/shell/PaletteView';
import { THEMES, useTheme } from '../../ui/theme/ThemeProvider';
import { exportJob } from './exportJob';
import type { ReadyJob } from './JobPage';
import { useStageActions, type DialogName } from './stageActions';
import { STAGES } from './stages';

interface PaletteProps {
  readonly open: ReadyJob;
  /** The circuit that is shown; left out where a stage shows none. */
  readonly current?: CircuitEvaluation | undefined;
  readonly onClose: () => void;
}

/** What of the circuit that is shown can be gone to. */
function useCircuitActs(current: CircuitEvaluation | undefined): readonly PaletteAct[] {
  const dispatch = useAppDispatch();
  const { goTo, openSheet, open: show } = useStageActions();
  if (current === undefined) return [];
  const { id } = current.circuit;
  return [
    ...FIGURE_KEYS.map((figureKey) => ({
      id: `link ${figureKey}`,
      label: `Why this ${figureName[figureKey].toLowerCase()}`,
      act: () => {
        dispatch(figureChosen({ figureKey }));
      },
    })),
    {
      id: 'route',
      label: 'Route of this circuit',
      act: () => {
        goTo(id, 'route');
      },
    },
    {
      id: 'sheet',
      label: 'Circuit sheet, to print',
      act: () => {
        openSheet(id);
      },
    },
    ...(
      [
        ['add', 'Add a circuit'],
        ['wiring', 'Terminations of this circuit'],
        ['options', 'Compare options for this circuit'],
      ] as const
    ).map(([dialog, label]) => ({
      id: dialog,
      label,
      act: () => {
        show(dialog);
      },
    })),
  ];
}

const JOB_DIALOGS: readonly (readonly [DialogName, string])[] = [
  ['job', 'The job'],
  ['edition', 'Change the edition'],
  ['practices', 'Shop practices'],
  ['amendments', 'Local amendments'],
  ['schedule', 'Read a schedule of appliances'],
  ['plugs', 'May this plug go there?'],
  ['keys', 'Keys'],
];

/** What of the job and of Pasture can be done, its practices by their own words. */
function useJobActs({ open }: PaletteProps): readonly PaletteAct[] {
  const navigate = useNavigate();
  const { undo, redo } = useHistory();
  const { setTheme } = useTheme();
  const { open: show, openStage, printJob, leave } = useStageActions();
  const opens = (dialog: DialogName) => () => {
    show(dialog);
  };
  return [
    { id: 'undo', label: 'Undo', act: undo },
    { id: 'redo', label: 'Redo', act: redo },
    {
      id: 'export',
      label: 'Export the job as a file',
      act: () => {
        void exportJob(open.job);
      },
    },
    { id: 'print', label: 'Print the whole job', act: printJob },
    {
      id: 'questions',
      label: 'Questions',
      description: 'What is open, and who can answer it',
      keywords: ['ask', 'answer', 'verify', 'open', 'doubt'],
      act: () => {
        void navigate(`/jobs/${open.job.id}/questions`);
      },
    },
    ...STAGES.map(({ id, name }) => ({
      id: `stage ${id}`,
      label: name,
      act: () => {
        openStage(id);
      },
    })),
    ...JOB_DIALOGS.map(([dialog, label]) => ({ id: dialog, label, act: opens(dialog) })),
    ...PRACTICES.map(({ key, name, schools }) => ({
      id: `practice ${key}`,
      label: name,
      description: 'Shop practice',
      keywords: schools.map((school) => school.name),
      act: opens('practices'),
    })),
    ...HELP_IDS.map((id) => ({
      id: `help ${id}`,
      label: HELP[id].title,
      description: 'Help',
      keywords: HELP[id].keywords,
      act: opens(`help ${id}`),
    })),
    ...THEMES.map((theme) => ({
      id: `theme ${theme}`,
      label: `Theme: ${theme}`,
      act: () => {
        setTheme(theme);
      },
    })),
    { id: 'jobs', label: 'All jobs', act: leave },
  ];
}

/** Everything in a job that can be done or gone to, by typing a part of its name. */
export function Palette(props: PaletteProps) {
  const { open, current, onClose } = props;
  const { goTo } = useStageActions();
  const circuits = sizesOf(open.job).circuits.map(({ circuit, solved }) => ({
    id: `go ${circuit.id}`,
    label: circuit.name,
    description: circuitLine(solved, circuit),
    act: () => {
      goTo(circuit.id);
    },
  }));
  const acts = [...useCircuitActs(current), ...useJobActs(props), ...circuits];
  return <PaletteView acts={acts} placeholder="Find a circuit, a figure, or what to do" onClose={onClose} />;
}
