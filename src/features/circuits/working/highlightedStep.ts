import type { AnyFinding } from '../../../core/findings/finding';
import type { AnyStep, StepId } from '../../../core/working/step';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import type { MarkedCell } from '../../../ui/working/TableFaceView';

/** The step that is lit before one is chosen: the one that read the table the figure stands on. */
const MAIN: readonly StepId[] = [
  'ampacity.column',
  'breaker.standard',
  'breaker.pinned',
  'ground.increased',
  'ground.table',
  'raceway.legal',
  'drop.segment',
  'receptacle.choice',
];

/** Chooses the step to light first; where something is wrong, the step that tells what. */
export const highlightedStep = (
  steps: readonly AnyStep[],
  findings: readonly AnyFinding[],
): AnyStep | undefined => {
  const small = findings.some(({ code }) => code === 'conductor.small-rule');
  const wanted = small ? (['test.small', ...MAIN] as const) : MAIN;
  for (const id of wanted) {
    const found = steps.find((step) => step.id === id && step.read !== undefined);
    if (found !== undefined) return found;
  }
  return steps.find((step) => step.read !== undefined);
};

const fixedCell = (highlighted: AnyStep, { solved }: CircuitEvaluation): MarkedCell[] => {
  const twin = Object.values(solved.workings)
    .flat()
    .find(
      (step) => step.id === highlighted.id && step.read !== undefined && step.segment === highlighted.segment,
    );
  return twin?.read === undefined ? [] : [{ row: twin.read.row, column: twin.read.column, mark: 'remedy' }];
};

/** The cells of the lit step's table that something of this circuit reads: the lit one first, so that it wins. */
export function markedCells(
  highlighted: AnyStep,
  steps: readonly AnyStep[],
  fixed: CircuitEvaluation | undefined,
): readonly MarkedCell[] {
  const { read } = highlighted;
  if (read === undefined) return [];
  const others = steps.flatMap((step) =>
    step.read !== undefined && step.read.table === read.table && step !== highlighted
      ? [{ row: step.read.row, column: step.read.column, mark: 'elsewhere' as const }]
      : [],
  );
  const fix = fixed === undefined ? [] : fixedCell(highlighted, fixed);
  return [{ row: read.row, column: read.column, mark: 'lit' }, ...fix, ...others];
}
