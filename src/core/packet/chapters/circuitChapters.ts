import { present } from '../../units/present';
import { shownSteps } from '../../circuit/shownSteps';
import { stationLetter } from '../../circuit/stations';
import { FIGURE_KEYS } from '../../findings/subject';
import type { CheckEvaluation, CircuitEvaluation } from '../../job/evaluation';
import { footingLine } from '../../known/footingLine';
import type { Column, PageFlow } from '../../paper/pageFlow';
import { printLength } from '../../units/length';
import { printNumber as n } from '../../units/number';
import { feet } from '../../units/quantity';
import { LEFT_NAME } from '../../wording/checkWords';
import { segmentName } from '../../wording/conductors';
import { circuitLine, figureName, ladderWords } from '../../wording/ladder';
import { findingSentence } from '../../wording/findings';
import { stepWords } from '../../wording/steps';
import { severityWord } from '../../wording/words';
import { sectionPicture } from '../sectionPicture';
import { plannedCircuits } from '../plannedCircuits';
import type { Making } from './making';

const FIGURES: readonly Column[] = [
  { at: 0, face: 'strong' },
  { at: 0.19, face: 'figures' },
  { at: 0.4 },
  { at: 0.7, face: 'figures' },
  { at: 0.91 },
];
const OPEN: readonly Column[] = [{ at: 0, face: 'strong' }, { at: 0.12 }, { at: 0.83, face: 'figures' }];
const RUN: readonly Column[] = [{ at: 0 }, { at: 0.14, face: 'figures' }, { at: 0.3 }];
const STEPS: readonly Column[] = [
  { at: 0 },
  { at: 0.3, face: 'figures' },
  { at: 0.62, face: 'figures' },
  { at: 0.79, face: 'figures' },
];
const PROGRESS: readonly Column[] = [{ at: 0 }, { at: 0.28, face: 'figures' }, { at: 0.66 }];
const SECTION_HIGH = 96;

/** A circuit: its run to scale, its figures with their reasons, its run segment by segment. */
function circuitPage({ flow, evaluation }: Making, each: CircuitEvaluation): void {
  const { circuit, solved, severities } = each;
  flow.page('circuits', circuit.name, circuit.id);
  flow.say(circuitLine(solved, circuit), { face: 'figures' });
  flow.picture(SECTION_HIGH, sectionPicture(circuit));
  flow.head('Figures');
  for (const key of FIGURE_KEYS) {
    const { name, figure, unit, reason } = ladderWords(key, solved, circuit);
    const section = solved.workings[key].at(-1)?.cite.section ?? '';
    flow.row(FIGURES, [name, `${figure} ${unit}`, reason, section, severityWord[severities[key]]], {
      ink: severities[key] === 'stop' ? 'stop' : 'ink',
      fact: { name, value: `${figure} ${unit}`.trim() },
    });
  }
  const footing = footingLine(each, evaluation.job.sources);
  if (footing !== undefined) flow.say(footing);
  flow.head('Run');
  for (const [at, segment] of solved.figures.segments.entries())
    flow.row(RUN, [
      `${stationLetter(at)} to ${stationLetter(at + 1)}`,
      printLength(feet(present(circuit.run[at], 'segment', at).lengthFt)),
      segmentName(segment),
    ]);
  const own = evaluation.check(circuit.id);
  if (own !== undefined) terminationsAndProof(flow, own);
  const open = evaluation.openOf([...each.open, ...(evaluation.route(circuit.id)?.open ?? [])]);
  if (open.length === 0) return;
  flow.head('Open');
  for (const finding of open)
    flow.row(OPEN, [severityWord[finding.severity], findingSentence(finding), finding.cite.section], {
      ink: finding.severity === 'stop' ? 'stop' : 'ink',
      // It stands among all that is open, which is compared.
      fact: null,
    });
}

/** How far the terminations and the proof of a circuit are; both have pages of their own. */
function terminationsAndProof(flow: PageFlow, { terminals, check, steps }: CheckEvaluation): void {
  if (terminals.length > 0) {
    const torques = terminals.map(({ torqueLbIn }) => torqueLbIn);
    const twice = check.torque.filter(({ second }) => second !== null).length;
    flow.head('Terminations and proof');
    flow.row(PROGRESS, [
      'Terminals',
      `${terminals.length}, ${n(Math.min(...torques))} to ${n(Math.max(...torques))} lb-in`,
      `${check.torque.length} set, ${twice} a second time`,
    ]);
  }
  const asked = steps.filter(({ state }) => state !== 'not-asked');
  const done = asked.filter(({ state }) => state === 'ok').length;
  const out = asked.filter(({ state }) => state === 'out').length;
  flow.row(
    PROGRESS,
    [
      'Steps of the proof',
      `${done} of ${asked.length} hold${out === 0 ? '' : `, ${out} out`}`,
      LEFT_NAME[check.left],
    ],
    { ink: out > 0 ? 'stop' : 'ink' },
  );
}

/** The page of every planned circuit. */
export function circuitsChapter(making: Making): void {
  for (const each of plannedCircuits(making.evaluation)) circuitPage(making, each);
}

/** The working of every figure of a circuit, step by step, with its sections. */
export function workingChapter({ flow, evaluation }: Making): void {
  const titles = new Map(evaluation.job.amendments.map(({ id, title }) => [id, title]));
  for (const each of plannedCircuits(evaluation)) {
    const { circuit, solved } = each;
    flow.page('working', `${circuit.name}: working`, circuit.id);
    for (const key of FIGURE_KEYS) {
      if (solved.workings[key].length === 0) continue;
      flow.head(figureName[key]);
      for (const step of shownSteps(solved, key)) {
        const { label, formula, result } = stepWords(step);
        const on = step.segment === undefined ? '' : `${stationLetter(step.segment)} `;
        const by = step.by === undefined ? '' : ` (${titles.get(step.by) ?? step.by})`;
        flow.row(
          STEPS,
          [`${on}${label}${by}`, formula, result, `${step.cite.section}${step.cite.certain ? '' : '?'}`],
          { fact: { name: `${figureName[key]}: ${on}${label}`, value: `${formula} ${result}`.trim() } },
        );
      }
    }
    flow.say('? marks a section that is doubtful. Verify against the adopted edition.', { size: 'small' });
  }
}
