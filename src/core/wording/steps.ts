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
import { coverName, inRoom, ruleWords } from './places';
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
  own: 'ampacity',
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

const cover = (result: StepResult): string =>
  Object.entries(coverName).find(([key]) => key === result)?.[1] ?? String(result);
const drop = (result: StepResult): string => `${n(Number(result))} V`;
const holds = (result: StepResult): string => (result === 'holds' ? 'holds' : 'fails');

/** The words of each step. A step without words does not compile. */
const WORDS: Words = {
  'load.plate': ({ inputs, result }) => ({ label: 'Output on the plate', formula: `${n(inputs.outputA)} A at ${inVolts(inputs.volts)}, continuous`, result: amps(result) }),
  'load.setting': ({ inputs, result }) => ({ label: 'Set lower, access guarded', formula: `${n(inputs.settingA)} A of ${inAmps(inputs.plateA)}`, result: amps(result) }),
  'load.entered': ({ inputs, result }) => ({ label: 'Load as entered', formula: `${n(inputs.continuousA)} A continuous + ${n(inputs.otherA)} A other`, result: amps(result) }),
  'load.kilowatts': ({ inputs, result }) => ({ label: 'Current', formula: `${n(inputs.kw)} kW / ${inVolts(inputs.volts)}`, result: amps(result) }),
  'load.maker': ({ inputs, result }) => ({ label: 'Current on the plate', formula: `at ${inVolts(inputs.volts)}`, result: amps(result) }),
  'load.mca': ({ inputs, result }) => ({ label: 'Minimum circuit ampacity', formula: `MCA ${n(inputs.mca)} A, MOCP ${n(inputs.mocp)} A; 125 % is in it`, result: amps(result) }),
  'load.motor-table': ({ inputs, result }) => ({ label: 'Full-load current by table', formula: `${n(inputs.hp)} hp at ${inVolts(inputs.volts)}`, result: amps(result) }),
  'load.motor-larger': ({ inputs, result }) => ({ label: 'Plate above the table', formula: `the larger of ${n(inputs.flcA)} A and ${inAmps(inputs.plateA)}`, result: amps(result) }),
  'load.overload': ({ inputs, result }) => ({ label: 'Overload', formula: `plate ${n(inputs.plateA)} A × ${n(inputs.percent)} %`, result: amps(result) }),
  'load.cooking-demand': ({ inputs, result }) => ({ label: 'Demand of the range', formula: `${n(inputs.kw)} kW, column C`, result: `${n(Number(result), 0)} VA` }),
  'load.whole': ({ inputs, result }) => ({ label: 'One unit: its whole plate', formula: `${n(inputs.kw)} kW`, result: `${n(Number(result), 0)} VA` }),
  'load.tap': ({ inputs, result }) => ({ label: `Tap of the ${n(inputs.kw)} kW unit`, formula: `${n(inputs.kw)} kW / ${inVolts(inputs.volts)}, 20 A at least`, result: amps(result) }),
  'load.demand-amps': ({ inputs, result }) => ({ label: 'Current', formula: `${n(inputs.va, 0)} VA / ${inVolts(inputs.volts)}`, result: amps(result) }),
  'load.per-feed': ({ inputs, result }) => ({ label: 'This circuit', formula: `${n(inputs.kw)} kW on ${counted(inputs.feeds, 'circuit')}`, result: `${n(Number(result))} kW` }),
  'load.share': ({ inputs, result }) => ({ label: 'Circuit that it may use', formula: `${n(inputs.amps)} A is ${n(inputs.sharePct)} % of it at most`, result: amps(result) }),
  'load.duty': ({ inputs, result }) => ({ label: 'By its duty', formula: `${n(inputs.amps)} A × ${n(inputs.factor)} at ${n(inputs.dutyPct)} %`, result: amps(result) }),
  'load.full-outlet': ({ inputs, result }) => ({ label: 'House practice: full-size outlet', formula: `for ${inAmps(inputs.amps)}, and any later use`, result: amps(result) }),
  'load.trailer': ({ inputs, result }) => ({ label: 'Trailer outlet', formula: `${n(inputs.amps)} A at ${inVolts(inputs.volts)}, not continuous`, result: amps(result) }),
  'load.outlets': ({ inputs, result }) => ({ label: counted(inputs.count, 'receptacle'), formula: `on a ${n(inputs.amps)} A circuit`, result: amps(result) }),
  'load.legs': ({ inputs, result }) => ({ label: 'Heavier leg', formula: `A ${n(inputs.legA)} A, B ${inAmps(inputs.legB)}`, result: amps(result) }),
  'load.least-feeder': ({ inputs, result }) => ({ label: 'Detached building', formula: inputs.circuits === 0 ? 'more than two circuits' : counted(inputs.circuits, 'circuit'), result: amps(result) }),
  'breaker.usual': ({ inputs, result }) => ({ label: 'Usual circuit rating', formula: `at least ${inAmps(Math.max(inputs.requiredA, inputs.leastA))}`, result: amps(result) }),
  'breaker.given': ({ inputs, result }) => ({ label: 'The outlet decides', formula: `needs ${inAmps(inputs.requiredA)}`, result: amps(result) }),
  'breaker.motor-percent': ({ inputs, result }) => ({ label: 'Inverse-time breaker', formula: `${n(inputs.flcA)} A × ${n(inputs.percent)} %`, result: amps(result) }),
  'breaker.motor': ({ inputs, result }) => ({ label: 'Next standard rating', formula: `above ${inAmps(inputs.computedA)}`, result: amps(result) }),
  'breaker.mocp': ({ inputs, result }) => ({ label: 'Largest that the plate allows', formula: `${n(inputs.mostA)} A at most`, result: amps(result) }),
  'breaker.required': ({ inputs, result }) => ({ label: 'Needed', formula: required(inputs), result: amps(result) }),
  'breaker.standard': ({ inputs, result }) => ({ label: 'Next standard rating', formula: `at least ${inAmps(inputs.requiredA)}`, result: amps(result) }),
  'breaker.plate': ({ inputs, result }) => ({ label: 'Named on the plate', formula: inAmps(inputs.plateA), result: amps(result) }),
  'breaker.pinned': ({ inputs, result }) => ({ label: 'Pinned', formula: `${n(inputs.pinnedA)} A, needs ${inAmps(inputs.requiredA)}`, result: amps(result) }),
  'breaker.poles': ({ inputs, result }) => ({ label: 'Poles', formula: inVolts(inputs.volts), result: counted(Number(result), 'pole') }),
  'conductor.required': ({ inputs, result }) => ({ label: 'To carry', formula: required(inputs), result: amps(result) }),
  'conductor.floor': ({ inputs, result }) => ({ label: 'Smallest allowed here', formula: metalName[inputs.metal], result: size(result) }),
  'conductor.least': ({ inputs, result }) => ({ label: inputs.why === 'pool' ? 'Smallest for a pool circuit' : 'House practice: no smaller', formula: `${printWireSize(inputs.size)} would carry it`, result: size(result) }),
  'conductor.half-device': ({ inputs, result }) => ({ label: 'Half of the device', formula: `${n(inputs.ocpdA)} A / 2`, result: amps(result) }),
  'terminal.column': ({ inputs, result }) => ({ label: 'Terminals', formula: `panel ${mark(inputs.panel)}, load ${mark(inputs.load)}`, result: `${result} °C` }),
  'method.column': ({ inputs, result }) => ({ label: `Column of ${methodName(inputs.method)}`, formula: `lugs allow ${inputs.terminalC} °C`, result: `${result} °C` }),
  'ampacity.column': ({ inputs, result }) => ({ label: `${printWireSize(inputs.size)} ${metalName[inputs.metal]}`, formula: `${inputs.columnC} °C column`, result: amps(result) }),
  'ampacity.start': ({ inputs, result }) => ({ label: 'Derating starts from', formula: `${inputs.columnC} °C insulation`, result: amps(result) }),
  'ambient.factor': ({ inputs, result }) => ({ label: 'Ambient', formula: printTemperature(celsius(inputs.ambientC)), result: `× ${Number(result).toFixed(2)}` }),
  'adjustment.factor': ({ inputs, result }) => ({ label: 'Together', formula: `${inputs.count} current-carrying`, result: `× ${Number(result).toFixed(2)}` }),
  'ampacity.short': ({ inputs, result }) => ({ label: 'Short part', formula: `${n(inputs.lengthFt, 1)} ft, at most ${n(inputs.allowedFt, 1)} ft: factors of the rest`, result: `× ${Number(result).toFixed(2)}` }),
  'ampacity.corrected': ({ inputs, result }) => ({ label: 'Corrected', formula: `${n(inputs.startA)} × ${n(inputs.ambient)} × ${n(inputs.adjustment)}`, result: amps(result) }),
  'ampacity.final': ({ inputs, result }) => ({ label: 'Ampacity', formula: `${n(inputs.correctedA)} or ${n(inputs.columnA)}, the lower`, result: amps(result) }),
  'test.load': ({ inputs, result }) => ({ label: 'Carries 125 % of the load', formula: `${n(inputs.hasA)} A for ${inAmps(inputs.needA)}`, result: holds(result) }),
  'test.corrected': ({ inputs, result }) => ({ label: 'Carries the load, corrected', formula: `${n(inputs.hasA)} A for ${inAmps(inputs.needA)}`, result: holds(result) }),
  'test.breaker': ({ inputs, result }) => ({ label: inputs.nextUp ? 'Breaker, next size up' : 'Breaker protects it', formula: `${n(inputs.ocpdA)} A over ${inAmps(inputs.finalA)}`, result: holds(result) }),
  'test.small': ({ inputs, result }) => ({ label: 'Small-conductor rule', formula: `${inputs.size} AWG: ${n(inputs.limitA)} A at most`, result: holds(result) }),
  'test.own': ({ inputs, result }) => ({ label: 'Carries it; the device follows its own article', formula: `${n(inputs.hasA)} A for ${inAmps(inputs.needA)}`, result: holds(result) }),
  'conductor.smaller': ({ inputs }) => ({ label: `Why not ${printWireSize(inputs.size)}`, formula: `fails ${inputs.failed.map((test) => TEST[test]).join(', ')}`, result: inAmps(inputs.carriesA) }),
  'conductor.chosen': ({ inputs, result }) => ({ label: 'Smallest that holds everywhere', formula: metalName[inputs.metal], result: size(result) }),
  'conductor.pinned': ({ inputs, result }) => ({ label: 'Pinned', formula: metalName[inputs.metal], result: size(result) }),
  'conductor.raised': ({ inputs, result }) => ({ label: 'Raised for drop', formula: `${printWireSize(inputs.from)} loses ${inPercent(inputs.dropPct)}, limit ${inPercent(inputs.limitPct)}`, result: size(result) }),
  'cable.made': ({ inputs, result }) => ({ label: 'Cable', formula: `${inputs.wires} insulated of ${printWireSize(inputs.size)}`, result: String(result) }),
  'ground.table': ({ inputs, result }) => ({ label: 'By the device', formula: `${n(inputs.ocpdA)} A, ${metalName[inputs.metal]}`, result: size(result) }),
  'ground.ratio': ({ inputs, result }) => ({ label: 'Phases made larger', formula: `${printWireSize(inputs.least)} to ${printWireSize(inputs.installed)}`, result: `× ${n(Number(result), 3)}` }),
  'ground.increased': ({ inputs, result }) => ({ label: 'Ground in proportion', formula: `${printWireSize(inputs.base)} × ${n(inputs.ratio, 3)}`, result: size(result) }),
  'ground.capped': ({ result }) => ({ label: 'Never larger than the phases', formula: '', result: size(result) }),
  'ground.least': ({ result }) => ({ label: 'Smallest of a pool or spa', formula: 'insulated copper', result: size(result) }),
  'ground.cable': ({ inputs, result }) => ({ label: `In ${inputs.cable}`, formula: `needs ${printWireSize(inputs.needs)}`, result: size(result) }),
  'ground.pinned': ({ inputs, result }) => ({ label: 'Pinned', formula: `needs ${printWireSize(inputs.needs)}`, result: size(result) }),
  'raceway.area': ({ inputs, result }) => ({ label: 'Conductors', formula: `${inputs.count} with the ground`, result: `${n(Number(result), 4)} in²` }),
  'raceway.limit': ({ inputs, result }) => ({ label: 'May fill', formula: counted(inputs.count, 'conductor'), result: inPercent(Number(result)) }),
  'raceway.nipple': ({ inputs, result }) => ({ label: 'A nipple', formula: `${n(inputs.lengthFt, 1)} ft between enclosures`, result: inPercent(Number(result)) }),
  'raceway.shared': ({ inputs, result }) => ({ label: 'With its company', formula: `${counted(inputs.count, 'other circuit')}, one ground of ${printWireSize(inputs.ground)}`, result: `${n(Number(result), 4)} in²` }),
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
  'drop.start': ({ inputs, result }) => ({ label: 'While it starts', formula: `${n(inputs.startA)} A at power factor 0.5`, result: inPercent(Number(result)) }),
  'receptacle.place': ({ inputs, result }) => ({ label: `Receptacle ${inRoom(inputs.room)}`, formula: [inputs.weather ? 'weather resistant' : '', inputs.tamper ? 'tamper resistant' : ''].filter((part) => part !== '').join(', '), result: cover(result) }),
  'disconnect.need': ({ inputs, result }) => ({ label: result === 'plug' ? 'The plug disconnects' : 'Own disconnect', formula: inputs.by === 'ev' ? `${n(inputs.leastA)} A; asked above ${inAmps(inputs.overA)}` : `${n(inputs.leastA)} A at least`, result: result === 'none' ? 'not asked' : String(result).replace('-', ' ') }),
  'disconnect.rating': ({ inputs, result }) => ({ label: 'Rating', formula: `${n(inputs.leastA)} A at least; breaker ${inAmps(inputs.ocpdA)}`, result: amps(result) }),
  'disconnect.ask': ({ inputs }) => ({ label: 'Disconnect', formula: `${n(inputs.volts)} V, by its own article`, result: 'ask' }),
  'gfci.source': ({ inputs, result }) => ({ label: 'Asked for by', formula: ruleWords[inputs.rule], result: result === 'must' ? 'required' : String(result) }),
  'gfci.rule': ({ inputs, result }) => ({ label: 'Ground-fault protection', formula: `${inVolts(inputs.volts)}, ${inAmps(inputs.ocpdA)} circuit`, result: result === 'none' ? 'not asked' : String(result).replace('-', ' ') }),
  'gfci.neutral': ({ inputs, result }) => ({ label: 'Neutral of the load', formula: inputs.usesNeutral ? 'the load, or a plug later, uses one' : 'two hots only', result: result === 'device' ? 'to the device' : 'none' }),
  'afci.rule': ({ inputs, result }) => ({ label: 'Arc-fault protection', formula: `${inVolts(inputs.volts)}, ${inAmps(inputs.ocpdA)}, ${inRoom(inputs.room)}`, result: result === 'none' ? 'not asked' : String(result) }),
}; // prettier-ignore

const words = <K extends StepId>(step: Step<K>): StepWords => WORDS[step.id](step);

/** A step in words. */
export const stepWords = (step: AnyStep): StepWords => words(step);
