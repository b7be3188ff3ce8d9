import type { CircuitCheck } from '../../core/checks/checksDocument';
import { nextGfciTest, type GfciCandidate } from '../../core/checks/gfciFaults';
import {
  DEAD_V,
  INSULATION_MOHM,
  RISE_K,
  skippedBefore,
  TRIP_MA,
  type Proof,
} from '../../core/checks/proofSteps';
import { parseNumber, printNumber as n } from '../../core/units/number';
import { sourceName } from '../../core/wording/panelWords';
import { PROVED_DEAD } from '../../core/wording/cautions';
import { GFCI_TEST, gfciWords, LEFT_NAME, skippedWords } from '../../core/wording/checkWords';
import { CheckField } from '../../ui/fields/CheckField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { useCheckEditor } from './useCheckEditor';
import classes from './checks.module.css';

interface ProofPaneProps {
  readonly check: CircuitCheck;
  readonly steps: readonly Proof[];
  readonly groundLimitOhms: number;
  /** Whether the readings bear a danger by themselves. */
  readonly isDangerous: boolean;
  readonly hasGfci: boolean;
  /** What feeds the house besides the utility. */
  readonly sources: readonly string[];
  /** What explains what was observed of the GFCI. */
  readonly gfci: readonly GfciCandidate[];
}

type NumberField = 'insulationMohm' | 'groundOhms' | 'loadA' | 'tripMa' | 'trippedV' | 'riseC';

/** A figure of the proof, with what it should be. */
function Figure({
  check,
  field,
  label,
  unit,
  help,
}: Pick<ProofPaneProps, 'check'> & {
  readonly field: NumberField;
  readonly label: string;
  readonly unit: string;
  readonly help: string;
}) {
  const { canWrite, change } = useCheckEditor(check.id);
  return (
    <QuantityField<number | null>
      label={label}
      help={help}
      value={check[field]}
      disabled={!canWrite}
      inputMode="decimal"
      print={(value) => (value === null ? '' : n(value, 2))}
      parse={(text) =>
        text.trim() === '' ? null : parseNumber(text, { min: 0, max: 100_000, units: [unit], shown: unit })
      }
      onValue={(value, mergeKey) => {
        change(() => ({ [field]: value }), label, mergeKey);
      }}
    />
  );
}

const PROOF_OF_TESTER = [
  ['before', 'Tester on a known source'],
  ['dead', 'On the conductors, the most'],
  ['after', 'On the source again'],
] as const;

/** Live, dead, live: three readings of one tester. */
function LiveDeadLive({ check, sources }: Pick<ProofPaneProps, 'check' | 'sources'>) {
  const { canWrite, change } = useCheckEditor(check.id);
  const { dead } = check;
  return (
    <fieldset className={classes['three']}>
      <legend>Live, dead, live: volts</legend>
      <p className="second">
        {PROVED_DEAD}
        {sources.length > 0 && ` Sources: utility, ${sources.map(sourceName).join(', ')}.`}
      </p>
      {PROOF_OF_TESTER.map(([which, label]) => (
        <QuantityField<number | null>
          key={which}
          label={label}
          value={dead?.[which] ?? null}
          disabled={!canWrite}
          inputMode="decimal"
          print={(value) => (value === null ? '' : n(value, 1))}
          parse={(text) =>
            text.trim() === '' ? null : parseNumber(text, { min: 0, max: 1000, units: ['v'], shown: 'volts' })
          }
          onValue={(value, mergeKey) => {
            change(
              ({ dead: was }) => ({
                dead: { before: null, dead: null, after: null, ...was, [which]: value },
              }),
              label,
              mergeKey,
            );
          }}
        />
      ))}
    </fieldset>
  );
}

/** How the circuit is left, with the note for the next trade. */
function LeftSo({ check, steps, isDangerous }: ProofPaneProps) {
  const { canWrite, change } = useCheckEditor(check.id);
  const skipped = skippedWords(skippedBefore(steps, 'left'));
  const isOut = isDangerous || steps.some(({ state }) => state === 'out');
  return (
    <>
      <ChoiceField<CircuitCheck['left']>
        label="How it is left"
        value={check.left}
        disabled={!canWrite}
        choices={(['open', 'on', 'locked'] as const)
          .filter((value) => value !== 'on' || !isOut || check.left === 'on')
          .map((value) => ({ value, label: LEFT_NAME[value] }))}
        onChoose={(left) => {
          change(() => ({ left }), 'How it is left');
        }}
      />
      {isOut && <p className="second">A reading is out: it can be left off and locked only.</p>}
      {check.left !== 'open' && skipped !== '' && <p role="alert">{skipped}</p>}
      <TextField
        label="Note for the next trade"
        value={check.note}
        maxLength={500}
        disabled={!canWrite}
        onText={(note) => {
          change(() => ({ note }), 'Note for the next trade');
        }}
      />
      {check.left === 'locked' && (
        <p className={classes['tag']}>
          <b>Off, locked.</b> Do not energize. {check.note}
        </p>
      )}
    </>
  );
}

