import type { CircuitOption, OptionFacts } from '../estimate/circuitOptions';
import { isWiredForFull } from '../estimate/circuitOptions';
import type { GroundFaultForm } from '../code/groundFaultForms';
import type { Money } from '../quote/money';
import type { OptionChange } from '../quote/optionChange';
import { printNumber as n } from '../units/number';
import { counted, inAmps, methodName } from './words';

const FORM: Readonly<Record<GroundFaultForm, string>> = {
  none: 'no GFCI',
  breaker: 'GFCI breaker in the panel',
  receptacle: 'GFCI receptacle',
  'dead-front': 'dead-front GFCI at hand',
  'spa-enclosure': 'GFCI in the spa panel',
  'dual-function': 'GFCI and AFCI breaker in the panel',
};

/** What an option is called: what differs from the plan. */
export function optionName(change: OptionChange): string {
  switch (change.kind) {
    case 'as-planned':
      return 'As planned';
    case 'charger':
      return change.wireFor === 'full'
        ? `${n(change.settingA)} A now, wired for more`
        : `Charger at ${n(change.settingA)} A`;
    case 'management':
      return 'With load management';
    case 'larger-service':
      return `With a ${n(change.ratingA)} A service`;
    case 'trailer':
      return change.amps === 30 ? '30 A, 120 V outlet' : '50 A, 120/240 V outlet';
    case 'breaker':
      return `${n(change.ocpdA)} A circuit`;
    case 'gfci':
      return FORM[change.form].charAt(0).toUpperCase() + FORM[change.form].slice(1);
    case 'method':
      return `Run in ${methodName(change.method)}`;
  }
}

/** What the parts of a price are called, from the ground up. */
export const MONEY_NAME: Readonly<Record<keyof Money, string>> = {
  material: 'material',
  labor: 'labor',
  permit: 'permit',
  margin: 'margin',
  tax: 'tax',
};

/** What an option gives, or leaves out. */
export interface OptionPoint {
  readonly gives: boolean;
  readonly text: string;
}

const gives = (text: string): OptionPoint => ({ gives: true, text });
const leaves = (text: string): OptionPoint => ({ gives: false, text });

function chargerPoints(facts: OptionFacts): readonly OptionPoint[] {
  const { charger, volts } = facts;
  if (charger === null) return [];
  const { amps, outputA } = charger;
  const power = `${n((amps * volts) / 1000, 1)} kW`;
  if (amps >= outputA) return [gives(`${power}, all that the charger gives`)];
  return [
    leaves(`${power} of ${n((outputA * volts) / 1000, 1)}`),
    isWiredForFull(facts)
      ? gives(`${inAmps(outputA)} later without new wire`)
      : leaves(`${inAmps(outputA)} later: new wire`),
  ];
}

function servicePoints({ service, managedA, darkDay }: OptionFacts): readonly OptionPoint[] {
  const spare = service === null ? null : service.limitA - service.amps;
  return [
    ...(managedA === null
      ? []
      : [gives(`service held to ${inAmps(managedA)}`), leaves('slows while others run')]),
    ...(spare === null
      ? []
      : [
          spare >= 0
            ? gives(`${inAmps(spare)} left on the service`)
            : leaves(`service over by ${inAmps(-spare)}`),
        ]),
    ...(darkDay ? [leaves("a day without power, on the utility's day")] : []),
  ];
}

/** What an option gives and what it leaves out, the first that matters to an owner first. */
export function optionPoints({ facts }: Pick<CircuitOption, 'facts'>): readonly OptionPoint[] {
  if (facts === undefined) return [leaves('no conductor fits')];
  const { gfci, reaches, asks, checks } = facts;
  const near = gfci === 'spa-enclosure' || gfci === 'receptacle' || gfci === 'dead-front';
  return [
    ...chargerPoints(facts),
    ...servicePoints(facts),
    ...(gfci === 'none' ? [] : [near ? gives('GFCI resets at hand') : leaves('GFCI resets at the panel')]),
    ...(reaches.length > 0 ? [leaves(`changes ${reaches.join(', ')}`)] : []),
    ...(asks > 0 ? [leaves(`${counted(asks, 'question')} to answer`)] : []),
    ...(checks > 0 ? [leaves(`${counted(checks, 'check')} to look at`)] : []),
  ];
}

/** A circuit in one line: "60 A, 6 AWG, NM-B". */
export const optionFigures = ({ ocpdA, size, method }: OptionFacts): string =>
  `${inAmps(ocpdA)}, ${size} AWG, ${method}`;

/** Minutes after 10 pm at which a vehicle has taken so much. */
const MINUTES_A_DAY = 1440;
const TEN_PM_MIN = 22 * 60;

/** When a vehicle plugged in at 10 pm has taken so many kilowatt-hours: "5:49 am". */
export function fullAt(kwh: number, amps: number, volts: number): string {
  const minutes = Math.round((kwh / ((amps * volts) / 1000)) * 60 + TEN_PM_MIN) % MINUTES_A_DAY;
  const hour = Math.floor(minutes / 60);
  const twelve = hour % 12 === 0 ? 12 : hour % 12;
  return `${twelve}:${`${minutes % 60}`.padStart(2, '0')} ${hour < 12 ? 'am' : 'pm'}`;
}
