import { present } from '../units/present';
import { printWireSize } from '../units/wireSize';
import type { Edition } from '../code/edition';
import { METHODS, type MethodId } from '../code/methods';
import type { TemperatureColumn } from '../code/tables/shapes';
import { WIRE_SIZES, sizeRank, type WireSize } from '../units/wireSize';
import type { TerminalMark } from '../working/step';
import type { Working } from '../working/worked';
import { isWithinNextStandard } from './branchOcpd';
import { ambientRow, type AmpacityTerms } from './conductorAmpacity';
import {
  smallConductorLimit,
  testConductor,
  type ConductorDemand,
  type ConductorVerdict,
} from './conductorTests';

/** A segment with all that its working tells. */
export interface WorkedSegment {
  readonly method: MethodId;
  readonly terms: AmpacityTerms;
  readonly ambientC: number;
  readonly currentCarrying: number;
  /** Why a short part takes the factors of the rest; null where it has its own. */
  readonly short: { readonly lengthFt: number; readonly allowedFt: number } | null;
  readonly terminals: { readonly panel: TerminalMark; readonly load: TerminalMark };
}

/** Records how one segment's conductor was judged, and gives the verdict back. */
export function workSegment(
  size: WireSize,
  demand: ConductorDemand,
  segment: WorkedSegment,
  code: Edition,
  work: Working,
): ConductorVerdict {
  const { terms, method } = segment;
  const verdict = testConductor(size, demand, terms, code);
  columnSteps(segment, demand.ocpdA, work);
  work.step(
    'ampacity.column',
    'conductor.ampacity',
    { size, columnC: terms.columnC, metal: terms.metal },
    verdict.columnA,
    {
      read: { table: 'ampacity', row: size, column: String(terms.columnC) },
    },
  );
  deratingSteps(size, segment, verdict, code, work);
  testSteps(size, demand, terms, verdict, code, work);
  if (terms.ambient === 0) {
    work.found('stop', 'conductor.too-hot', 'conductor.ambient', { ambientC: segment.ambientC, method });
  }
  return verdict;
}

function columnSteps({ terminals, terms, method }: WorkedSegment, ocpdA: number, work: Working): void {
  work.step('terminal.column', 'conductor.terminals', { ...terminals, ocpdA }, terms.terminalC);
  const { capC, capCite } = METHODS[method];
  if (capC !== null && capC <= terms.terminalC) {
    work.step('method.column', capCite, { method, terminalC: terms.terminalC }, terms.columnC);
  }
}

function factorSteps(
  { terms, ambientC, currentCarrying }: WorkedSegment,
  code: Edition,
  work: Working,
): void {
  const start = terms.startC;
  work.step('ambient.factor', 'conductor.ambient', { ambientC, columnC: start }, terms.ambient, {
    read: { table: 'ambient', row: String(ambientRow(code, ambientC)?.toC ?? ''), column: String(start) },
  });
  work.step('adjustment.factor', 'conductor.adjustment', { count: currentCarrying }, terms.adjustment, {
    read: { table: 'adjustment', row: String(terms.adjustment), column: 'factor' },
  });
}

function deratingSteps(
  size: WireSize,
  segment: WorkedSegment,
  verdict: ConductorVerdict,
  code: Edition,
  work: Working,
): void {
  const { terms, short } = segment;
  const start: TemperatureColumn = terms.startC;
  work.step(
    'ampacity.start',
    'conductor.ampacity',
    { size, columnC: start, metal: terms.metal },
    verdict.startA,
    {
      read: { table: 'ampacity', row: size, column: String(start) },
    },
  );
  if (short !== null) {
    work.step('ampacity.short', 'conductor.lower-ampacity', short, terms.ambient * terms.adjustment);
    work.found('note', 'conductor.short-part', 'conductor.lower-ampacity', short);
  } else factorSteps(segment, code, work);
  const { startA, correctedA, columnA, finalA } = verdict;
  work.step(
    'ampacity.corrected',
    'conductor.adjustment',
    { startA, ambient: terms.ambient, adjustment: terms.adjustment },
    correctedA,
  );
  work.step('ampacity.final', 'conductor.terminals', { correctedA, columnA }, finalA);
}

