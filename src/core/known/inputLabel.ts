import { familyQuestions } from '../appliances/registry';
import type { Circuit } from '../circuit/circuitSchema';
import { existingFields } from '../wording/fields/existingFields';
import { siteFields } from '../wording/fields/siteFields';
import { methodName } from '../wording/words';

const PARTS: Readonly<Record<string, string>> = {
  family: 'Appliance',
  'terminals.panel': 'Panel lugs',
  'terminals.load': 'Load lugs',
  existing: 'As found',
};

const OF_SEGMENT: Readonly<Record<string, string>> = {
  method: 'Method',
  place: 'Place',
  lengthFt: 'Length',
  burial: 'Cover',
  bored: 'Bored, not dug',
  sunlight: 'Marked sunlight resistant',
  spaced: 'Spaced in the trench',
  end: 'At its end',
};

const OF_PART: Readonly<Record<string, readonly { readonly key: string; readonly label: string }[]>> = {
  site: Object.values(siteFields),
  existing: Object.values(existingFields),
};

/** What an input of a circuit is called. */
export function inputLabel(circuit: Circuit, at: string): string {
  const [part = '', key = '', of = ''] = at.split('.');
  if (part === 'run') {
    const segment = circuit.run.find(({ id }) => id === key);
    const label = OF_SEGMENT[of] ?? of;
    return segment === undefined ? label : `${label}, ${methodName(segment.method)}`;
  }
  const fields = part === 'nameplate' ? familyQuestions(circuit.appliance.family) : (OF_PART[part] ?? []);
  return fields.find((each) => each.key === key)?.label ?? PARTS[at] ?? at;
}
