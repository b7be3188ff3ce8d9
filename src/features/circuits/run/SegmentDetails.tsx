import { drawnBends } from '../../../core/circuit/bends';
import { removeSegment, splitSegment, withOwn, withSegment } from '../../../core/circuit/edits/circuitEdits';
import type { Circuit, Segment } from '../../../core/circuit/circuitSchema';
import { isBareCable } from '../../../core/circuit/neighbors';
import { stationLetter, segmentSpan } from '../../../core/circuit/stations';
import { parseHeight, printHeight } from '../../../core/units/height';
import { parseNumber, printNumber } from '../../../core/units/number';
import { celsius, type Celsius } from '../../../core/units/quantity';
import { parseTemperature, printTemperature } from '../../../core/units/temperature';
import { METHODS } from '../../../core/code/methods';
import { printWireSize, WIRE_SIZES } from '../../../core/units/wireSize';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { useJobEditor } from '../../../store/useJobEditor';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { YesNoField } from '../../../ui/fields/YesNoField';
import classes from '../working/WorkingPane.module.css';

interface SegmentDetailsProps {
  readonly view: CircuitEvaluation;
  readonly segment: number;
}

interface PartProps {
  readonly circuit: Circuit;
  readonly segment: Segment;
  readonly index: number;
  readonly span: string;
}

const count = { min: 1, max: 60, units: ['conductors'], shown: 'conductors', whole: true };
const degrees = { min: 0, max: 1440, units: ['°', 'deg', 'degrees'], shown: 'degrees' };

type Set = (change: Partial<Segment>, what: string, key: string) => void;

function useSetSegment({ circuit, index, span }: PartProps): { set: Set; disabled: boolean } {
  const { canWrite, replaceCircuit } = useJobEditor();
  return {
    disabled: !canWrite,
    set: (change, what, key) => {
      replaceCircuit(withSegment(circuit, index, change), `${what}, ${span}`, key);
    },
  };
}

function SurroundingFields(props: PartProps) {
  const { set, disabled } = useSetSegment(props);
  const { circuit, segment, index } = props;
  const drawn = drawnBends(circuit, segment, index);
  return (
    <>
      <QuantityField<Celsius>
        label="Highest ambient"
        disabled={disabled}
        value={celsius(segment.ambientC)}
        print={printTemperature}
        parse={(text) => parseTemperature(text.replace(/\(.*\)/, ''))}
        onValue={(ambientC, key) => {
          set({ ambientC }, 'Ambient', key);
        }}
      />
      <QuantityField<number | null>
        label="Current-carrying conductors in the raceway or bundle"
        disabled={disabled}
        inputMode="decimal"
        value={segment.currentCarrying}
        print={(value) => (value === null ? 'only its own' : printNumber(value))}
        parse={(text) => (/^(|only.*)$/.test(text.trim()) ? null : parseNumber(text, count))}
        onValue={(currentCarrying, key) => {
          set({ currentCarrying }, 'Current-carrying conductors in the raceway or bundle', key);
        }}
      />
      {segment.shares?.trench !== undefined && isBareCable(segment) && (
        <YesNoField
          label="Spacing kept between the cables in the trench?"
          disabled={disabled}
          value={segment.spaced}
          onValue={(spaced) => {
            set({ spaced }, 'Spacing of cables', 'spaced');
          }}
        />
      )}
      <QuantityField<number | null>
        label="Bends"
        disabled={disabled}
        inputMode="decimal"
        value={segment.bendsDeg}
        print={(value) => (value === null ? `${drawn}° as drawn` : `${printNumber(value)}°`)}
        parse={(text) => (/^(|.*drawn)$/.test(text.trim()) ? null : parseNumber(text, degrees))}
        onValue={(bendsDeg, key) => {
          set({ bendsDeg }, 'Bends', key);
        }}
      />
    </>
  );
}

const RUN = 'run';

/** A conductor that differs from that of the run, and the cable on hand. */
function OwnConductorFields({
  circuit,
  segment,
  index,
  span,
  runSize,
}: PartProps & { readonly runSize: string }) {
  const { canWrite, replaceCircuit } = useJobEditor();
  return (
    <>
      <ChoiceField
        label="Conductor here"
        value={segment.size ?? RUN}
        disabled={!canWrite}
        choices={[
          { value: RUN, label: `${runSize}, as the run` },
          ...WIRE_SIZES.map((size) => ({ value: size, label: `${printWireSize(size)}, set by hand` })),
        ]}
        onChoose={(size) => {
          const own = size === RUN ? undefined : size;
          replaceCircuit(
            withOwn(circuit, index, { size: own }),
            own === undefined
              ? `Conductor as the run, ${span}`
              : `${printWireSize(own)} set by hand, ${span}`,
          );
        }}
      />
      {METHODS[segment.method].kind === 'cable' && (
        <ChoiceField
          label="Cable"
          value={segment.cableWires ?? 0}
          disabled={!canWrite}
          choices={[
            { value: 0, label: 'Bought as needed' },
            { value: 2, label: 'On hand: 2 wires and ground' },
            { value: 3, label: 'On hand: 3 wires and ground' },
          ]}
          onChoose={(wires) => {
            const own = wires === 0 ? undefined : wires;
            replaceCircuit(
              withOwn(circuit, index, { cableWires: own }),
              own === undefined
                ? `Cable bought as needed, ${span}`
                : `Cable on hand with ${own} wires, ${span}`,
            );
          }}
        />
      )}
    </>
  );
}

function HeightFields(props: PartProps) {
  const { set, disabled } = useSetSegment(props);
  const { segment, index } = props;
  return (
    <>
      <QuantityField<number>
        label="Runs at height"
        disabled={disabled}
        value={segment.heightFt}
        print={printHeight}
        parse={parseHeight}
        onValue={(heightFt, key) => {
          set({ heightFt }, 'Height', key);
        }}
      />
      <QuantityField<number>
        label={`Station ${stationLetter(index + 1)} at`}
        disabled={disabled}
        value={segment.endHeightFt}
        print={printHeight}
        parse={parseHeight}
        onValue={(endHeightFt, key) => {
          set({ endHeightFt }, 'Height of a station', key);
        }}
      />
    </>
  );
}

function Acts({ circuit, index, span }: PartProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const put = (next: Circuit | undefined, label: string): void => {
    if (next !== undefined) replaceCircuit(next, label);
  };
  return (
    <p className={classes['acts']}>
      <button
        type="button"
        className="act"
        disabled={!canWrite}
        onClick={() => {
          put(splitSegment(circuit, index, crypto.randomUUID()), `Split ${span}`);
        }}
      >
        Split this segment
      </button>
      {circuit.run.length > 1 && (
        <button
          type="button"
          className="act"
          disabled={!canWrite}
          onClick={() => {
            put(removeSegment(circuit, index), `Remove ${span}`);
          }}
        >
          Remove this segment
        </button>
      )}
    </p>
  );
}

/** What else bears on one segment: heat, neighbors, bends and heights; and cutting it in two. */
export function SegmentDetails({ view: { circuit, solved }, segment: index }: SegmentDetailsProps) {
  const segment = circuit.run[index];
  if (segment === undefined) return null;
  const span = segmentSpan(index);
  const part: PartProps = { circuit, segment, index, span };
  const { size } = solved.figures;
  return (
    <div className={classes['block']} data-help="method">
      <h3>Segment {span}</h3>
      <div className={classes['fields']}>
        <OwnConductorFields {...part} runSize={size === null ? 'None fits' : printWireSize(size)} />
        <SurroundingFields {...part} />
        <HeightFields {...part} />
      </div>
      <Acts {...part} />
    </div>
  );
}
