/** stop: a rule is broken; check: legal but doubtful; ask: manufacturer or authority decides; note: for information. */
export type Severity = 'stop' | 'check' | 'ask' | 'note';

/** The severity of a figure: its worst open finding, or ok. */
export type FigureSeverity = 'stop' | 'check' | 'ask' | 'ok';

const RANK: Readonly<Record<Severity, number>> = { stop: 3, check: 2, ask: 1, note: 0 };
const OF_RANK: readonly FigureSeverity[] = ['ok', 'ask', 'check', 'stop'];

/** Whether one severity is worse than another. */
export const isWorse = (one: Severity, other: Severity): boolean => RANK[one] > RANK[other];

/** The worse of two severities. */
export const worseSeverity = (a: FigureSeverity, b: FigureSeverity): FigureSeverity =>
  OF_RANK.indexOf(a) >= OF_RANK.indexOf(b) ? a : b;

/** The worst severity among open findings. */
export const worstSeverity = (open: readonly { readonly severity: Severity }[]): FigureSeverity =>
  OF_RANK[open.reduce((worst, { severity }) => Math.max(worst, RANK[severity]), 0)] ?? 'ok';

/** How many findings of each severity are open. */
export interface SeverityCounts {
  readonly stop: number;
  readonly check: number;
  readonly ask: number;
}

/** How many findings of each severity are open. */
export const countSeverities = (open: readonly { readonly severity: Severity }[]): SeverityCounts => {
  const of = (severity: Severity): number => open.filter((finding) => finding.severity === severity).length;
  return { stop: of('stop'), check: of('check'), ask: of('ask') };
};
