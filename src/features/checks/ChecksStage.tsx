import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { CircuitReport } from '../../core/checks/circuitReport';
import type { Proof } from '../../core/checks/proofSteps';
import type { CheckEvaluation } from '../../core/job/evaluation';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { sourcesOf } from '../../core/panel/secondSources';
import { printNumber as n } from '../../core/units/number';
import { LIVE_CAUTION } from '../../core/wording/cautions';
import { CHECKS_CAUTION } from '../../core/wording/footCautions';
import { PROOF_NAME, proofState } from '../../core/wording/checkWords';
import { counted } from '../../core/wording/words';
import { useDiagnosis } from '../../store/checks/useDiagnosis';
import { evaluationOf } from '../../store/evaluation';
import { DangerList } from '../../ui/marks/DangerList';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { useReadyJob } from '../job/JobPage';
import { StageFrame } from '../job/StageFrame';
import { BuiltLengths } from './BuiltLengths';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { useJobEditor } from '../../store/useJobEditor';
import { findingSentence } from '../../core/wording/findings';
import { CircuitLadder, stationsOf } from './CircuitLadder';
import { DiagnosisPane } from './DiagnosisPane';
import { MergePane } from './MergePane';
import { ProofPane } from './ProofPane';
import { ReadingsGrid } from './ReadingsGrid';
import { StationPhotos } from './StationPhotos';
import { TorqueLog } from './TorqueLog';
import { TracePane } from './TracePane';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './checks.module.css';

/** Everything that the page of one circuit shows. */
interface Shown {
  readonly evaluation: JobEvaluation;
  readonly each: CircuitEvaluation;
  readonly own: CheckEvaluation;
  readonly report: CircuitReport;
}

/** How a circuit stands in the list. */
function markOf(steps: readonly Proof[]): 'stop' | 'check' | 'ok' | 'nothing' {
  if (steps.some(({ state }) => state === 'out')) return 'stop';
  if (steps.every(({ state }) => state === 'ok' || state === 'not-asked')) return 'ok';
  return steps.some(({ state }) => state !== 'open' && state !== 'not-asked') ? 'check' : 'nothing';
}

/** The circuits, each with how far its proof is. */
function CircuitList({
  evaluation,
  picked,
  onPick,
}: {
  readonly evaluation: JobEvaluation;
  readonly picked: string;
  readonly onPick: (id: string) => void;
}) {
  return (
    <ol className={columnClass('rows')} aria-label="Circuits, proved">
      {evaluation.circuits
        .filter(({ circuit }) => circuit.existing === null)
        .map((each, at) => {
          const steps = evaluation.check(each.circuit.id)?.steps ?? [];
          const [done, of] = [
            steps.reduce((sum, step) => sum + step.done, 0),
            steps.reduce((sum, step) => sum + step.of, 0),
          ];
          return (
            <li key={each.circuit.id} data-picked={each.circuit.id === picked || undefined}>
              <button
                type="button"
                aria-pressed={each.circuit.id === picked}
                onClick={() => {
                  onPick(each.circuit.id);
                }}
              >
                <span className="fig">{at + 1}</span>
                <b>{each.circuit.name}</b>
                <span className="fig">
                  {done}/{of}
                </span>
                <SeverityShape severity={markOf(steps)} size={11} />
              </button>
            </li>
          );
        })}
    </ol>
  );
}

/** The steps of the proof, each with how far it is. */
function StepList({ steps }: { readonly steps: readonly Proof[] }) {
  return (
    <ol className={classes['steps']} aria-label="Steps of the proof">
      {steps.map((step, at) => (
        <li key={step.step} data-state={step.state}>
          <span className="fig">{at + 1}</span>
          <span>{PROOF_NAME[step.step]}</span>
          <span className="fig">{proofState(step)}</span>
        </li>
      ))}
    </ol>
  );
}

const TESTERS = [
  { value: 'not-known', label: 'Not known: what either shows is told' },
  { value: 'low-z', label: 'Low impedance, about 10 kilohm' },
  { value: 'high-z', label: 'High impedance, megohms' },
] as const;

/** The tester by its impedance: asked once for the whole job. */
function Tester({ hasGfci }: { readonly hasGfci: boolean }) {
  const { job } = useReadyJob();
  const { edit, canWrite } = useJobEditor();
  return (
    <ChoiceField<(typeof TESTERS)[number]['value']>
      label="Tester"
      value={job.meter ?? 'not-known'}
      choices={TESTERS}
      disabled={!canWrite}
      help={
        job.meter === 'low-z' && hasGfci
          ? 'Low impedance from hot to ground draws 12 mA and trips a GFCI: reset it before a 0 counts'
          : undefined
      }
      onChoose={(meter) => {
        edit({ kind: 'change-job', fields: { meter: meter === 'not-known' ? null : meter } }, 'Tester');
      }}
    />
  );
}

