import type { CircuitCheck } from '../../core/checks/checksDocument';
import { INSULATION_MOHM, RISE_K, skippedBefore, TRIP_MA, type Proof } from '../../core/checks/proofSteps';
import type { Job } from '../../core/job/jobSchema';
import { parseNumber, printNumber as n } from '../../core/units/number';
import { LEFT_NAME, skippedWords } from '../../core/wording/checkWords';
import { CheckField } from '../../ui/fields/CheckField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { useCheckEditor } from './useCheckEditor';
import classes from './checks.module.css';

interface ProofPaneProps {
  readonly job: Job;
  readonly circuitId: string;
  readonly steps: readonly Proof[];
  readonly groundLimitOhms: number;
  readonly hasGfci: boolean;
}

type NumberField = 'insulationMohm' | 'groundOhms' | 'loadA' | 'tripMa' | 'riseC';

/** A figure of the proof, with what it should be. */
function Figure({
  job,
  circuitId,
  field,
  label,
  unit,
  help,
}: Pick<ProofPaneProps, 'job' | 'circuitId'> & {
  readonly field: NumberField;
  readonly label: string;
  readonly unit: string;
  readonly help: string;
}) {
  const { canWrite, check, put } = useCheckEditor(job, circuitId);
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
        put({ [field]: value }, label, mergeKey);
      }}
    />
  );
}

const PROOF_OF_TESTER = [
  ['before', 'Tester on a known source'],
  ['dead', 'On the conductors'],
  ['after', 'On the source again'],
] as const;

/** Live, dead, live: three readings of one tester. */
function LiveDeadLive({ job, circuitId }: Pick<ProofPaneProps, 'job' | 'circuitId'>) {
  const { canWrite, check, put } = useCheckEditor(job, circuitId);
  const { dead } = check;
  return (
    <fieldset className={classes['three']}>
      <legend>Live, dead, live: volts</legend>
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
            const before: NonNullable<CircuitCheck['dead']> = dead ?? { before: 0, dead: 0, after: 0 };
            put({ dead: { ...before, [which]: value ?? 0 } }, label, mergeKey);
          }}
        />
      ))}
    </fieldset>
  );
}

/** How the circuit is left, with the note for the next trade. */
function LeftSo({ job, circuitId, steps }: ProofPaneProps) {
  const { canWrite, check, put } = useCheckEditor(job, circuitId);
  const skipped = skippedWords(skippedBefore(steps, 'left'));
  const isOut = steps.some(({ state }) => state === 'out');
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
          put({ left }, 'How it is left');
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
          put({ note }, 'Note for the next trade');
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

/** A GFCI by its own button, and by a tester. */
function GroundFault({ job, circuitId }: Pick<ProofPaneProps, 'job' | 'circuitId'>) {
  const { canWrite, check, put } = useCheckEditor(job, circuitId);
  const of = { job, circuitId };
  return (
    <>
      <CheckField
        label="GFCI trips by its own button"
        checked={check.button === true}
        disabled={!canWrite}
        onCheck={(button) => {
          put({ button }, 'GFCI by its button');
        }}
      />
      <Figure
        {...of}
        field="tripMa"
        label="GFCI trips at, mA"
        unit="mA"
        help={`${TRIP_MA.low} to ${TRIP_MA.high}. Load neutral on the device, pigtail on the bar: or it trips at the first load.`}
      />
    </>
  );
}

/** What is proved besides the voltages: dead first, in the order of the proof. */
export function ProofPane(props: ProofPaneProps) {
  const { job, circuitId, groundLimitOhms, hasGfci } = props;
  const { canWrite, check, put } = useCheckEditor(job, circuitId);
  const of = { job, circuitId };
  return (
    <section className={classes['proof']} aria-label="Order of proof">
      <h2>Order of proof</h2>
      <CheckField
        label="Off, locked, tagged"
        checked={check.off}
        disabled={!canWrite}
        onCheck={(off) => {
          put({ off }, 'Off, locked, tagged');
        }}
      />
      <LiveDeadLive {...of} />
      <Figure
        {...of}
        field="insulationMohm"
        label="Insulation, Mohm at 500 V"
        unit="Mohm"
        help={`${INSULATION_MOHM.good} or more; below ${INSULATION_MOHM.fail} it fails. Electronics and GFCI disconnected.`}
      />
      <Figure
        {...of}
        field="groundOhms"
        label="Ground, end to end, ohm"
        unit="ohm"
        help={`At most ${n(groundLimitOhms, 2)}`}
      />
      <Figure
        {...of}
        field="loadA"
        label="Current with the load on, A"
        unit="A"
        help="Clamped: the bands under load follow it"
      />
      {hasGfci && <GroundFault {...of} />}
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
