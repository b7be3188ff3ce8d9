import type { Edition } from '../code/edition';
import type { SolvedCircuit } from '../circuit/figures';
import type { AnyFinding } from '../findings/finding';
import { FindingLog } from '../findings/findingLog';
import { sizeRank } from '../units/wireSize';
import { bonding } from './bonding';
import { directory } from './directory';
import { installation } from './installation';
import { legLoads } from './legBalance';
import type { Panel } from './panelSchema';
import { clashes, freeSlots, legOf, spaceLabel, planned, polesIn, unplacedOf, type Wanted } from './spaces';

/** What a panel is judged by besides itself. */
export interface PanelQuestion {
  readonly panel: Panel;
  /** Circuits of the job that this panel is to feed. */
  readonly wanted: readonly Wanted[];
  readonly solved: ReadonlyMap<string, SolvedCircuit>;
  /** What its feeder is computed for, volt-amperes; null where no feeder of the job feeds it. */
  readonly feederVA: number | null;
  /** Available fault current at it, amperes; null until it is known. */
  readonly faultA: number | null;
  readonly code: Edition;
}

/** Legs this far apart are worth a swap: percent of the larger, and volt-amperes. */
const APART_PCT = 20;
const APART_VA = 1200;
/** A panel on lugs alone is asked for its protection from this number of circuits on. */
const NO_MAIN_CIRCUITS = 6;

function spaces({ panel, wanted }: PanelQuestion, out: FindingLog): void {
  const installed = planned(panel, wanted);
  const unplaced = unplacedOf(panel, wanted);
  const needs = polesIn(unplaced);
  const free = freeSlots(panel, installed).length;
  if (needs > free) out.found('stop', 'panel.no-space', 'panel.space', { wanted: needs, free });
  else if (needs > 0) out.found('ask', 'panel.unplaced', 'panel.directory', { count: unplaced.length });
  const poles = polesIn(installed);
  if (panel.mostPoles !== null && poles > panel.mostPoles)
    out.found('stop', 'panel.too-many-circuits', 'panel.space', { poles, max: panel.mostPoles });
  for (const clash of clashes(panel, installed)) {
    const space = `${clash.slot}`;
    if (clash.why === 'tandem') out.found('stop', 'panel.tandem-not-allowed', 'panel.space', { space });
    else out.found('stop', 'panel.clash', 'panel.space', { space });
  }
  const halves = installed.filter(({ place, poles: count }) => place.half !== null && count === 2);
  for (const each of halves)
    out.found('stop', 'panel.same-leg', 'panel.poles', { space: spaceLabel(each.place) });
  if (panel.tandems === null && needs > free)
    out.found('ask', 'panel.tandem-unknown', 'panel.space', { spaces: panel.spaces });
}

/** Two breakers that share a neutral and are not tied: either may be off while the neutral is live (210.4(B)). */
function untied({ breakers }: Panel, out: FindingLog): void {
  const single = breakers.filter(({ sharedNeutral, poles }) => sharedNeutral && poles === 1);
  if (single.length === 0) return;
  const legs = single.map(({ place }) => legOf(place.slot));
  const apart = legs.filter((leg) => leg === 'A').length;
  const isOneLeg = single.length > 1 && 2 * apart !== single.length;
  out.found(isOneLeg ? 'stop' : 'check', 'panel.untied', 'panel.multiwire', {
    spaces: single.map(({ place }) => spaceLabel(place)),
  });
}

/** A panel that is there may be of a type that fails when it is opened or overloaded: asked before its cover comes off. */
function knownToFail({ installed, knownToFail: isKnown, name }: Panel, out: FindingLog): void {
  if (installed === 'new' || isKnown === false) return;
  out.found(isKnown === true ? 'stop' : 'ask', 'panel.known-to-fail', 'panel.integrity', { name });
}

