import { familyList, familyQuestions } from '../appliances/registry';
import type { Circuit } from '../circuit/circuitSchema';
import { printField } from '../fields/written';
import type { CircuitEvaluation } from '../job/evaluation';
import { inputsOfPart } from '../job/jobInputs';
import type { Panel } from '../panel/panelSchema';
import { sourceIndex } from '../sources/sourceIndex';
import type { SourceEntry } from '../sources/sourcesDocument';
import { printLength } from '../units/length';
import { feet } from '../units/quantity';
import { existingFields } from '../wording/fields/existingFields';
import { panelBarFields, panelLabelFields, panelStateFields } from '../wording/fields/panelFields';
import { siteFields } from '../wording/fields/siteFields';
import { burialName, stationName } from '../wording/routeWords';
import { environmentName, methodName } from '../wording/words';
import { assumptionsOf } from './assumptions';
import { circuitInput } from './circuitInput';
import { inputLabel } from './inputLabel';

/** Something that stands though nobody gave it, in words. */
export interface Standing {
  readonly label: string;
  readonly stands: string;
}

function plainly(value: unknown): string {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return typeof value === 'string' || typeof value === 'number' ? `${value}` : 'as it stands';
}

/** What stands at a place of a segment. */
function ofSegment(
  { run }: Circuit,
  [, id = '', key = '', of = '']: readonly string[],
  value: unknown,
): string {
  const segment = run.find((each) => each.id === id);
  if (segment === undefined) return plainly(value);
  if (key === 'method') return methodName(segment.method);
  if (key === 'place') return environmentName[segment.place];
  if (key === 'lengthFt') return printLength(feet(segment.lengthFt));
  if (key === 'burial' && segment.burial !== undefined) return burialName[segment.burial];
  if (of === 'kind' && segment.end?.kind !== undefined) return stationName[segment.end.kind];
  return plainly(value);
}

/** A value of a circuit as the trade writes it. */
function standingWords(circuit: Circuit, at: string, value: unknown): string {
  const places = at.split('.');
  const [part, key] = places;
  const { appliance, site, existing } = circuit;
  switch (part) {
    case 'family':
      return familyList.find(({ id }) => id === appliance.family)?.name ?? appliance.family;
    case 'terminals':
      return value === 'unmarked' ? '60 °C, no mark seen' : `${plainly(value)} °C`;
    case 'nameplate': {
      const question = familyQuestions(appliance.family).find((each) => each.key === key);
      return question === undefined ? plainly(value) : printField(question, value, appliance.nameplate);
    }
    case 'site': {
      const field = Object.values(siteFields).find((each) => each.key === key);
      return field === undefined ? plainly(value) : printField(field, value, site);
    }
    case 'existing': {
      const field = Object.values(existingFields).find((each) => each.key === key);
      return field === undefined || existing === null ? plainly(value) : printField(field, value, existing);
    }
    default:
      return ofSegment(circuit, places, value);
  }
}

/** Everything of a circuit that stands though nobody gave it, whether or not another value would change anything. */
export function assumedOfCircuit(
  view: CircuitEvaluation,
  sources: readonly SourceEntry[],
): readonly Standing[] {
  const { circuit } = view;
  const index = sourceIndex(sources);
  const asked = assumptionsOf(view, sources);
  const isAsked = new Set(asked.map(({ input }) => input));
  const rest = [...inputsOfPart(circuit)].flatMap(([at, value]) =>
    index.get(circuitInput(circuit, at))?.kind === 'assumed' && !isAsked.has(at)
      ? [{ label: inputLabel(circuit, at), stands: standingWords(circuit, at, value) }]
      : [],
  );
  return [...asked, ...rest];
}

const OF_BREAKER: Readonly<Record<string, string>> = {
  slot: 'space',
  half: 'half of its space',
  poles: 'poles',
  amps: 'rating',
  name: 'what it feeds',
  kind: 'kind',
  sharedNeutral: 'shares a neutral',
  va: 'load, VA',
};

/** What a place of a panel is called that no field has. */
function panelLabel({ breakers }: Panel, at: string): string {
  const [list, id] = at.split('.');
  const key = at.split('.').at(-1) ?? at;
  const breaker = list === 'breakers' ? breakers.find((each) => each.id === id) : undefined;
  return breaker === undefined
    ? (OF_PANEL[at] ?? key)
    : `Breaker in space ${breaker.place.slot}: ${OF_BREAKER[key] ?? key}`;
}

const OF_PANEL: Readonly<Record<string, string>> = {
  role: 'Kind of panel',
  fedFrom: 'Fed from',
  lugTo: 'Breaker lugs take at most',
};
const PANEL_FIELDS = [...panelLabelFields, ...panelBarFields, ...panelStateFields];

/** Everything of a panel that stands though nobody read it. */
export function assumedOfPanel(panel: Panel, sources: readonly SourceEntry[]): readonly Standing[] {
  const index = sourceIndex(sources);
  return [...inputsOfPart(panel)].flatMap(([at, value]) => {
    if (index.get(`panel:${panel.id}/${at}`)?.kind !== 'assumed') return [];
    const field = PANEL_FIELDS.find(({ key }) => key === at);
    return field === undefined
      ? [{ label: panelLabel(panel, at), stands: plainly(value) }]
      : [{ label: field.label, stands: printField(field, field.get?.(panel) ?? value, panel) }];
  });
}
