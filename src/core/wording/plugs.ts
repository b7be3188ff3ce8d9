import type { AdapterCase, PlugAnswer } from '../protection/plugFit';
import { printNumber as n } from '../units/number';

const ADAPTER: Readonly<Record<AdapterCase, string>> = {
  never: 'No adapter makes up for volts, a neutral or a ground that is not there.',
  trailer:
    'A listed trailer adapter leads there: the main of the trailer protects what is behind it, nothing protects its cord at its rating.',
  'smaller-plug':
    'An adapter leaves cord and appliance behind a breaker that is too large for them: only one with a breaker or fuse of its own at the rating of the plug.',
  'larger-plug':
    'An adapter does not make the outlet larger: this breaker protects it, and trips where the appliance draws more.',
};

/** Whether a plug may go there, in one sentence, with the weakest link. */
export function plugSentence(
  plug: string,
  receptacle: string,
  { verdict, why, weakest, weakestA, continuousA, eachA, adapter }: PlugAnswer,
): string {
  const bound = `The ${weakest}, ${n(weakestA, 1)} A, bounds it: ${n(continuousA, 1)} A for hours.`;
  const each = eachA === null ? '' : ` Of several receptacles each plug draws ${n(eachA, 1)} A at most.`;
  if (verdict === 'yes')
    return `Yes: a ${plug} plug goes into a ${receptacle} on this circuit. ${bound}${each}`;
  switch (why) {
    case 'shape':
      return `No: a ${plug} plug does not enter a ${receptacle}. ${adapter === null ? '' : ADAPTER[adapter]}`;
    case 'volts':
      return `No: a ${receptacle} is not made for the volts of this circuit.`;
    case 'ground':
      return `No: a ${receptacle} has no ground.`;
    case 'rating':
      return `No: a ${receptacle} is not rated for this circuit${eachA === null ? ', alone on it' : ''}. A smaller breaker mends it, a larger one never does. ${bound}`;
    default:
      return 'No: this configuration is not known.';
  }
}
