import { useState } from 'react';
import { Link } from 'react-router';
import type { Job } from '../../core/job/jobSchema';
import { withSeen, walkSteps, type WalkStep } from '../../core/water/walk';
import { atDistance, lineAtDistance } from '../../core/water/yardEdits';
import type { WaterReport } from '../../core/water/waterReport';
import type { YardItem } from '../../core/water/yardSchema';
import { isWalked, walkAnswer, walkTitle } from '../../core/wording/walkWords';
import { evaluationOf } from '../../store/evaluation';
import { useYardEditor } from '../../store/useYardEditor';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { useFilePicker } from '../../ui/files/useFilePicker';
import { useReadyJob } from '../job/JobPage';
import { useAddPhoto } from '../job/useAddPhoto';
import { DistanceField, RangeField } from './fields';
import { WalkPlan } from './WalkPlan';
import classes from './walk.module.css';

const OFF = { min: 0, max: 240, units: ['in', '"'], shown: 'in' } as const;
const DEEP = { min: 0, max: 120, units: ['in', '"'], shown: 'in' } as const;
const AREA = { min: 0, max: 10000, units: ['in2', 'in²'], shown: 'in²' } as const;

interface StopProps {
  readonly job: Job;
  readonly report: WaterReport;
  readonly step: WalkStep;
}

/** The thing or line of a stop, at a distance that was measured. */
function measured({ job: { yard }, report, step }: StopProps, ft: number): YardItem | undefined {
  const thing = yard.things.find(({ id }) => id === step.id);
  const line = yard.lines.find(({ id }) => id === step.id);
  if (thing !== undefined) return { list: 'things', item: atDistance(thing, report.water, ft) };
  return line && { list: 'lines', item: lineAtDistance(line, report.water, ft) };
}

/** What is typed at a stop. */
function Measure(props: StopProps) {
  const { job, report, step } = props;
  const { canWrite, put } = useYardEditor();
  const { seen } = step;
  if (step.kind === 'ring') {
    const set = (fields: { offIn?: number | null; deepIn?: number | null }, key: string): void => {
      // What is measured anew is judged anew.
      const now = { step: step.id, offIn: seen?.offIn ?? null, deepIn: seen?.deepIn ?? null, ...fields };
      put({ list: 'waters', item: withSeen(report.water, now) }, 'Measure the ring', key);
    };
    return (
      <div className={classes['fields']}>
        <RangeField
          label="From the inside wall"
          value={seen?.offIn ?? null}
          disabled={!canWrite}
          range={OFF}
          onValue={(offIn, key) => {
            set({ offIn }, key);
          }}
        />
        <RangeField
          label="Below subgrade"
          value={seen?.deepIn ?? null}
          disabled={!canWrite}
          range={DEEP}
          onValue={(deepIn, key) => {
            set({ deepIn }, key);
          }}
        />
      </div>
    );
  }
  if (step.kind === 'part' && step.distanceFt !== null)
    return (
      <DistanceField
        label="To the inside wall of the water"
        value={step.distanceFt}
        disabled={!canWrite || step.distanceFt === 0}
        onValue={(ft, key) => {
          const item = measured(props, ft);
          if (item !== undefined) put(item, `Measure ${step.name}`, key);
        }}
      />
    );
  const plate = step.kind === 'plate' ? job.yard.things.find(({ id }) => id === step.id) : undefined;
  if (plate === undefined) return null;
  return (
    <RangeField
      label="Metal always wetted"
      value={plate.wetIn2 ?? null}
      disabled={!canWrite}
      range={AREA}
      onValue={(wetIn2, key) => {
        put({ list: 'things', item: { ...plate, wetIn2: wetIn2 ?? 0 } }, 'Measure the water bond', key);
      }}
    />
  );
}

