import { printNumber } from '../units/number';
import { celsius, feet } from '../units/quantity';
import { printLength } from '../units/length';
import { printTemperature } from '../units/temperature';
import { isRefused } from '../units/refused';
import { parseWireSize, printWireSize } from '../units/wireSize';
import type {
  AnyStep,
  ComfortReason,
  ConductorTest,
  Step,
  StepId,
  StepResult,
  TerminalMark,
} from '../working/step';
import { counted, inAmps, inFeet, inPercent, inVolts, metalName, methodName } from './words';

/** A step in words: what it is, its formula with the numbers put in, and the result with its unit. */
export interface StepWords {
  readonly label: string;
  readonly formula: string;
  readonly result: string;
}

type Words = { readonly [K in StepId]: (step: Step<K>) => StepWords };

const n = printNumber;
const amps = (result: StepResult): string => inAmps(Number(result));
const size = (result: StepResult): string => {
  const parsed = parseWireSize(String(result));
  return isRefused(parsed) ? String(result) : printWireSize(parsed);
};
const mark = (value: TerminalMark): string => (value === 'unmarked' ? 'unmarked' : `${value} °C`);

const TEST: Readonly<Record<ConductorTest, string>> = {
  load: '125 %',
  corrected: 'corrected',
  breaker: 'breaker',
  small: 'small rule',
};

const COMFORT: Readonly<Record<ComfortReason, string>> = {
  none: 'pulls well at the legal size',
  full: 'over 35 % full: a size up',
  stiff: '4 AWG or larger is stiff: a size up',
  bends: 'over 180° of bend: a size up',
  long: 'over 100 ft: a size up',
  'house-legal': 'house practice: the legal size',
};

const required = (inputs: { continuousA: number; otherA: number; factor: number }): string =>
  `${n(inputs.continuousA)} A × ${n(inputs.factor)}${inputs.otherA > 0 ? ` + ${n(inputs.otherA)} A` : ''}`;

const drop = (result: StepResult): string => `${n(Number(result))} V`;
const holds = (result: StepResult): string => (result === 'holds' ? 'holds' : 'fails');

