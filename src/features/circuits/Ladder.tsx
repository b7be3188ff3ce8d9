import { type KeyboardEvent, memo, useRef } from 'react';
import { worstFinding } from '../../core/circuit/standings';
import { ladderWords } from '../../core/wording/ladder';
import { standingWord } from '../../core/wording/words';
import { LINKS, type Link } from '../../core/findings/finding';
import type { CircuitView } from '../../store/circuitView';
import { linkChosen } from '../../store/focusSlice';
import { useAppDispatch } from '../../store/store';
import { PinMark } from '../../ui/marks/PinMark';
import { StandingShape } from '../../ui/marks/StandingShape';
import classes from './Ladder.module.css';

interface LadderProps {
  readonly view: CircuitView;
  readonly link: Link;
}

const STEP: Readonly<Record<string, number>> = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 };

interface RungProps {
  readonly view: CircuitView;
  readonly link: Link;
  readonly lit: boolean;
  readonly onChoose: () => void;
}

function Rung({ view, link, lit, onChoose }: RungProps) {
  const { name, figure, unit, reason, pinned } = ladderWords(link, view.solved, view.circuit);
  const standing = view.standings[link];
  const stopped = standing === 'stop' || undefined;
  return (
    <button
      type="button"
      className={classes['link']}
      data-lit={lit || undefined}
      aria-current={lit || undefined}
      tabIndex={lit ? 0 : -1}
      data-link={link}
      onClick={onChoose}
    >
      <span className={classes['words']}>
        <b>{name}</b>
        <span className={classes['reason']}>{reason}</span>
      </span>
      <span className={`fig ${classes['figure']}`} data-stop={stopped}>
        {figure}
        {pinned && (
          <span className={classes['pin']}>
            <PinMark />
          </span>
        )}
      </span>
      <span className={`fig ${classes['unit']}`}>{unit}</span>
      <span className={classes['standing']} data-stop={stopped}>
        <StandingShape standing={standing} />
        {standingWord[standing]}
      </span>
    </button>
  );
}

/** The figures in the order of reasoning, each with its reason and standing. Arrows go from one to the next. */
export const Ladder = memo(function Ladder({ view, link }: LadderProps) {
  const dispatch = useAppDispatch();
  const list = useRef<HTMLOListElement>(null);
  const choose = (to: Link): void => {
    const at = worstFinding(view.open, to)?.stretch;
    dispatch(
      linkChosen({ link: to, stretch: at ?? (to === 'conductor' ? view.solved.figures.governing : null) }),
    );
  };
  const move = (event: KeyboardEvent): void => {
    const by = STEP[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const at = (LINKS.indexOf(link) + by + LINKS.length) % LINKS.length;
    const to = LINKS[at];
    if (to === undefined) return;
    choose(to);
    list.current?.querySelectorAll('button')[at]?.focus();
  };
  return (
    <>
      <h2 className="second">The figures, in the order of reasoning</h2>
      <ol ref={list} onKeyDown={move}>
        {LINKS.map((each) => (
          <li key={each}>
            <Rung
              view={view}
              link={each}
              lit={each === link}
              onChoose={() => {
                choose(each);
              }}
            />
          </li>
        ))}
      </ol>
    </>
  );
});
