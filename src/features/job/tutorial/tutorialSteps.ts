import { DEMO_JOB_ID } from '../../../core/job/demo/demoJobId';
import type { Job } from '../../../core/job/jobSchema';
import type { FigureKey } from '../../../core/findings/subject';
import type { TutorialStep } from '../../../core/wording/tutorialWords';
import { sizesOf } from '../../../store/sizes';
import { stagePath } from '../stages';

const CHARGER = 'carport-charger';
/** The length of its run as the demo job ships. */
const LENGTH_FT = 62;

/** What a step is judged by. */
export interface TutorialView {
  readonly job: Job;
  /** Address of the page. */
  readonly path: string;
  readonly figureKey: FigureKey;
}

const lengthOf = ({ circuits }: Job): number | undefined =>
  circuits.find(({ id }) => id === CHARGER)?.run[0]?.lengthFt;

const isAt = (view: TutorialView, stage: 'service' | 'panel' | 'materials' | 'checks' | 'packet'): boolean =>
  view.path.startsWith(stagePath(DEMO_JOB_ID, stage));

/** Whether what a step asks for was done. */
export const IS_DONE: Readonly<Record<TutorialStep, (view: TutorialView) => boolean>> = {
  figure: ({ figureKey }) => figureKey === 'breaker',
  fix: ({ job }) => sizesOf(job).circuit(CHARGER)?.severity !== 'stop',
  length: ({ job }) => lengthOf(job) !== LENGTH_FT,
  undo: ({ job }) => lengthOf(job) === LENGTH_FT,
  service: (view) => isAt(view, 'service') && view.job.house.measured !== null,
  panel: (view) => isAt(view, 'panel'),
  materials: (view) => isAt(view, 'materials'),
  checks: (view) => isAt(view, 'checks'),
  packet: (view) => isAt(view, 'packet'),
};

/** Where a step is done. */
export function placeOf(step: TutorialStep): string {
  switch (step) {
    case 'figure':
    case 'fix':
    case 'length':
    case 'undo':
      return `/jobs/${DEMO_JOB_ID}/${CHARGER}`;
    case 'service':
    case 'panel':
    case 'materials':
    case 'checks':
    case 'packet':
      return stagePath(DEMO_JOB_ID, step);
  }
}
