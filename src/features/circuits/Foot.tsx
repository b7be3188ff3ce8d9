import { memo } from 'react';
import type { StandingCounts } from '../../core/circuit/standings';
import { CIRCUITS_CAUTION } from '../../core/wording/cautions';
import { findingSentence } from '../../core/wording/findings';
import { counted } from '../../core/wording/words';
import type { CircuitView } from '../../store/circuitView';
import { linkChosen } from '../../store/focusSlice';
import { useAppDispatch } from '../../store/store';
import { StandingShape } from '../../ui/marks/StandingShape';
import { useStageActions } from '../job/stageActions';
import classes from './Foot.module.css';

interface FootProps {
  readonly views: readonly CircuitView[];
  readonly counts: StandingCounts;
}

const ORDER = ['stop', 'check', 'ask'] as const;
const NOUN = { stop: 'Stop', check: 'Check', ask: 'Ask' } as const;

/** One line for the whole job: what is open, the first of each as a jump, and the caution of the stage. */
export const Foot = memo(function Foot({ views, counts }: FootProps) {
  const dispatch = useAppDispatch();
  const { goTo } = useStageActions();
  const first = (standing: (typeof ORDER)[number]) => {
    for (const view of views) {
      const finding = view.open.find((each) => each.standing === standing);
      if (finding !== undefined) return { view, finding };
    }
    return undefined;
  };
  const worst = ORDER.find((standing) => counts[standing] > 0);
  const jump = (standing: (typeof ORDER)[number]): void => {
    const found = first(standing);
    if (found === undefined) return;
    goTo(found.view.circuit.id);
    dispatch(linkChosen({ link: found.finding.link, stretch: found.finding.stretch ?? null }));
  };
  const told = worst === undefined ? undefined : first(worst);
  return (
    <footer className={classes['foot']}>
      {ORDER.map((standing) => (
        <button
          key={standing}
          type="button"
          className={classes['count']}
          data-standing={standing}
          disabled={counts[standing] === 0}
          onClick={() => {
            jump(standing);
          }}
        >
          <StandingShape standing={standing} />
          {counted(counts[standing], NOUN[standing])}
        </button>
      ))}
      {told !== undefined && worst !== undefined && (
        <button
          type="button"
          className={`act ${classes['jump']}`}
          onClick={() => {
            jump(worst);
          }}
        >
          {told.view.circuit.name}: {findingSentence(told.finding)}
        </button>
      )}
      <span className={classes['caution']}>{CIRCUITS_CAUTION}</span>
    </footer>
  );
});
