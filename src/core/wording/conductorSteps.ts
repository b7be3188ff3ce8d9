import { printNumber as n } from '../units/number';
import { celsius } from '../units/quantity';
import { printTemperature } from '../units/temperature';
import { printWireSize } from '../units/wireSize';
import type { ConductorTest, StepResult, TerminalMark } from '../working/step';
import { amps, required, size, type StepWordings } from './stepWords';
import { inAmps, inPercent, metalName, methodName } from './words';

const mark = (value: TerminalMark): string => (value === 'unmarked' ? 'unmarked' : `${value} °C`);

const TEST: Readonly<Record<ConductorTest, string>> = {
  load: '125 %',
  corrected: 'corrected',
  breaker: 'breaker',
  small: '240.4(D)',
  own: 'ampacity',
  practice: 'shop practice',
};

const holds = (result: StepResult): string => (result === 'holds' ? 'holds' : 'fails');

/** Words of the steps of conductor and ground. */
export const conductorSteps = {
  'conductor.required': ({ inputs, result }) => ({
    label: 'Required',
    formula: required(inputs),
    result: amps(result),
  }),
  'conductor.floor': ({ inputs, result }) => ({
    label: 'Smallest allowed here',
    formula: metalName[inputs.metal],
    result: size(result),
  }),
  'conductor.least': ({ inputs, result }) => ({
    label: inputs.why === 'pool' ? 'Practice for a pool circuit: no smaller' : 'Shop practice: no smaller',
    formula: `${printWireSize(inputs.size)} would carry it`,
    result: size(result),
  }),
  'conductor.half-device': ({ inputs, result }) => ({
    label: 'Half of the device',
    formula: `${n(inputs.ocpdA, 1)} A / 2`,
    result: amps(result),
  }),
  'terminal.column': ({ inputs, result }) => ({
    label: 'Terminals',
    formula: `panel ${mark(inputs.panel)}, load ${mark(inputs.load)}`,
    result: `${result} °C`,
  }),
  'method.column': ({ inputs, result }) => ({
    label: `Column of ${methodName(inputs.method)}`,
    formula: `terminals ${inputs.terminalC} °C`,
    result: `${result} °C`,
  }),
  'ampacity.column': ({ inputs, result }) => ({
    label: `${printWireSize(inputs.size)} ${metalName[inputs.metal]}`,
    formula: `${inputs.columnC} °C column`,
    result: amps(result),
  }),
  'ampacity.start': ({ inputs, result }) => ({
    label: 'Derating starts from',
    formula: `${inputs.columnC} °C insulation`,
    result: amps(result),
  }),
  'ambient.factor': ({ inputs, result }) => ({
    label: 'Ambient',
    formula: printTemperature(celsius(inputs.ambientC)),
    result: `× ${Number(result).toFixed(2)}`,
  }),
  'adjustment.factor': ({ inputs, result }) => ({
    label: 'Current-carrying conductors',
    formula: `${inputs.count} in the raceway or bundle`,
    result: `× ${Number(result).toFixed(2)}`,
  }),
  'ampacity.short': ({ inputs, result }) => ({
    label: 'Short part',
    formula: `${n(inputs.lengthFt, 1)} ft, at most ${n(inputs.allowedFt, 1)} ft: factors of the rest`,
    result: `× ${Number(result).toFixed(2)}`,
  }),
  'ampacity.corrected': ({ inputs, result }) => ({
    label: 'Corrected',
    formula: `${n(inputs.startA)} × ${n(inputs.ambient)} × ${n(inputs.adjustment)}`,
    result: amps(result),
  }),
  'ampacity.final': ({ inputs, result }) => ({
    label: 'Ampacity',
    formula: `${n(inputs.correctedA)} or ${n(inputs.columnA)}, the lower`,
    result: amps(result),
  }),
  'test.load': ({ inputs, result }) => ({
    label: 'Carries 125 % of the load',
    formula: `${n(inputs.hasA, 1)} A for ${inAmps(inputs.needA)}`,
    result: holds(result),
  }),
  'test.corrected': ({ inputs, result }) => ({
    label: 'Carries the load, corrected',
    formula: `${n(inputs.hasA, 1)} A for ${inAmps(inputs.needA)}`,
    result: holds(result),
  }),
  'test.breaker': ({ inputs, result }) => ({
    label: inputs.nextUp ? 'Breaker, next size up' : 'Breaker protects it',
    formula: `${n(inputs.ocpdA, 1)} A over ${inAmps(inputs.finalA)}`,
    result: holds(result),
  }),
  'test.small': ({ inputs, result }) => ({
    label: '240.4(D)',
    formula: `${inputs.size} AWG: ${n(inputs.limitA, 1)} A at most`,
    result: holds(result),
  }),
  'test.own': ({ inputs, result }) => ({
    label: 'Carries the load; breaker by 240.4(G)',
    formula: `${n(inputs.hasA, 1)} A for ${inAmps(inputs.needA)}`,
    result: holds(result),
  }),
  'test.practice': ({ inputs, result }) => ({
    label: 'Shop practice: wired to the breaker',
    formula: `${n(inputs.finalA, 1)} A for ${inAmps(inputs.ocpdA)}`,
    result: holds(result),
  }),
  'conductor.smaller': ({ inputs }) => ({
    label: `Why not ${printWireSize(inputs.size)}`,
    formula: `fails ${inputs.failed.map((test) => TEST[test]).join(', ')}`,
    result: inAmps(inputs.carriesA),
  }),
  'conductor.chosen': ({ inputs, result }) => ({
    label: 'Smallest that holds everywhere',
    formula: metalName[inputs.metal],
    result: size(result),
  }),
  'conductor.pinned': ({ inputs, result }) => ({
    label: 'Set by hand',
    formula: metalName[inputs.metal],
    result: size(result),
  }),
  'conductor.raised': ({ inputs, result }) => ({
    label: 'Raised for drop',
    formula: `${printWireSize(inputs.from)} loses ${inPercent(inputs.dropPct)}, limit ${inPercent(inputs.limitPct)}`,
    result: size(result),
  }),
  'cable.made': ({ inputs, result }) => ({
    label: 'Cable',
    formula: `${inputs.wires} insulated of ${printWireSize(inputs.size)}`,
    result: String(result),
  }),
  'ground.table': ({ inputs, result }) => ({
    label: 'By the device',
    formula: `${n(inputs.ocpdA, 1)} A, ${metalName[inputs.metal]}`,
    result: size(result),
  }),
  'ground.ratio': ({ inputs, result }) => ({
    label: 'Phases made larger',
    formula: `${printWireSize(inputs.min)} to ${printWireSize(inputs.installed)}`,
    result: `× ${n(Number(result), 3)}`,
  }),
  'ground.increased': ({ inputs, result }) => ({
    label: 'Ground in proportion',
    formula: `${printWireSize(inputs.base)} × ${n(inputs.ratio, 3)}`,
    result: size(result),
  }),
  'ground.capped': ({ result }) => ({
    label: 'Never larger than the phases',
    formula: '',
    result: size(result),
  }),
  'ground.least': ({ result }) => ({
    label: 'Smallest of a pool or spa',
    formula: 'insulated copper',
    result: size(result),
  }),
  'ground.cable': ({ inputs, result }) => ({
    label: `In ${inputs.cable}`,
    formula: `required: ${printWireSize(inputs.needs)}`,
    result: size(result),
  }),
  'ground.pinned': ({ inputs, result }) => ({
    label: 'Set by hand',
    formula: `required: ${printWireSize(inputs.needs)}`,
    result: size(result),
  }),
} satisfies StepWordings;
