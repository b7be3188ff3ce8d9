import { type KeyboardEvent, memo, use, useRef } from 'react';
import { worstFinding } from '../../../core/findings/finding';
import { FIGURE_KEYS, segmentIndex, type FigureKey } from '../../../core/findings/subject';
import type { Unverified } from '../../../core/known/toVerify';
import { ladderWords } from '../../../core/wording/ladder';
import { severityWord } from '../../../core/wording/words';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { figureChosen } from '../../../store/focusSlice';
import { useAppDispatch } from '../../../store/store';
import { ToVerifyContext } from '../../job/toVerifyContext';
import { PinMark } from '../../../ui/marks/PinMark';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import classes from './Ladder.module.css';

interface LadderProps {
  readonly view: CircuitEvaluation;
  readonly figureKey: FigureKey;
}

const STEP: Readonly<Record<string, number>> = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 };

interface RungProps {
  readonly view: CircuitEvaluation;
  readonly figureKey: FigureKey;
  readonly highlighted: boolean;
  /** Whether it rests on something that nobody gave. */
  readonly assumed: boolean;
  readonly onChoose: () => void;
}

function Rung({ view, figureKey, highlighted, assumed, onChoose }: RungProps) {
  const { name, figure, unit, reason, pinned } = ladderWords(figureKey, view.solved, view.circuit);
  const severity = view.severities[figureKey];
  const stopped = severity === 'stop' || undefined;
  return (
    <button
      type="button"
      className={classes['link']}
      data-lit={highlighted || undefined}
      aria-current={highlighted || undefined}
      tabIndex={highlighted ? 0 : -1}
      data-link={figureKey}
      onClick={onChoose}
    >
      <span className={classes['words']}>
        <b>{name}</b>
        <span className={classes['reason']}>{reason}</span>
      </span>
      <span className={`fig ${classes['figure']}`} data-stop={stopped} data-assumed={assumed || undefined}>
        {figure}
        {pinned && (
          <span className={classes['pin']}>
            <PinMark />
          </span>
        )}
      </span>
      <span className={`fig ${classes['unit']}`}>{unit}</span>
      <span className={classes['severity']} data-stop={stopped}>
        <SeverityShape severity={severity} />
        {severity === 'ok' && assumed ? 'OK, if' : severityWord[severity]}
      </span>
    </button>
  );
}

/** The figures that something else would be, were what is assumed another. */
const figuresOf = ({ outcomes }: Unverified): readonly FigureKey[] =>
  outcomes.flatMap(({ figures }) => figures.map(({ figure }) => figure));

/** The figures in the order of reasoning, each with its reason and severity. Arrows go from one to the next. */
export const Ladder = memo(function Ladder({ view, figureKey }: LadderProps) {
  const dispatch = useAppDispatch();
  const list = useRef<HTMLOListElement>(null);
  const assumed = new Set(use(ToVerifyContext)?.flatMap(figuresOf));
  const choose = (to: FigureKey): void => {
    const worst = worstFinding(view.open, to);
    const at = worst && segmentIndex(worst.subject);
    dispatch(
      figureChosen({
        figureKey: to,
        segment: at ?? (to === 'conductor' ? view.solved.figures.governing : null),
      }),
    );
  };
  const move = (event: KeyboardEvent): void => {
    const by = STEP[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const at = (FIGURE_KEYS.indexOf(figureKey) + by + FIGURE_KEYS.length) % FIGURE_KEYS.length;
    const to = FIGURE_KEYS[at];
    if (to === undefined) return;
    choose(to);
    list.current?.querySelectorAll('button')[at]?.focus();
  };
  return (
    <>
      <h2 className="second">The figures, in the order of reasoning</h2>
      <ol ref={list} onKeyDown={move}>
        {FIGURE_KEYS.map((each) => (
          <li key={each}>
            <Rung
              view={view}
              figureKey={each}
              highlighted={each === figureKey}
              assumed={assumed.has(each)}
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
