import { CircuitSheet } from './CircuitSheet';
import { PrintDesk } from './PrintDesk';

/** The circuit sheet on the screen, with the way to print it. */
export function SheetPage() {
  return (
    <PrintDesk
      back=""
      shares
      page={({ evaluation, view }) => <CircuitSheet evaluation={evaluation} view={view} />}
    />
  );
}
