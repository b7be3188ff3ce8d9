import { askStandIn } from '../standIn';

/** How the simulated recorder may be asked to behave, with its words. */
export const RECORDER_FAULTS = [
  { value: 'none', label: 'A good year' },
  { value: 'xml', label: 'A good year, as XML' },
  { value: 'gaps', label: 'With gaps' },
  { value: 'clock', label: 'Clocks change' },
  { value: 'unit', label: 'Wrong unit' },
  { value: 'hourly', label: 'Hourly only' },
  { value: 'duplicates', label: 'Readings twice' },
  { value: 'disorder', label: 'Out of order' },
  { value: 'short', label: 'Ten weeks' },
  { value: 'export', label: 'With solar' },
  { value: 'slow', label: 'Slow' },
  { value: 'silent', label: 'Silent' },
] as const;
/** A behavior of the simulated recorder. */
export type RecorderFault = (typeof RECORDER_FAULTS)[number]['value'];

/** Asks the simulated recorder for its data. */
export async function askRecorder(
  fault: RecorderFault,
): Promise<{ readonly text: string } | { readonly problem: string }> {
  const format = fault === 'xml' ? 'xml' : 'csv';
  const behavior = fault === 'xml' ? 'none' : fault;
  try {
    const answer = await askStandIn(
      `interval-data?format=${format}&fault=${behavior}`,
      behavior,
      async () => {
        const { recordOf } = await import('../../core/demand/believableYear');
        return new Response(
          recordOf(format, behavior === 'slow' || behavior === 'silent' ? 'none' : behavior),
        );
      },
    );
    if (!answer.ok) return { problem: `The recorder answered ${answer.status}. Try again, or open a file.` };
    return { text: await answer.text() };
  } catch {
    return { problem: 'The recorder does not answer. Look at its power and its link, or open a file.' };
  }
}
