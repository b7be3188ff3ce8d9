import { LINKS, type AnyFinding, type Link, type Standing } from '../findings/finding';
import type { Circuit } from './circuitSchema';

/** The standing of a figure: its worst open finding, or ok. */
export type FigureStanding = 'stop' | 'check' | 'ask' | 'ok';

const RANK: Readonly<Record<Standing, number>> = { stop: 3, check: 2, ask: 1, note: 0 };
const OF_RANK: readonly FigureStanding[] = ['ok', 'ask', 'check', 'stop'];

/** Whether the electrician has answered a finding. A stop stays open: an answer does not make it legal. */
export const isAnswered = (circuit: Circuit, finding: AnyFinding): boolean =>
  finding.standing !== 'stop' && circuit.answers.some(({ code }) => code === finding.code);

/** The findings that are still open. */
export const openFindings = (circuit: Circuit, findings: readonly AnyFinding[]): readonly AnyFinding[] =>
  findings.filter((finding) => finding.standing !== 'note' && !isAnswered(circuit, finding));

/** The worse of two standings. */
export const worseStanding = (a: FigureStanding, b: FigureStanding): FigureStanding =>
  OF_RANK.indexOf(a) >= OF_RANK.indexOf(b) ? a : b;

/** The worst standing among open findings. */
export const worstStanding = (open: readonly { readonly standing: Standing }[]): FigureStanding =>
  OF_RANK[open.reduce((worst, { standing }) => Math.max(worst, RANK[standing]), 0)] ?? 'ok';

/** The worst open finding about a figure, the first among equals; undefined where none is open. */
export const worstFinding = (open: readonly AnyFinding[], link: Link): AnyFinding | undefined =>
  open
    .filter((finding) => finding.link === link)
    .reduce<AnyFinding | undefined>(
      (worst, each) => (worst === undefined || RANK[each.standing] > RANK[worst.standing] ? each : worst),
      undefined,
    );

/** The standing of each figure of a circuit. */
export const linkStandings = (open: readonly AnyFinding[]): Readonly<Record<Link, FigureStanding>> => {
  const of = (link: Link): FigureStanding => worstStanding(open.filter((finding) => finding.link === link));
  const [load, breaker, conductor, ground, raceway, drop, disconnect, protection] = LINKS;
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

/** How many findings of each standing are open. */
export interface StandingCounts {
  readonly stop: number;
  readonly check: number;
  readonly ask: number;
}

/** How many findings of each standing are open. */
export const countStandings = (open: readonly { readonly standing: Standing }[]): StandingCounts => {
  const of = (standing: Standing): number => open.filter((finding) => finding.standing === standing).length;
  return { stop: of('stop'), check: of('check'), ask: of('ask') };
};
