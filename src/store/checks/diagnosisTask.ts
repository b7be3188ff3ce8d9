import { diagnosed, type Diagnosed } from '../../core/checks/diagnosed';
import type { VoltageReading } from '../../core/checks/checksDocument';
import type { CircuitReport } from '../../core/checks/circuitReport';

/** What the worker is asked: what explains these readings. */
export interface DiagnosisRequest {
  readonly report: CircuitReport;
  readonly readings: readonly VoltageReading[];
}

/** What explains the readings of a circuit. */
export const diagnosisTask = ({ report, readings }: DiagnosisRequest): Diagnosed | null =>
  diagnosed(report, readings);
