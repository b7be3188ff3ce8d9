import type { Circuit, Stretch } from '../../../core/circuit/circuitSchema';
import { SLEEVES } from '../../../core/circuit/circuitSchema';
import { stationLetter, stretchSpan, usualStation } from '../../../core/circuit/stations';
import { STATION_KINDS } from '../../../core/code/routeKinds';
import { METHODS } from '../../../core/code/methods';
import { BURIAL_PLACES } from '../../../core/code/burialPlaces';
import { usualSwing } from '../../../core/route/thermalGrowth';
import { withEnd, withWay } from '../../../core/circuit/edits/routeEdits';
import { burialName, stationName } from '../../../core/wording/routeWords';
import { stretchName } from '../../../core/wording/conductors';
import { methodName } from '../../../core/wording/words';
import { printLength } from '../../../core/units/length';
import { feet } from '../../../core/units/quantity';
import type { CircuitView } from '../../../store/circuitView';
import type { RouteView } from '../../../store/routeView';
import { useJobEditor } from '../../../store/useJobEditor';
import { CheckField } from '../../../ui/fields/CheckField';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { StretchDetails } from '../StretchDetails';
import { LocateFields } from './LocateFields';
import { NumberField } from './NumberField';
import { RouteFindings } from './RouteFindings';
import card from '../WorkingPane.module.css';
import classes from './route.module.css';

interface StretchCardProps {
  readonly view: CircuitView;
  readonly route: RouteView;
  readonly index: number;
}

interface PartProps {
  readonly circuit: Circuit;
  readonly stretch: Stretch;
  readonly index: number;
}

const inches = (most: number) => ({ least: 0.1, most, units: ['in', '"', 'inches'], shown: 'in' });
const cubic = (most: number) => ({ least: 1, most, units: ['in³', 'in3'], shown: 'in³' });

type Change = Parameters<typeof withWay>[2];

function useSet({ circuit, index }: PartProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const span = stretchSpan(index);
  return {
    disabled: !canWrite,
    way: (change: Change, what: string, key?: string) => {
      replaceCircuit(withWay(circuit, index, change), `${what}, ${span}`, key);
    },
    end: (change: Parameters<typeof withEnd>[2], what: string, key?: string) => {
      replaceCircuit(withEnd(circuit, index, change), `${what} at ${stationLetter(index + 1)}`, key);
    },
  };
}

/** What lies over a buried stretch, and how it comes to lie there. */
function BuriedFields(props: PartProps) {
  const { way, disabled } = useSet(props);
  const { stretch } = props;
  return (
    <>
      <ChoiceField
        label="Under"
        disabled={disabled}
        value={stretch.burial ?? 'yard'}
        choices={BURIAL_PLACES.map((value) => ({ value, label: burialName[value] }))}
        onChoose={(burial) => {
          way({ burial: burial === 'yard' ? undefined : burial }, 'What lies over it');
        }}
      />
      <CheckField
        label="Bored, not dug"
        disabled={disabled}
        checked={stretch.bored === true}
        onCheck={(checked) => {
          way({ bored: checked ? true : undefined }, 'Boring');
        }}
      />
    </>
  );
}

/** What a cable in framing has to be asked. */
function CableFields(props: PartProps) {
  const { way, disabled } = useSet(props);
  const { stretch } = props;
  return (
    <>
      <NumberField
        label="Holes from the edge"
        usual="1-1/4 in or more"
        value={stretch.edgeIn}
        range={{ ...inches(12), least: 0 }}
        disabled={disabled}
        onValue={(edgeIn, key) => {
          way({ edgeIn }, 'Holes', key);
        }}
      />
      <ChoiceField
        label="Pulled in"
        disabled={disabled}
        value={stretch.sleeve ?? 'none'}
        choices={[
          { value: 'none', label: 'no raceway' },
          ...SLEEVES.map((value) => ({ value, label: methodName(value) })),
        ]}
        onChoose={(sleeve) => {
          way({ sleeve: sleeve === 'none' ? undefined : sleeve }, 'Sleeve');
        }}
      />
    </>
  );
}

/** What stands at the end of the stretch. */
function StationFields(props: PartProps) {
  const { end: set, disabled } = useSet(props);
  const { circuit, stretch, index } = props;
  const next = circuit.run[index + 1];
  const usual = next === undefined ? undefined : usualStation(stretch, next);
  return (
    <>
      {usual !== undefined && (
        <ChoiceField
          label="What stands there"
          disabled={disabled}
          value={stretch.end?.kind ?? usual}
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

/** The box at the end of the stretch. */
function BoxFields(props: PartProps) {
  const { end: set, disabled } = useSet(props);
  const { end = {} } = props.stretch;
  return (
    <>
      <NumberField
        label="Box at hand"
        usual="the least that holds it"
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
        label="Hole that is there"
        usual="made to fit"
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

function WayFields(props: PartProps) {
  const { way, disabled } = useSet(props);
  const { stretch } = props;
  const cable = METHODS[stretch.method].kind === 'cable';
  const pvc = stretch.method === 'pvc40' || stretch.method === 'pvc80';
  return (
    <div className={card['fields']}>
      {stretch.place === 'underground' && <BuriedFields {...props} />}
      {cable && stretch.place !== 'underground' && <CableFields {...props} />}
      {pvc && stretch.place !== 'underground' && (
        <NumberField
          label="Hottest less coldest"
          usual={`${usualSwing(stretch.place)} °F, usual here`}
          value={stretch.swingF}
          range={{ least: 0, most: 250, units: ['°f', 'f'], shown: '°F' }}
          disabled={disabled}
          onValue={(swingF, key) => {
            way({ swingF }, 'Swing of temperature', key);
          }}
        />
      )}
      <NumberField
        label="Piece at hand"
        usual="cut new"
        value={stretch.pieceFt}
        range={{ least: 0.5, most: 2000, units: ['ft', "'"], shown: 'ft' }}
        disabled={disabled}
        onValue={(pieceFt, key) => {
          way({ pieceFt }, 'Piece at hand', key);
        }}
      />
    </div>
  );
}

/** One stretch and the station at its end: what is doubtful, and everything that may be said of them. */
export function StretchCard({ view, route, index }: StretchCardProps) {
  const { circuit, solved } = view;
  const stretch = circuit.run[index];
  const figures = solved.figures.stretches[index];
  if (stretch === undefined || figures === undefined) return null;
  const part: PartProps = { circuit, stretch, index };
  const span = stretchSpan(index);
  const kind = route.report.about.kinds[index + 1] ?? 'appliance';
  const findings = route.report.findings.filter((finding) => finding.stretch === index);
  return (
    <>
      <h2 className={classes['heading']}>
        {span}: {stretchName(figures, solved.figures)}, {printLength(feet(stretch.lengthFt))}
      </h2>
      <RouteFindings circuit={circuit} findings={findings} />
      {stretch.place === 'underground' && <LocateFields />}
      <WayFields {...part} />
      <div className={card['block']}>
        <h3>
          {stationLetter(index + 1)}, {stationName[kind].toLowerCase()}
        </h3>
        <div className={card['fields']}>
          <StationFields {...part} />
        </div>
      </div>
      <StretchDetails view={view} stretch={index} />
    </>
  );
}
