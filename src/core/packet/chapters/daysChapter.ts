import { byBeginning } from '../../days/byBeginning';
import type { Column } from '../../paper/pageFlow';
import { CHAPTER_NAME } from '../../wording/packetWords';
import {
  finishWords,
  GATE_NAME,
  gateState,
  hoursWords,
  PLACE_NAME,
  stepName,
  whenWords,
} from '../../wording/daysWords';
import type { Making } from './making';

const STEPS: readonly Column[] = [
  { at: 0, face: 'figures' },
  { at: 0.34 },
  { at: 0.74 },
  { at: 0.88, face: 'figures' },
];
const GATES: readonly Column[] = [{ at: 0, face: 'strong' }, { at: 0.34 }];

/** The work in its days: gates, then steps, each with when and how long. */
export function daysChapter({ flow, evaluation: { job }, days }: Making): void {
  flow.page('days', CHAPTER_NAME.days);
  if (days === null) {
    flow.say('The work was not put into days yet.');
    return;
  }
  flow.say(finishWords(days), { face: 'figures' });
  if (days.gates.length > 0) flow.head('Gates');
  for (const gate of days.gates) flow.row(GATES, [GATE_NAME[gate.id], gateState(gate)]);
  if (days.steps.length > 0) flow.head('Steps');
  for (const step of days.steps.toSorted(byBeginning))
    flow.row(
      STEPS,
      [whenWords(step), stepName(step, job), PLACE_NAME[step.place], hoursWords(step.placed.minutes / 60)],
      { fact: { name: stepName(step, job), value: whenWords(step) } },
    );
}
