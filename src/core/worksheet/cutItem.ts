import type { FieldProblem } from '../job/zodProblem';
import { cutPlan } from '../cutting/cutPlan';
import { printDollars } from '../units/money';
import { printNumber as n } from '../units/number';
import { counted } from '../wording/words';
import type { ItemAnswer, WorkingLine } from './answer';
import type { CutPlanItem } from './cutSchemas';

const line = (step: string, formula: string, result: string): WorkingLine => ({
  step,
  formula,
  result,
  rule: 'least cost',
});

/** Why pieces cannot be cut: one that is longer than any stock, or stock that does not suffice. */
function refusal({ pieces, stock }: CutPlanItem): FieldProblem {
  const longest = Math.max(0, ...stock.map(({ ft, count = 1 }) => (count > 0 ? ft : 0)));
  const at = pieces.findIndex(({ ft }) => ft > longest);
  const piece = pieces[at];
  return piece === undefined
    ? { path: 'stock', message: 'The counts of the stock do not suffice for all pieces.' }
    : {
        path: `pieces[${at}].ft`,
        message: `The piece ${piece.id} is ${n(piece.ft, 2)} ft; the longest stock is ${n(longest, 2)} ft. Splice it in a box, or give a longer one.`,
      };
}

/** Pieces cut from stock at the least cost, with the bound that proves it. */
export function answerCutPlan(item: CutPlanItem): ItemAnswer | FieldProblem {
  const plan = cutPlan(item.pieces, item.stock);
  if (plan === undefined) return refusal(item);
  const { bars, costCents, boundCents, proved } = plan;
  return {
    id: item.id,
    kind: item.kind,
    result: { bars, costCents, boundCents, proved },
    findings: [],
    working: [
      ...bars.map(({ stock, pieces, leftFt }) => line(stock, pieces.join(' + '), `${n(leftFt, 2)} ft left`)),
      line('Cost', counted(bars.length, 'bar'), printDollars(costCents)),
      line(
        'No plan costs less than',
        proved ? 'reached: nothing cheaper exists' : 'not reached: a cheaper plan may exist',
        printDollars(boundCents),
      ),
    ],
  };
}
