import type { DrillKind } from '../../core/drills/drillKinds';
import { daysUntil } from '../../core/practice/due';
import { missesByCause } from '../../core/practice/practiceFile';
import { useAnswers, useCards } from '../../store/practice/usePractice';
import { unitOf } from './drillMarks';
import { LATEST_ANSWERS, MissList } from './MissList';
import { nowIso } from '../../store/clock';
import { drillCard, type DrillState } from './useDrill';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './bench.module.css';

/** The working as it was judged, when each figure comes back, and misses by their cause. */
export function DrillBeside({ kind, at }: { readonly kind: DrillKind; readonly at: DrillState }) {
  const cards = useCards();
  const answers = useAnswers() ?? [];
  const misses = missesByCause(
    answers.filter(({ card }) => card.startsWith(`drill ${kind.id} `)),
    LATEST_ANSWERS,
  );
  const moment = nowIso();
  return (
    <aside className={columnClass('side', classes['left'])} aria-label="The working, as judged">
      <h2>The working, as judged</h2>
      <ol>
        {at.drill.figures.map((figure) => {
          const done = at.answered.has(figure.id);
          return (
            <li key={figure.id}>
              <span>
                <b>{figure.name}</b> <span className="second">{done ? figure.working : 'after yours'}</span>
              </span>
              <span className="fig">{done ? `${figure.answer} ${unitOf(figure)}` : figure.cite.section}</span>
            </li>
          );
        })}
      </ol>
      <h2>When each comes back</h2>
      <ol>
        {kind.asks.map((figure) => {
          const card = cards?.get(drillCard(kind.id, figure));
          return (
            <li key={figure}>
              <span>{figure}</span>
              <span className="fig">
                {card === undefined
                  ? 'new'
                  : daysUntil(card, moment) === 0
                    ? 'now'
                    : `${daysUntil(card, moment)} d`}
              </span>
            </li>
          );
        })}
      </ol>
      {misses.length > 0 && (
        <>
          <h2>
            Your misses, by their cause <span className="second">last {LATEST_ANSWERS}</span>
          </h2>
          <MissList misses={misses} />
        </>
      )}
    </aside>
  );
}
