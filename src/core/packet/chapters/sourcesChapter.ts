import type { Circuit } from '../../circuit/circuitSchema';
import { inputsOfPart } from '../../job/jobInputs';
import { assumptionsOf } from '../../known/assumptions';
import { circuitInput } from '../../known/circuitInput';
import { inputLabel } from '../../known/inputLabel';
import { NOT_LOOKED_AT } from '../../known/notLookedAt';
import type { Column } from '../../paper/pageFlow';
import { sourceIndex } from '../../sources/sourceIndex';
import { SOURCES_TITLE } from '../../wording/packetWords';
import { sourceWords } from '../../wording/sourceWords';
import type { Making } from './making';

const ASSUMED: readonly Column[] = [{ at: 0 }, { at: 0.24 }, { at: 0.66, face: 'figures' }];
const ANSWERED: readonly Column[] = [{ at: 0 }, { at: 0.24 }, { at: 0.56 }];

/** Inputs of a circuit by who answers for them, each by what it is called. */
function answered(circuit: Circuit, sources: ReturnType<typeof sourceIndex>): ReadonlyMap<string, string> {
  const by = new Map<string, readonly string[]>();
  for (const at of inputsOfPart(circuit).keys()) {
    const source = sources.get(circuitInput(circuit, at));
    const label = inputLabel(circuit, at);
    if (source === undefined || source.kind === 'assumed' || label === undefined) continue;
    const words = sourceWords(source);
    by.set(words, [...(by.get(words) ?? []), label]);
  }
  return new Map([...by].map(([words, labels]) => [words, [...new Set(labels)].join(', ')]));
}

/** What nobody gave and what stands for it, then who answers for all else. */
export function sourcesChapter({ flow, evaluation }: Making): void {
  const { job, circuits } = evaluation;
  flow.page('sources', SOURCES_TITLE);
  const assumed = circuits.flatMap((view) =>
    assumptionsOf(view, job.sources).map((each) => ({ name: view.circuit.name, ...each })),
  );
  flow.head('Assumed, or not looked at');
  if (assumed.length === 0) flow.say('Nothing is assumed.');
  for (const { name, label, stands } of assumed) {
    const words = stands === NOT_LOOKED_AT ? stands : `assumed: ${stands}`;
    flow.row(ASSUMED, [name, label, words], { fact: { name: `${name}: ${label}`, value: words } });
  }
  flow.head('Told, read, measured, seen');
  const index = sourceIndex(job.sources);
  for (const { circuit } of circuits)
    for (const [words, labels] of answered(circuit, index))
      flow.row(ANSWERED, [circuit.name, words, labels], {
        fact: { name: `${circuit.name}: ${labels}`, value: words },
      });
}
