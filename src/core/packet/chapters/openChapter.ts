import { findingKey, type AnyFinding } from '../../findings/finding';
import { circuitOf } from '../../findings/subject';
import type { Column } from '../../paper/pageFlow';
import { findingSentence } from '../../wording/findings';
import { CHAPTER_NAME } from '../../wording/packetWords';
import { severityWord } from '../../wording/words';
import type { Making } from './making';

const FOUND: readonly Column[] = [
  { at: 0, face: 'strong' },
  { at: 0.12 },
  { at: 0.34 },
  { at: 0.83, face: 'figures' },
];

/** What is open, the worst first. */
export function openChapter({ flow, evaluation }: Making): void {
  const found = evaluation.openOf(evaluation.findings);
  flow.page('open', CHAPTER_NAME.open);
  if (found.length === 0) flow.say('Nothing is open.');
  const nameOf = ({ subject }: AnyFinding): string =>
    evaluation.circuit(circuitOf(subject) ?? '')?.circuit.name ?? 'Job';
  for (const severity of ['stop', 'ask', 'check'] as const)
    for (const finding of found.filter((each) => each.severity === severity)) {
      const [name, sentence] = [nameOf(finding), findingSentence(finding)];
      flow.row(FOUND, [severityWord[severity], name, sentence, finding.cite.section], {
        ink: severity === 'stop' ? 'stop' : 'ink',
        fact: { name: `${name}: ${findingKey(finding)}`, value: `${severityWord[severity]}. ${sentence}` },
      });
    }
}
