import { applianceSchema, applianceTitle, type Appliance } from '../appliances/registry';
import { methodAlternatives } from '../search/methodAlternatives';
import type { Circuit, Segment } from '../circuit/circuitSchema';
import { usualHeightFt } from '../circuit/newCircuit';
import type { CircuitFigures, RacewayFigures, SolvedCircuit, SegmentFigures } from '../circuit/figures';
import { DEFAULT_PRACTICES } from '../circuit/jobDefaults';
import { solveCircuit } from '../circuit/solveCircuit';
import type { SolveContext } from '../circuit/solveContext';
import type { Edition } from '../code/edition';
import type { MethodId } from '../code/methods';
import { firstProblem, type FieldProblem } from '../job/zodProblem';
import type { DisconnectChoice } from '../protection/disconnectChoice';
import type { GroundFaultChoice } from '../protection/groundFault';
import type { Site } from '../protection/siteSchema';
import { disconnectPlace, formReason, ruleWords } from '../wording/places';
import { omitUndefined } from '../units/omitUndefined';
import { defaultPrices } from '../price/defaultPrices';
import { FIGURE_KEYS } from '../findings/subject';
import { evaluateJob } from '../job/evaluateJob';
import { jobContext } from '../job/jobContext';
import { freshJob } from '../job/freshJob';
import { freshMemo } from '../job/jobMemo';
import type { Job } from '../job/jobSchema';
import { stepWords } from '../wording/steps';
import { defaultLines, type FindingLine, type ItemAnswer, type WorkingLine } from './answer';
import { findingLine } from './findingLine';
import type { CircuitItem } from './itemSchemas';

const segments = (item: CircuitItem): Segment[] => {
  const common = { endHeightFt: 4 };
  if (item.segments === undefined) {
    return [
      {
        ...common,
        id: 'run',
        method: item.method ?? 'nm-b',
        lengthFt: item.lengthFt ?? 0,
        place: item.location,
        ambientC: item.ambientC,
        currentCarrying: item.currentCarrying ?? null,
        bendsDeg: null,
        heightFt: usualHeightFt(item.location, item.method ?? 'nm-b'),
      },
    ];
  }
  return item.segments.map((segment, index) => ({
    ...common,
    id: `segment-${index + 1}`,
    method: segment.method,
    lengthFt: segment.lengthFt,
    place: segment.location ?? item.location,
    ambientC: segment.ambientC ?? item.ambientC,
    currentCarrying: segment.currentCarrying ?? item.currentCarrying ?? null,
    bendsDeg: segment.bendsDeg ?? null,
    heightFt: usualHeightFt(segment.location ?? item.location, segment.method),
  }));
};

const pinsOf = (pinned: CircuitItem['pinned']): Circuit['pins'] => pinned;

const siteOf = ({ site }: CircuitItem): Site => omitUndefined(site);

const circuitOf = (item: CircuitItem, appliance: Appliance): Circuit => ({
  id: item.id,
  name: applianceTitle(appliance),
  appliance,
  material: item.material,
  insulation: item.insulation,
  terminals: { panel: item.terminalC, load: item.terminalC },
  startHeightFt: 5,
  run: segments(item),
  pins: pinsOf(item.pinned),
  maxDropPct: item.maxDropPct,
  site: siteOf(item),
  feedId: null,
  existing: null,
  photos: [],
});

const racewayResult = (raceway: RacewayFigures | null, pinned: boolean) =>
  raceway && {
    type: raceway.method,
    trade: pinned ? raceway.taken : raceway.legal,
    fillPct: pinned ? raceway.fillPct : raceway.legalFillPct,
    comfortTrade: raceway.comfort,
  };

/** What an item says of one segment; nothing but its method where no conductor fits. */
const segmentResult = (method: MethodId, segment: SegmentFigures | undefined, pinned: boolean) => ({
  method,
  ampacityA: segment === undefined || segment.verdict.finalA === 0 ? null : segment.verdict.finalA,
  minSize: segment?.min ?? null,
  ok: segment?.verdict.failed.length === 0,
  raceway: racewayResult(segment?.raceway ?? null, pinned),
  cable: segment?.cable?.name ?? null,
  dropV: segment?.dropV ?? null,
});

/** The circuit that an item describes; a problem where its nameplate does not fit its family. */
export function circuitFromItem(item: CircuitItem): Circuit | FieldProblem {
  const appliance = applianceSchema.safeParse({ family: item.family, nameplate: item.nameplate });
  return appliance.success ? circuitOf(item, appliance.data) : firstProblem(appliance.error);
}

