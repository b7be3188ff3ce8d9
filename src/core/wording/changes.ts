import type { Circuit } from '../circuit/circuitSchema';
import type { SolvedCircuit } from '../circuit/figures';
import type { AnyFinding } from '../findings/finding';
import { FIGURE_KEYS, figureOf, type FigureKey } from '../findings/subject';
import { findingSentence } from './findings';
import { ladderWords, figureName } from './ladder';

/** One thing that differs between two solutions of a circuit. */
export interface Difference {
  readonly about: 'figure' | 'finding';
  readonly figureKey: FigureKey;
  /** The figure's name, or the severity of the finding. */
  readonly what: string;
  readonly before: string;
  readonly after: string;
  readonly section: string;
}

const figureText = (figureKey: FigureKey, solved: SolvedCircuit, circuit: Circuit): string => {
  const { figure, unit } = ladderWords(figureKey, solved, circuit);
  return `${figure} ${unit}`.trim();
};

/** Steps that decide a figure, where the last one of its working does not. */
const DECIDES: Partial<Record<FigureKey, RegExp>> = {
  breaker: /^breaker\.(standard|usual|given|motor|mocp|plate|pinned)$/,
  conductor: /^conductor\.(chosen|pinned|raised|least)$/,
  raceway: /^raceway\.(legal|comfort|pinned)$/,
  drop: /^drop\.total$/,
  disconnect: /^disconnect\.(need|ask)$/,
  protection: /^gfci\.rule$/,
};

/** The section that decided a figure. */
function sectionOf({ workings }: SolvedCircuit, figureKey: FigureKey): string {
  const decides = DECIDES[figureKey];
  const steps = workings[figureKey];
  return (steps.findLast(({ id }) => decides?.test(id) ?? true) ?? steps.at(-1))?.cite.section ?? '';
}

/** Findings by what they say, so that the same doubt in another edition is the same one. */
const keyed = (findings: readonly AnyFinding[]): ReadonlyMap<string, AnyFinding> =>
  new Map(
    findings.map((finding) => [`${finding.code} ${finding.severity} ${findingSentence(finding)}`, finding]),
  );

const NOT_COMPARED = new Set(['edition.unverified']);

/** A figure in both solutions; where the same protection stands elsewhere, with where it stands. */
function figureTexts(
  figureKey: FigureKey,
  circuit: Circuit,
  before: SolvedCircuit,
  after: SolvedCircuit,
): readonly [string, string] {
  const [was, is] = [figureText(figureKey, before, circuit), figureText(figureKey, after, circuit)];
  if (was !== is || figureKey !== 'protection') return [was, is];
  const where = (solved: SolvedCircuit): string => ladderWords(figureKey, solved, circuit).reason;
  return [`${was}, ${where(before)}`, `${is}, ${where(after)}`];
}

/** Staples and straps of a whole run. */
const supportsOf = ({ figures }: SolvedCircuit): number =>
  figures.segments.reduce((sum, { supports }) => sum + (supports?.practice ?? 0), 0);

/** What differs in the figures of two solutions, and in how the run is held. */
function figureDifferences(circuit: Circuit, before: SolvedCircuit, after: SolvedCircuit): Difference[] {
  const found: Difference[] = FIGURE_KEYS.flatMap((figureKey) => {
    const [was, is] = figureTexts(figureKey, circuit, before, after);
    if (was === is) return [];
    return [
      {
        about: 'figure',
        figureKey,
        what: figureName[figureKey],
        before: was,
        after: is,
        section: sectionOf(after, figureKey),
      },
    ];
  });
  const [had, has] = [supportsOf(before), supportsOf(after)];
  if (had === has) return found;
  const held = { what: 'Staples and straps', before: String(had), after: String(has), section: '' };
  return [...found, { about: 'figure', figureKey: 'raceway', ...held }];
}

/** Everything that differs between two solutions of one circuit: figures first, then findings gone and come. */
export function differences(
  circuit: Circuit,
  before: SolvedCircuit,
  after: SolvedCircuit,
): readonly Difference[] {
  const found = figureDifferences(circuit, before, after);
  const [had, has] = [keyed(before.findings), keyed(after.findings)];
  for (const [key, finding] of had) {
    if (!has.has(key) && !NOT_COMPARED.has(finding.code))
      found.push({
        about: 'finding',
        figureKey: figureOf(finding.subject) ?? 'load',
        what: 'gone',
        before: findingSentence(finding),
        after: '',
        section: finding.cite.section,
      });
  }
  for (const [key, finding] of has) {
    if (!had.has(key) && !NOT_COMPARED.has(finding.code))
      found.push({
        about: 'finding',
        figureKey: figureOf(finding.subject) ?? 'load',
        what: 'new',
        before: '',
        after: findingSentence(finding),
        section: finding.cite.section,
      });
  }
  return found;
}
