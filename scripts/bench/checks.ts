import { diagnosed } from '../../src/core/checks/diagnosed';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import { diagnose } from '../../src/core/network/diagnose';
import { NetworkSolver } from '../../src/core/network/networkSolver';
import { median } from './median';

const TUB = 'deck-tub';

/** Times of the checks: every single fault of a circuit fitted to its readings, against its network solved once. */
export function benchChecks(): void {
  const own = evaluateJob(demoJob).check(TUB);
  const report = own?.report;
  if (own === undefined || report == null) throw new Error(`${TUB} has no readings.`);
  const { check } = own;
  const { network } = report;
  const once = median(() => {
    for (const on of [false, true]) new NetworkSolver(network, { on, live: true }).seen(null);
  });
  const fitted = median(() => {
    if (diagnose(network, check.readings).candidates.length === 0) throw new Error('Nothing explains it.');
  });
  const whole = median(() => {
    if (diagnosed(report, check.readings, check.ohms) === null) throw new Error('Nothing is out.');
  });
  console.log(
    `  every single fault fitted to ${check.readings.length} readings            ${fitted.toFixed(1)} ms, × ${(fitted / once).toFixed(0)} of the network solved once`,
  );
  console.log(
    `  with what is dangerous and what is measured next  ${whole.toFixed(1)} ms, × ${(whole / fitted).toFixed(1)} of that`,
  );
}
