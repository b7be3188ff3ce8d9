import { applianceQuestions } from '../appliances/registry';
import type { Circuit } from '../circuit/circuitSchema';
import { siteFields } from '../wording/fields/siteFields';
import { methodName } from '../wording/words';

const PARTS: Readonly<Record<string, string>> = {
  family: 'Appliance',
  'terminals.panel': 'Panel lugs',
  'terminals.load': 'Load lugs',
};

const OF_SEGMENT: Readonly<Record<string, string>> = {
  method: 'Method',
  place: 'Place',
  lengthFt: 'Length',
  burial: 'Cover',
};

/** What an input of a circuit is called; undefined for one that no page speaks of. */
export function inputLabel(circuit: Circuit, at: string): string | undefined {
  const [part, key = '', of = ''] = at.split('.');
  if (part === 'nameplate')
    return applianceQuestions(circuit.appliance).find((each) => each.key === key)?.label;
  if (part === 'site') return Object.values(siteFields).find((each) => each.key === key)?.label;
  if (part === 'run') {
    const segment = circuit.run.find(({ id }) => id === key);
    const label = OF_SEGMENT[of];
    return segment && label && `${label}, ${methodName(segment.method)}`;
  }
  return PARTS[at];
}
