import type { AnyStep, Step, StepId } from '../working/step';
import { conductorSteps } from './conductorSteps';
import { loadSteps } from './loadSteps';
import { outletSteps } from './outletSteps';
import { racewaySteps } from './racewaySteps';
import type { StepWords } from './stepWords';

/** The words of each step. A step without words does not compile. */
const WORDS: { readonly [K in StepId]: (step: Step<K>) => StepWords } = {
  ...loadSteps,
  ...conductorSteps,
  ...racewaySteps,
  ...outletSteps,
};

const words = <K extends StepId>(step: Step<K>): StepWords => WORDS[step.id](step);

/** A step in words. */
export const stepWords = (step: AnyStep): StepWords => words(step);
