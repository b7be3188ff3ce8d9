import type { FigureKey } from '../findings/subject';
import { isQuiet } from '../working/quietSteps';
import type { AnyStep } from '../working/step';
import type { SolvedCircuit } from './figures';

/** The working of a figure on paper: every step of the segment that decides; of the others, what differs from plain. */
export const shownSteps = ({ workings, figures }: SolvedCircuit, figureKey: FigureKey): readonly AnyStep[] =>
  workings[figureKey].filter(
    (step) => step.segment === undefined || step.segment === figures.governing || !isQuiet(step),
  );
