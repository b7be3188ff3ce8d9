import { printNumber as n } from '../units/number';
import { amps, required, type StepWordings } from './stepWords';
import { counted, inAmps, inVolts } from './words';

/** Words of the steps of load and breaker. */
export const loadSteps = {
  'load.plate': ({ inputs, result }) => ({
    label: 'Output on the nameplate',
    formula: `${n(inputs.outputA, 1)} A at ${inVolts(inputs.volts)}, continuous`,
    result: amps(result),
  }),
  'load.adapter': ({ inputs, result }) => ({
    label: 'Set by its plug adapter',
    formula: `${n(inputs.adapterA, 1)} A of ${inAmps(inputs.plateA)}`,
    result: amps(result),
  }),
  'load.setting': ({ inputs, result }) => ({
    label: 'Set lower, access restricted',
    formula: `${n(inputs.settingA, 1)} A of ${inAmps(inputs.plateA)}`,
    result: amps(result),
  }),
  'load.group': ({ inputs, result }) => ({
    label: 'With chargers under one limit',
    formula: `${n(inputs.ownA, 1)} A + ${n(inputs.groupA, 1)} A continuous`,
    result: amps(result),
  }),
  'load.shared': ({ inputs, result }) => ({
    label: 'Kept together by load management',
    formula: `${counted(inputs.units, 'charger')} of ${n(inputs.plateA, 1)} A`,
    result: amps(result),
  }),
  'load.entered': ({ inputs, result }) => ({
    label: 'Load as entered',
    formula: `${n(inputs.continuousA, 1)} A continuous + ${n(inputs.otherA, 1)} A other`,
    result: amps(result),
  }),
  'load.kilowatts': ({ inputs, result }) => ({
    label: 'Current',
    formula: `${n(inputs.kw)} kW / ${inVolts(inputs.volts)}`,
    result: amps(result),
  }),
  'load.maker': ({ inputs, result }) => ({
    label: 'Current on the nameplate',
    formula: `at ${inVolts(inputs.volts)}`,
    result: amps(result),
  }),
  'load.mca': ({ inputs, result }) => ({
    label: 'Minimum circuit ampacity',
    formula: `MCA ${n(inputs.mca, 1)} A, MOCP ${n(inputs.mocp, 1)} A; 125 % is in it`,
    result: amps(result),
  }),
  'load.motor-table': ({ inputs, result }) => ({
    label: 'Full-load current by table',
    formula: `${n(inputs.hp)} hp at ${inVolts(inputs.volts)}`,
    result: amps(result),
  }),
  'load.motor-plate': ({ inputs, result }) => ({
    label: 'Nameplate of a listed appliance',
    formula: `in place of the table's ${n(inputs.flcA, 1)} A`,
    result: amps(result),
  }),
  'load.motor-larger': ({ inputs, result }) => ({
    label: 'Plate above the table',
    formula: `the larger of ${n(inputs.flcA, 1)} A and ${inAmps(inputs.plateA)}`,
    result: amps(result),
  }),
  'load.overload': ({ inputs, result }) => ({
    label: 'Overload',
    formula: `plate ${n(inputs.plateA, 1)} A × ${n(inputs.percent)} %`,
    result: amps(result),
  }),
  'load.cooking-demand': ({ inputs, result }) => ({
    label: 'Demand of the range',
    formula: `${n(inputs.kw)} kW, column C`,
    result: `${n(Number(result), 0)} VA`,
  }),
  'load.whole': ({ inputs, result }) => ({
    label: 'One unit: its whole plate',
    formula: `${n(inputs.kw)} kW`,
    result: `${n(Number(result), 0)} VA`,
  }),
  'load.tap': ({ inputs, result }) => ({
    label: `Tap of the ${n(inputs.kw)} kW unit`,
    formula: `${n(inputs.kw)} kW / ${inVolts(inputs.volts)}, 20 A at least`,
    result: amps(result),
  }),
  'load.demand-amps': ({ inputs, result }) => ({
    label: 'Current',
    formula: `${n(inputs.va, 0)} VA / ${inVolts(inputs.volts)}`,
    result: amps(result),
  }),
  'load.storage': ({ inputs, result }) => ({
    label: 'Storage heater, up to 120 gal',
    formula: `${n(inputs.amps, 1)} A, taken as continuous`,
    result: amps(result),
  }),
  'load.per-feed': ({ inputs, result }) => ({
    label: 'This circuit',
    formula: `${n(inputs.kw)} kW on ${counted(inputs.feeds, 'circuit')}`,
    result: `${n(Number(result))} kW`,
  }),
  'load.share': ({ inputs, result }) => ({
    label: 'Circuit that it may use',
    formula: `${n(inputs.amps, 1)} A is ${n(inputs.sharePct)} % of it at most`,
    result: amps(result),
  }),
  'load.duty': ({ inputs, result }) => ({
    label: 'By its duty',
    formula: `${n(inputs.amps, 1)} A × ${n(inputs.factor)} at ${n(inputs.dutyPct)} %`,
    result: amps(result),
  }),
  'load.full-outlet': ({ inputs, result }) => ({
    label: 'Shop practice: full-size outlet',
    formula: `for ${inAmps(inputs.amps)}, and any later use`,
    result: amps(result),
  }),
  'load.trailer': ({ inputs, result }) => ({
    label: 'Trailer outlet',
    formula: `${n(inputs.amps, 1)} A at ${inVolts(inputs.volts)}, not continuous`,
    result: amps(result),
  }),
  'load.outlets': ({ inputs, result }) => ({
    label: counted(inputs.count, 'receptacle'),
    formula: `on a ${n(inputs.amps, 1)} A circuit`,
    result: amps(result),
  }),
  'load.legs': ({ inputs, result }) => ({
    label: 'Heavier leg',
    formula: `A ${n(inputs.legA, 1)} A, B ${inAmps(inputs.legB)}`,
    result: amps(result),
  }),
  'breaker.usual': ({ inputs, result }) => ({
    label: 'Usual circuit rating',
    formula: `at least ${inAmps(Math.max(inputs.requiredA, inputs.minA))}`,
    result: amps(result),
  }),
  'breaker.given': ({ inputs, result }) => ({
    label: 'The outlet decides',
    formula: `required: ${inAmps(inputs.requiredA)}`,
    result: amps(result),
  }),
  'breaker.motor-percent': ({ inputs, result }) => ({
    label: 'Inverse-time breaker',
    formula: `${n(inputs.flcA, 1)} A × ${n(inputs.percent)} %`,
    result: amps(result),
  }),
  'breaker.receptacle': ({ inputs, result }) => ({
    label: 'No larger than its receptacle',
    formula: `${inAmps(inputs.computedA)} by the motor table at most`,
    result: amps(result),
  }),
  'breaker.motor': ({ inputs, result }) => ({
    label: 'Next standard rating',
    formula: `above ${inAmps(inputs.computedA)}`,
    result: amps(result),
  }),
  'breaker.mocp': ({ inputs, result }) => ({
    label: 'Nameplate maximum, largest standard rating',
    formula: `${n(inputs.maxA, 1)} A at most`,
    result: amps(result),
  }),
  'breaker.required': ({ inputs, result }) => ({
    label: 'Required',
    formula: required(inputs),
    result: amps(result),
  }),
  'breaker.standard': ({ inputs, result }) => ({
    label: 'Next standard rating',
    formula: `at least ${inAmps(inputs.requiredA)}`,
    result: amps(result),
  }),
  'breaker.plate': ({ inputs, result }) => ({
    label: 'Named on the nameplate',
    formula: inAmps(inputs.plateA),
    result: amps(result),
  }),
  'breaker.pinned': ({ inputs, result }) => ({
    label: 'Set by hand',
    formula: `${n(inputs.pinnedA, 1)} A, ${inAmps(inputs.requiredA)} required`,
    result: amps(result),
  }),
  'breaker.poles': ({ inputs, result }) => ({
    label: 'Poles',
    formula: inVolts(inputs.volts),
    result: counted(Number(result), 'pole'),
  }),
} satisfies StepWordings;
