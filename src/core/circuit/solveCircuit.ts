import { meets } from '../units/quantity';
import { outletChoice, type ArrivingConductors } from '../protection/outlet';
import { locationOf, voltsToGround, type OutletFacts } from '../protection/outletFacts';
import { isCable } from '../rules/conductorSize';
import { LARGE_RANGE_A, LARGE_RANGE_KW } from '../appliances/cooking';
import { applianceLoad, applianceOutlet } from '../appliances/registry';
import type { Edition } from '../code/edition';
import type { LoadDesk, LoadModel } from '../appliances/family';
import { landedIn } from './panelLanding';
import { findExisting, isRecorded, standingFindings } from './existingWork';
import { branchOcpd, unreadOcpd, type OcpdChoice } from '../rules/branchOcpd';
import { withinDrop } from '../rules/voltageDrop';
import type { AnyFinding } from '../findings/finding';
import type { Metal, WireSize } from '../units/wireSize';
import { FIGURE_KEYS, type FigureKey } from '../findings/subject';
import { Working } from '../working/worked';
import type { Circuit } from './circuitSchema';
import { chooseConductor, type ConductorChoice } from './chooseConductor';
import { conductorCase, insulatedWires } from './conductorCase';
import type { CircuitFigures, RacewayFigures, SolvedCircuit, SegmentFigures } from './figures';
import { bringsFeedNeutral } from './feedNeutral';
import { figureDrop } from './figureDrop';
import { figureGround } from './figureGround';
import { figureRaceway, governingRaceway } from './figureRaceway';
import { figureSupports } from './figureSupports';
import type { SolveContext } from './solveContext';

type Desk = Readonly<Record<FigureKey, Working>>;

const desk = (code: Edition, of: Circuit): Desk => ({
  load: new Working(code, 'load', of),
  breaker: new Working(code, 'breaker', of),
  conductor: new Working(code, 'conductor', of),
  ground: new Working(code, 'ground', of),
  raceway: new Working(code, 'raceway', of),
  drop: new Working(code, 'drop', of),
  disconnect: new Working(code, 'disconnect', of),
  protection: new Working(code, 'protection', of),
});

/**
 * Sizes or checks one circuit: load, device, conductor, ground, raceway, drop, disconnect, protection,
 * each with its working. What is pinned is checked, not sized. Never refuses: whatever cannot be built
 * comes out as a figure with a stop beside it. Sections: 210.19, 210.20, 240.4, 240.6, 250.122, 310.16,
 * 334.80, 340.80, Chapter 9, and those of the appliance's article.
 */
export function solveCircuit(circuit: Circuit, context: SolveContext): SolvedCircuit {
  const { code, practices, survey } = context;
  const at = desk(code, circuit);
  const load = applianceLoad(circuit.appliance, loadDesk(context, at.load));
  const recorded = isRecorded(circuit);
  const ocpd =
    circuit.existing !== null && circuit.pins.ocpdA === undefined
      ? unreadOcpd(load, code, at.breaker)
      : branchOcpd(load, circuit.pins.ocpdA, code, at.breaker);
  const conductor = recorded
    ? chooseConductor(conductorCase(circuit, load, ocpd, context, at.conductor))
    : null;
  const sized = conductor === null ? NOTHING_FITS : sizedFigures(circuit, load, ocpd, conductor, context, at);
  const facts = outletFacts(circuit, load, ocpd, { survey, practices });
  const outlet = outletChoice(facts, arriving(sized), code, at);
  rangeLeast(circuit, ocpd, at.breaker);
  // Line to line a house has one voltage: equipment for the other runs at less, or is overdriven.
  const houseV = survey.houseV;
  if (
    load.phase === 1 &&
    load.volts > ONE_LEG_V &&
    load.volts < LINE_TO_LINE_V &&
    !isHouseVoltage(load.volts, houseV)
  )
    at.load.found('check', 'load.house-voltage', 'load.nameplate', { volts: load.volts, houseV });
  for (const { text } of code.local.requirements) {
    at.load.found('note', 'local.requirement', 'amendment.local', { text });
  }
  if (code.certainty === 'preliminary')
    at.load.found('ask', 'edition.unverified', 'amendment.local', { year: code.year });
  const figures: CircuitFigures = {
    load,
    recorded,
    ocpd,
    metal: circuit.material,
    groundMetal: groundMetalOf(circuit, load),
    wires: insulatedWires(load),
    ...sized,
    outlet,
    facts,
  };
  return { figures, workings: workings(at), findings: judged(circuit, facts, context, at) };
}

