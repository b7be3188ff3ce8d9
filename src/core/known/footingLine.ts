import type { CircuitEvaluation } from '../job/evaluation';
import type { SourceEntry } from '../sources/sourcesDocument';
import { lowerFirst } from '../units/lowerFirst';
import { NOT_LOOKED_AT } from './notLookedAt';
import { assumedOfCircuit } from './standing';

/**
 * What the figures of a circuit stand on that nobody answers for, in one line: "Assumed: load lugs 60 °C, no mark seen. Not
 * looked at: distance to the sink." Undefined where somebody answers for all of it.
 */
export function footingLine(view: CircuitEvaluation, sources: readonly SourceEntry[]): string | undefined {
  const all = assumedOfCircuit(view, sources);
  const assumed = all
    .filter(({ stands }) => stands !== NOT_LOOKED_AT)
    .map(({ label, stands }) => `${lowerFirst(label)} ${lowerFirst(stands)}`);
  const unseen = all
    .filter(({ stands }) => stands === NOT_LOOKED_AT)
    .map(({ label }) => lowerFirst(label).replace(/\?$/, ''));
  const parts = [
    ...(assumed.length === 0 ? [] : [`Assumed: ${assumed.join('; ')}.`]),
    ...(unseen.length === 0 ? [] : [`Not looked at: ${unseen.join('; ')}.`]),
  ];
  return parts.length === 0 ? undefined : parts.join(' ');
}