function testSteps(
  size: WireSize,
  demand: ConductorDemand,
  terms: AmpacityTerms,
  { columnA, correctedA, finalA, failed }: ConductorVerdict,
  code: Edition,
  work: Working,
): void {
  const { designA, loadA, ocpdA, own, pluggedMotor, matchBreaker } = demand;
  const says = (test: ConductorVerdict['failed'][number]): string =>
    failed.includes(test) ? 'fails' : 'holds';
  if (own !== null) {
    work.step('test.own', 'breaker.own-article', { needA: designA, hasA: finalA, article: own }, says('own'));
    if (matchBreaker) work.step('test.practice', 'load.nameplate', { ocpdA, finalA }, says('practice'));
    if (pluggedMotor) smallStep(size, demand, terms, says('small'), code, work);
    if (!matchBreaker && finalA < ocpdA)
      work.found('note', 'conductor.below-breaker', 'breaker.own-article', {
        ocpdA,
        carriesA: finalA,
        article: own,
      });
    return;
  }
  work.step('test.load', demand.section, { needA: designA, hasA: columnA }, says('load'));
  work.step('test.corrected', demand.section, { needA: loadA, hasA: correctedA }, says('corrected'));
  work.step('test.breaker', 'breaker.next-size', { ocpdA, finalA, nextUp: ocpdA > finalA }, says('breaker'));
  smallStep(size, demand, terms, says('small'), code, work);
}

function smallStep(
  size: WireSize,
  { ocpdA }: ConductorDemand,
  terms: AmpacityTerms,
  holds: string,
  code: Edition,
  work: Working,
): void {
  const limitA = smallConductorLimit(code, terms, size);
  if (limitA === undefined) return;
  work.step('test.small', 'breaker.small-conductor', { ocpdA, limitA, size }, holds, {
    read: { table: 'smallConductor', row: size, column: terms.metal },
  });
}

/** Records why the size below the chosen one will not do: what the electrician asks first. */
export function workSmaller(
  size: WireSize,
  demand: ConductorDemand,
  terms: AmpacityTerms,
  code: Edition,
  work: Working,
): void {
  const smaller = WIRE_SIZES[sizeRank(size) - 1];
  if (smaller === undefined || code.tables.ampacity[terms.metal][60][smaller] === undefined) return;
  const { failed, finalA } = testConductor(smaller, demand, terms, code);
  if (failed.length > 0) {
    work.step(
      'conductor.smaller',
      'conductor.ampacity',
      { size: smaller, failed, carriesA: finalA },
      printWireSize(smaller),
    );
  }
}

/** Records the stops of a size that fails: each broken test in the words that fit it. */
export function findConductorStops(
  size: WireSize,
  demand: ConductorDemand,
  { method, terms }: WorkedSegment,
  verdict: ConductorVerdict,
  min: WireSize | null,
  code: Edition,
  work: Working,
): void {
  const { failed, columnA, correctedA, finalA } = verdict;
  const { designA, loadA, ocpdA } = demand;
  if (failed.includes('load') || failed.includes('own')) {
    const at75A = code.tables.ampacity[terms.metal][75][size];
    if (terms.columnC === 60 && at75A !== undefined && at75A >= designA) {
      const section = METHODS[method].capC === 60 ? METHODS[method].capCite : 'conductor.terminals';
      work.found('stop', 'conductor.terminal-60c', section, {
        size,
        method,
        carriesA: columnA,
        needsA: designA,
        at75A,
      });
    } else {
      work.found('stop', 'conductor.too-small', demand.section, {
        size,
        method,
        carriesA: failed.includes('own') ? finalA : columnA,
        needsA: designA,
      });
    }
  } else if (failed.includes('corrected')) {
    work.found('stop', 'conductor.too-small', 'conductor.adjustment', {
      size,
      method,
      carriesA: correctedA,
      needsA: loadA,
    });
  } else if (failed.includes('breaker') && !demand.nextUp && isWithinNextStandard(code, ocpdA, finalA)) {
    work.found('stop', 'ocpd.multi-outlet', 'breaker.one-outlet', { ocpdA, carriesA: finalA, size });
  } else if (failed.includes('breaker')) {
    work.found('stop', 'ocpd.above-ampacity', 'breaker.next-size', {
      ocpdA,
      carriesA: finalA,
      size,
      method,
      min,
    });
  }
  if (failed.includes('practice')) {
    work.found('check', 'conductor.practice', 'load.nameplate', { size, ocpdA, carriesA: finalA });
  }
  if (failed.includes('small')) {
    const limitA = present(smallConductorLimit(code, terms, size), '240.4(D)', size);
    work.found('stop', 'conductor.small-rule', 'breaker.small-conductor', { size, ocpdA, limitA });
  }
}
