import { withPlate } from '../appliances/registry';
import type { Circuit } from '../circuit/circuitSchema';
import { inputsOf } from '../sources/inputs';
import { isRefused } from '../units/refused';

/** An input of a circuit by its subject and place, as sources are kept: "circuit:kiln/terminals.load". */
export const circuitInput = ({ id }: Pick<Circuit, 'id'>, at: string): string => `circuit:${id}/${at}`;

/**
 * A circuit with another value of one of its inputs, unchecked; undefined where the plate does not take it, or there is no
 * such place.
 *
 * @param at Its place: "terminals.load", "nameplate.kw", "site.sinkFt", "run.segment-1.lengthFt".
 */
export function withInput(circuit: Circuit, at: string, value: unknown): Circuit | undefined {
  const [part, key = '', of = ''] = at.split('.');
  switch (part) {
    case 'terminals':
      return { ...circuit, terminals: { ...circuit.terminals, [key]: value } };
    case 'site':
      return { ...circuit, site: { ...circuit.site, [key]: value } };
    case 'nameplate': {
      const appliance = withPlate(circuit.appliance, { [key]: value });
      return isRefused(appliance) ? undefined : { ...circuit, appliance };
    }
    case 'run': {
      const index = circuit.run.findIndex(({ id }) => id === key);
      const segment = circuit.run[index];
      return segment && { ...circuit, run: circuit.run.with(index, { ...segment, [of]: value }) };
    }
    default:
      return undefined;
  }
}

/** Whether something stands in the document for an input, so that a person can say that it is so. */
export function isAnswerable(circuit: Circuit, at: string): boolean {
  const { terminals, site, appliance, run } = circuit;
  return inputsOf({ terminals, site, nameplate: appliance.nameplate, run }).has(at);
}
