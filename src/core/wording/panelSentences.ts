import type { BondUnknown } from '../code/bondFacts';
import type { panelCatalog } from '../findings/panelCatalog';
import { printNumber as n } from '../units/number';
import { printWireSize } from '../units/wireSize';
import { counted } from './words';
import type { Sentences } from './sentences';

const kiloamps = (amps: number): string => `${n(amps / 1000, 1)} kA`;
const VOLTS = 120;

const BOND_UNKNOWN: Readonly<Record<BondUnknown, string>> = {
  building: 'same building as the service disconnect, or another',
  wires: 'feeder of three wires or four',
  ground: 'whether its raceway or armor is a ground (250.118)',
  age: 'whether the bond was legal when it was installed',
  path: 'other metallic paths between the buildings',
  gfpe: 'ground-fault protection of equipment upstream',
};

/** Sentences of findings about a panel. */
export const panelSentences: Sentences<keyof typeof panelCatalog> = {
  'service.unbalanced': ({ data }) =>
    `Leg A carries ${n(data.aVA / VOLTS, 0)} A and leg B ${n(data.bVA / VOLTS, 0)} A of 120 V circuits: ${n(Math.abs(data.aVA - data.bVA) / VOLTS, 0)} A apart.`,
  'panel.interrupting-rating': ({ data }) =>
    `${kiloamps(data.faultA)} may flow in a fault; the panel interrupts ${kiloamps(data.ratingA)}. Fixes: a tested series combination of the main and these branch breakers by its label, a main and branch breakers that are fully rated, or a lower figure by a letter of the utility.`,
  'panel.interrupting-unknown': ({ data }) =>
    `Read the interrupting rating from the label: ${kiloamps(data.faultA)} may flow in a fault.`,
  'panel.no-space': ({ data }) =>
    `${counted(data.wanted, 'space')} wanted, ${data.free === 0 ? 'none' : data.free} free: make room, or add a subpanel.`,
  'panel.unplaced': ({ data }) =>
    `${counted(data.count, 'circuit')} ${data.count === 1 ? 'has' : 'have'} no place in the panel yet.`,
  'panel.too-many-circuits': ({ data }) =>
    `${data.poles} poles are more than the ${data.max} that the label allows: remove circuits, or add a subpanel.`,
  'panel.tandem-not-allowed': ({ data }) =>
    `Space ${data.space} does not take two circuits by the label: move one to a space of its own.`,
  'panel.tandem-unknown': () =>
    'Read from the label which spaces take two circuits: none is taken to until then.',
  'panel.clash': ({ data }) => `Space ${data.space} is taken twice: move one of them.`,
  'panel.same-leg': ({ data }) =>
    `Two halves of space ${data.space} are on one leg: 0 V between them. Use two full spaces.`,
  'panel.breaker-not-listed': () =>
    'Read from the label which breaker types the panel takes: no other may be used.',
  'panel.neutrals-mixed': ({ data: { where, ground } }) =>
    where === 'service'
      ? 'The service has no bond between neutral and ground. The line side stays live with the main off: the bond goes in with the utility off.'
      : `Neutrals and grounds are bonded ${where === 'subpanel' ? 'in a subpanel' : 'in a panel of another building, and the exception for existing feeders does not hold'}. ${
          ground
            ? 'With the feeder off, locked and proved dead: prove the ground continuous to the service, separate the bars, then take the screw out.'
            : 'The bond stays until a ground is run. With the feeder off, locked and proved dead: run the ground, separate the bars, then take the screw out.'
        }`,
  'panel.bond-ask': ({ data }) =>
    `Neutrals and grounds are bonded in a panel that is not the service. The bond stays until this is known: ${data.missing.map((each) => BOND_UNKNOWN[each]).join('; ')}.`,
  'panel.bond-stays': ({ data }) =>
    `The bond in ${data.name} stays: an existing three-wire feeder to another building, legal when it was installed, with no ground of any kind, no metallic path bonded in both buildings and no ground-fault protection of equipment upstream; its neutral is sized by 220.61 and no smaller than 250.122. A new feeder has four wires, and then the bars are separated.`,
  'panel.bond-unseen': ({ data }) =>
    `Is the bonding screw or strap of ${data.name} in? Neutral and ground bars look separate.`,
  'panel.service-where': ({ data }) =>
    `Where is the service disconnect? In ${data.name}: neutral and ground are bonded here. In an outdoor main or an emergency disconnect that is the service disconnect: ${data.name} is a subpanel and is not bonded. An emergency disconnect that is not service equipment leaves ${data.name} the service (230.85).`,
  'panel.is-subpanel': ({ data }) =>
    `The service disconnect is outside: ${data.name} is a subpanel, its neutrals and grounds are separate.`,
  'panel.series-rated': ({ data }) =>
    `${kiloamps(data.faultA)} may flow in a fault: main and branch breakers are a tested combination for ${kiloamps(data.ratingA)}, by its label. Only the breakers it names may be used.`,
  'panel.neutral-shared-terminal': ({ data }) =>
    `Two neutrals under one screw in ${data.name}: move one to a terminal of its own.`,
  'panel.unlabelled': ({ data }) =>
    `The directory does not tell a stranger what ${data.lines.length === 1 ? 'space' : 'spaces'} ${data.lines.slice(0, 6).join('; ')} ${data.lines.length === 1 ? 'feeds' : 'feed'}${data.lines.length > 6 ? ', and more' : ''}.`,
  'panel.known-to-fail': ({ severity, data }) =>
    severity === 'stop'
      ? `${data.name} is of a make and type known to fail: breakers that do not trip, a bus that burns. Call before you open it; add no circuit to it. Replace it, with the utility off.`
      : `Is ${data.name} of a make and type known to fail: breakers that do not trip, a bus that burns? Read the label and look it up before the cover comes off. Yes: call before you open, and plan its replacement.`,
  'panel.sources': ({ data }) =>
    `Does a generator, a battery, solar or a car that gives back feed ${data.name}? Each is off and locked too before anything is touched; its breaker stays where it stands. None: record none.`,
  'panel.untied': ({ severity, data }) =>
    severity === 'stop'
      ? `Breakers of one shared neutral, spaces ${data.spaces.join(', ')}, are not tied and not on both legs: the neutral carries both currents. Leave them off; move one to the other leg, handles tied.`
      : `Breakers of one shared neutral, spaces ${data.spaces.join(', ')}, are not tied: with one off the neutral is live by the other. Use a two-pole breaker, or a listed handle tie.`,
  'panel.openings': ({ data }) =>
    `${counted(data.count, 'opening')} without a filler plate: close ${data.count === 1 ? 'it' : 'them'}.`,
  'panel.feeder-load': ({ data }) =>
    `The circuits of this panel come to ${n(data.carriesVA, 0)} VA; its feeder is computed for ${n(data.feederVA, 0)} VA. Enter the load of the panel as the load of its feeder.`,
  'panel.bus-below-main': ({ data }) =>
    `The bus of ${n(data.busA, 1)} A is less than the main of ${n(data.mainA, 1)} A before it: use a smaller main, or another panel.`,
  'panel.no-main': () => 'No main was read: what protects this panel, and at what rating?',
  'panel.working-space': ({ data }) =>
    data.seen
      ? 'The space before the panel is not clear: 30 in wide, 36 in deep and 6 ft 6 in high are required, and nothing is stored there. Clear it, or mount the panel elsewhere.'
      : 'Is the space before the new panel clear: 30 in wide, 36 in deep, 6 ft 6 in high?',
  'panel.height': ({ data }) =>
    `The highest handle is ${n(data.inches, 1)} in above the floor; ${n(data.maxIn)} in (6 ft 7 in) is the most. Mount the panel lower.`,
  'panel.hold-down': ({ data }) =>
    data.seen
      ? 'The back-fed main is not fastened: it takes the hold-down kit of the manufacturer, so that it needs a tool to come out.'
      : 'Is the back-fed main fastened with a hold-down kit?',
  'panel.feed-through': ({ severity, data }) =>
    severity === 'stop'
      ? 'What leaves the feed-through lugs is not protected by the main of this panel: give it a device of its own, or run it by the tap rules.'
      : `Does the ${data.mainA === 0 ? '' : `${n(data.mainA)} A `}main protect the conductors on the feed-through lugs? Their ampacity is no less than its rating.`,
  'panel.surge': ({ data }) =>
    data.seen
      ? 'New service equipment of a dwelling has a surge-protective device, Type 1 or Type 2, in it or beside it. None is planned.'
      : 'Which surge-protective device is planned? New service equipment of a dwelling has one, Type 1 or Type 2.',
  'panel.lug-range': ({ data }) =>
    `The lugs take ${printWireSize(data.from)} to ${printWireSize(data.to)}, not ${printWireSize(data.size)}: splice to a size that fits, or use another lug.`,
};
