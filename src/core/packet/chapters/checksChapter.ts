import type { Circuit } from '../../circuit/circuitSchema';
import { stationLetter } from '../../circuit/stations';
import type { CheckEvaluation } from '../../job/evaluation';
import { printLength } from '../../units/length';
import { printNumber as n } from '../../units/number';
import { feet } from '../../units/quantity';
import type { Column } from '../../paper/pageFlow';
import { readingDangerWords } from '../../wording/dangerWords';
import { bandWords, LEFT_NAME, PROOF_NAME, proofFigure, proofState } from '../../wording/checkWords';
import { PAIR_NAME } from '../../wording/faultWords';
import { plannedCircuits } from '../plannedCircuits';
import type { Making } from './making';

const PROVED: readonly Column[] = [{ at: 0 }, { at: 0.4, face: 'figures' }, { at: 0.76 }];
const BUILT: readonly Column[] = [{ at: 0 }, { at: 0.4, face: 'figures' }, { at: 0.66 }];
const READ: readonly Column[] = [
  { at: 0 },
  { at: 0.14 },
  { at: 0.34 },
  { at: 0.5, face: 'figures' },
  { at: 0.66, face: 'figures' },
  { at: 0.88 },
];

/** The steps of the proof with their figures. */
function steps({ flow }: Making, own: CheckEvaluation): void {
  for (const step of own.steps)
    flow.row(PROVED, [PROOF_NAME[step.step], proofFigure(step.step, own.check), proofState(step)], {
      ink: step.state === 'out' ? 'stop' : 'ink',
    });
}

/** Voltages that were read, each beside its band. */
function readings({ flow }: Making, own: CheckEvaluation): void {
  const read = (own.report?.expected ?? []).filter((each) => each.read !== null);
  if (read.length > 0) flow.head('Voltages, beside their bands');
  for (const each of read) {
    const on = each.on ? 'load on' : 'load off';
    const volts = `${n(each.read ?? 0, 1)} V`;
    flow.row(
      READ,
      [each.at, PAIR_NAME[each.pair], on, volts, bandWords(each), each.state === 'ok' ? 'in band' : 'out'],
      {
        ink: each.state === 'out' ? 'stop' : 'ink',
        fact: { name: `${each.at}, ${PAIR_NAME[each.pair]}, ${on}`, value: volts },
      },
    );
  }
}

/** Lengths as they were built, beside those of the plan. */
function asBuilt({ flow }: Making, { run }: Circuit, { check }: CheckEvaluation): void {
  if (check.built.length > 0) flow.head('Lengths as built');
  for (const [at, { id, lengthFt }] of run.entries()) {
    const real = check.built.find(({ segment }) => segment === id)?.lengthFt;
    if (real === undefined) continue;
    flow.row(BUILT, [
      `Segment ${stationLetter(at)} to ${stationLetter(at + 1)}`,
      printLength(feet(real)),
      `planned ${printLength(feet(lengthFt))}`,
    ]);
  }
}

/** What every circuit was proved by, so far as anything was read on it. */
export function checksChapter(making: Making): void {
  const { flow, evaluation } = making;
  for (const { circuit } of plannedCircuits(evaluation)) {
    const own = evaluation.check(circuit.id);
    if (own === undefined || !evaluation.job.checks.some(({ id }) => id === circuit.id)) continue;
    flow.page('checks', `${circuit.name}: proved`, circuit.id);
    for (const danger of own.report?.dangers ?? [])
      flow.say(readingDangerWords(danger), { ink: 'stop', face: 'strong' });
    steps(making, own);
    readings(making, own);
    asBuilt(making, circuit, own);
    flow.head(`Left: ${LEFT_NAME[own.check.left]}`);
    flow.say(own.check.note);
  }
}
