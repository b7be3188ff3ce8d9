import type { FieldProblem } from '../job/zodProblem';
import { isNoPlan, workPlan, type NoPlan } from '../timing/workPlan';
import { printNumber as n } from '../units/number';
import { defaultLines, type ItemAnswer, type WorkingLine } from './answer';
import type { DaysItem } from './daysSchemas';

const line = (step: string, formula: string, result: string): WorkingLine => ({
  step,
  formula,
  result,
  rule: 'order of work',
});

/** Why the work cannot be put into days. */
function messageOf({ problem }: NoPlan): string {
  switch (problem.kind) {
    case 'twice':
      return `Another one has the id ${problem.id}.`;
    case 'unknown-step':
      return `There is no step ${problem.id}: name one of the steps.`;
    case 'unknown-gate':
      return `There is no gate ${problem.id}: name one of the gates.`;
    case 'people':
      return `It takes ${problem.needs} people; there is ${problem.has}.`;
    case 'circle':
      return `The step ${problem.id} waits for itself in the end: leave one of the circle out.`;
  }
}

/** Work put into days, with its gates. */
export function answerDays(
  item: DaysItem,
  given: Readonly<Record<string, unknown>>,
): ItemAnswer | FieldProblem {
  const plan = workPlan(item);
  if (isNoPlan(plan)) return { path: plan.path, message: messageOf(plan) };
  const { steps, gates, finish, minutes, least, proved } = plan;
  return {
    id: item.id,
    kind: item.kind,
    result: {
      steps: steps.map(({ id, parts, people }) => ({ id, parts, people })),
      gates,
      finish,
    },
    findings: [],
    working: [
      ...defaultLines(given, { gates: 'none' }),
      ...steps.map(({ id, parts, people }) =>
        line(
          id,
          `by ${people.join(' and ')}`,
          parts.map(({ start, end }) => `${start} to ${end}`).join(', '),
        ),
      ),
      line('Finish', `${n(minutes / 60, 2)} h of working time`, finish ?? 'nothing to do'),
      line(
        'No order is shorter than',
        proved ? 'reached: nothing shorter exists' : 'not reached: a shorter order may exist',
        `${n(least / 60, 2)} h of working time`,
      ),
    ],
  };
}
