import { lowerFirst } from '../units/lowerFirst';
import { plateSchema, applianceQuestions, withPlate, type PlateQuestion } from '../appliances/registry';
import type { Circuit } from '../circuit/circuitSchema';
import { namedValues } from '../fields/choices';
import type { Field } from '../fields/field';
import { shapeOf, valueOf } from '../fields/shape';
import { printField } from '../fields/written';
import type { CircuitEvaluation } from '../job/evaluation';
import { NOT_LOOKED_AT } from './notLookedAt';
import { siteQuestions, type SiteTopic } from '../protection/siteQuestions';
import { siteSchema, type Site } from '../protection/siteSchema';
import { isRefused } from '../units/refused';
import { siteFields } from '../wording/fields/siteFields';

/** Another value that an input may have, and the circuit with it. */
export interface Alternative {
  readonly value: unknown;
  readonly words: string;
  readonly circuit: Circuit;
}

/** An input of a circuit that nobody gave: something stands for it. */
export interface Assumption {
  readonly circuitId: string;
  /** Its place in the document of the circuit: "terminals.load", "site.sinkFt". */
  readonly input: string;
  readonly label: string;
  /** What is taken until somebody looks. */
  readonly stands: string;
  readonly alternatives: readonly Alternative[];
}

/** Distances that are tried, feet: within reach, within a room, within sight, past it. */
const DISTANCES_FT = [3, 5, 8, 25, 60] as const;

const TOPICS: readonly SiteTopic[] = ['place', 'disconnect', 'protection', 'ends'];

const ENDS = [
  ['panel', 'Panel lugs'],
  ['load', 'Load lugs'],
] as const;

/** Lugs of which no mark was seen are taken at 60 °C; they may be marked 75 °C. */
const lugs = ({ circuit }: CircuitEvaluation): readonly Assumption[] =>
  ENDS.flatMap(([end, label]) =>
    circuit.terminals[end] === 'unmarked'
      ? [
          {
            circuitId: circuit.id,
            input: `terminals.${end}`,
            label,
            stands: '60 °C, no mark seen',
            alternatives: [
              {
                value: 75,
                words: 'marked 75 °C',
                circuit: { ...circuit, terminals: { ...circuit.terminals, [end]: 75 } },
              },
            ],
          },
        ]
      : [],
  );

interface Tried {
  readonly value: unknown;
  readonly words: string;
}

/** Values that a field of a few may have, or the distances that are tried of a length. */
function triedOf<S>(field: Field<S>, schema: Parameters<typeof shapeOf>[0], subject: S): readonly Tried[] {
  const shape = shapeOf(schema, field.key);
  const named = namedValues(field, shape);
  if (named.length > 0)
    return named.map(({ value, label }) => ({ value: valueOf(shape.schema, value), words: label }));
  if (field.writing.kind !== 'length') return [];
  return DISTANCES_FT.map((value) => ({ value, words: printField(field, value, subject) }));
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
function ofSite({ circuit, solved, context }: CircuitEvaluation): readonly Assumption[] {
  const { facts, outlet } = solved.figures;
  const asked = new Set<keyof Site>(
    TOPICS.flatMap((topic) => siteQuestions(facts, outlet, topic, context.panel !== undefined)),
  );
  return [...asked].flatMap((key): readonly Assumption[] => {
    if (circuit.site[key] !== undefined) return [];
    if (circuit.existing === null && OF_THE_WORK.has(key)) return [];
    const field = siteFields[key];
    const alternatives = triedOf(field, siteSchema, circuit.site).map(({ value, words }) => ({
      value,
      words,
      circuit: { ...circuit, site: { ...circuit.site, [key]: value } },
    }));
    return [
      {
        circuitId: circuit.id,
        input: `site.${key}`,
        label: field.label,
        stands: standsFor(field),
        alternatives,
      },
    ];
  });
}

/** What the plate was not read for. */
function ofPlate({ circuit }: CircuitEvaluation): readonly Assumption[] {
  const { appliance } = circuit;
  const plate: Readonly<Record<string, unknown>> = appliance.nameplate;
  return applianceQuestions(appliance).flatMap((question: PlateQuestion): readonly Assumption[] => {
    if (plate[question.key] !== undefined) return [];
    const alternatives = triedOf(question, plateSchema(appliance.family), plate).flatMap(
      ({ value, words }): readonly Alternative[] => {
        const changed = withPlate(appliance, { [question.key]: value });
        return isRefused(changed) ? [] : [{ value, words, circuit: { ...circuit, appliance: changed } }];
      },
    );
    return [
      {
        circuitId: circuit.id,
        input: `nameplate.${question.key}`,
        label: question.label,
        stands: question.until ?? NOT_LOOKED_AT,
        alternatives,
      },
    ];
  });
}

/** Everything of a circuit that nobody gave and something stands for, with the other values that it may have. */
export const assumptionsOf = (view: CircuitEvaluation): readonly Assumption[] =>
  [...lugs(view), ...ofPlate(view), ...ofSite(view)].filter(({ alternatives }) => alternatives.length > 0);
