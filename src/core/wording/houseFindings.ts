import type { PanelUnknown } from '../panel/panelFindings';
import type { RatingElement } from '../code/serviceMethods';
import type { ServiceMethod } from '../code/serviceMethods';
import { printNumber as n } from '../units/number';
import { printWireSize } from '../units/wireSize';
import type { AnyHouseFinding, HouseFinding, HouseFindingCode } from '../findings/houseFinding';
import { counted, inAmps } from './words';

/** Methods of finding the load of a service. */
export const methodTitle: Readonly<Record<ServiceMethod, string>> = {
  standard: 'Standard',
  optional: 'Optional',
  existing: 'Existing dwelling',
  measured: 'Measured',
};

/** Parts of a service that limit it. */
export const elementName: Readonly<Record<RatingElement, string>> = {
  main: 'main breaker',
  bus: 'bus of the panel',
  meter: 'meter socket',
  conductors: 'service conductors',
};

const kiloamps = (amps: number): string => `${n(amps / 1000, 1)} kA`;
const VOLTS = 120;

type Sentences = { readonly [C in HouseFindingCode]: (finding: HouseFinding<C>) => string };

/** One sentence for each finding about service or panel. A finding without one does not compile. */
const SENTENCES: Sentences = {
  'service.unknown': ({ data }) =>
    data.what === 'rating'
      ? 'Read the rating of the main: nothing can be compared until then.'
      : 'Measure the living area, or read a record of demand: no method works without one of them.',
  'service.overload': ({ data }) =>
    `${n(data.amps, 1)} A by the ${methodTitle[data.method].toLowerCase()} method is more than the ${inAmps(data.limitA)} of the ${elementName[data.element]}.`,
  'service.tight': ({ data }) =>
    `${n(data.spareA, 1)} A are left of ${inAmps(data.limitA)}: the next appliance will not fit.`,
  'service.unbalanced': ({ data }) =>
    `Leg A carries ${n(data.aVA / VOLTS, 0)} A and leg B ${n(data.bVA / VOLTS, 0)} A of 120 V circuits: ${n(Math.abs(data.aVA - data.bVA) / VOLTS, 0)} A apart.`,
  'service.least': ({ data }) =>
    `A one-family dwelling has ${inAmps(data.minA)} at least; this service has ${n(data.ratingA)} A. What does the authority ask for when load is added?`,
  'service.sharing': ({ data }) =>
    `${data.what} shares with another load: does the authority accept the device, and is it listed for it?`,
  'service.managed': ({ data }) =>
    `Load management keeps the service to ${n(data.setpointA)} A: is it listed, does it fail safe, and is its setting guarded?`,
  'demand.too-short': ({ data }) =>
    `The record has ${n(data.days, 0)} days; ${data.minDays} are needed. Record 30 days at the panel, or ask the utility for a year.`,
  'demand.hourly': ({ data }) =>
    `Readings of ${n(data.minutes)} minutes hide the peak of 15: raised by 1.3, which is judgement and not code. Does the authority accept it?`,
  'demand.season': ({ data }) =>
    `Neither heating nor cooling shows from ${data.from.slice(0, 10)} to ${data.to.slice(0, 10)}: add the larger of them by calculation. Was it added?`,
  'demand.gaps': () => 'Readings are missing: the peak may be among them.',
  'demand.export': () =>
    'Power flowed back to the utility: with sun, wind or peak shaving on the premises the method may not be used.',
  'demand.unit': ({ data }) =>
    `A peak of ${inAmps(data.peakA)} is no dwelling's: which unit do the values have?`,
  'panel.interrupting-rating': ({ data }) =>
    `${kiloamps(data.faultA)} may flow in a fault; the panel interrupts ${kiloamps(data.ratingA)}.`,
  'panel.interrupting-unknown': ({ data }) =>
    `Read the interrupting rating from the label: ${kiloamps(data.faultA)} may flow in a fault.`,
  'panel.no-space': ({ data }) =>
    `${counted(data.wanted, 'space')} wanted, ${data.free === 0 ? 'none' : data.free} free.`,
  'panel.unplaced': ({ data }) =>
    `${counted(data.count, 'circuit')} ${data.count === 1 ? 'has' : 'have'} no place in the panel yet.`,
  'panel.too-many-circuits': ({ data }) =>
    `${data.poles} poles are more than the ${data.max} that the label allows.`,
  'panel.tandem-not-allowed': ({ data }) => `Space ${data.space} does not take two circuits by the label.`,
  'panel.tandem-unknown': () =>
    'Read from the label which spaces take two circuits: none is taken to until then.',
  'panel.clash': ({ data }) => `Space ${data.space} is taken twice.`,
  'panel.same-leg': ({ data }) => `Two halves of space ${data.space} are on one leg: 0 V between them.`,
  'panel.breaker-not-listed': () =>
    'Read from the label which breaker types the panel takes: no other may be used.',
  'panel.neutrals-mixed': ({ data }) =>
    data.where === 'subpanel'
      ? 'Neutrals and grounds are bonded in a subpanel: take the screw or strap out and part them.'
      : 'The service has no bond between neutral and ground: put the screw or strap in.',
  'panel.neutral-shared-terminal': ({ data }) =>
    `Two neutrals under one screw in ${data.name}: each has a terminal of its own.`,
  'panel.unlabelled': ({ data }) =>
    `The directory does not tell a stranger what ${data.lines.length === 1 ? 'space' : 'spaces'} ${data.lines.slice(0, 6).join('; ')} ${data.lines.length === 1 ? 'feeds' : 'feed'}${data.lines.length > 6 ? ', and more' : ''}.`,
  'panel.openings': ({ data }) => `${counted(data.count, 'opening')} without a filler plate.`,
  'panel.bus-below-main': ({ data }) =>
    `The bus of ${n(data.busA)} A is less than the main of ${n(data.mainA)} A before it.`,
  'panel.no-main': () => 'No main was read: what protects this panel, and at what rating?',
  'panel.lug-range': ({ data }) =>
    `The lugs take ${printWireSize(data.from)} to ${printWireSize(data.to)}, not ${printWireSize(data.size)}.`,
};

/** The sentence of a finding about service or panel. */
const houseFindingSentence = <C extends HouseFindingCode>(finding: HouseFinding<C>): string =>
  SENTENCES[finding.code](finding);

/** The sentence of a finding of any code. */
export const anyHouseSentence = (finding: AnyHouseFinding): string => houseFindingSentence(finding);

/** What is not known of a panel yet, and what waits for it. */
export const unknownWords: Readonly<
  Record<PanelUnknown, { readonly what: string; readonly blocks: string }>
> = {
  circuits: { what: 'Circuits that are there', blocks: 'room, legs and directory wait for them' },
  main: { what: 'Main breaker', blocks: 'the service cannot be compared' },
  bus: { what: 'Bus rating', blocks: 'it may be the least of the service' },
  tandems: { what: 'Spaces that take two circuits', blocks: 'none is taken to' },
  listings: { what: 'Breaker types on the label', blocks: 'no breaker can be bought' },
  neutrals: { what: 'Neutral and ground bars', blocks: 'the wiring at the panel is not sure' },
  terminals: { what: 'Terminal temperature', blocks: 'circuits are sized in the 60 °C column' },
  interrupting: { what: 'Interrupting rating', blocks: 'the fault current cannot be compared' },
  knockouts: { what: 'Free knockouts by trade size', blocks: 'the way in is not sure' },
  openings: { what: 'Openings without a filler', blocks: 'the face may be open to live parts' },
};
