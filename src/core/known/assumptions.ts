import type { z } from 'zod';
import { applianceQuestions, plateSchema, type PlateQuestion } from '../appliances/registry';
import { segmentSchema, type Circuit } from '../circuit/circuitSchema';
import { namedValues } from '../fields/choices';
import type { Field } from '../fields/field';
import { shapeOf, valueOf } from '../fields/shape';
import { printField } from '../fields/written';
import type { CircuitEvaluation } from '../job/evaluation';
import { siteQuestions, type SiteTopic } from '../protection/siteQuestions';
import { siteSchema, type Site } from '../protection/siteSchema';
import { sourceIndex } from '../sources/sourceIndex';
import type { SourceEntry } from '../sources/sourcesDocument';
import { printLength } from '../units/length';
import { lowerFirst } from '../units/lowerFirst';
import { feet } from '../units/quantity';
import { siteFields } from '../wording/fields/siteFields';
import { methodName } from '../wording/words';
import { circuitInput } from './circuitInput';
import { NOT_LOOKED_AT } from './notLookedAt';

/** Another value that an input may have. */
export interface Alternative {
  readonly value: unknown;
  readonly words: string;
}

/** An input of a circuit that nobody gave: something stands for it. */
export interface Assumption {
  readonly circuitId: string;
  /** Its place in the circuit: "terminals.load", "site.sinkFt", "run.segment-1.lengthFt". */
  readonly input: string;
  readonly label: string;
  /** What is taken until somebody looks. */
  readonly stands: string;
  readonly alternatives: readonly Alternative[];
}

/** A circuit, and whose word its inputs are. */
interface Known {
  readonly view: CircuitEvaluation;
  readonly circuit: Circuit;
  /** Whether nobody answers for a value that stands. */
  isAssumed(this: void, at: string): boolean;
  /** Whether somebody answers for it. */
  isAnswered(this: void, at: string): boolean;
}

/** Distances that are tried, feet: within reach, within a room, within sight, past it. */
const DISTANCES_FT = [3, 5, 8, 25, 60] as const;

const TOPICS: readonly SiteTopic[] = ['place', 'disconnect', 'protection', 'ends'];

const ENDS = [
  ['panel', 'Panel lugs'],
  ['load', 'Load lugs'],
] as const;

/** Lugs of which no mark was seen are taken at 60 °C; they may be marked 75 °C. */
const lugs = ({ circuit, isAnswered }: Known): readonly Assumption[] =>
  ENDS.flatMap(([end, label]) => {
    const input = `terminals.${end}`;
    if (circuit.terminals[end] !== 'unmarked' || isAnswered(input)) return [];
    const alternatives = [{ value: 75, words: 'marked 75 °C' }];
    return [{ circuitId: circuit.id, input, label, stands: '60 °C, no mark seen', alternatives }];
  });

/** Shares of a figure that was assumed, which it may be as well. */
const NEAR = [0.75, 1.25] as const;

/** What else a figure may be that nobody read. */
const nearby = <S>(field: Field<S>, schema: z.ZodType, value: number, subject: S): readonly Alternative[] =>
  NEAR.map((share) => Math.round(value * share * 10) / 10)
    .filter((other) => schema.safeParse(other).success)
    .map((other) => ({ value: other, words: printField(field, other, subject) }));

/** Values that a field of a few may have, those near a figure, or the distances that are tried of a length. */
function triedOf<S>(
  field: Field<S>,
  schema: Parameters<typeof shapeOf>[0],
  subject: S,
  value: unknown,
): readonly Alternative[] {
  const shape = shapeOf(schema, field.key);
  const named = namedValues(field, shape);
  if (named.length > 0)
    return named
      .map((each) => ({ value: valueOf(shape.schema, each.value), words: each.label }))
      .filter((other) => other.value !== value);
  if (typeof value === 'number') return nearby(field, shape.schema, value, subject);
  if (field.writing.kind !== 'length') return [];
  return DISTANCES_FT.map((ft) => ({ value: ft, words: printField(field, ft, subject) }));
}

