import type { YardThing } from '../../core/code/waterFacts';
import type { Job } from '../../core/job/jobSchema';
import type { WaterReport } from '../../core/water/waterReport';
import { atDistance, withKnown } from '../../core/water/yardEdits';
import type { Thing } from '../../core/water/yardSchema';
import { zoneObject } from '../../core/water/yardParts';
import { printPoints, parsePoints } from '../../core/water/pointsText';
import type { NumberRange } from '../../core/units/number';
import { isRefused } from '../../core/units/refused';
import { useJobEditor } from '../../store/useJobEditor';
import { useYardEditor } from '../../store/useYardEditor';
import { QuantityField } from '../../ui/fields/QuantityField';
import { YesNoField } from '../../ui/fields/YesNoField';
import { CircuitOfThing } from './CircuitOfThing';
import { DistanceField, HeightField, IN2, INCHES, RangeField } from './fields';
import classes from './water.module.css';

/** What may be said of a thing besides where it stands. */
type YesNo =
  | 'existing'
  | 'gfci'
  | 'metal'
  | 'rigid'
  | 'bonded'
  | 'barrier'
  | 'doubleInsulated'
  | 'pigtail'
  | 'isolated'
  | 'fixed'
  | 'onTimer'
  | 'lowVoltage'
  | 'enclosed'
  | 'seesPool'
  | 'nicheWire';

const LABEL: Readonly<Record<YesNo, string>> = {
  existing: 'Already there',
  gfci: 'GFCI protection',
  metal: 'Metal',
  rigid: 'Rigidly attached to the structure',
  bonded: 'Found bonded',
  barrier: 'Permanent barrier keeps hands from it',
  doubleInsulated: 'Double insulated',
  pigtail: '8 AWG solid brought to it',
  isolated: 'Touches no other metal',
  fixed: 'Fixed in place',
  onTimer: 'Switched by the timer of the pump',
  lowVoltage: 'Listed low voltage, no ground',
  enclosed: 'Totally enclosed',
  seesPool: 'Whole pool seen from its switch',
  nicheWire: '8 AWG in the niche conduit',
};

const DEVICE: readonly YesNo[] = ['existing', 'metal'];
const FITTING: readonly YesNo[] = ['metal', 'isolated', 'bonded'];
const FIXED: readonly YesNo[] = ['metal', 'barrier', 'bonded'];

const ASKED: Readonly<Partial<Record<YardThing, readonly YesNo[]>>> = {
  receptacle: ['gfci', 'existing', 'onTimer'],
  'pump-receptacle': ['gfci', 'existing'],
  luminaire: ['gfci', 'lowVoltage', 'rigid', 'enclosed', 'existing'],
  fan: ['gfci', 'rigid', 'enclosed', 'existing'],
  pump: ['doubleInsulated', 'pigtail', 'bonded'],
  heater: ['bonded'],
  'cover-motor': ['gfci', 'lowVoltage', 'barrier', 'seesPool', 'enclosed', 'bonded'],
  light: ['gfci', 'lowVoltage', 'nicheWire', 'existing', 'metal', 'bonded'],
  equipment: ['lowVoltage', 'barrier', 'metal', 'existing'],
  ladder: FITTING,
  drain: FITTING,
  rail: FIXED,
  board: FIXED,
  door: FIXED,
  window: FIXED,
  gate: FIXED,
  'ac-unit': FIXED,
  pole: FIXED,
  raceway: FIXED,
  furniture: ['fixed', 'metal'],
  'water-plate': [],
};

const HAS_SIZE: ReadonlySet<YardThing> = new Set(['ladder', 'drain']);
/** What may stand on a post in the yard. */
const ON_POST: ReadonlySet<YardThing> = new Set([
  'receptacle',
  'pump-receptacle',
  'disconnect',
  'panel',
  'timer',
  'switch',
  'luminaire',
]);

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

type SetKnown = (fields: Parameters<typeof withKnown>[1], label: string, key?: string) => void;

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
        edit({ kind: 'change-yard', fields: { frostIn: value } }, 'Frost depth', merge);
      }}
    />
  );
}

interface MeasuresProps {
  readonly thing: Thing;
  readonly frostIn: number | null;
  readonly set: SetKnown;
}

/** What was measured of a thing: its height, and what of it lies in the wall or the water. */
function Measures({ thing, frostIn, set }: MeasuresProps) {
  const { canWrite } = useYardEditor();
  const amount = (
    key: 'acrossIn' | 'deepIn' | 'wetIn2' | 'postIn' | 'lensIn',
    label: string,
    range: NumberRange,
  ) => (
    <RangeField
      label={label}
      value={thing[key] ?? null}
      disabled={!canWrite}
      range={range}
      onValue={(value, merge) => {
        set({ [key]: value ?? undefined }, `${label}: ${thing.name}`, merge);
      }}
    />
  );
  return (
    <>
      <HeightField
        label="Height above grade"
        value={thing.heightFt}
        disabled={!canWrite}
        onValue={(heightFt, key) => {
          set({ heightFt }, `Height of ${thing.name}`, key);
        }}
      />
      {thing.kind === 'light' && amount('lensIn', 'Top of the lens below the water', INCHES)}
      {thing.kind === 'water-plate' && amount('wetIn2', 'Always wetted', IN2)}
      {ON_POST.has(thing.kind) && amount('postIn', 'On a post, set deep', INCHES)}
      {thing.postIn !== undefined && <Frost frostIn={frostIn} />}
      {HAS_SIZE.has(thing.kind) && amount('acrossIn', 'Across', INCHES)}
      {HAS_SIZE.has(thing.kind) && amount('deepIn', 'Deep in the wall', INCHES)}
    </>
  );
}

/** What is known of a thing in the yard. */
export function ThingFields({ job, report, thing }: ThingFieldsProps) {
  const { canWrite, put } = useYardEditor();
  const set: SetKnown = (fields, label, key) => {
    put({ list: 'things', item: withKnown(thing, fields) }, label, key);
  };
  const asked = ASKED[thing.kind] ?? (zoneObject(thing) === undefined ? FIXED : DEVICE);
  return (
    <>
      <Place report={report} thing={thing} />
      <div className={classes['two']}>
        <Measures thing={thing} frostIn={job.yard.frostIn} set={set} />
        {asked.map((key) => (
          <YesNoField
            key={key}
            label={LABEL[key]}
            value={thing[key]}
            disabled={!canWrite}
            onValue={(value) => {
              set({ [key]: value }, `${LABEL[key]}: ${thing.name}`);
            }}
          />
        ))}
      </div>
      <CircuitOfThing job={job} thing={thing} />
    </>
  );
}
