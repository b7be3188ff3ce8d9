import { drawnBends } from '../../../core/circuit/bends';
import { removeSegment, splitSegment, withSegment } from '../../../core/circuit/edits/circuitEdits';
import type { Circuit, Segment } from '../../../core/circuit/circuitSchema';
import { stationLetter, segmentSpan } from '../../../core/circuit/stations';
import { parseHeight, printHeight } from '../../../core/units/height';
import { parseNumber, printNumber } from '../../../core/units/number';
import { celsius, type Celsius } from '../../../core/units/quantity';
import { parseTemperature, printTemperature } from '../../../core/units/temperature';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { useJobEditor } from '../../../store/useJobEditor';
import { QuantityField } from '../../../ui/fields/QuantityField';
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
export function SegmentDetails({ view: { circuit }, segment: index }: SegmentDetailsProps) {
  const segment = circuit.run[index];
  if (segment === undefined) return null;
  const span = segmentSpan(index);
  const part: PartProps = { circuit, segment, index, span };
  return (
    <div className={classes['block']}>
      <h3>Segment {span}</h3>
      <div className={classes['fields']}>
        <SurroundingFields {...part} />
        <HeightFields {...part} />
      </div>
      <Acts {...part} />
    </div>
  );
}
