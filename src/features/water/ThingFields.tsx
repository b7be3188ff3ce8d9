import type { Job } from '../../core/job/jobSchema';
import type { WaterReport } from '../../core/water/waterReport';
import { atDistance, withKnown } from '../../core/water/yardEdits';
import { yardItemSchemas, type Thing } from '../../core/water/yardSchema';
import { printPoints, parsePoints } from '../../core/water/pointsText';
import { isRefused } from '../../core/units/refused';
import { thingFields } from '../../core/wording/fields/yardFields';
import { useJobEditor } from '../../store/useJobEditor';
import { useYardEditor } from '../../store/useYardEditor';
import { FieldList } from '../../ui/fields/FieldList';
import { QuantityField } from '../../ui/fields/QuantityField';
import { CircuitOfThing } from './CircuitOfThing';
import { DistanceField, INCHES, RangeField } from './fields';
import classes from './water.module.css';

interface ThingFieldsProps {
  readonly job: Job;
  readonly report: WaterReport;
  readonly thing: Thing;
}

/** Where it stands: from the inside wall, and from the origin of the plan. */
function Place({ report, thing }: Omit<ThingFieldsProps, 'job'>) {
  const { canWrite, put } = useYardEditor();
  const distance = report.things.find(({ thing: each }) => each.id === thing.id)?.distanceFt ?? 0;
  return (
    <div className={classes['two']}>
      <DistanceField
        label="From the inside wall"
        value={distance}
        disabled={!canWrite || distance === 0}
        onValue={(ft, key) => {
          put({ list: 'things', item: atDistance(thing, report.water, ft) }, `Move ${thing.name}`, key);
        }}
      />
      <QuantityField<readonly [number, number]>
        label="Right, up (ft)"
        value={thing.at}
        disabled={!canWrite}
        print={(at) => printPoints([at])}
        parse={(text) => {
          const read = parsePoints(text, 1);
          return isRefused(read)
            ? { ...read, accepts: 'feet right and up, such as 27, -2' }
            : (read[0] ?? thing.at);
        }}
        onValue={([x, y], key) => {
          put({ list: 'things', item: { ...thing, at: [x, y] } }, `Move ${thing.name}`, key);
        }}
      />
    </div>
  );
}

/** How deep the ground freezes in this yard. */
function Frost({ frostIn }: { readonly frostIn: number | null }) {
  const { canWrite, edit } = useJobEditor();
  return (
    <RangeField
      label="Ground freezes to"
      value={frostIn}
      disabled={!canWrite}
      range={INCHES}
      onValue={(value, merge) => {
        edit({ kind: 'change', part: 'yard', fields: { frostIn: value } }, 'Frost depth', merge);
      }}
    />
  );
}

/** What is known of a thing in the yard. */
export function ThingFields({ job, report, thing }: ThingFieldsProps) {
  const { canWrite, put } = useYardEditor();
  return (
    <>
      <Place report={report} thing={thing} />
      <div className={classes['two']}>
        <FieldList
          schema={yardItemSchemas.things}
          fields={thingFields(thing)}
          of={thing}
          disabled={!canWrite}
          set={(fields, edit, key) => {
            put({ list: 'things', item: withKnown(thing, fields) }, `${edit}: ${thing.name}`, key);
          }}
        />
        {thing.postIn !== undefined && <Frost frostIn={job.yard.frostIn} />}
      </div>
      <CircuitOfThing job={job} thing={thing} />
    </>
  );
}