function makeup({ panel }: PanelQuestion, out: FindingLog): void {
  const { role, neutralsShare, openings, busA, mainA, breakers, secondSources } = panel;
  if (secondSources == null) out.found('ask', 'panel.sources', 'panel.sources', { name: panel.name });
  untied(panel, out);
  bonding(panel, out);
  if (neutralsShare === true)
    out.found('stop', 'panel.neutral-shared-terminal', 'panel.neutral', { name: panel.name });
  if (openings !== null && openings > 0)
    out.found('stop', 'panel.openings', 'panel.openings', { count: openings });
  if (busA !== null && mainA !== null && mainA > busA)
    out.found('stop', 'panel.bus-below-main', 'panel.bus', { busA, mainA });
  if (role === 'service' && mainA === null && breakers.length > NO_MAIN_CIRCUITS)
    out.found('ask', 'panel.no-main', 'panel.bus', { circuits: breakers.length });
}

function fits({ panel, wanted, solved }: PanelQuestion, out: FindingLog): void {
  const { listings, lugFrom, lugTo } = panel;
  if (wanted.length > 0 && listings.length === 0)
    out.found('ask', 'panel.breaker-not-listed', 'panel.listing', { listings: '' });
  if (lugFrom === null || lugTo === null) return;
  for (const { circuitId } of wanted) {
    // The first segment is landed here, whatever the rest of the run is of.
    const size = solved.get(circuitId)?.figures.segments[0]?.size;
    if (size === undefined) continue;
    if (sizeRank(size) < sizeRank(lugFrom) || sizeRank(size) > sizeRank(lugTo)) {
      out.found('stop', 'panel.lug-range', 'panel.listing', { size, from: lugFrom, to: lugTo });
    }
  }
}

function fault({ panel: { interruptingKA, seriesRatedKA }, faultA }: PanelQuestion, out: FindingLog): void {
  if (faultA === null) return;
  if (interruptingKA === null) out.found('ask', 'panel.interrupting-unknown', 'service.fault', { faultA });
  else if (faultA > interruptingKA * 1000) {
    const about = { faultA, ratingA: interruptingKA * 1000 };
    // A tested combination of the main and these branch breakers is rated as one, by its label.
    if (seriesRatedKA == null || faultA > seriesRatedKA * 1000)
      out.found('stop', 'panel.interrupting-rating', 'service.fault', about);
    else out.found('note', 'panel.series-rated', 'service.series', { faultA, ratingA: seriesRatedKA * 1000 });
  }
}

function legs({ panel, wanted }: PanelQuestion, out: FindingLog): void {
  const { aVA, bVA, apartPct } = legLoads(planned(panel, wanted));
  if (apartPct > APART_PCT && Math.abs(aVA - bVA) > APART_VA)
    out.found('check', 'service.unbalanced', 'service.legs', { aVA, bVA });
}

/** Whether the feeder is computed for what its panel is to feed (215.2). */
function feederLoad({ wanted, feederVA }: PanelQuestion, out: FindingLog): void {
  const carriesVA = wanted.reduce((sum, { va }) => sum + va, 0);
  if (feederVA !== null && carriesVA > feederVA + 1)
    out.found('check', 'panel.feeder-load', 'feeder.conductor', { carriesVA, feederVA });
}

/** Everything that is wrong, doubtful or still to be asked about a panel as its plan leaves it. */
export function panelFindings(question: PanelQuestion): readonly AnyFinding[] {
  const out = new FindingLog(question.code, { kind: 'panel', panelId: question.panel.id });
  knownToFail(question.panel, out);
  spaces(question, out);
  makeup(question, out);
  fits(question, out);
  fault(question, out);
  legs(question, out);
  feederLoad(question, out);
  installation(question.panel, question.code, out);
  const unclear = directory(planned(question.panel, question.wanted)).filter((line) => line.unclear !== null);
  if (unclear.length > 0)
    out.found('check', 'panel.unlabelled', 'panel.directory', { lines: unclear.map((line) => line.spaces) });
  return out.all;
}
