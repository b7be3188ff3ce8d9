import { withAnswer } from '../../../core/circuit/edits/circuitEdits';
import type { Circuit } from '../../../core/circuit/circuitSchema';
import { routeRemedies } from '../../../core/circuit/edits/routeEdits';
import { routeRemedyWords } from '../../../core/wording/routeRemedies';
import { routeSentence } from '../../../core/wording/routeFindings';
import { severityWord } from '../../../core/wording/words';
import type { AnyRouteFinding } from '../../../core/findings/routeFinding';
import { isRouteAnswered } from '../../../store/routeView';
import { useJobEditor } from '../../../store/useJobEditor';
import { AnswerField } from '../../../ui/fields/AnswerField';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import card from '../working/WorkingPane.module.css';

interface RouteFindingProps {
  readonly circuit: Circuit;
  readonly finding: AnyRouteFinding;
}

function Remedies({ circuit, finding }: RouteFindingProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const remedies = routeRemedies(circuit, finding);
  if (remedies.length === 0) return null;
  return (
    <ul className={card['remedies']} aria-label={`Ways out: ${routeSentence(finding)}`}>
      {remedies.map((remedy) => {
        const words = routeRemedyWords(remedy, finding.fitting);
        return (
          <li key={remedy.kind}>
            <button
              type="button"
              className={card['remedy']}
              disabled={!canWrite}
              onClick={() => {
                replaceCircuit(remedy.circuit, words);
              }}
            >
              {words}
            </button>
          </li>
        );
      })}
    </ul>
  );
}

function Card({ circuit, finding }: RouteFindingProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const answered = isRouteAnswered(circuit, finding);
  const given = circuit.answers.find(({ code }) => code === finding.code)?.text ?? '';
  return (
    <li className={card['card']}>
      <p className={card['sentence']}>
        <SeverityShape severity={finding.severity === 'note' || answered ? 'ok' : finding.severity} />
        <span>
          {answered ? 'Answered. ' : `${severityWord[finding.severity]}: `}
          {routeSentence(finding)} <cite className="fig">{finding.cite.section}</cite>
        </span>
      </p>
      <Remedies circuit={circuit} finding={finding} />
      {(finding.severity === 'ask' || finding.severity === 'check') &&
        finding.code !== 'work.before-locate' && (
          <details>
            <summary>{answered ? 'The answer' : 'Answer it'}</summary>
            <AnswerField
              asks={finding.severity === 'ask'}
              given={given}
              disabled={!canWrite}
              onAnswer={(text) => {
                replaceCircuit(withAnswer(circuit, finding.code, text), 'Answer a question');
              }}
            />
          </details>
        )}
    </li>
  );
}

/** Findings about the way, each with its ways out or its answer. */
export function RouteFindings({
  circuit,
  findings,
}: {
  readonly circuit: Circuit;
  readonly findings: readonly AnyRouteFinding[];
}) {
  if (findings.length === 0) return null;
  return (
    <ul aria-label="Findings about the way">
      {findings.map((finding) => (
        <Card
          key={`${finding.code} ${finding.segment} ${finding.fitting ?? ''}`}
          circuit={circuit}
          finding={finding}
        />
      ))}
    </ul>
  );
}