type Trips = 'not-tried' | 'no' | 'yes';

const TRIPS_ON_LOAD: readonly { readonly value: Trips; readonly label: string }[] = [
  { value: 'not-tried', label: 'Not tried' },
  { value: 'no', label: 'It holds' },
  { value: 'yes', label: 'It trips' },
];

/** What explains what was observed of a GFCI, and what is tried next. */
function GfciCauses({ check, gfci }: Pick<ProofPaneProps, 'check' | 'gfci'>) {
  const next = nextGfciTest(gfci, check);
  return (
    <>
      {gfci.length > 0 && (
        <ul className={classes['gfci']} role="alert" aria-label="What explains the GFCI">
          {gfci.map((each) => (
            <li key={gfciWords(each)}>{gfciWords(each)}.</li>
          ))}
        </ul>
      )}
      {next !== null && (
        <p role="status">
          <b>Next:</b> {GFCI_TEST[next]}
        </p>
      )}
    </>
  );
}

/** A GFCI by its own button, by a tester, by what is left past it, and as the load comes on. */
function GroundFault({ check, gfci }: Pick<ProofPaneProps, 'check' | 'gfci'>) {
  const { canWrite, change } = useCheckEditor(check.id);
  const of = { check };
  const { tripsOnLoad } = check;
  return (
    <>
      <CheckField
        label="GFCI trips by its own button"
        checked={check.button === true}
        disabled={!canWrite}
        onCheck={(button) => {
          change(() => ({ button }), 'GFCI by its button');
        }}
      />
      <Figure
        {...of}
        field="tripMa"
        label="GFCI trips at, mA"
        unit="mA"
        help={`${TRIP_MA.low} to ${TRIP_MA.high} by the tester`}
      />
      <Figure
        {...of}
        field="trippedV"
        label="Past it while it is tripped, V"
        unit="V"
        help={`Under ${DEAD_V}: more, and line and load are reversed`}
      />
      <ChoiceField<Trips>
        label="As the load comes on"
        value={tripsOnLoad === null ? 'not-tried' : tripsOnLoad ? 'yes' : 'no'}
        choices={TRIPS_ON_LOAD}
        disabled={!canWrite}
        help="Load neutral on the device, pigtail on the bar: or it trips now"
        onChoose={(trips) => {
          change(
            () => ({ tripsOnLoad: trips === 'not-tried' ? null : trips === 'yes' }),
            'GFCI as the load comes on',
          );
        }}
      />
      <ChoiceField<Trips>
        label="With the load disconnected"
        value={check.tripsAlone === null ? 'not-tried' : check.tripsAlone ? 'yes' : 'no'}
        choices={TRIPS_ON_LOAD}
        disabled={!canWrite}
        onChoose={(trips) => {
          change(
            () => ({ tripsAlone: trips === 'not-tried' ? null : trips === 'yes' }),
            'GFCI with the load disconnected',
          );
        }}
      />
      <GfciCauses check={check} gfci={gfci} />
    </>
  );
}

/** What is proved besides the voltages: dead first, in the order of the proof. */
export function ProofPane(props: ProofPaneProps) {
  const { check, groundLimitOhms, hasGfci, gfci, sources } = props;
  const { canWrite, change } = useCheckEditor(check.id);
  const of = { check };
  return (
    <section className={classes['proof']} aria-label="Order of proof">
      <h2>Order of proof</h2>
      <CheckField
        label="Off at every source, locked, tagged"
        checked={check.off}
        disabled={!canWrite}
        onCheck={(off) => {
          change(() => ({ off }), 'Off, locked, tagged');
        }}
      />
      <LiveDeadLive {...of} sources={sources} />
      <Figure
        {...of}
        field="insulationMohm"
        label="Insulation, Mohm at 500 V"
        unit="Mohm"
        help={`${INSULATION_MOHM.good} or more; below ${INSULATION_MOHM.fail} it fails. Neutral lifted; surge devices, electronics and GFCI off; nobody at the far end. Discharge after.`}
      />
      <Figure
        {...of}
        field="groundOhms"
        label="Ground, end to end, ohm"
        unit="ohm"
        help={`At most ${n(groundLimitOhms, 2)}. Lift the neutral first: one that touches ground reads the same.`}
      />
      <Figure
        {...of}
        field="loadA"
        label="Current with the load on, A"
        unit="A"
        help="Clamped: the bands under load follow it"
      />
      {hasGfci && <GroundFault {...of} gfci={gfci} />}
      <Figure
        {...of}
        field="riseC"
        label="Terminal over ambient after an hour, K"
        unit="K"
        help={`At most ${RISE_K}`}
      />
      <LeftSo {...props} />
    </section>
  );
}
