import { removeStretch, splitStretch, withStretch } from '../../core/circuit/circuitEdits';
import type { Stretch } from '../../core/circuit/circuitSchema';
import { stationLetter } from '../../core/run/sectionGeometry';
import { parseLength, printLength } from '../../core/units/length';
import { parseNumber, printNumber } from '../../core/units/number';
import { celsius, feet, type Celsius } from '../../core/units/quantity';
import { isRefused, refuse, type Refused } from '../../core/units/refused';
import { parseTemperature, printTemperature } from '../../core/units/temperature';
import type { CircuitView } from '../../store/circuitView';
import { useJobEditor } from '../../store/useJobEditor';
import { QuantityField } from '../../ui/fields/QuantityField';
import classes from './WorkingPane.module.css';

interface StretchDetailsProps {
  readonly view: CircuitView;
  readonly stretch: number;
}

const printHeight = (heightFt: number): string =>
  heightFt < 0 ? `-${printLength(feet(-heightFt))}` : printLength(feet(heightFt));

/** A height above grade; with a minus sign, a depth below it. */
const parseHeight = (text: string): number | Refused => {
  const below = text.trim().startsWith('-');
  const parsed = parseLength(text.trim().replace(/^-/, ''));
  const most = below ? 20 : 60;
  if (isRefused(parsed) || parsed > most)
    return refuse(text, 'a height such as 8 ft, or a depth such as -18 in');
  return below ? -parsed : parsed;
};

const count = { least: 1, most: 60, units: ['conductors'], shown: 'conductors', whole: true };
const degrees = { least: 0, most: 1440, units: ['°', 'deg', 'degrees'], shown: 'degrees' };

/** What else bears on one stretch: heat, company, bends and heights; and cutting it in two. */
export function StretchDetails({ view, stretch: index }: StretchDetailsProps) {
  const { circuit } = view;
  const { canWrite, replaceCircuit } = useJobEditor();
  const stretch = circuit.run[index];
  if (stretch === undefined) return null;
  const span = `${stationLetter(index)} to ${stationLetter(index + 1)}`;
  const set = (change: Partial<Stretch>, what: string, key: string): void => {
    replaceCircuit(withStretch(circuit, index, change), `${what}, ${span}`, key);
  };
  const common = { disabled: !canWrite };
  return (
    <div className={classes['block']}>
      <h3>Stretch {span}</h3>
      <div className={classes['fields']}>
        <QuantityField<Celsius>
          {...common}
          label="Highest ambient"
          value={celsius(stretch.ambientC)}
          print={printTemperature}
          parse={(text) => parseTemperature(text.replace(/\(.*\)/, ''))}
          onValue={(ambientC, key) => {
            set({ ambientC }, 'Ambient', key);
          }}
        />
        <QuantityField<number | null>
          {...common}
          label="Conductors together"
          inputMode="decimal"
          value={stretch.currentCarrying}
          print={(value) => (value === null ? 'only its own' : printNumber(value))}
          parse={(text) => (/^(|only.*)$/.test(text.trim()) ? null : parseNumber(text, count))}
          onValue={(currentCarrying, key) => {
            set({ currentCarrying }, 'Conductors together', key);
          }}
        />
        <QuantityField<number>
          {...common}
          label="Bends"
          inputMode="decimal"
          value={stretch.bendsDeg}
          print={(value) => `${printNumber(value)}°`}
          parse={(text) => parseNumber(text, degrees)}
          onValue={(bendsDeg, key) => {
            set({ bendsDeg }, 'Bends', key);
          }}
        />
        <QuantityField<number>
          {...common}
          label="Runs at height"
          value={stretch.heightFt}
          print={printHeight}
          parse={parseHeight}
          onValue={(heightFt, key) => {
            set({ heightFt }, 'Height', key);
          }}
        />
        <QuantityField<number>
          {...common}
          label={`Station ${stationLetter(index + 1)} at`}
          value={stretch.endHeightFt}
          print={printHeight}
          parse={parseHeight}
          onValue={(endHeightFt, key) => {
            set({ endHeightFt }, 'Height of a station', key);
          }}
        />
      </div>
      <p className={classes['acts']}>
        <button
          type="button"
          className="act"
          disabled={!canWrite}
          onClick={() => {
            const cut = splitStretch(circuit, index, crypto.randomUUID());
            if (cut !== undefined) replaceCircuit(cut, `Split ${span}`);
          }}
        >
          Split this stretch
        </button>
        {circuit.run.length > 1 && (
          <button
            type="button"
            className="act"
            disabled={!canWrite}
            onClick={() => {
              const left = removeStretch(circuit, index);
              if (left !== undefined) replaceCircuit(left, `Remove ${span}`);
            }}
          >
            Remove this stretch
          </button>
        )}
      </p>
    </div>
  );
}
