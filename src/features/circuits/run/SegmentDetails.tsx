import { removeSegment, splitSegment, withSegment } from '../../../core/circuit/edits/circuitEdits';
import { segmentSchema, type Circuit, type Segment } from '../../../core/circuit/circuitSchema';
import { segmentSpan } from '../../../core/circuit/stations';
import { METHODS } from '../../../core/code/methods';
import { printWireSize, WIRE_SIZES } from '../../../core/units/wireSize';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { segmentFields } from '../../../core/wording/fields/segmentFields';
import { useJobEditor } from '../../../store/useJobEditor';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { FieldList } from '../../../ui/fields/FieldList';
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
            withSegment(circuit, index, { size: own }),
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
              withSegment(circuit, index, { cableWires: own }),
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

/** What surrounds it, and how it runs. */
function SurroundingFields({ circuit, segment, index, span }: PartProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  return (
    <FieldList
      schema={segmentSchema}
      fields={segmentFields(circuit, index)}
      of={segment}
      disabled={!canWrite}
      set={(fields, edit, key) => {
        replaceCircuit(withSegment(circuit, index, fields), `${edit}, ${span}`, key);
      }}
    />
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
      </div>
      <Acts {...part} />
    </div>
  );
}
