import { diagnosed, type Diagnosed } from '../../core/checks/diagnosed';
import type { OhmsReading, VoltageReading } from '../../core/checks/checksDocument';
import type { CircuitReport } from '../../core/checks/circuitReport';

/** What the worker is asked: what explains these readings. */
export interface DiagnosisRequest {
  readonly report: CircuitReport;
  readonly readings: readonly VoltageReading[];
  readonly ohms: readonly OhmsReading[];
}

/** What explains the readings of a circuit. */
export const diagnosisTask = ({ report, readings, ohms }: DiagnosisRequest): Diagnosed | null =>
  diagnosed(report, readings, ohms);