/** What whoever builds a planned circuit does right: it is looked at when it is proved, and is no fact of the place. */
const OF_THE_WORK: ReadonlySet<keyof Site> = new Set([
  'hotColor',
  'whiteMarked',
  'groundColor',
  'groundLanded',
  'sparesCapped',
  'groundScrew',
  'groundFault',
  'arcFault',
  'disconnect',
  'disconnectA',
  'disconnectHandleFt',
  'buildingDisconnect',
  'emergencyShutoff',
  'loadNeutral',
  'feedNeutral',
  'lineLoad',
]);

/** What stands where nothing is known, as the field offers it. */
function standsFor({ writing }: Field<Site>): string {
  const unknown = 'unknown' in writing ? writing.unknown : undefined;
  return unknown === undefined || unknown === null ? NOT_LOOKED_AT : lowerFirst(unknown);
}

/** What there is to look at where the appliance stands, and nobody did. */
function ofSite({ circuit, view, isAssumed }: Known): readonly Assumption[] {
  const { facts, outlet } = view.solved.figures;
  const asked = new Set<keyof Site>(
    TOPICS.flatMap((topic) => siteQuestions(facts, outlet, topic, view.context.panel !== undefined)),
  );
  return [...asked].flatMap((key): readonly Assumption[] => {
    const value = circuit.site[key];
    const input = `site.${key}`;
    if (value !== undefined && !isAssumed(input)) return [];
    if (circuit.existing === null && OF_THE_WORK.has(key)) return [];
    const field = siteFields[key];
    return [
      {
        circuitId: circuit.id,
        input,
        label: field.label,
        stands: value === undefined ? standsFor(field) : printField(field, value, circuit.site),
        alternatives: triedOf(field, siteSchema, circuit.site, value),
      },
    ];
  });
}

/** What the plate was not read for, and what stands on it that nobody read. */
function ofPlate({ circuit, isAssumed }: Known): readonly Assumption[] {
  const { appliance } = circuit;
  const plate: Readonly<Record<string, unknown>> = appliance.nameplate;
  return applianceQuestions(appliance).flatMap((question: PlateQuestion): readonly Assumption[] => {
    const value = plate[question.key];
    const input = `nameplate.${question.key}`;
    if (value !== undefined && !isAssumed(input)) return [];
    return [
      {
        circuitId: circuit.id,
        input,
        label: question.label,
        stands: value === undefined ? (question.until ?? NOT_LOOKED_AT) : printField(question, value, plate),
        alternatives: triedOf(question, plateSchema(appliance.family), plate, value),
      },
    ];
  });
}

/** A length that nobody gave may be half of it, or twice. */
const LENGTHS = [0.5, 2] as const;

/** Lengths that nobody measured, paced or typed. */
const ofRun = ({ circuit, isAssumed }: Known): readonly Assumption[] =>
  circuit.run.flatMap(({ id, method, lengthFt }): readonly Assumption[] => {
    const input = `run.${id}.lengthFt`;
    if (!isAssumed(input)) return [];
    const alternatives = LENGTHS.map((share) => Math.ceil(lengthFt * share))
      .filter((ft) => segmentSchema.shape.lengthFt.safeParse(ft).success)
      .map((value) => ({ value, words: printLength(feet(value)) }));
    return [
      {
        circuitId: circuit.id,
        input,
        label: `Length, ${methodName(method)}`,
        stands: printLength(feet(lengthFt)),
        alternatives,
      },
    ];
  });

/** Everything of a circuit that nobody gave and something stands for, with the other values that it may have. */
export function assumptionsOf(
  view: CircuitEvaluation,
  sources: readonly SourceEntry[],
): readonly Assumption[] {
  const { circuit } = view;
  const index = sourceIndex(sources);
  const kindOf = (at: string) => index.get(circuitInput(circuit, at))?.kind;
  const known: Known = {
    view,
    circuit,
    isAssumed: (at) => kindOf(at) === 'assumed',
    isAnswered: (at) => kindOf(at) !== undefined && kindOf(at) !== 'assumed',
  };
  return [...lugs(known), ...ofPlate(known), ...ofRun(known), ...ofSite(known)].filter(
    ({ alternatives }) => alternatives.length > 0,
  );
}
