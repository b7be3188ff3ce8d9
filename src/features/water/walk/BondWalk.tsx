import { useState } from 'react';
import { Link } from 'react-router';
import { isWalked, lookAt, walkSteps, type Look, type WalkStep } from '../../../core/water/walk';
import { LOOK_NAME, walkSays, walkTitle } from '../../../core/wording/walkWords';
import { evaluationOf } from '../../../store/evaluation';
import { useHistory } from '../../../store/useHistory';
import { LookMark } from '../../../ui/pictures/yard/LookMark';
import { useReadyJob } from '../../job/JobPage';
import { StopActs } from './StopActs';
import { StopMeasure, type StopProps } from './StopMeasure';
import { WalkPlan } from './WalkPlan';
import { WhoSigns } from './WhoSigns';
import classes from './walk.module.css';

interface StopRowProps extends StopProps {
  readonly number: number;
  readonly lit: boolean;
  readonly onOpen: () => void;
  readonly onNext: () => void;
}

const Disc = ({ look }: { readonly look: Look }) => (
  <svg className="picture" width={16} height={16} aria-hidden>
    <LookMark look={look} at={[8, 8]} radius={6} />
  </svg>
);

/** One stop: what is there, what was measured, and how it stands. */
function Stop({ number, lit, onOpen, onNext, ...of }: StopRowProps) {
  const { step } = of;
  const look = lookAt(step);
  return (
    <li data-lit={lit || undefined}>
      <button type="button" className={classes['stop']} aria-expanded={lit} onClick={onOpen}>
        <span className="fig">{number}</span>
        <b>{walkTitle(step)[0]}</b>
        <span className={classes['state']} data-look={look}>
          <Disc look={look} /> {LOOK_NAME[look]}
        </span>
        <span className={classes['note']}>{walkSays(step)}</span>
      </button>
      {lit && (
        <div className={classes['open']}>
          <StopMeasure {...of} />
          <StopActs {...of} onNext={onNext} />
        </div>
      )}
    </li>
  );
}

const COUNTED = ['right', 'wrong', 'later', 'open'] as const;

/** How many stops stand how. What moved since it was signed is not looked at. */
function Counts({ steps }: { readonly steps: readonly WalkStep[] }) {
  const looks = steps.map(lookAt).map((look) => (look === 'again' ? 'open' : look));
  const open = looks.filter((look) => look !== 'right').length;
  return (
    <>
      <ul className={classes['counts']}>
        {COUNTED.map((look) => (
          <li key={look}>
            <Disc look={look} /> <b className="fig">{looks.filter((each) => each === look).length}</b>
            <span>{LOOK_NAME[look]}</span>
          </li>
        ))}
      </ul>
      <p className={classes['pour']}>
        {open === 0 ? (
          <>
            <b>All seen and right.</b> The inspector looks before anything covers it.
          </>
        ) : (
          <>
            <b>Pour: shut.</b> {open} of {steps.length} are open. Nobody covers it.
          </>
        )}
      </p>
    </>
  );
}

/** The walk around one water, clockwise from the pump. */
function Walk({ job, report }: Omit<StopProps, 'step'>) {
  const steps = walkSteps(report);
  const done = steps.filter(isWalked).length;
  const [lit, setLit] = useState<string | null>(
    () => steps.find((step) => lookAt(step) === 'open')?.id ?? null,
  );
  return (
    <section aria-label={`Walk around ${report.water.name}`}>
      <header className={classes['head']}>
        <h2>{report.water.name}</h2>
        <p className="second" role="status">
          clockwise from the pump, {done} of {steps.length} seen and right
        </p>
      </header>
      <WalkPlan yard={job.yard} report={report} steps={steps} lit={lit} />
      {steps.length === 0 ? (
        <p>Metal within 5 ft of {report.water.name}: none recorded. Look.</p>
      ) : (
        <Counts steps={steps} />
      )}
      <ol className={classes['stops']}>
        {steps.map((step, at) => (
          <Stop
            key={step.id}
            job={job}
            report={report}
            step={step}
            number={at + 1}
            lit={step.id === lit}
            onOpen={() => {
              setLit(step.id === lit ? null : step.id);
            }}
            onNext={() => {
              setLit(steps[at + 1]?.id ?? null);
            }}
          />
        ))}
      </ol>
    </section>
  );
}

/** The walk around the water on the site: what is bonded in walking order, measured and photographed before the pour. */
export function BondWalk() {
  const { job } = useReadyJob();
  const { undo } = useHistory();
  const { waters } = evaluationOf(job);
  return (
    <main className={classes['walk']}>
      <p className={classes['ways']}>
        <Link className="act" to={`/jobs/${job.id}/water`}>
          Back to the plan
        </Link>
        <button type="button" className="act" onClick={undo}>
          Undo
        </button>
      </p>
      <h1>Bond walk</h1>
      {waters.length === 0 ? <p>No pool or tub in the yard yet.</p> : <WhoSigns />}
      {waters.map(({ report }) => (
        <Walk key={report.water.id} job={job} report={report} />
      ))}
    </main>
  );
}
