import type { Job } from '../../core/job/jobSchema';
import type { Need } from '../../core/takeoff/need';
import { sourceKey } from '../../core/takeoff/need';
import type { PricedLine } from '../../core/takeoff/pricedTakeoff';
import { itemName } from '../../core/wording/itemWords';
import { soldWords } from '../../core/wording/takeoffWords';
import type { DrawnBar, DrawnLine, DrawnPiece } from '../../ui/pictures/cuts/cutRows';
import { partWords } from './partWords';

/** Bars up to this length stand side by side, as sticks do, feet. */
const SHORT_FT = 10;

/** What is lit in the picture: the pieces of a part, and the bars of a line. */
export interface Lit {
  readonly part: string | null;
  readonly line: string | null;
}

function drawnPiece({ piece, source, where }: Need, job: Job, part: string | null): readonly DrawnPiece[] {
  if (piece === null) return [];
  const { id, cutFt, endsFt } = piece;
  return [
    {
      id,
      name: `${partWords(source, job).mark} ${where}`,
      ft: cutFt,
      endsFt,
      lit: sourceKey(source) === part,
    },
  ];
}

/** The lines that are cut as the picture draws them: that which is chosen first. */
export function drawnLines(lines: readonly PricedLine[], job: Job, lit: Lit): readonly DrawnLine[] {
  const drawn = lines.flatMap((priced): readonly DrawnLine[] => {
    const { line, cuts } = priced;
    if (cuts === undefined) return [];
    const pieces = new Map(
      line.needs.flatMap((need) => drawnPiece(need, job, lit.part)).map((each) => [each.id, each]),
    );
    const bars = cuts.plan.bars.map(({ stock, pieces: ids, leftFt }, at): DrawnBar => {
      const pack = cuts.packs.find(({ id }) => id === stock);
      return {
        key: `${line.key} ${at}`,
        at,
        held: at < cuts.held,
        ft: pack?.ft ?? 0,
        leftFt,
        small: pack?.kind === 'counter' || (pack?.ft ?? 0) <= SHORT_FT,
        onTruck: pack?.kind === 'truck',
        pieces: ids.flatMap((id) => pieces.get(id) ?? []),
      };
    });
    return [
      {
        key: line.key,
        name: itemName(line.item),
        sold: soldWords(priced),
        bars: bars.toSorted((a, b) => Number(a.small) - Number(b.small)),
        chosen: line.key === lit.line,
      },
    ];
  });
  return drawn.toSorted((a, b) => Number(b.chosen) - Number(a.chosen));
}