/** The photograph to take before it is covered. */
function PhotoOf({ job, report, step }: StopProps) {
  const { canWrite } = useYardEditor();
  const { add, problem } = useAddPhoto(job.id, { waterId: report.water.id });
  const [name] = walkTitle(step);
  const picker = useFilePicker({
    accept: 'image/*',
    label: `Photograph of ${name}`,
    camera: true,
    onFile: (file) => void add(file, name),
  });
  const taken = report.water.photos.filter(({ caption }) => caption === name).length;
  return (
    <>
      {picker.input}
      <button type="button" className={classes['photo']} disabled={!canWrite} onClick={picker.choose}>
        {taken === 0 ? 'Photo, with a tape in it' : `Photo taken${taken > 1 ? `, ${taken}` : ''}; another`}
      </button>
      {problem !== null && <p role="alert">{problem}</p>}
    </>
  );
}

/** What is done at a stop: it is photographed, looked at and right, not right, or left for later. */
function Acts({ onNext, ...of }: StopProps & { readonly onNext: () => void }) {
  const { step, report } = of;
  const { canWrite, put } = useYardEditor();
  const [name] = walkTitle(step);
  const judge = (right: boolean, label: string): void => {
    const seen = { step: step.id, offIn: null, deepIn: null, ...step.seen, right };
    put({ list: 'waters', item: withSeen(report.water, seen) }, label);
    onNext();
  };
  return (
    <div className={classes['acts']}>
      <PhotoOf {...of} />
      {step.kind !== 'ring' && (
        <button
          type="button"
          className={classes['next']}
          disabled={!canWrite}
          onClick={() => {
            judge(true, `Right: ${name}`);
          }}
        >
          Seen, right
        </button>
      )}
      <button
        type="button"
        className={classes['photo']}
        disabled={!canWrite}
        onClick={() => {
          judge(false, `Not right: ${name}`);
        }}
      >
        Not right
      </button>
      <button type="button" className={classes['photo']} onClick={onNext}>
        Later
      </button>
    </div>
  );
}

/** One stop: what is there, what was measured, and the answer under it. */
function Stop({
  number,
  lit,
  onOpen,
  onNext,
  ...of
}: StopProps & { number: number; lit: boolean; onOpen: () => void; onNext: () => void }) {
  const { step } = of;
  const [name, note] = walkTitle(step);
  const answer = walkAnswer(step);
  return (
    <li data-lit={lit || undefined}>
      <button type="button" className={classes['stop']} aria-expanded={lit} onClick={onOpen}>
        <span className="fig">{number}</span>
        <b>{name}</b>
        <span className={classes['state']}>
          {answer === undefined ? (
            step.kind === 'ring' ? (
              'Measure'
            ) : (
              'Not looked at'
            )
          ) : (
            <>
              <SeverityShape severity={answer.severity} size={15} />{' '}
              {answer.severity === 'ok' ? 'OK' : 'Stop'}
            </>
          )}
        </span>
        <span className={classes['note']}>{answer === undefined ? note : answer.says}</span>
      </button>
      {lit && (
        <div className={classes['open']}>
          <Measure {...of} />
          <Acts {...of} onNext={onNext} />
        </div>
      )}
    </li>
  );
}

/** The walk around one water, clockwise from the pump. */
function Walk({ job, report }: Omit<StopProps, 'step'>) {
  const steps = walkSteps(report);
  const done = steps.filter(isWalked).length;
  const [lit, setLit] = useState<string | null>(
    () => steps.find((step) => walkAnswer(step) === undefined)?.id ?? null,
  );
  return (
    <section aria-label={`Walk around ${report.water.name}`}>
      <header className={classes['head']}>
        <h2>{report.water.name}</h2>
        <p className="second" role="status">
          clockwise from the pump, {done} of {steps.length} done
        </p>
      </header>
      <WalkPlan yard={job.yard} report={report} steps={steps} lit={lit} />
      {steps.length === 0 && <p>Nothing is bonded around {report.water.name}.</p>}
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
  const { waters } = evaluationOf(job);
  return (
    <main className={classes['walk']}>
      <Link className="act" to={`/jobs/${job.id}/water`}>
        Back to the plan
      </Link>
      <h1>Bond walk</h1>
      {waters.length === 0 && <p>No pool or tub in the yard yet.</p>}
      {waters.map(({ report }) => (
        <Walk key={report.water.id} job={job} report={report} />
      ))}
    </main>
  );
}
