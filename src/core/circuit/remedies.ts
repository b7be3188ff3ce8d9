import { circuitPrice } from './circuitPrice';
import type { PriceList } from '../price/defaultPrices';
import { cents } from '../units/quantity';
import type { AnyFinding } from '../findings/finding';
import type { Circuit } from './circuitSchema';
import type { SolvedCircuit } from './figures';
import type { Remedy, RemedyChange } from './remedy';
import { remedyCandidates, type Candidate } from './remedyCandidates';
import { solveCircuit } from './solveCircuit';
import type { SolveContext } from './solveContext';

/** How many ways out of one finding are offered, and how many of those may be another wiring method. */
const MAX = 4;
const MAX_METHODS = 2;

const stops = ({ findings }: SolvedCircuit): Set<string> =>
  new Set(findings.filter(({ severity }) => severity === 'stop').map(({ code }) => code));

/** Whether a change cleared the finding and brought no stop that was not there before. */
function clears(finding: AnyFinding, had: ReadonlySet<string>, after: SolvedCircuit): boolean {
  if (after.findings.some(({ code, severity }) => code === finding.code && severity !== 'note')) return false;
  for (const stop of stops(after)) if (!had.has(stop)) return false;
  return true;
}

function describe(candidate: Candidate, finding: AnyFinding, after: SolvedCircuit): RemedyChange {
  const { kind, circuit } = candidate;
  const { figures } = after;
  const { size, metal } = figures;
  const at = finding.segment ?? 0;
  switch (kind) {
    case 'free-size':
      return { kind, size, metal, what: figures.segments[at]?.cable?.name ?? '' };
    case 'free-breaker':
      return { kind, ocpdA: figures.ocpd.ratingA };
    case 'free-ground':
      return { kind, size: figures.groundTaken };
    case 'free-trade':
      return { kind, trade: figures.raceway?.taken ?? '1/2' };
    case 'method':
      return {
        kind,
        method: circuit.run[at]?.method ?? 'emt',
        size,
        trade: figures.segments[at]?.raceway?.taken ?? null,
      };
    case 'setting':
    case 'guard-setting':
      return { kind, settingA: figures.load.continuousA };
    case 'full-output':
      return { kind, outputA: figures.load.continuousA };
    case 'no-drop-limit':
      return { kind, dropPct: figures.drop.percent };
    case 'hardwire':
      return { kind, ocpdA: figures.ocpd.ratingA };
    case 'feeds':
      return { kind, amps: figures.load.continuousA + figures.load.otherA };
    case 'own-circuit':
    case 'larger-outlet':
      return { kind, ocpdA: figures.ocpd.ratingA };
    case 'one-pole':
    case 'set-right':
      return { kind };
    case 'by-rule':
      return { kind, what: candidate.what ?? 'ground-fault' };
    case 'larger':
      return { kind, size };
    case 'pull-point':
      return { kind, degrees: circuit.run[at]?.bendsDeg ?? 0 };
    case 'marked-75':
    case 'spread-out':
    case 'copper':
      return { kind, size };
  }
}

/**
 * The ways out of a finding, cheapest first: each was proved by solving the circuit with the change made,
 * and is left out unless the finding is gone and no stop has come in its place.
 */
export function remediesFor(
  circuit: Circuit,
  finding: AnyFinding,
  before: SolvedCircuit,
  context: SolveContext,
  prices: PriceList,
): readonly Remedy[] {
  if (finding.severity === 'note') return [];
  const base = circuitPrice(circuit.run, before.figures, prices);
  const had = stops(before);
  const found: Remedy[] = [];
  const kinds = new Set<Candidate['kind']>();
  for (const candidate of remedyCandidates(circuit, finding)) {
    // Of one kind the first that works is enough, but for methods, which differ in how the work is done.
    if (candidate.kind !== 'method' && kinds.has(candidate.kind)) continue;
    const after = solveCircuit(candidate.circuit, context);
    if (!clears(finding, had, after)) continue;
    kinds.add(candidate.kind);
    found.push({
      change: describe(candidate, finding, after),
      circuit: candidate.circuit,
      cost: cents(circuitPrice(candidate.circuit.run, after.figures, prices) - base),
    });
  }
  return cheapest(found);
}

function cheapest(found: readonly Remedy[]): readonly Remedy[] {
  const ordered = found.toSorted((a, b) => a.cost - b.cost);
  const methods = ordered.filter(({ change }) => change.kind === 'method').slice(0, MAX_METHODS);
  return ordered.filter((each) => each.change.kind !== 'method' || methods.includes(each)).slice(0, MAX);
}
