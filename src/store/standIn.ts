/** A stand-in that says nothing is given up after this, milliseconds. */
const PATIENCE_MS = 8000;

/**
 * Asks a simulated device or service that ships with the server. Without a network it answers from within this browser:
 * it is a computation like any other. Throws where it does not answer.
 *
 * @param query The part of the address after `/standins/`.
 * @param here What it answers; fetched when it is needed.
 */
export async function askStandIn(
  query: string,
  mood: string,
  here: () => Promise<Response>,
): Promise<Response> {
  if (navigator.onLine) return fetch(`/standins/${query}`, { signal: AbortSignal.timeout(PATIENCE_MS) });
  if (mood === 'silent') throw new Error('It does not answer.');
  return here();
}
