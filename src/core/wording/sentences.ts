import type { Finding, FindingCode } from '../findings/finding';

/** One sentence for each finding of a catalog. A finding without one does not compile. */
export type Sentences<C extends FindingCode> = { readonly [K in C]: (finding: Finding<K>) => string };
