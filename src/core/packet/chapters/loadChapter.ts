import { cite } from '../../code/edition';
import { serviceVolts } from '../../service/houseSchema';
import { chosenAnswer, type LoadThen, type MethodAnswer } from '../../service/serviceReport';
import { printNumber as n } from '../../units/number';
import type { Column } from '../../paper/pageFlow';
import { elementName, methodTitle } from '../../wording/serviceNames';
import type { Making } from './making';

const PARTS: readonly Column[] = [
  { at: 0 },
  { at: 0.62, align: 'right', face: 'figures' },
  { at: 0.8, align: 'right', face: 'figures' },
  { at: 0.84, face: 'figures' },
];
const FACTS: readonly Column[] = [{ at: 0 }, { at: 0.4, face: 'figures' }];

/** A load calculation line by line. */
function parts({ flow, evaluation }: Making, name: string, { parts: all, totalVA, amps }: LoadThen): void {
  const { code } = evaluation.context;
  const volts = serviceVolts(evaluation.job.house);
  flow.head(name);
  flow.row(PARTS, ['', 'connected VA', 'demand VA', 'rule'], { ink: 'quiet', fact: null });
  for (const { what, connectedVA, countedVA, section } of all)
    flow.row(PARTS, [what, n(connectedVA, 0), n(countedVA, 0), cite(code, section).section], {
      fact: { name: `${name}: ${what}`, value: `${n(countedVA, 0)} VA` },
    });
  flow.row(PARTS, [`Total, over ${volts} V`, '', n(totalVA, 0), `${n(amps, 1)} A`], {
    fact: { name: `${name}: total`, value: `${n(amps, 1)} A` },
  });
}

/** Every method that can be worked out, and what limits the service. */
function sides({ flow, evaluation }: Making, chosen: MethodAnswer): void {
  const { answers, limit } = evaluation.service.report;
  flow.head('Methods, side by side');
  for (const { method, before, after } of answers)
    flow.row(FACTS, [
      `${methodTitle[method]}${method === chosen.method ? ', the one of the permit' : ''}`,
      `${n(before.amps, 1)} A before, ${n(after.amps, 1)} A after`,
    ]);
  flow.head('What limits the service');
  for (const { element, amps } of limit.elements) flow.row(FACTS, [elementName[element], `${n(amps)} A`]);
  const { faultA } = evaluation.service;
  if (faultA !== null) flow.row(FACTS, ['available fault current', `${n(faultA, 0)} A`]);
}

/** The load of the service with its working: what it carries with this job, what it carried before. */
export function loadChapter(making: Making): void {
  const { flow, evaluation } = making;
  const answer = chosenAnswer(evaluation.service.report, evaluation.job.house);
  flow.page('load', 'Service load');
  if (answer === undefined) {
    flow.say('Not known yet: the house or its main breaker is not recorded.');
    return;
  }
  const { amps } = evaluation.service.report.limit;
  const spare =
    answer.spareA === null || amps === null
      ? 'the rating is not recorded'
      : `of ${n(amps)} A, ${answer.spareA < 0 ? `${n(-answer.spareA, 1)} A too much` : `${n(answer.spareA, 1)} A left`}`;
  flow.say(`${methodTitle[answer.method]} method: ${n(answer.after.amps, 1)} A, ${spare}`, {
    face: 'figures',
    ink: answer.spareA !== null && answer.spareA < 0 ? 'stop' : 'ink',
  });
  parts(making, 'After this job', answer.after);
  parts(making, 'Before it', answer.before);
  sides(making, answer);
}
