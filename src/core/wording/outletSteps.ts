import { printNumber as n } from '../units/number';
import type { StepResult } from '../working/step';
import { coverName, inLocation, ruleWords } from './places';
import { amps, type StepWordings } from './stepWords';
import { inAmps, inVolts } from './words';

const cover = (result: StepResult): string =>
  Object.entries(coverName).find(([key]) => key === result)?.[1] ?? String(result);

/** Words of the steps of receptacle, disconnect and protection. */
export const outletSteps = {
  'receptacle.choice': ({ inputs, result }) => ({
    label: 'Receptacle',
    formula: `rated for a ${n(inputs.ocpdA, 1)} A circuit`,
    result: String(result),
  }),
  'receptacle.place': ({ inputs, result }) => ({
    label: `Receptacle ${inLocation(inputs.location)}`,
    formula: [inputs.weather ? 'weather resistant' : '', inputs.tamper ? 'tamper resistant' : '']
      .filter((part) => part !== '')
      .join(', '),
    result: cover(result),
  }),
  'disconnect.need': ({ inputs, result }) => ({
    label: result === 'plug' ? 'The plug disconnects' : 'Own disconnect',
    formula:
      inputs.by === 'ev'
        ? `${n(inputs.minA, 1)} A; required above ${inAmps(inputs.overA)}`
        : `${n(inputs.minA, 1)} A at least`,
    result: result === 'none' ? 'not required' : String(result).replace('-', ' '),
  }),
  'disconnect.rating': ({ inputs, result }) => ({
    label: 'Rating',
    formula: `${n(inputs.minA, 1)} A at least; breaker ${inAmps(inputs.ocpdA)}`,
    result: amps(result),
  }),
  'disconnect.ask': ({ inputs }) => ({
    label: 'Disconnect',
    formula: `${n(inputs.volts)} V: the code article of the appliance decides`,
    result: 'ask',
  }),
  'gfci.source': ({ inputs, result }) => ({
    label: 'Required by',
    formula: ruleWords[inputs.rule],
    result: result === 'must' ? 'required' : String(result),
  }),
  'gfci.rule': ({ inputs, result }) => ({
    label: 'GFCI protection',
    formula: `${inVolts(inputs.volts)}, ${inAmps(inputs.ocpdA)} circuit`,
    result: result === 'none' ? 'not required' : String(result).replace('-', ' '),
  }),
  'gfci.neutral': ({ inputs, result }) => ({
    label: 'Neutral of the load',
    formula: inputs.usesNeutral ? 'the load, or a plug later, uses one' : 'two hots only',
    result: result === 'device' ? 'to the device' : 'none',
  }),
  'afci.rule': ({ inputs, result }) => ({
    label: 'AFCI protection',
    formula: `${inVolts(inputs.volts)}, ${inAmps(inputs.ocpdA)}, ${inLocation(inputs.location)}`,
    result: result === 'none' ? 'not required' : String(result),
  }),
} satisfies StepWordings;
