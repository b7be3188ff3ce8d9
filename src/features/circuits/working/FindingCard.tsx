import { withAnswer } from '../../../core/circuit/edits/circuitEdits';
import { isAnswered } from '../../../core/circuit/severities';
import { printPriceChange } from '../../../core/units/money';
import { findingSentence } from '../../../core/wording/findings';
import { remedyWords } from '../../../core/wording/remedies';
import { severityWord } from '../../../core/wording/words';
import type { AnyFinding } from '../../../core/findings/finding';
import type { CircuitView } from '../../../store/circuitView';
import { remediesOf } from '../../../store/remedies';
import { useJobEditor } from '../../../store/useJobEditor';
import { AnswerField } from '../../../ui/fields/AnswerField';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import classes from './WorkingPane.module.css';

interface FindingCardProps {
  readonly view: CircuitView;
  readonly finding: AnyFinding;
  /** Whether the sentence stands in the heading already. */
  readonly headed: boolean;
  /** Whether its first remedy is the one that the key A applies. */
  readonly first: boolean;
  /** Whether the circuit was edited since: its ways out are being tried anew. */
  readonly stale: boolean;
}

function Remedies({ view, finding, first, stale }: Omit<FindingCardProps, 'headed'>) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const remedies = remediesOf(view, finding);
  if (remedies.length === 0) return null;
  return (
    <ul className={classes['remedies']} aria-label={`Ways out: ${findingSentence(finding)}`}>
      {remedies.map(({ change, circuit, cost }, index) => (
        <li key={remedyWords(change)}>
          <button
            type="button"
            className={classes['remedy']}
            data-first={(first && index === 0) || undefined}
            disabled={!canWrite || stale}
            onClick={() => {
              replaceCircuit(circuit, remedyWords(change));
            }}
          >
            <span>
              {first && index === 0 && <kbd className={`fig ${classes['key']}`}>A</kbd>}
              {remedyWords(change)}
            </span>
            <span className="fig" title="Material by the default price list">
              {printPriceChange(cost)}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

function Answer({ view, finding }: Pick<FindingCardProps, 'view' | 'finding'>) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const given = view.circuit.answers.find(({ code }) => code === finding.code)?.text ?? '';
  return (
    <div className={classes['answer']}>
      <AnswerField
        asks={finding.severity === 'ask'}
        given={given}
        disabled={!canWrite}
        onAnswer={(text) => {
          replaceCircuit(withAnswer(view.circuit, finding.code, text), 'Answer a question');
        }}
      />
    </div>
  );
}

/** One finding: its sentence and rule, its proved remedies, and for a question the answer. */
export function FindingCard(props: FindingCardProps) {
  const { view, finding, headed } = props;
  const answered = isAnswered(view.circuit, finding);
  const severity = finding.severity === 'note' || answered ? 'ok' : finding.severity;
  return (
    <div className={classes['card']}>
      {!headed && (
        <p className={classes['sentence']}>
          <SeverityShape severity={severity} />
          <span>
            {answered ? `Answered. ` : `${severityWord[finding.severity]}: `}
            {findingSentence(finding)} <cite className="fig">{finding.cite.section}</cite>
          </span>
        </p>
      )}
      <Remedies {...props} />
      {(finding.severity === 'ask' || finding.severity === 'check') && (
        <Answer view={view} finding={finding} />
      )}
    </div>
  );
}
