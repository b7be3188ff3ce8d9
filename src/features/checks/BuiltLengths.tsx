import { stationLetter } from '../../core/circuit/stations';
import type { Circuit } from '../../core/circuit/circuitSchema';
import { parseSegmentLength } from '../../core/circuit/segmentLength';
import type { CircuitCheck } from '../../core/checks/checksDocument';
import { printLength } from '../../core/units/length';
import { feet } from '../../core/units/quantity';
import { QuantityField } from '../../ui/fields/QuantityField';
import { useCheckEditor } from './useCheckEditor';
import { useJobEditor } from '../../store/useJobEditor';
import classes from './checks.module.css';

interface BuiltLengthsProps {
  readonly check: CircuitCheck;
  readonly circuit: Circuit;
}

/** The lengths of a circuit as built: bands and print follow them at once, the plan where it is asked to. */
export function BuiltLengths({ check, circuit }: BuiltLengthsProps) {
  const { canWrite, change } = useCheckEditor(circuit.id);
  const { replaceCircuit } = useJobEditor();
  const builtFt = new Map(check.built.map(({ segment, lengthFt }) => [segment, lengthFt]));
  const differs = circuit.run.some(({ id, lengthFt }) => (builtFt.get(id) ?? lengthFt) !== lengthFt);
  return (
    <section className={classes['built']} aria-label="As built">
      <h2>As built</h2>
      <ul>
        {circuit.run.map(({ id, lengthFt }, at) => {
          const name = `${stationLetter(at)} to ${stationLetter(at + 1)}`;
          return (
            <li key={id}>
              <QuantityField<number | null>
                label={`${name}: length as built`}
                help={`Planned ${printLength(feet(lengthFt))}`}
                value={builtFt.get(id) ?? null}
                disabled={!canWrite}
                inputMode="decimal"
                print={(value) => (value === null ? '' : printLength(feet(value)))}
                parse={(text) => (text.trim() === '' ? null : parseSegmentLength(text))}
                onValue={(value, mergeKey) => {
                  change(
                    (now) => {
                      const others = now.built.filter(({ segment }) => segment !== id);
                      return {
                        built: value === null ? others : [...others, { segment: id, lengthFt: value }],
                      };
                    },
                    `Length as built, ${name}`,
                    mergeKey,
                  );
                }}
              />
            </li>
          );
        })}
      </ul>
      {differs && (
        <button
          type="button"
          className="act"
          disabled={!canWrite}
          onClick={() => {
            const run = circuit.run.map((segment) => ({
              ...segment,
              lengthFt: builtFt.get(segment.id) ?? segment.lengthFt,
            }));
            replaceCircuit({ ...circuit, run }, 'Lengths as built in the plan');
          }}
        >
          Put these lengths in the plan
        </button>
      )}
    </section>
  );
}
