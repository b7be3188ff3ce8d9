import type { Edition } from '../code/edition';
import { offsetBend } from '../route/bendMarks';
import { sumBends } from '../route/pullPoints';
import { supportMarks, supportSpacing } from '../rules/supportMarks';
import { printNumber as n } from '../units/number';
import { counted, methodName } from '../wording/words';
import { defaultLines, type ItemAnswer } from './answer';
import { foundIn, line } from './answerParts';
import type { BendsItem, OffsetBendItem, StrapsItem } from './routeSchemas';

type TypedItem = Readonly<Record<string, unknown>>;

/** Bends added up between pull points, and the pull points that are wanting. */
export function answerBends(item: BendsItem, _typed: TypedItem, code: Edition): ItemAnswer {
  const limit = code.parameters.bendLimitDeg.value;
  const { degrees, sums, needed } = sumBends(item.segments, limit);
  const ok = degrees <= limit + 1e-9;
  return {
    id: item.id,
    kind: item.kind,
    result: { degrees, ok, pullPointsNeeded: needed },
    findings: ok
      ? []
      : [
          foundIn(code, {
            code: 'raceway.bends',
            severity: 'stop',
            section: 'raceway.bends',
            data: { degrees, limit },
          }),
        ],
    working: [
      ...sums.map((sum, at) =>
        line(
          code,
          'raceway.bends',
          `Part ${at + 1} between pull points`,
          `${n(limit)}° at most`,
          `${n(sum)}°`,
        ),
      ),
      line(code, 'raceway.bends', 'Pull points to add', 'before the bend that would pass it', String(needed)),
    ],
  };
}

/** Marks of an offset: how far apart they stand, and what the raceway loses. */
export function answerOffsetBend(item: OffsetBendItem, _typed: TypedItem, code: Edition): ItemAnswer {
  const { angleDeg, riseIn } = item;
  const { multiplier, spacingIn, shrinkIn } = offsetBend(angleDeg, riseIn);
  return {
    id: item.id,
    kind: item.kind,
    result: { multiplier, spacingIn, shrinkIn },
    findings: [],
    working: [
      line(code, 'raceway.bends', 'Multiplier', `1 / sin ${n(angleDeg)}°`, n(multiplier, 3)),
      line(
        code,
        'raceway.bends',
        'Between the marks',
        `${n(riseIn)} in × ${n(multiplier, 3)}`,
        `${n(spacingIn)} in`,
      ),
      line(code, 'raceway.bends', 'Shrink', `${n(riseIn)} in × tan ${n(angleDeg / 2)}°`, `${n(shrinkIn)} in`),
    ],
  };
}

/** Supports of a straight length, equally spaced. */
export function answerStraps(item: StrapsItem, typed: TypedItem, code: Edition): ItemAnswer {
  const { method, lengthFt, practice, trade = null } = item;
  const legal = supportSpacing(method, trade, code);
  const spacingIn = legal.spacingIn * (practice === 'half' ? 0.5 : 1);
  const positionsFt = supportMarks(lengthFt, { ...legal, spacingIn });
  const named = trade === null ? methodName(method) : `${trade} ${methodName(method)}`;
  const read = (step: string, inches: number) =>
    line(code, 'support.spacing', step, named, `${n(inches)} in`, method);
  return {
    id: item.id,
    kind: item.kind,
    result: { count: positionsFt.length, positionsFt },
    findings: [],
    working: [
      ...defaultLines(typed, trade === null ? { practice, trade: '1/2' } : { practice }),
      read('Within of a box', legal.withinIn),
      read('Largest spacing', legal.spacingIn),
      line(
        code,
        'support.spacing',
        'Supports',
        `${n(lengthFt)} ft, ${n(spacingIn)} in at most between`,
        counted(positionsFt.length, 'support'),
        method,
      ),
    ],
  };
}
