import { lazy, Suspense } from 'react';
import type { Circuit } from '../../../core/circuit/circuitSchema';
import { withPin } from '../../../core/circuit/edits/circuitEdits';
import { METHODS } from '../../../core/code/methods';
import { parseNumber, printNumber } from '../../../core/units/number';
import { TRADE_SIZES } from '../../../core/units/tradeSize';
import { printWireSize, WIRE_SIZES } from '../../../core/units/wireSize';
import type { FigureKey } from '../../../core/findings/subject';
import type { TerminalMark } from '../../../core/working/step';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { useJobEditor, type JobEditor } from '../../../store/useJobEditor';
import { ChoiceField, type Choice } from '../../../ui/fields/ChoiceField';
import { QuantityField } from '../../../ui/fields/QuantityField';
import type { SiteTopic } from '../../../core/protection/siteQuestions';
import classes from '../working/WorkingPane.module.css';

const PlateFields = lazy(() =>
  import('../../../ui/fields/PlateFields').then((module) => ({ default: module.PlateFields })),
);
const SiteFields = lazy(() =>
  import('../../job/SiteFields').then((module) => ({ default: module.SiteFields })),
);

interface FigureFieldsProps {
  readonly view: CircuitEvaluation;
  readonly figureKey: FigureKey;
}

interface FieldProps {
  readonly view: CircuitEvaluation;
  readonly editor: JobEditor;
}

const FREE = 'free';

/** How a figure that is set is called: of an existing circuit it was found. */
const setWords = ({ existing }: Circuit) =>
  existing === null
    ? { free: (chosen: string) => `${chosen}, sized by Pasture`, set: 'set by hand' }
    : { free: () => 'Not recorded', set: 'as found' };

/** Choices of a pin: Pasture's own first, then every size that may be pinned. */
const pinChoices = <T extends string>(
  circuit: Circuit,
  chosen: string,
  sizes: readonly T[],
  print: (size: T) => string,
): Choice<T | 'free'>[] => {
  const words = setWords(circuit);
  return [
    { value: FREE, label: words.free(chosen) },
    ...sizes.map((size) => ({ value: size, label: `${print(size)}, ${words.set}` })),
  ];
};

const MARKS: readonly Choice<TerminalMark>[] = [
  { value: 'unmarked', label: 'Not seen: 60 °C' },
  { value: 60, label: '60 °C' },
  { value: 75, label: '75 °C marked' },
];

function LoadFields({ view, editor }: FieldProps) {
  const { circuit } = view;
  return (
    <div className={`${classes['fields']} ${classes['wide']}`}>
      <Suspense>
        <PlateFields
          appliance={circuit.appliance}
          disabled={!editor.canWrite}
          onAppliance={(appliance, key) => {
            editor.replaceCircuit({ ...circuit, appliance }, 'Nameplate', key);
          }}
        />
      </Suspense>
    </div>
  );
}

function BreakerFields({ view, editor }: FieldProps) {
  const { circuit, solved, context } = view;
  const chosen = solved.figures.ocpd.ratingA;
  const words = setWords(circuit);
  const ratings = context.code.tables.standardOcpd.ratings.filter((rating) => rating >= 15 && rating <= 400);
  return (
    <div className={classes['fields']}>
      <ChoiceField
        label="Breaker"
        value={circuit.pins.ocpdA ?? 0}
        disabled={!editor.canWrite}
        choices={[
          {
            value: 0,
            label:
              circuit.pins.ocpdA === undefined ? words.free(`${printNumber(chosen)} A`) : words.free('Sized'),
          },
          ...ratings.map((rating) => ({ value: rating, label: `${rating} A, ${words.set}` })),
        ]}
        onChoose={(rating) => {
          editor.replaceCircuit(
            withPin(circuit, 'ocpdA', rating === 0 ? undefined : rating),
            rating === 0 ? 'Breaker sized by Pasture' : `${rating} A set by hand`,
          );
        }}
      />
    </div>
  );
}

function ConductorFields({ view, editor }: FieldProps) {
  const { circuit, solved } = view;
  const { pins } = circuit;
  const set = (change: Partial<Circuit>, label: string): void => {
    editor.replaceCircuit({ ...circuit, ...change }, label);
  };
  const mark = (end: 'panel' | 'load', label: string) => (
    <ChoiceField
      label={label}
      value={circuit.terminals[end]}
      choices={MARKS}
      disabled={!editor.canWrite}
      onChoose={(value) => {
        set({ terminals: { ...circuit.terminals, [end]: value } }, `${label}: ${value}`);
      }}
    />
  );
  return (
    <div className={classes['fields']}>
      <ChoiceField
        label="Size"
        value={pins.size ?? FREE}
        disabled={!editor.canWrite}
        choices={pinChoices(
          circuit,
          pins.size === undefined ? printWireSize(solved.figures.size) : 'Least that holds',
          WIRE_SIZES,
          printWireSize,
        )}
        onChoose={(size) => {
          editor.replaceCircuit(
            withPin(circuit, 'size', size === FREE ? undefined : size),
            size === FREE ? 'Conductor sized by Pasture' : `${printWireSize(size)} set by hand`,
          );
        }}
      />
      <ChoiceField
        label="Metal"
        value={circuit.material}
        disabled={!editor.canWrite}
        choices={[
          { value: 'cu', label: 'Copper' },
          { value: 'al', label: 'Aluminum' },
        ]}
        onChoose={(material) => {
          set({ material }, material === 'cu' ? 'Copper' : 'Aluminum');
        }}
      />
      {mark('panel', 'Panel lugs')}
      {mark('load', 'Load lugs')}
    </div>
  );
}

