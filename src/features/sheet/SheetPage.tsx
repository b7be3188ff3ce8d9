import { circuitView } from '../../store/circuitView';
import { CircuitSheet } from './CircuitSheet';
import { PrintDesk } from './PrintDesk';

/** The circuit sheet on the screen, with the way to print it. */
export function SheetPage() {
  return (
    <PrintDesk back="" page={(job, circuit) => <CircuitSheet job={job} view={circuitView(job, circuit)} />} />
  );
}
