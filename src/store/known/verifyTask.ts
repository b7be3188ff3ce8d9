import type { PanelEvaluation } from '../../core/job/evaluation';
import { evaluateJob } from '../../core/job/evaluateJob';
import { freshMemo, type JobMemo } from '../../core/job/jobMemo';
import type { Job } from '../../core/job/jobSchema';
import { Remembered } from '../../core/job/remembered';
import { settled } from '../../core/job/settled';
import { verifyCircuit, type Unverified } from '../../core/known/toVerify';
import { defaultPrices } from '../../core/price/defaultPrices';
import type { Steps } from '../worker/protocol';

/** What the worker is asked: a job as it stands, and the circuit alone that is asked about. */
export interface VerifyRequest {
  readonly job: Job;
  readonly circuitId?: string | undefined;
}

/** What was worked out of a job so far: an edit asks for what it reaches alone. */
interface Kept {
  readonly job: Job;
  readonly memo: JobMemo;
  readonly found: Remembered<readonly Unverified[]>;
}

let kept: Kept | undefined;

/** What a panel gives its circuits, as far as the list of material depends on it. */
const givenBy = ({ wanted }: PanelEvaluation): string =>
  wanted.map(({ circuitId, poles, amps, kind }) => `${circuitId} ${poles} ${amps} ${kind}`).join(', ');

function keep(asked: Job): Kept {
  const last = kept?.job.id === asked.id ? kept : undefined;
  kept = {
    job: settled(last?.job, asked),
    memo: last?.memo ?? freshMemo(),
    found: last?.found ?? new Remembered(),
  };
  return kept;
}

/** What nobody gave in a job and would change something, circuit by circuit; it looks between them whether it is stopped. */
export function* verifyTask({ job: asked, circuitId }: VerifyRequest): Steps<number, readonly Unverified[]> {
  const { job, memo, found } = keep(asked);
  const evaluation = evaluateJob(job, memo);
  const { panels } = evaluation;
  const all: Unverified[] = [];
  for (const [at, view] of evaluation.circuits.entries()) {
    const { id } = view.circuit;
    if (circuitId !== undefined && id !== circuitId) continue;
    const start = `circuit:${id}/`;
    const own = job.sources.filter(({ input }) => input.startsWith(start));
    // What a circuit shares with others is in its view, but for what its panel is given.
    const fed = panels.find(({ wanted }) => wanted.some((each) => each.circuitId === id));
    // What it is called and what it looks like changes no figure.
    const { name: _name, photos: _photos, ...inputs } = view.circuit;
    const parts = [
      ...Object.values(inputs),
      view.context,
      fed?.panel,
      fed && givenBy(fed),
      job.materials,
      ...own,
    ];
    all.push(...found.of(id, parts, () => verifyCircuit(view, { evaluation, memo, prices: defaultPrices })));
    yield at + 1;
  }
  return all;
}
