import { printLength } from '../units/length';
import { printNumber as n } from '../units/number';
import { feet } from '../units/quantity';
import { printWireSize } from '../units/wireSize';
import type { ComfortReason, StepResult } from '../working/step';
import { type StepWordings } from './stepWords';
import { counted, inFeet, inPercent, inVolts } from './words';

const COMFORT: Readonly<Record<ComfortReason, string>> = {
  none: 'pulls well at the legal size',
  full: 'over 35 % full: a size up',
  stiff: '4 AWG or larger is stiff: a size up',
  bends: 'over 180° of bend: a size up',
  long: 'over 100 ft: a size up',
  'house-legal': 'shop practice: the legal size',
};

const drop = (result: StepResult): string => `${n(Number(result))} V`;

/** Words of the steps of raceway and voltage drop. */
export const racewaySteps = {
  'raceway.area': ({ inputs, result }) => ({
    label: 'Conductors',
    formula: `${inputs.count} with the ground`,
    result: `${n(Number(result), 3)} in²`,
  }),
  'raceway.limit': ({ inputs, result }) => ({
    label: 'May fill',
    formula: counted(inputs.count, 'conductor'),
    result: inPercent(Number(result)),
  }),
  'raceway.nipple': ({ inputs, result }) => ({
    label: 'A nipple',
    formula: `${n(inputs.lengthFt, 1)} ft between enclosures`,
    result: inPercent(Number(result)),
  }),
  'raceway.shared': ({ inputs, result }) => ({
    label: 'With its neighbors',
    formula: `${counted(inputs.count, 'other circuit')}, one ground of ${printWireSize(inputs.ground)}`,
    result: `${n(Number(result), 3)} in²`,
  }),
  'raceway.legal': ({ inputs, result }) => ({
    label: 'Smallest by rule',
    formula: `${n(inputs.areaIn2, 3)} in² of ${n(inputs.limit, 3)} in² allowed`,
    result: String(result),
  }),
  'raceway.comfort': ({ inputs, result }) => ({
    label: 'Shop practice',
    formula: COMFORT[inputs.reason],
    result: String(result),
  }),
  'raceway.pinned': ({ inputs, result }) => ({
    label: 'Set by hand',
    formula: inputs.legal,
    result: String(result),
  }),
  'raceway.jam': ({ inputs, result }) => ({
    label: 'Jam ratio',
    formula: `1.05 × ${n(inputs.insideIn, 3)} / ${n(inputs.outsideIn, 3)}`,
    result: n(Number(result)),
  }),
  'raceway.bends': ({ inputs, result }) => ({
    label: 'Bends between pull points',
    formula: `${inputs.limit}° at most`,
    result: `${result}°`,
  }),
  'drop.segment': ({ inputs, result }) => ({
    label: printLength(feet(inputs.lengthFt)),
    formula: `${inputs.times} × ${n(inputs.amps, 1)} A × ${n(inputs.ohmPerKft, 3)} ohm/kft`,
    result: drop(result),
  }),
  'drop.with-feed': ({ inputs, result }) => ({
    label: 'With the feed',
    formula: `${n(inputs.ownPct, 1)} % + ${n(inputs.feedPct, 1)} % of the feed`,
    result: inPercent(Number(result), 1),
  }),
  'drop.total': ({ inputs, result }) => ({
    label: 'Of the voltage',
    formula: `${n(inputs.dropV)} V of ${inVolts(inputs.volts)}`,
    result: inPercent(Number(result)),
  }),
  'drop.direct': ({ inputs, result }) => ({
    label: 'By direct current, beside it',
    formula: `${inputs.times} × ${n(inputs.constant)} × ${n(inputs.amps)} × ${n(inputs.lengthFt)} / ${inputs.cmil}`,
    result: drop(result),
  }),
  'drop.longest': ({ inputs, result }) => ({
    label: 'Longest run',
    formula: `at ${inPercent(inputs.limitPct)}`,
    result: inFeet(Math.floor(Number(result))),
  }),
  'drop.start': ({ inputs, result }) => ({
    label: 'While it starts',
    formula: `${n(inputs.startA, 1)} A at power factor 0.5`,
    result: inPercent(Number(result)),
  }),
} satisfies StepWordings;
