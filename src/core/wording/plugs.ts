import type { PlugAnswer } from '../protection/plugFit';
import { printNumber as n } from '../units/number';

/** Whether a plug may go there, in one sentence, with the weakest link. */
export function plugSentence(
  plug: string,
  receptacle: string,
  { verdict, why, weakest, weakestA, continuousA }: PlugAnswer,
): string {
  const bound = `The ${weakest}, ${n(weakestA, 1)} A, bounds it: ${n(continuousA, 1)} A for hours.`;
  if (verdict === 'yes') return `Yes: a ${plug} plug goes into a ${receptacle} on this circuit. ${bound}`;
  switch (why) {
    case 'shape':
      return `No: a ${plug} plug does not enter a ${receptacle}. An adapter defeats what the shapes are for.`;
    case 'volts':
      return `No: a ${receptacle} is not made for the volts of this circuit.`;
    case 'ground':
      return `No: a ${receptacle} has no ground.`;
    case 'rating':
      return `No: a ${receptacle} is rated below its circuit. A smaller breaker mends it, a larger one never does. ${bound}`;
    default:
      return 'No: this configuration is not known.';
  }
}
