/** How the simulated supplier may be asked to behave, with its words. */
export const SUPPLIER_BEHAVIORS = [
  { value: 'none', label: 'A full list' },
  { value: 'dearer', label: 'Prices went up' },
  { value: 'missing', label: 'Items missing' },
  { value: 'packs', label: 'Coils only' },
  { value: 'slow', label: 'Slow' },
  { value: 'silent', label: 'Silent' },
] as const;
/** A behavior of the simulated supplier. */
export type SupplierBehavior = (typeof SUPPLIER_BEHAVIORS)[number]['value'];

/** A supplier that says nothing is given up after this, milliseconds. */
const PATIENCE_MS = 8000;

/** Asks the supplier that ships with the server for its prices of a day. */
export async function askSupplier(
  mood: SupplierBehavior,
  date: string,
): Promise<{ readonly text: string } | { readonly problem: string }> {
  try {
    const answer = await fetch(`/standins/prices?mood=${mood}&date=${date}`, {
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    if (!answer.ok) return { problem: `It answered ${answer.status}. Try again, or read a file.` };
    return { text: await answer.text() };
  } catch {
    return { problem: 'It does not answer. The prices that are known stay, each with its date.' };
  }
}
