import type { Job } from '../../../core/job/jobSchema';
import { measuredAt, withSeen, type WalkStep } from '../../../core/water/walk';
import type { WaterReport } from '../../../core/water/waterReport';
import { atDistance, lineAtDistance } from '../../../core/water/yardEdits';
import type { YardItem } from '../../../core/water/yardSchema';
import { useYardEditor } from '../../../store/useYardEditor';
import { DistanceField, RangeField } from '../fields';
import classes from './walk.module.css';

const OFF = { min: 0, max: 240, units: ['in', '"'], shown: 'in' } as const;
const DEEP = { min: 0, max: 120, units: ['in', '"'], shown: 'in' } as const;
const AREA = { min: 0, max: 10000, units: ['in2', 'in²'], shown: 'in²' } as const;

/** A stop of the walk around a water. */
export interface StopProps {
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

/** What is typed at a side of the ring: what is measured anew is judged anew. */
function RingMeasure({ report, step }: StopProps) {
  const { canWrite, put } = useYardEditor();
  const now = measuredAt(step);
  const set = (fields: Partial<typeof now>, key: string): void => {
    put({ list: 'waters', item: withSeen(report.water, { ...now, ...fields }) }, 'Measure the ring', key);
  };
  return (
    <div className={classes['fields']}>
      <RangeField
        label="From the inside wall"
        value={now.offIn}
        disabled={!canWrite}
        range={OFF}
        onValue={(offIn, key) => {
          set({ offIn }, key);
        }}
      />
      <RangeField
        label="Below subgrade"
        value={now.deepIn}
        disabled={!canWrite}
        range={DEEP}
        onValue={(deepIn, key) => {
          set({ deepIn }, key);
        }}
      />
    </div>
  );
}

/** What is typed at a stop. */
export function StopMeasure(props: StopProps) {
  const { job, step } = props;
  const { canWrite, put } = useYardEditor();
  if (step.kind === 'ring') return <RingMeasure {...props} />;
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
        const { wetIn2: _was, ...rest } = plate;
        const item = { ...rest, ...(wetIn2 !== null && { wetIn2 }) };
        put({ list: 'things', item }, 'Measure the water bond', key);
      }}
    />
  );
}
