import { useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import type { Job } from '../../../core/job/jobSchema';
import { TUTORIAL, TUTORIAL_STEPS } from '../../../core/wording/tutorialWords';
import { useAppDispatch, useAppSelector } from '../../../store/store';
import { tutorialAt } from '../../../store/tutorialSlice';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { IS_DONE, placeOf } from './tutorialSteps';
import classes from './tutorial.module.css';

interface TutorialProps {
  readonly job: Job;
  readonly at: number;
}

interface ActsProps {
  readonly at: number;
  readonly isDone: boolean;
}

/** On to the next step, back to the one before, or out of it. */
function Acts({ at, isDone }: ActsProps) {
  const dispatch = useAppDispatch();
  const isLast = at === TUTORIAL_STEPS.length - 1;
  const act = (name: string, to: number | null, isMain = false) => (
    <button
      type="button"
      className={isMain ? classes['next'] : 'act'}
      onClick={() => {
        dispatch(tutorialAt(to));
      }}
    >
      {name}
    </button>
  );
  return (
    <>
      {at > 0 && act('Back', at - 1)}
      {!isLast && act(isDone ? 'Next' : 'Skip', at + 1, isDone)}
      {act(isLast && isDone ? 'Done' : 'End', null, isLast && isDone)}
    </>
  );
}

/** One step of the tutorial: what to do, and once it is done, what it shows. */
export function Tutorial({ job, at }: TutorialProps) {
  const navigate = useNavigate();
  const { pathname: path } = useLocation();
  const figureKey = useAppSelector((state) => state.focus.figureKey);
  // What was done once stays done, though the next step may undo it.
  const [done, setDone] = useState<number | null>(null);
  const step = TUTORIAL_STEPS[at];
  if (step === undefined) return null;
  if (done !== at && IS_DONE[step]({ job, path, figureKey })) setDone(at);
  const isDone = done === at;
  const { title, act, seen } = TUTORIAL[step];
  return (
    <section className={classes['tutorial']} aria-label="Five minutes on the demo job">
      <span className="fig">
        {at + 1}/{TUTORIAL_STEPS.length}
      </span>
      <p role="status">
        <b>{title}.</b> {act}{' '}
        {isDone && (
          <>
            <SeverityShape severity="ok" size={12} named /> {seen}
          </>
        )}
      </p>
      {!path.startsWith(placeOf(step)) && (
        <button
          type="button"
          className="act"
          onClick={() => {
            void navigate(placeOf(step));
          }}
        >
          Take me there
        </button>
      )}
      <Acts at={at} isDone={isDone} />
    </section>
  );
}
