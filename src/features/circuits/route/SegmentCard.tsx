import { withSegment } from '../../../core/circuit/edits/circuitEdits';
import { LIMITS } from '../../../core/code/limits';
import type { Circuit, Segment } from '../../../core/circuit/circuitSchema';
import { SLEEVES } from '../../../core/circuit/circuitSchema';
import { stationLetter, segmentSpan, usualStation } from '../../../core/circuit/stations';
import { STATION_KINDS } from '../../../core/code/routeKinds';
import { METHODS } from '../../../core/code/methods';
import { BURIAL_PLACES } from '../../../core/code/burialPlaces';
import { usualSwing } from '../../../core/route/thermalGrowth';
import { withEnd } from '../../../core/circuit/edits/routeEdits';
import { burialName, stationName } from '../../../core/wording/routeWords';
import { segmentName } from '../../../core/wording/conductors';
import { methodName } from '../../../core/wording/words';
import { printLength } from '../../../core/units/length';
import { feet } from '../../../core/units/quantity';
import type { CircuitEvaluation, RouteEvaluation } from '../../../core/job/evaluation';
import { useJobEditor } from '../../../store/useJobEditor';
import { CheckField } from '../../../ui/fields/CheckField';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { YesNoField } from '../../../ui/fields/YesNoField';
import { SegmentDetails } from '../run/SegmentDetails';
import { LocateFields } from './LocateFields';
import { NumberField } from './NumberField';
import { segmentIndex } from '../../../core/findings/subject';
import { evaluationOf } from '../../../store/evaluation';
import { FindingList } from '../../job/FindingList';
import { useReadyJob } from '../../job/JobPage';
import card from '../working/WorkingPane.module.css';
import classes from './route.module.css';

interface SegmentCardProps {
  readonly view: CircuitEvaluation;
  readonly route: RouteEvaluation;
  readonly index: number;
}

interface PartProps {
  readonly circuit: Circuit;
  readonly segment: Segment;
  readonly index: number;
}

const inches = (max: number) => ({ min: 0.1, max, units: ['in', '"', 'inches'], shown: 'in' });
const cubic = (max: number) => ({ min: 1, max, units: ['in³', 'in3'], shown: 'in³' });

type Change = Parameters<typeof withSegment>[2];

function useSet({ circuit, index }: PartProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const span = segmentSpan(index);
  return {
    disabled: !canWrite,
    setSegment: (change: Change, what: string, key?: string) => {
      replaceCircuit(withSegment(circuit, index, change), `${what}, ${span}`, key);
    },
    end: (change: Parameters<typeof withEnd>[2], what: string, key?: string) => {
      replaceCircuit(withEnd(circuit, index, change), `${what} at ${stationLetter(index + 1)}`, key);
    },
  };
}

/** What lies over a buried segment, and how it comes to lie there. */
function BuriedFields(props: PartProps) {
  const { setSegment, disabled } = useSet(props);
  const { segment } = props;
  return (
    <>
      <ChoiceField
        label="Buried under"
        disabled={disabled}
        value={segment.burial ?? 'yard'}
        choices={BURIAL_PLACES.map((value) => ({ value, label: burialName[value] }))}
        onChoose={(burial) => {
          setSegment({ burial: burial === 'yard' ? undefined : burial }, 'What lies over it');
        }}
      />
      <CheckField
        label="Directionally bored"
        disabled={disabled}
        checked={segment.bored === true}
        onCheck={(checked) => {
          setSegment({ bored: checked ? true : undefined }, 'Boring');
        }}
      />
    </>
  );
}

const EXPOSED = [
  { value: 'unknown', label: 'Not said' },
  { value: 'concealed', label: 'concealed' },
  { value: 'guarded', label: 'between guard strips' },
  { value: 'bored', label: 'in bored holes, on running boards' },
  { value: 'edges', label: 'on edges of joists' },
] as const;

/** What a cable in framing has to be asked. */
function CableFields(props: PartProps) {
  const { setSegment, disabled } = useSet(props);
  const { segment } = props;
  return (
    <>
      <NumberField
        label="Hole to edge of framing"
        usual="1-1/4 in or more"
        value={segment.edgeIn}
        range={{ ...inches(12), min: 0 }}
        disabled={disabled}
        onValue={(edgeIn, key) => {
          setSegment({ edgeIn }, 'Holes', key);
        }}
      />
      <ChoiceField
        label="Where it may be seen"
        disabled={disabled}
        value={segment.exposed ?? 'unknown'}
        choices={EXPOSED}
        onChoose={(exposed) => {
          setSegment({ exposed: exposed === 'unknown' ? undefined : exposed }, 'How the cable runs');
        }}
      />
      {segment.place === 'outdoor' && (
        <YesNoField
          label="Marked sunlight resistant?"
          disabled={disabled}
          value={segment.sunlight}
          onValue={(sunlight) => {
            setSegment({ sunlight }, 'Sunlight');
          }}
        />
      )}
      <ChoiceField
        label="Pulled in"
        disabled={disabled}
        value={segment.sleeve ?? 'none'}
        choices={[
          { value: 'none', label: 'no raceway' },
          ...SLEEVES.map((value) => ({ value, label: methodName(value) })),
        ]}
        onChoose={(sleeve) => {
          setSegment({ sleeve: sleeve === 'none' ? undefined : sleeve }, 'Sleeve');
        }}
      />
    </>
  );
}

