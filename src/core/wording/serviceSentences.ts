import type { serviceCatalog } from '../findings/serviceCatalog';
import { printNumber as n } from '../units/number';
import { elementName, methodTitle } from './serviceNames';
import { inAmps } from './words';
import type { Sentences } from './sentences';

/** Sentences of findings about the service and its demand record. */
export const serviceSentences: Sentences<keyof typeof serviceCatalog> = {
  'house.built': () =>
    'When was the house built? Call before you open anything in an old one. Before 1978: lead in paint. Before 1990: asbestos in plaster, ceilings, floor tile, loose fill, panel boards. 1962 to 1976: branch circuits of aluminum.',
  'house.old-materials': ({ data }) =>
    `Built ${data.builtYear}: call before you open. Until a test says otherwise ${data.lead ? 'paint holds lead, and ' : ''}plaster, ceilings, floor tile, loose fill and panel boards hold asbestos: cut, drill and sand none of them. Ask who is certified to test and to remove it.`,
  'house.aluminum': ({ severity, data }) =>
    severity === 'ask'
      ? `Built ${data.builtYear}: do branch circuits have aluminum conductors? Look where they enter the panel, off and locked. Yes: land and splice them only with what is listed for aluminum.`
      : 'Branch circuits have aluminum conductors: land them only on devices marked for it, splice them to copper only with connectors listed for both, torqued. Extend none of them.',
  'service.unknown': ({ data }) =>
    data.what === 'rating'
      ? 'Read the rating of the main: nothing can be compared until then.'
      : 'Measure the living area, or read a demand record: no method works without one of them.',
  'service.overload': ({ data }) =>
    `${n(data.amps, 1)} A by the ${methodTitle[data.method].toLowerCase()} method is more than the ${inAmps(data.limitA)} of the ${elementName[data.element]}.`,
  'service.tight': ({ data }) =>
    `${n(data.spareA, 1)} A are left of ${inAmps(data.limitA)}: the next appliance will not fit.`,
  'service.least': ({ data }) =>
    `A one-family dwelling has ${inAmps(data.minA)} at least; this service has ${n(data.ratingA, 1)} A. What does the authority require when load is added?`,
  'service.sharing': ({ data }) =>
    `${data.what} shares with another load: does the authority accept the device, and is it listed for it?`,
  'service.charger-group': ({ data }) =>
    `Are the chargers of ${data.name} listed for load management together, the ${n(data.limitA, 1)} A limit restricted? Yes: they count at the limit. Until then each counts in full.`,
  'service.group-unlisted': ({ data }) =>
    `The chargers of ${data.name} are not listed for load management together: each counts in full, not ${n(data.limitA, 1)} A.`,
  'service.managed': ({ data }) =>
    `Load management keeps the service to ${n(data.setpointA, 1)} A: is it listed, does it fail safe, and is its setting restricted?`,
  'demand.too-short': ({ data }) =>
    `The record has ${n(data.days, 0)} days; ${data.minDays} are needed. Record 30 days at the panel, or ask the utility for a year.`,
  'demand.hourly': ({ data }) =>
    `Readings of ${n(data.minutes)} minutes hide the peak of 15: raised by 1.3, which is judgement and not code. Does the authority accept it?`,
  'demand.season': ({ data }) =>
    `Neither heating nor cooling shows from ${data.from.slice(0, 10)} to ${data.to.slice(0, 10)}: add the larger of them by calculation. Was it added?`,
  'demand.gaps': () => 'Readings are missing: the peak may be among them.',
  'demand.export': () =>
    'Power flowed back to the utility: with sun, wind or peak shaving on the premises this method may not be used. Use a calculated one.',
  'demand.unit': ({ data }) =>
    `A peak of ${inAmps(data.peakA)} is no dwelling's: which unit do the values have?`,
};
