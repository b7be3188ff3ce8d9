import { printNumber } from '../units/number';
import { isRefused } from '../units/refused';
import { parseWireSize, printWireSize } from '../units/wireSize';
import type { Step, StepId, StepResult } from '../working/step';
import { inAmps } from './words';

/** A step in words: what it is, its formula with the numbers put in, and the result with its unit. */
export interface StepWords {
  readonly label: string;
  readonly formula: string;
  readonly result: string;
}

/** The words of some steps, each from its own inputs and result. */
export type StepWordings = { readonly [K in StepId]?: (step: Step<K>) => StepWords };

/** A result in amperes. */
export const amps = (result: StepResult): string => inAmps(Number(result));

/** A result that is a wire size. */
export const size = (result: StepResult): string => {
  const parsed = parseWireSize(String(result));
  return isRefused(parsed) ? String(result) : printWireSize(parsed);
};

/** The sum that a circuit is required to carry. */
export const required = ({
  continuousA,
  otherA,
  factor,
}: {
  continuousA: number;
  otherA: number;
  factor: number;
}): string =>
  [
    continuousA > 0 ? `${inAmps(continuousA)} × ${printNumber(factor * 100)} %` : '',
    otherA > 0 || continuousA === 0 ? inAmps(otherA) : '',
  ]
    .filter((part) => part !== '')
    .join(' + ');