/** The words of each step. A step without words does not compile. */
const WORDS: Words = {
  'load.plate': ({ inputs, result }) => ({ label: 'Output on the plate', formula: `${n(inputs.outputA)} A at ${inVolts(inputs.volts)}, continuous`, result: amps(result) }),
  'load.setting': ({ inputs, result }) => ({ label: 'Set lower, access guarded', formula: `${n(inputs.settingA)} A of ${inAmps(inputs.plateA)}`, result: amps(result) }),
  'load.entered': ({ inputs, result }) => ({ label: 'Load as entered', formula: `${n(inputs.continuousA)} A continuous + ${n(inputs.otherA)} A other`, result: amps(result) }),
  'breaker.required': ({ inputs, result }) => ({ label: 'Needed', formula: required(inputs), result: amps(result) }),
  'breaker.standard': ({ inputs, result }) => ({ label: 'Next standard rating', formula: `at least ${inAmps(inputs.requiredA)}`, result: amps(result) }),
  'breaker.plate': ({ inputs, result }) => ({ label: 'Named on the plate', formula: inAmps(inputs.plateA), result: amps(result) }),
  'breaker.pinned': ({ inputs, result }) => ({ label: 'Pinned', formula: `${n(inputs.pinnedA)} A, needs ${inAmps(inputs.requiredA)}`, result: amps(result) }),
  'breaker.poles': ({ inputs, result }) => ({ label: 'Poles', formula: inVolts(inputs.volts), result: counted(Number(result), 'pole') }),
  'conductor.required': ({ inputs, result }) => ({ label: 'To carry', formula: required(inputs), result: amps(result) }),
  'conductor.floor': ({ inputs, result }) => ({ label: 'Smallest allowed here', formula: metalName[inputs.metal], result: size(result) }),
  'terminal.column': ({ inputs, result }) => ({ label: 'Terminals', formula: `panel ${mark(inputs.panel)}, load ${mark(inputs.load)}`, result: `${result} °C` }),
  'method.column': ({ inputs, result }) => ({ label: `Column of ${methodName(inputs.method)}`, formula: `lugs allow ${inputs.terminalC} °C`, result: `${result} °C` }),
  'ampacity.column': ({ inputs, result }) => ({ label: `${printWireSize(inputs.size)} ${metalName[inputs.metal]}`, formula: `${inputs.columnC} °C column`, result: amps(result) }),
  'ampacity.start': ({ inputs, result }) => ({ label: 'Derating starts from', formula: `${inputs.columnC} °C insulation`, result: amps(result) }),
  'ambient.factor': ({ inputs, result }) => ({ label: 'Ambient', formula: printTemperature(celsius(inputs.ambientC)), result: `× ${Number(result).toFixed(2)}` }),
  'adjustment.factor': ({ inputs, result }) => ({ label: 'Together', formula: `${inputs.count} current-carrying`, result: `× ${Number(result).toFixed(2)}` }),
  'ampacity.corrected': ({ inputs, result }) => ({ label: 'Corrected', formula: `${n(inputs.startA)} × ${n(inputs.ambient)} × ${n(inputs.adjustment)}`, result: amps(result) }),
  'ampacity.final': ({ inputs, result }) => ({ label: 'Ampacity', formula: `${n(inputs.correctedA)} or ${n(inputs.columnA)}, the lower`, result: amps(result) }),
  'test.load': ({ inputs, result }) => ({ label: 'Carries 125 % of the load', formula: `${n(inputs.hasA)} A for ${inAmps(inputs.needA)}`, result: holds(result) }),
  'test.corrected': ({ inputs, result }) => ({ label: 'Carries the load, corrected', formula: `${n(inputs.hasA)} A for ${inAmps(inputs.needA)}`, result: holds(result) }),
  'test.breaker': ({ inputs, result }) => ({ label: inputs.nextUp ? 'Breaker, next size up' : 'Breaker protects it', formula: `${n(inputs.ocpdA)} A over ${inAmps(inputs.finalA)}`, result: holds(result) }),
  'test.small': ({ inputs, result }) => ({ label: 'Small-conductor rule', formula: `${inputs.size} AWG: ${n(inputs.limitA)} A at most`, result: holds(result) }),
  'conductor.smaller': ({ inputs }) => ({ label: `Why not ${printWireSize(inputs.size)}`, formula: `fails ${inputs.failed.map((test) => TEST[test]).join(', ')}`, result: inAmps(inputs.carriesA) }),
  'conductor.chosen': ({ inputs, result }) => ({ label: 'Smallest that holds everywhere', formula: metalName[inputs.metal], result: size(result) }),
  'conductor.pinned': ({ inputs, result }) => ({ label: 'Pinned', formula: metalName[inputs.metal], result: size(result) }),
  'conductor.raised': ({ inputs, result }) => ({ label: 'Raised for drop', formula: `${printWireSize(inputs.from)} loses ${inPercent(inputs.dropPct)}, limit ${inPercent(inputs.limitPct)}`, result: size(result) }),
  'cable.made': ({ inputs, result }) => ({ label: 'Cable', formula: `${inputs.wires} insulated of ${printWireSize(inputs.size)}`, result: String(result) }),
  'ground.table': ({ inputs, result }) => ({ label: 'By the device', formula: `${n(inputs.ocpdA)} A, ${metalName[inputs.metal]}`, result: size(result) }),
  'ground.ratio': ({ inputs, result }) => ({ label: 'Phases made larger', formula: `${printWireSize(inputs.least)} to ${printWireSize(inputs.installed)}`, result: `× ${n(Number(result), 3)}` }),
  'ground.increased': ({ inputs, result }) => ({ label: 'Ground in proportion', formula: `${printWireSize(inputs.base)} × ${n(inputs.ratio, 3)}`, result: size(result) }),
  'ground.capped': ({ result }) => ({ label: 'Never larger than the phases', formula: '', result: size(result) }),
  'ground.cable': ({ inputs, result }) => ({ label: `In ${inputs.cable}`, formula: `needs ${printWireSize(inputs.needs)}`, result: size(result) }),
  'ground.pinned': ({ inputs, result }) => ({ label: 'Pinned', formula: `needs ${printWireSize(inputs.needs)}`, result: size(result) }),
  'raceway.area': ({ inputs, result }) => ({ label: 'Conductors', formula: `${inputs.count} with the ground`, result: `${n(Number(result), 4)} in²` }),
  'raceway.limit': ({ inputs, result }) => ({ label: 'May fill', formula: counted(inputs.count, 'conductor'), result: inPercent(Number(result)) }),
  'raceway.legal': ({ inputs, result }) => ({ label: 'Smallest by rule', formula: `holds ${n(inputs.limit, 3)} in², needs ${n(inputs.areaIn2, 4)}`, result: String(result) }),
  'raceway.comfort': ({ inputs, result }) => ({ label: 'House practice', formula: COMFORT[inputs.reason], result: String(result) }),
  'raceway.pinned': ({ inputs, result }) => ({ label: 'Pinned', formula: `smallest by rule ${inputs.legal}`, result: String(result) }),
  'raceway.jam': ({ inputs, result }) => ({ label: 'Jam ratio', formula: `1.05 × ${n(inputs.insideIn, 3)} / ${n(inputs.outsideIn, 3)}`, result: n(Number(result)) }),
  'raceway.bends': ({ inputs, result }) => ({ label: 'Bends between pull points', formula: `${inputs.limit}° at most`, result: `${result}°` }),
  'drop.stretch': ({ inputs, result }) => ({ label: printLength(feet(inputs.lengthFt)), formula: `${inputs.times} × ${n(inputs.amps)} A × ${n(inputs.ohmPerKft, 4)} ohm/kft`, result: drop(result) }),
  'drop.total': ({ inputs, result }) => ({ label: 'Of the voltage', formula: `${n(inputs.dropV)} V of ${inVolts(inputs.volts)}`, result: inPercent(Number(result)) }),
  'drop.direct': ({ inputs, result }) => ({ label: 'By direct current, beside it', formula: `${inputs.times} × ${n(inputs.constant)} × ${n(inputs.amps)} × ${n(inputs.lengthFt)} / ${inputs.cmil}`, result: drop(result) }),
  'drop.longest': ({ inputs, result }) => ({ label: 'Longest run', formula: `at ${inPercent(inputs.limitPct)}`, result: inFeet(Math.floor(Number(result))) }),
  'receptacle.choice': ({ inputs, result }) => ({ label: 'Receptacle', formula: `rated for a ${n(inputs.ocpdA)} A circuit`, result: String(result) }),
  'disconnect.need': ({ inputs, result }) => ({ label: result === 'plug' ? 'The plug disconnects' : 'Own disconnect', formula: `${n(inputs.ratingA)} A; asked above ${inAmps(inputs.overA)}`, result: result === 'none' ? 'not asked' : String(result).replace('-', ' ') }),
  'disconnect.ask': ({ inputs }) => ({ label: 'Disconnect', formula: `${n(inputs.volts)} V, by its own article`, result: 'ask' }),
  'gfci.rule': ({ inputs, result }) => ({ label: 'Ground-fault protection', formula: `${inVolts(inputs.volts)}, ${inAmps(inputs.ocpdA)} circuit`, result: result === 'none' ? 'not asked' : String(result) }),
  'afci.rule': ({ inputs, result }) => ({ label: 'Arc-fault protection', formula: `${inVolts(inputs.volts)}, ${inAmps(inputs.ocpdA)} circuit`, result: result === 'none' ? 'not asked' : String(result) }),
}; // prettier-ignore

const words = <K extends StepId>(step: Step<K>): StepWords => WORDS[step.id](step);

/** A step in words. */
export const stepWords = (step: AnyStep): StepWords => words(step);