/** What stands at the end of the segment. */
function StationFields(props: PartProps) {
  const { end: set, disabled } = useSet(props);
  const { circuit, segment, index } = props;
  const next = circuit.run[index + 1];
  const usual = next === undefined ? undefined : usualStation(segment, next);
  return (
    <>
      {usual !== undefined && (
        <ChoiceField
          label="Box or fitting"
          disabled={disabled}
          value={segment.end?.kind ?? usual}
          choices={STATION_KINDS.map((value) => ({ value, label: stationName[value] }))}
          onChoose={(kind) => {
            set({ kind: kind === usual ? undefined : kind }, stationName[kind]);
          }}
        />
      )}
      <BoxFields {...props} />
    </>
  );
}

/** The box at the end of the segment. */
function BoxFields(props: PartProps) {
  const { end: set, disabled } = useSet(props);
  const { end = {} } = props.segment;
  return (
    <>
      <NumberField
        label="Box on hand"
        usual="smallest that fits"
        value={end.boxIn3}
        range={cubic(2000)}
        disabled={disabled}
        onValue={(boxIn3, key) => {
          set({ boxIn3 }, 'Box', key);
        }}
      />
      <NumberField
        label="Ring adds"
        usual="no ring"
        value={end.ringIn3}
        range={cubic(500)}
        disabled={disabled}
        onValue={(ringIn3, key) => {
          set({ ringIn3 }, 'Ring', key);
        }}
      />
      <NumberField
        label="Existing knockout"
        usual="punched to fit"
        value={end.holeIn}
        range={inches(6)}
        disabled={disabled}
        onValue={(holeIn, key) => {
          set({ holeIn }, 'Hole', key);
        }}
      />
      <CheckField
        label="Cable clamps inside"
        disabled={disabled}
        checked={end.clamps === true}
        onCheck={(checked) => {
          set({ clamps: checked ? true : undefined }, 'Clamps');
        }}
      />
      <CheckField
        label="Plastic box"
        disabled={disabled}
        checked={end.plastic === true}
        onCheck={(checked) => {
          set({ plastic: checked ? true : undefined }, 'Box');
        }}
      />
    </>
  );
}

function RouteFields(props: PartProps) {
  const { setSegment, disabled } = useSet(props);
  const { segment } = props;
  const cable = METHODS[segment.method].kind === 'cable';
  const pvc = segment.method === 'pvc40' || segment.method === 'pvc80';
  return (
    <div className={card['fields']}>
      {segment.place === 'underground' && <BuriedFields {...props} />}
      {cable && segment.place !== 'underground' && <CableFields {...props} />}
      {pvc && segment.place !== 'underground' && (
        <NumberField
          label="Yearly temperature swing"
          usual={`${usualSwing(segment.place)} °F, usual here`}
          value={segment.swingF}
          range={{ min: 0, max: 250, units: ['°f', 'f'], shown: '°F' }}
          disabled={disabled}
          onValue={(swingF, key) => {
            setSegment({ swingF }, 'Swing of temperature', key);
          }}
        />
      )}
      <NumberField
        label="Piece on hand"
        usual="cut new"
        value={segment.pieceFt}
        range={{ min: 0.5, max: LIMITS.segmentFt, units: ['ft', "'"], shown: 'ft' }}
        disabled={disabled}
        onValue={(pieceFt, key) => {
          setSegment({ pieceFt }, 'Piece on hand', key);
        }}
      />
    </div>
  );
}

/** One segment and the station at its end: what is doubtful, and everything that may be said of them. */
export function SegmentCard({ view, route, index }: SegmentCardProps) {
  const { job } = useReadyJob();
  const { circuit, solved } = view;
  const segment = circuit.run[index];
  const figures = solved.figures.segments[index];
  if (segment === undefined || figures === undefined) return null;
  const part: PartProps = { circuit, segment, index };
  const span = segmentSpan(index);
  const kind = route.report.about.kinds[index + 1] ?? 'appliance';
  const findings = route.report.findings.filter(({ subject }) => segmentIndex(subject) === index);
  return (
    <>
      <h2 className={classes['heading']}>
        {span}: {segmentName(figures)}, {printLength(feet(segment.lengthFt))}
      </h2>
      <FindingList sizes={evaluationOf(job)} findings={findings} label="Findings about the route" />
      {segment.place === 'underground' && <LocateFields />}
      <RouteFields {...part} />
      <div className={card['block']}>
        <h3>
          {stationLetter(index + 1)}, {stationName[kind].toLowerCase()}
        </h3>
        <div className={card['fields']}>
          <StationFields {...part} />
        </div>
      </div>
      <SegmentDetails view={view} segment={index} />
    </>
  );
}
