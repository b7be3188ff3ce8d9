import type { Circuit } from '../../circuit/circuitSchema';
import { inputsOfPart } from '../../job/jobInputs';
import { circuitInput } from '../../known/circuitInput';
import { inputLabel } from '../../known/inputLabel';
import { NOT_LOOKED_AT } from '../../known/notLookedAt';
import { assumedOfCircuit, assumedOfPanel } from '../../known/standing';
import type { Column } from '../../paper/pageFlow';
import { sourceIndex } from '../../sources/sourceIndex';
import { isWalked, lookAt, walkSteps } from '../../water/walk';
import { GATE_NAME } from '../../wording/daysWords';
import { stampWords } from '../../wording/momentWords';
import { SOURCES_TITLE } from '../../wording/packetWords';
import { sourceWords } from '../../wording/sourceWords';
import { LOOK_NAME, walkSays, walkTitle } from '../../wording/walkWords';
import type { Making } from './making';

const ASSUMED: readonly Column[] = [{ at: 0 }, { at: 0.24 }, { at: 0.66, face: 'figures' }];
const ANSWERED: readonly Column[] = [{ at: 0 }, { at: 0.24 }, { at: 0.56 }];

/** Inputs of a circuit by who answers for them, each by what it is called. */
function answered(circuit: Circuit, sources: ReturnType<typeof sourceIndex>): ReadonlyMap<string, string> {
  const by = new Map<string, readonly string[]>();
  for (const at of inputsOfPart(circuit).keys()) {
    const source = sources.get(circuitInput(circuit, at));
    const label = inputLabel(circuit, at);
    if (source === undefined || source.kind === 'assumed') continue;
    const words = sourceWords(source);
    by.set(words, [...(by.get(words) ?? []), label]);
  }
  return new Map([...by].map(([words, labels]) => [words, [...new Set(labels)].join(', ')]));
}

/** What an inspector did not pass, first what is still open, and what became of the rest. */
function corrections({ flow, evaluation }: Making): void {
  const { gates } = evaluation.job.days;
  const all = gates.flatMap(({ id, failed, failedAt, refused = [], passed }) => [
    ...(failed === ''
      ? []
      : [{ id, what: failed, at: failedAt ?? null, became: 'Open: the inspector has not seen it mended.' }]),
    ...refused.map(({ what, at }) => ({
      id,
      what,
      at,
      became:
        passed === null
          ? 'Mended, not passed yet.'
          : `Mended; passed ${stampWords(passed.at)}, ${passed.by}.`,
    })),
  ]);
  if (all.length === 0) return;
  flow.head('Not passed at first');
  for (const { id, what, at, became } of all)
    flow.row(ANSWERED, [GATE_NAME[id], at === null ? what : `${stampWords(at)}: ${what}`, became], {
      fact: { name: `${GATE_NAME[id]}: ${what}`, value: became },
    });
}

/** What was looked at on the bond walk before anything covered it, stop by stop. */
function walks({ flow, evaluation }: Making): void {
  for (const { report } of evaluation.waters) {
    const steps = walkSteps(report);
    if (steps.length === 0) continue;
    const { name } = report.water;
    const right = steps.filter(isWalked).length;
    flow.head(`${name}: bond walk, ${right} of ${steps.length} seen and right`);
    for (const step of steps) {
      const [title] = walkTitle(step);
      const look = LOOK_NAME[lookAt(step)];
      flow.row(ANSWERED, [title, look, lookAt(step) === 'open' ? '' : walkSays(step)], {
        fact: { name: `${name}: ${title}`, value: look },
      });
    }
  }
}

/** What was not passed, what nobody gave and what stands for it, who answers for all else, and what was seen. */
export function sourcesChapter(making: Making): void {
  const { flow, evaluation } = making;
  const { job, circuits } = evaluation;
  flow.page('sources', SOURCES_TITLE);
  corrections(making);
  const assumed = [
    ...circuits.flatMap((view) =>
      assumedOfCircuit(view, job.sources).map((each) => ({ name: view.circuit.name, ...each })),
    ),
    ...job.panels.flatMap((panel) =>
      assumedOfPanel(panel, job.sources).map((each) => ({ name: panel.name, ...each })),
    ),
  ];
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
  walks(making);
}
