import { FIGURE_KEYS, type AnyFinding, type FigureKey, type Severity } from '../findings/finding';
import type { Circuit } from './circuitSchema';

/** The severity of a figure: its worst open finding, or ok. */
export type FigureSeverity = 'stop' | 'check' | 'ask' | 'ok';

const RANK: Readonly<Record<Severity, number>> = { stop: 3, check: 2, ask: 1, note: 0 };
const OF_RANK: readonly FigureSeverity[] = ['ok', 'ask', 'check', 'stop'];

/** Whether the electrician has answered a finding. A stop stays open: an answer does not make it legal. */
export const isAnswered = (circuit: Circuit, finding: AnyFinding): boolean =>
  finding.severity !== 'stop' && circuit.answers.some(({ code }) => code === finding.code);

/** The findings that are still open. */
export const openFindings = (circuit: Circuit, findings: readonly AnyFinding[]): readonly AnyFinding[] =>
  findings.filter((finding) => finding.severity !== 'note' && !isAnswered(circuit, finding));

/** The worse of two severities. */
export const worseSeverity = (a: FigureSeverity, b: FigureSeverity): FigureSeverity =>
  OF_RANK.indexOf(a) >= OF_RANK.indexOf(b) ? a : b;

/** The worst severity among open findings. */
export const worstSeverity = (open: readonly { readonly severity: Severity }[]): FigureSeverity =>
  OF_RANK[open.reduce((worst, { severity }) => Math.max(worst, RANK[severity]), 0)] ?? 'ok';

/** The worst open finding about a figure, the first among equals; undefined where none is open. */
export const worstFinding = (open: readonly AnyFinding[], link: FigureKey): AnyFinding | undefined =>
  open
    .filter((finding) => finding.link === link)
    .reduce<AnyFinding | undefined>(
      (worst, each) => (worst === undefined || RANK[each.severity] > RANK[worst.severity] ? each : worst),
      undefined,
    );

/** The severity of each figure of a circuit. */
export const figureSeverities = (
  open: readonly AnyFinding[],
): Readonly<Record<FigureKey, FigureSeverity>> => {
  const of = (link: FigureKey): FigureSeverity =>
    worstSeverity(open.filter((finding) => finding.link === link));
  const [load, breaker, conductor, ground, raceway, drop, disconnect, protection] = FIGURE_KEYS;
  return {
    [load]: of(load),
    [breaker]: of(breaker),
    [conductor]: of(conductor),
    [ground]: of(ground),
    [raceway]: of(raceway),
    [drop]: of(drop),
    [disconnect]: of(disconnect),
    [protection]: of(protection),
  };
};

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
