import { withPlace, withStretch } from '../../core/circuit/edits/circuitEdits';
import type { Circuit } from '../../core/circuit/circuitSchema';
import { METHOD_IDS, METHODS, PLACES } from '../../core/code/methods';
import { stretchSpan } from '../../core/circuit/stations';
import { parseLength, printLength } from '../../core/units/length';
import { feet, type Feet } from '../../core/units/quantity';
import { isRefused, refuse, type Refused } from '../../core/units/refused';
import { methodName, placeName } from '../../core/wording/words';
import { useDesign } from '../../store/useDesign';
import { useJobEditor } from '../../store/useJobEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { QuantityField } from '../../ui/fields/QuantityField';

interface StretchFieldProps {
  readonly circuit: Circuit;
  readonly index: number;
  readonly bare?: boolean;
  readonly className?: string | undefined;
}

const LEAST_FT = 1;
const MOST_FT = 2000;

/** A length that a stretch may have. */
export const parseStretchLength = (text: string): Feet | Refused => {
  const parsed = parseLength(text);
  if (isRefused(parsed)) return parsed;
  return parsed < LEAST_FT || parsed > MOST_FT
    ? refuse(text, `a length from ${LEAST_FT} to ${MOST_FT} ft, such as 62 ft or 12'6"`)
    : parsed;
};

/** Length of wire in one stretch. */
export function LengthField({ circuit, index, bare = false, className }: StretchFieldProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  return (
    <QuantityField<Feet>
      label={bare ? `Length, ${stretchSpan(index)}` : 'Length'}
      bare={bare}
      className={className}
      disabled={!canWrite}
      value={feet(circuit.run[index]?.lengthFt ?? 0)}
      print={printLength}
      parse={parseStretchLength}
      onValue={(lengthFt, key) => {
        replaceCircuit(withStretch(circuit, index, { lengthFt }), `Length ${stretchSpan(index)}`, key);
      }}
    />
  );
}

/** Wiring method of one stretch; plain where there is room for its name alone. */
export function MethodField({
  circuit,
  index,
  bare = false,
  className,
  plain = false,
}: StretchFieldProps & { readonly plain?: boolean }) {
  const { canWrite, replaceCircuit } = useJobEditor();
  return (
    <ChoiceField
      label={bare ? `Method, ${stretchSpan(index)}` : 'Method'}
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
          withStretch(circuit, index, { method }),
          `${methodName(method)}, ${stretchSpan(index)}`,
        );
      }}
    />
  );
}

/** Place of one stretch. */
export function PlaceField({ circuit, index, bare = false, className }: StretchFieldProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const design = useDesign();
  return (
    <ChoiceField
      label={bare ? `Place, ${stretchSpan(index)}` : 'Place'}
      bare={bare}
      className={className}
      disabled={!canWrite}
      value={circuit.run[index]?.place ?? 'indoor'}
      choices={PLACES.map((place) => ({ value: place, label: placeName[place] }))}
      onChoose={(place) => {
        replaceCircuit(
          withPlace(circuit, index, place, design),
          `${placeName[place]}, ${stretchSpan(index)}`,
        );
      }}
    />
  );
}