/** Figures of the proof that are out of their limits, above all readings. */
function FailedTests({ own }: Pick<Shown, 'own'>) {
  const failed = own.findings.filter(({ code }) => code === 'check.figure');
  if (failed.length === 0) return null;
  return (
    <div className={classes['dangers']} role="alert" aria-label="Failed tests">
      <ul>
        {failed.map((finding) => (
          <li key={findingSentence(finding)}>
            <SeverityShape severity={finding.severity === 'stop' ? 'stop' : 'check'} size={13} />{' '}
            <b>{findingSentence(finding)}</b>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** The readings of one circuit, and what they say. */
function Readings(props: Shown) {
  const { evaluation, each, own, report } = props;
  const diagnosis = useDiagnosis(report, own.check);
  const stations = stationsOf({ circuit: each.circuit, report });
  const [station, setStation] = useState(stations.at(-1)?.letter ?? 'A');
  const shown = stations.some(({ letter }) => letter === station) ? station : 'A';
  return (
    <section className={columnClass('middle', classes['middle'])} aria-label="Readings">
      <header>
        <h1>{each.circuit.name}</h1>
        <span className="second">
          {n(each.solved.figures.ocpd.ratingA)} A, {each.solved.figures.ocpd.poles}-pole;{' '}
          {counted(report.expected.length, 'reading')}
        </span>
      </header>
      <DangerList dangers={report.dangers} />
      <FailedTests own={own} />
      <CircuitLadder circuit={each.circuit} report={report} diagnosis={diagnosis} />
      <div className={classes['tabs']} role="group" aria-label="Station">
        {stations.map(({ letter, name }) => (
          <button
            key={letter}
            type="button"
            aria-pressed={letter === shown}
            onClick={() => {
              setStation(letter);
            }}
          >
            {letter} {name}
          </button>
        ))}
      </div>
      {diagnosis !== null && <DiagnosisPane circuitId={each.circuit.id} own={own} diagnosis={diagnosis} />}
      <p className="second">{LIVE_CAUTION}</p>
      <Tester hasGfci={each.solved.figures.outlet.gfci.form !== 'none'} />
      <ReadingsGrid
        circuitId={each.circuit.id}
        expected={report.expected}
        predicted={diagnosis?.predicted ?? []}
        stations={stations}
        shown={shown}
      />
      <StationPhotos jobId={evaluation.job.id} circuit={each.circuit} stations={stations} shown={shown} />
    </section>
  );
}

function Side({ evaluation: { job }, each, own, report }: Shown) {
  const { circuit, solved } = each;
  return (
    <aside className={columnClass('side', classes['side'])} aria-label="Proof">
      <ProofPane
        check={own.check}
        steps={own.steps}
        groundLimitOhms={report.groundLimitOhms}
        isDangerous={report.dangers.length > 0}
        hasGfci={solved.figures.outlet.gfci.form !== 'none'}
        gfci={own.gfci}
        sources={sourcesOf(job.panels)}
      />
      <TracePane check={own.check} network={report.network} />
      {own.wired !== null && (
        <TorqueLog jobId={job.id} check={own.check} terminals={own.terminals} from={own.wired.torqueFrom} />
      )}
      <BuiltLengths check={own.check} circuit={circuit} />
      <MergePane job={job} />
    </aside>
  );
}

function Foot({ out }: { readonly out: number }) {
  return (
    <>
      <span>
        {out === 0
          ? 'No reading and no test out of its limits'
          : `${counted(out, 'circuit')} with a reading or test out of its limits`}
      </span>
      <span className="second">{CHECKS_CAUTION}</span>
    </>
  );
}

/** The finished work proved, circuit by circuit, and what is wrong by what the tester shows. */
export function ChecksStage() {
  const { job } = useReadyJob();
  const evaluation = evaluationOf(job);
  const planned = evaluation.circuits.filter(({ circuit }) => circuit.existing === null);
  const [asked] = useSearchParams();
  const [chosen, setChosen] = useState<string | null>(asked.get('circuit'));
  const picked = chosen ?? evaluation.readOut[0] ?? planned[0]?.circuit.id ?? '';
  const each = evaluation.circuit(picked);
  const own = evaluation.check(picked);
  const report = own?.report ?? null;
  return (
    <StageFrame
      current="checks"
      board={planned.length === 0 ? null : classes['board']}
      foot={<Foot out={evaluation.readOut.length} />}
    >
      {planned.length === 0 ? (
        <div className={columnClass('empty')}>
          <h1>Nothing to prove yet</h1>
          <p>Size a circuit and its readings stand here, each with its band. Prove the tester first.</p>
        </div>
      ) : (
        <>
          <nav className={columnClass('list', classes['list'])} aria-label="Circuits">
            <CircuitList evaluation={evaluation} picked={picked} onPick={setChosen} />
            <StepList steps={own?.steps ?? []} />
          </nav>
          {each === undefined || own === undefined || report === null ? (
            <p className={columnClass('empty')}>
              No conductor is sized for this circuit, or it has three phases: it is not read here.
            </p>
          ) : (
            <>
              <Readings key={picked} evaluation={evaluation} each={each} own={own} report={report} />
              <Side key={`${picked} side`} evaluation={evaluation} each={each} report={report} own={own} />
            </>
          )}
        </>
      )}
    </StageFrame>
  );
}
