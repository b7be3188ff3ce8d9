import type { PanelLanding } from '../../src/core/circuit/panelLanding';
import type { Site } from '../../src/core/protection/siteSchema';
import type { Circuit } from '../../src/core/circuit/circuitSchema';
import { solveCircuit } from '../../src/core/circuit/solveCircuit';
import type { SolveContext } from '../../src/core/circuit/solveContext';
import { FIGURE_KEYS, type FigureKey } from '../../src/core/findings/subject';
import { wiring, type End, type Landing } from '../../src/core/wiring/terminations';
import { ladderWords } from '../../src/core/wording/ladder';
import { isQuiet } from '../../src/core/working/quietSteps';

/** What a page says: every figure with its sections, where each conductor lands, what is found. */
export type SheetLine = FigureKey | 'landings' | 'found';

/** A worked circuit as it is written on one page. */
export type WorkedSheet = Readonly<Record<SheetLine, string>>;

const section = (at: { readonly section: string; readonly certain: boolean }): string =>
  `${at.section}${at.certain ? '' : '?'}`;

const landing = ({ letters, marked, size, terminal }: Landing): string =>
  `${letters}${marked === null ? '' : ` as ${marked}`} ${size} ${terminal}`;

/** A panel that was looked at: bars bonded in the service, apart past it. */
export const lookedAt = ({ panel }: Site): PanelLanding =>
  panel === 'subpanel' ? { role: 'subpanel', bars: 'apart' } : { role: 'service', bars: 'bonded' };

const endLine = ({ at, landings }: End): string => `${at}: ${landings.map(landing).join(', ')}`;

/** Works a circuit out under an edition and writes its page. */
export function workedSheet(circuit: Circuit, under: SolveContext): WorkedSheet {
  const solved = solveCircuit(circuit, under);
  const lines = FIGURE_KEYS.map((key): readonly [FigureKey, string] => {
    const { figure, unit } = ladderWords(key, solved, circuit);
    const sections = new Set(
      solved.workings[key].filter((step) => !isQuiet(step)).map(({ cite }) => section(cite)),
    );
    return [key, [`${figure} ${unit}`.trim(), ...sections].join('; ')];
  });
  const wired = wiring(circuit, solved, { ...under, panel: lookedAt(circuit.site) });
  return {
    ...(Object.fromEntries(lines) as Record<FigureKey, string>),
    landings: (wired?.ends ?? []).map(endLine).join(' | '),
    found: solved.findings
      .map(({ severity, code, cite }) => `${severity} ${code} ${section(cite)}`)
      .join(', '),
  };
}
