import { askStandIn } from '../standIn';

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

/** Asks the simulated supplier for its prices of a day. */
export async function askSupplier(
  mood: SupplierBehavior,
  date: string,
): Promise<{ readonly text: string } | { readonly problem: string }> {
  try {
    const answer = await askStandIn(`prices?mood=${mood}&date=${date}`, mood, async () => {
      const [{ writeCsv }, { supplierRows }] = await Promise.all([
        import('../../core/files/csvTable'),
        import('../../core/wording/supplierRows'),
      ]);
      const list = mood === 'slow' || mood === 'silent' ? 'none' : mood;
      return new Response(writeCsv(supplierRows(list, date)));
    });
    if (!answer.ok) return { problem: `It answered ${answer.status}. Try again, or read a file.` };
    return { text: await answer.text() };
  } catch {
    return { problem: 'It does not answer. The prices that are known stay, each with its date.' };
  }
}
