import { withPlace, withSegment } from '../../../core/circuit/edits/circuitEdits';
import type { Circuit } from '../../../core/circuit/circuitSchema';
import { METHOD_IDS, METHODS, ENVIRONMENTS } from '../../../core/code/methods';
import { parseSegmentLength } from '../../../core/circuit/segmentLength';
import { segmentSpan } from '../../../core/circuit/stations';
import { printLength } from '../../../core/units/length';
import { feet, type Feet } from '../../../core/units/quantity';
import { methodName, environmentName } from '../../../core/wording/words';
import { useDesign } from '../../../store/useDesign';
import { useJobEditor } from '../../../store/useJobEditor';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { QuantityField } from '../../../ui/fields/QuantityField';

interface SegmentFieldProps {
  readonly circuit: Circuit;
  readonly index: number;
  readonly bare?: boolean;
  readonly className?: string | undefined;
}

/** Length of wire in one segment. */
export function LengthField({ circuit, index, bare = false, className }: SegmentFieldProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  return (
    <QuantityField<Feet>
      label={bare ? `Length, ${segmentSpan(index)}` : 'Length'}
      bare={bare}
      className={className}
      disabled={!canWrite}
      value={feet(circuit.run[index]?.lengthFt ?? 0)}
      print={printLength}
      parse={parseSegmentLength}
      onValue={(lengthFt, key) => {
        replaceCircuit(withSegment(circuit, index, { lengthFt }), `Length ${segmentSpan(index)}`, key);
      }}
    />
  );
}

/** Wiring method of one segment; plain where there is room for its name alone. */
export function MethodField({
  circuit,
  index,
  bare = false,
  className,
  plain = false,
}: SegmentFieldProps & { readonly plain?: boolean }) {
  const { canWrite, replaceCircuit } = useJobEditor();
  return (
    <ChoiceField
      label={bare ? `Method, ${segmentSpan(index)}` : 'Method'}
      bare={bare}
      className={className}
      disabled={!canWrite}
      value={circuit.run[index]?.method ?? 'nm-b'}
      choices={METHOD_IDS.map((id) => ({
        value: id,
        label: METHODS[id].kind === 'cable' && !plain ? `${methodName(id)} cable` : methodName(id),
      }))}
      onChoose={(method) => {
        replaceCircuit(
          withSegment(circuit, index, { method }),
          `${methodName(method)}, ${segmentSpan(index)}`,
        );
      }}
    />
  );
}

/** Place of one segment. */
export function PlaceField({ circuit, index, bare = false, className }: SegmentFieldProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const design = useDesign();
  return (
    <ChoiceField
      label={bare ? `Place, ${segmentSpan(index)}` : 'Place'}
      bare={bare}
      className={className}
      disabled={!canWrite}
      value={circuit.run[index]?.place ?? 'indoor'}
      choices={ENVIRONMENTS.map((place) => ({ value: place, label: environmentName[place] }))}
      onChoose={(place) => {
        replaceCircuit(
          withPlace(circuit, index, place, design),
          `${environmentName[place]}, ${segmentSpan(index)}`,
        );
      }}
    />
  );
}
