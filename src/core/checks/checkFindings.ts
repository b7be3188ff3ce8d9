import type { Edition } from '../code/edition';
import type { ProofFigure } from '../findings/checksCatalog';
import type { AnyFinding } from '../findings/finding';
import { FindingLog } from '../findings/findingLog';
import type { ReadingDanger } from '../network/readingDangers';
import type { CircuitCheck } from './checksDocument';
import { INSULATION_MOHM, skippedBefore, type Proof, type ProofStep } from './proofSteps';
import type { TorquedTerminal } from './terminalKeys';
import { isSetTo } from './torqueRecord';

/** What a proof is judged by. */
export interface Judged {
  readonly check: CircuitCheck;
  readonly steps: readonly Proof[];
  /** Readings outside of their band. */
  readonly out: number;
  /** What is dangerous by the readings themselves. */
  readonly dangers: readonly ReadingDanger[];
  readonly terminals: readonly TorquedTerminal[];
}

/** Steps whose figure may be out of its limits, with what the figure is called and the section that it rests on. */
const FIGURES = [
  ['dead', 'dead', 'work.integrity', () => null],
  ['insulation', 'insulation', 'work.integrity', ({ insulationMohm }) => insulationMohm],
  ['ground', 'ground', 'work.ground-path', ({ groundOhms }) => groundOhms],
  ['gfci', 'gfci', 'gfci.neutral', ({ tripMa }) => tripMa],
  ['temperature', 'temperature', 'work.rise', ({ riseC }) => riseC],
] as const satisfies readonly (readonly [
  ProofStep,
  ProofFigure,
  string,
  (check: CircuitCheck) => number | null,
])[];

/** Terminals that were not set to what their label names, not twice, or not at all. */
function torqueGaps({ torque }: CircuitCheck, terminals: readonly TorquedTerminal[]) {
  const known = new Map(torque.map((each) => [each.terminal, each]));
  let [off, once, missing] = [0, 0, 0];
  for (const { key, torqueLbIn } of terminals) {
    const own = known.get(key);
    if (own === undefined) missing += 1;
    else if (!isSetTo(own.second ?? own.first, torqueLbIn)) off += 1;
    else if (own.second === null) once += 1;
  }
  return { off, once, missing };
}

/** What the proof of a circuit is wanting in. A circuit on which nothing was read has no findings yet. */
export function checkFindings(
  { check, steps, out, dangers, terminals }: Judged,
  circuitId: string,
  code: Edition,
): readonly AnyFinding[] {
  const log = new FindingLog(code, { kind: 'check', circuitId });
  for (const { code, at } of dangers)
    log.found('stop', 'check.danger', 'work.integrity', { danger: code, at: at ?? '' });
  if (out > 0) log.found('stop', 'check.reading', 'work.integrity', { out });
  for (const [step, figure, section, valueOf] of FIGURES) {
    if (steps.find((each) => each.step === step)?.state !== 'out') continue;
    const value = valueOf(check);
    // Insulation that is neither good nor failed is looked into.
    const doubtful = figure === 'insulation' && value !== null && value >= INSULATION_MOHM.fail;
    log.found(doubtful ? 'check' : 'stop', 'check.figure', section, { figure, value });
  }
  const gaps = torqueGaps(check, terminals);
  const isLeft = check.left !== 'open';
  if (gaps.off > 0 || (isLeft && gaps.once + gaps.missing > 0))
    log.found('check', 'check.torque', 'terminal.torque', gaps);
  if (check.left === 'on') {
    const isOut = dangers.length > 0 || steps.some(({ state }) => state === 'out');
    const skipped = skippedBefore(steps, 'left').length;
    if (isOut || skipped > 0)
      log.found(isOut ? 'stop' : 'check', 'check.left-on', 'work.integrity', { skipped });
  }
  return log.all;
}