/** A large household range has 40 A at least, set by hand or found too; of one that stands it is told (210.19). */
function rangeLeast({ appliance, existing, pins }: Circuit, { ratingA }: OcpdChoice, work: Working): void {
  if (appliance.family !== 'range' || appliance.nameplate.kw < LARGE_RANGE_KW) return;
  const isUnread = existing !== null && pins.ocpdA === undefined;
  if (isUnread || meets(ratingA, LARGE_RANGE_A)) return;
  const data = { ocpdA: ratingA, leastA: LARGE_RANGE_A, kw: appliance.nameplate.kw };
  work.found(existing === null ? 'stop' : 'check', 'ocpd.range-least', 'load.range-least', data);
}

/** Everything that was found; of an existing circuit what it must answer for. */
function judged(
  circuit: Circuit,
  { needs }: OutletFacts,
  { code, panel }: SolveContext,
  at: Desk,
): readonly AnyFinding[] {
  const { existing } = circuit;
  if (existing === null) return findings(at);
  const about = { circuit, existing, needs, code, landed: landedIn(circuit, panel) };
  findExisting(about, at.ground);
  return standingFindings(about, findings(at), at.protection);
}

/** What of the context a load is worked out under, and where its steps are written. */
const loadDesk = ({ code, practices, groupA, fedCircuits }: SolveContext, work: Working): LoadDesk => ({
  code,
  practices,
  groupA,
  fedCircuits,
  work,
});

/** Above one leg, and up to what dwellings have between two. */
const ONE_LEG_V = 150;
const LINE_TO_LINE_V = 260;

/** Nominal voltages of equipment that a house voltage serves: 230 and 240 V, 200 and 208 V. */
const isHouseVoltage = (volts: number, houseV: 208 | 240): boolean => (volts > 215 ? 240 : 208) === houseV;

/** A pool or spa circuit is grounded in copper, whatever its phases are. */
const groundMetalOf = ({ material }: Circuit, { minGround }: LoadModel): Metal =>
  minGround === null ? material : 'cu';

/** All that follows from the conductor. */
type ConductorFigures = Pick<
  CircuitFigures,
  | 'size'
  | 'minSize'
  | 'raisedForDrop'
  | 'governing'
  | 'ampacityA'
  | 'ground'
  | 'groundTaken'
  | 'segments'
  | 'raceway'
  | 'drop'
>;

const NOTHING_FITS: ConductorFigures = {
  size: null,
  minSize: null,
  raisedForDrop: false,
  governing: 0,
  ampacityA: null,
  ground: null,
  groundTaken: null,
  segments: [],
  raceway: null,
  drop: null,
};

function sizedFigures(
  circuit: Circuit,
  load: LoadModel,
  ocpd: OcpdChoice,
  conductor: ConductorChoice,
  context: SolveContext,
  at: Desk,
): ConductorFigures {
  const { code, practices } = context;
  const { size, minSize } = conductor;
  const about = { ocpdA: ocpd.ratingA, metal: groundMetalOf(circuit, load), minGround: load.minGround, code };
  const grounds = figureGround(circuit, conductor, about, at.ground);
  const raceways = circuit.run.map((segment, index) => {
    at.raceway.segment = index;
    const pulled = {
      size: conductor.segments[index]?.size ?? size,
      ground: grounds.perSegment[index] ?? grounds.taken,
      wires: insulatedWires(load) + (bringsFeedNeutral(circuit, index) ? 1 : 0),
    };
    return figureRaceway(segment, circuit, pulled, context, at.raceway);
  });
  at.raceway.segment = undefined;
  const drop = figureDrop(circuit, load, size, code, at.drop);
  if (drop.figures !== null) dropWithFeed(drop.figures.percent, context.feedDropPct, at.drop);
  const segments = figureSegments(
    circuit,
    insulatedWires(load),
    conductor,
    grounds.perSegment,
    raceways,
    drop.perSegment,
    {
      code,
      practices,
    },
  );
  const ampacityA = Math.min(...segments.map(({ verdict }) => verdict.finalA));
  return {
    size,
    minSize,
    raisedForDrop: conductor.raisedForDrop,
    governing: conductor.governing,
    // Insulation that may not be used so hot has no ampacity.
    ampacityA: ampacityA > 0 ? ampacityA : null,
    ground: grounds.need,
    groundTaken: grounds.taken,
    segments,
    raceway: governingRaceway(raceways),
    drop: drop.figures,
  };
}

