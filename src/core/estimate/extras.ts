import type { Accepted } from '../quote/quoteDocument';
import type { JobEstimate } from './jobEstimate';

/** A part of the job that costs another price than the one that was accepted. */
export interface Extra {
  readonly key: string;
  /** Its name as it was accepted; null where it was not in the quote. */
  readonly name: string | null;
  /** What it adds, cents; less than nothing where it became cheaper. */
  readonly cents: number;
}

/** What changed in price since a quote was accepted, part by part; together it is the price now less the price then. */
export function extrasSince({ parts: then }: Accepted, { parts: now }: JobEstimate): readonly Extra[] {
  const were = new Map(then.map((part) => [part.key, part]));
  const changed = now.flatMap(({ key, price: { likely } }): readonly Extra[] => {
    const was = were.get(key);
    const cents = likely - (was?.cents ?? 0);
    return cents === 0 ? [] : [{ key, name: was?.name ?? null, cents }];
  });
  const kept = new Set(now.map(({ key }) => key));
  const gone = then
    .filter(({ key }) => !kept.has(key))
    .map(({ key, name, cents }): Extra => ({ key, name, cents: -cents }));
  return [...changed, ...gone];
}