function GroundFields({ view, editor }: FieldProps) {
  const { circuit, solved } = view;
  const chosen = circuit.pins.egc === undefined ? printWireSize(solved.figures.groundTaken) : 'As needed';
  return (
    <div className={classes['fields']}>
      <ChoiceField
        label="Ground"
        value={circuit.pins.egc ?? FREE}
        disabled={!editor.canWrite}
        choices={pinChoices(circuit, chosen, WIRE_SIZES, printWireSize)}
        onChoose={(size) => {
          editor.replaceCircuit(
            withPin(circuit, 'egc', size === FREE ? undefined : size),
            size === FREE ? 'Ground sized by Pasture' : `${printWireSize(size)} ground set by hand`,
          );
        }}
      />
    </div>
  );
}

function RacewayFields({ view, editor }: FieldProps) {
  const { circuit, solved } = view;
  if (!circuit.run.some(({ method }) => METHODS[method].kind === 'raceway')) return null;
  const chosen = circuit.pins.trade === undefined ? (solved.figures.raceway?.taken ?? '') : 'By fill';
  return (
    <div className={classes['fields']}>
      <ChoiceField
        label="Trade size"
        value={circuit.pins.trade ?? FREE}
        disabled={!editor.canWrite}
        choices={pinChoices(circuit, chosen, TRADE_SIZES, (trade) => trade)}
        onChoose={(trade) => {
          editor.replaceCircuit(
            withPin(circuit, 'trade', trade === FREE ? undefined : trade),
            trade === FREE ? 'Raceway sized by Pasture' : `${trade} set by hand`,
          );
        }}
      />
      <ChoiceField
        label="Conductors"
        value={circuit.insulation}
        disabled={!editor.canWrite}
        choices={[
          { value: 'THWN-2', label: 'THWN-2' },
          { value: 'XHHW-2', label: 'XHHW-2' },
        ]}
        onChoose={(insulation) => {
          editor.replaceCircuit({ ...circuit, insulation }, insulation);
        }}
      />
    </div>
  );
}

function DropFields({ view, editor }: FieldProps) {
  const { circuit } = view;
  return (
    <div className={classes['fields']}>
      <QuantityField<number | null>
        label="Limit"
        value={circuit.maxDropPct}
        disabled={!editor.canWrite}
        inputMode="decimal"
        help="Empty: the conductor is not raised."
        print={(value) => (value === null ? '' : `${printNumber(value)} %`)}
        parse={(text) =>
          text.trim() === '' ? null : parseNumber(text, { min: 0.5, max: 20, units: ['%'], shown: '%' })
        }
        onValue={(maxDropPct, key) => {
          editor.replaceCircuit({ ...circuit, maxDropPct }, 'Limit of the drop', key);
        }}
      />
    </div>
  );
}

/** What is measured and seen where the appliance stands, of some topics. */
function SiteFieldRow({
  view,
  topics,
}: {
  readonly view: CircuitEvaluation;
  readonly topics: readonly SiteTopic[];
}) {
  return (
    <div className={`${classes['fields']} ${classes['wide']}`}>
      {topics.map((topic) => (
        <Suspense key={topic}>
          <SiteFields view={view} topic={topic} />
        </Suspense>
      ))}
    </div>
  );
}

/** The fields that belong to one figure: its plate, its pin, its terminals, its limit. */
export function FigureFields({ view, figureKey }: FigureFieldsProps) {
  const editor = useJobEditor();
  const props = { view, editor };
  switch (figureKey) {
    case 'load':
      return <LoadFields {...props} />;
    case 'breaker':
      return <BreakerFields {...props} />;
    case 'conductor':
      return <ConductorFields {...props} />;
    case 'ground':
      return <GroundFields {...props} />;
    case 'raceway':
      return <RacewayFields {...props} />;
    case 'drop':
      return <DropFields {...props} />;
    case 'disconnect':
      return <SiteFieldRow view={view} topics={['disconnect']} />;
    case 'protection':
      return <SiteFieldRow view={view} topics={['place', 'protection']} />;
  }
}
