import { checkFindings } from '../checks/checkFindings';
import type { CircuitCheck } from '../checks/checksDocument';
import { circuitNetwork } from '../checks/circuitNetwork';
import { circuitReport, type CircuitReport } from '../checks/circuitReport';
import { explainGfci } from '../checks/gfciFaults';
import { proofSteps } from '../checks/proofSteps';
import { torquedTerminals } from '../checks/terminalKeys';
import { checkOf } from '../checks/torqueRecord';
import { wiring, type Wiring } from '../wiring/terminations';
import { stationLetter } from '../circuit/stations';
import type { CheckEvaluation, CircuitEvaluation } from './evaluation';
import type { Job } from './jobSchema';
import type { JobMemo } from './jobMemo';

/** The station at which the GFCI of a circuit stands, by its position in the network. */
function gfciStation(
  { solved }: CircuitEvaluation,
  { network }: CircuitReport,
  wired: Wiring | null,
): number | null {
  const last = network.stations.length - 1;
  switch (solved.figures.outlet.gfci.form) {
    case 'none':
      return null;
    case 'breaker':
    case 'dual-function':
      return 0;
    case 'receptacle':
      return last;
    case 'spa-enclosure':
    case 'dead-front': {
      const at = wired?.betweenStation;
      const found = at == null ? -1 : network.stations.indexOf(stationLetter(at));
      return found < 0 ? Math.max(0, last - 1) : found;
    }
  }
}

/** What explains what was observed of the GFCI of a circuit. */
function gfciOf(each: CircuitEvaluation, report: CircuitReport, wired: Wiring | null, check: CircuitCheck) {
  const station = gfciStation(each, report, wired);
  return station === null ? [] : explainGfci(report.network, station, check);
}

function evaluated(each: CircuitEvaluation, check: CircuitCheck, meter: Job['meter']): CheckEvaluation {
  const { circuit, solved, context } = each;
  const network = circuitNetwork(circuit, solved.figures, context.code, check);
  const report = network === null ? null : circuitReport(network, check, meter);
  const wired = wiring(circuit, solved, context);
  const terminals = torquedTerminals(wired);
  const steps = proofSteps({
    check,
    expected: report?.expected ?? [],
    terminals: terminals.map(({ key }) => key),
    groundLimitOhms: report?.groundLimitOhms ?? 0,
    hasGfci: solved.figures.outlet.gfci.form !== 'none',
  });
  return {
    check,
    report,
    wired,
    terminals,
    steps,
    gfci: report === null ? [] : gfciOf(each, report, wired, check),
    findings: checkFindings(
      { check, steps, out: report?.out.length ?? 0, dangers: report?.dangers ?? [], terminals },
      circuit.id,
      context.code,
    ),
  };
}

/** What was read on a circuit, and what that comes to. */
export function evaluateCheck(
  { checks, meter }: Pick<Job, 'checks' | 'meter'>,
  each: CircuitEvaluation,
  memo: JobMemo,
): CheckEvaluation {
  const { id } = each.circuit;
  const own = checks.find((check) => check.id === id);
  return memo.checks.of(id, [each.solved, own, meter], () => evaluated(each, checkOf(checks, id), meter));
}