/** The most that feeder and branch circuit together are advised to drop, percent (210.19 note). */
const TOTAL_DROP_PCT = 5;

/** The drop from the panel of the house on, where the breaker stands at the end of another circuit. */
function dropWithFeed(ownPct: number, feedPct: number | undefined, work: Working): void {
  if (feedPct === undefined) return;
  const totalPct = work.step('drop.with-feed', 'drop.advice', { ownPct, feedPct }, ownPct + feedPct);
  if (!withinDrop(totalPct, TOTAL_DROP_PCT))
    work.found('check', 'drop.total', 'drop.advice', { totalPct, limitPct: TOTAL_DROP_PCT });
}

/** The conductors that arrive at the outlet, once they are known. */
function arriving({ segments }: ConductorFigures): ArrivingConductors | null {
  const last = segments.at(-1);
  return last === undefined ? null : { size: last.size, ground: last.ground, cable: isCable(last.method) };
}

function figureSegments(
  circuit: Circuit,
  wires: number,
  conductor: ConductorChoice,
  grounds: readonly WireSize[],
  raceways: readonly (RacewayFigures | null)[],
  dropV: readonly number[],
  { code, practices }: Pick<SolveContext, 'code' | 'practices'>,
): readonly SegmentFigures[] {
  return circuit.run.flatMap((segment, index) => {
    const feedNeutral = bringsFeedNeutral(circuit, index);
    const each = conductor.segments[index];
    const ground = grounds[index];
    if (each === undefined || ground === undefined) return [];
    const raceway = raceways[index] ?? null;
    const supports = figureSupports(segment, raceway?.taken ?? null, practices, code);
    return [
      {
        ...each,
        wires: wires + (feedNeutral ? 1 : 0),
        feedNeutral,
        ground,
        raceway,
        dropV: dropV[index] ?? 0,
        supports,
      },
    ];
  });
}

function outletFacts(
  { appliance, site, run, feedId }: Circuit,
  load: LoadModel,
  { ratingA, poles }: OcpdChoice,
  { survey, practices }: Pick<SolveContext, 'survey' | 'practices'>,
): OutletFacts {
  const needs = applianceOutlet(appliance, load);
  return {
    needs,
    load,
    fromSpaPanel: feedId !== null,
    ocpdA: ratingA,
    poles,
    location: locationOf(needs, site, run.at(-1)?.place ?? 'indoor'),
    site,
    survey,
    practices,
    runFt: run.reduce((sum, { lengthFt }) => sum + lengthFt, 0),
    toGroundV: voltsToGround(load.volts),
  };
}

const workings = (at: Desk): SolvedCircuit['workings'] => ({
  load: at.load.steps,
  breaker: at.breaker.steps,
  conductor: at.conductor.steps,
  ground: at.ground.steps,
  raceway: at.raceway.steps,
  drop: at.drop.steps,
  disconnect: at.disconnect.steps,
  protection: at.protection.steps,
});

const findings = (at: Desk): readonly AnyFinding[] => {
  const all: AnyFinding[] = [];
  for (const figureKey of FIGURE_KEYS) for (const finding of at[figureKey].findings) all.push(finding);
  return all;
};