const disconnectResult = (choice: DisconnectChoice) => ({
  required: choice.required,
  type: choice.kind,
  ratingA: choice.ratingA,
  inSight: choice.inSight,
  note: disconnectPlace(choice),
});

const groundFaultResult = ({ required, form, sources, reason }: GroundFaultChoice) => ({
  required,
  form,
  why: sources.length === 0 ? formReason[reason] : sources.map(({ rule }) => ruleWords[rule]).join('; '),
});

const governing = (figures: CircuitFigures): SegmentFigures | undefined =>
  figures.segments[figures.governing];

function resultOf(circuit: Circuit, solved: SolvedCircuit, context: SolveContext): Record<string, unknown> {
  const { figures } = solved;
  const { load, ocpd, outlet } = figures;
  const pinned = circuit.pins.trade !== undefined;
  return {
    loadA: load.beyondTables ? null : load.continuousA + load.otherA,
    continuousA: load.beyondTables ? null : load.continuousA,
    minOcpdA: load.beyondTables ? null : ocpd.minA,
    ocpdA: load.beyondTables ? null : ocpd.ratingA,
    poles: ocpd.poles,
    minAmpacityA: load.beyondTables ? null : ocpd.minA,
    size: figures.size,
    ampacityA: figures.ampacityA,
    neutral: load.neutral || ocpd.poles === 1,
    egc: figures.groundTaken,
    egcMaterial: figures.groundMetal,
    raceway: racewayResult(figures.raceway, pinned),
    cable: governing(figures)?.cable?.name ?? null,
    dropV: figures.drop?.volts ?? null,
    dropPct: figures.drop?.percent ?? null,
    disconnect: disconnectResult(outlet.disconnect),
    receptacle: outlet.receptacle,
    gfci: groundFaultResult(outlet.gfci),
    afci: outlet.afci,
    segments: circuit.run.map((segment, index) =>
      segmentResult(segment.method, figures.segments[index], pinned),
    ),
    alternatives: methodAlternatives(circuit, solved, context, defaultPrices).map(
      ({ method, size, trade, dropPct, cost }) => ({ method, size, trade, dropPct, costUSD: cost / 100 }),
    ),
  };
}

/** Findings with their fixes, each tried on a job of this circuit alone. */
function findingLines(job: Job): readonly FindingLine[] {
  const memo = freshMemo();
  const evaluation = evaluateJob(job, memo);
  return evaluation.circuits.flatMap(({ solved }) =>
    solved.findings.map((finding) => findingLine(evaluation, finding, memo)),
  );
}

/** The steps of a solved circuit as lines of words, in the order of the reasoning. */
const workingLines = ({ workings }: SolvedCircuit): readonly WorkingLine[] =>
  FIGURE_KEYS.flatMap((figureKey) =>
    workings[figureKey].map((step) => {
      const { label, formula, result } = stepWords(step);
      const line = { step: label, formula, result, rule: step.cite.section };
      return step.read === undefined
        ? line
        : { ...line, table: { id: step.read.table, row: step.read.row, column: step.read.column } };
    }),
  );

/** A job of the circuit of an item alone. */
const jobOfItem = (item: CircuitItem, circuit: Circuit, code: Edition): Job => ({
  ...freshJob(item.id, item.id),
  edition: code.year,
  practices: { ...DEFAULT_PRACTICES, ...omitUndefined(item.practice) },
  permitDate: item.permitDate ?? null,
  occupancy: item.occupancy,
  circuits: [circuit],
});

/** The figures of a circuit alone, without its findings and their fixes; a problem where its nameplate does not fit. */
export function circuitFigures(
  item: CircuitItem,
  code: Edition,
): Readonly<Record<string, unknown>> | FieldProblem {
  const circuit = circuitFromItem(item);
  if ('path' in circuit) return circuit;
  const context = jobContext(jobOfItem(item, circuit, code));
  return resultOf(circuit, solveCircuit(circuit, context), context);
}

/** Sizes or checks the circuit of a worksheet; a problem where its nameplate does not fit its family. */
export function answerCircuit(
  item: CircuitItem,
  given: Readonly<Record<string, unknown>>,
  code: Edition,
): ItemAnswer | FieldProblem {
  const circuit = circuitFromItem(item);
  if ('path' in circuit) return circuit;
  const job = jobOfItem(item, circuit, code);
  const context = jobContext(job);
  const solved = solveCircuit(circuit, context);
  const { material, ambientC, terminalC, maxDropPct, location } = item;
  return {
    id: item.id,
    kind: 'circuit',
    result: resultOf(circuit, solved, context),
    findings: findingLines(job),
    working: [
      ...defaultLines(given, { material, ambientC, terminalC, maxDropPct, location }),
      ...workingLines(solved),
    ],
  };
}
