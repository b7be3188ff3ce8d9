import type { panelCatalog } from '../findings/panelCatalog';
import { printNumber as n } from '../units/number';
import { printWireSize } from '../units/wireSize';
import { counted } from './words';
import type { Sentences } from './sentences';

const kiloamps = (amps: number): string => `${n(amps / 1000, 1)} kA`;
const VOLTS = 120;

/** Sentences of findings about a panel. */
export const panelSentences: Sentences<keyof typeof panelCatalog> = {
  'service.unbalanced': ({ data }) =>
    `Leg A carries ${n(data.aVA / VOLTS, 0)} A and leg B ${n(data.bVA / VOLTS, 0)} A of 120 V circuits: ${n(Math.abs(data.aVA - data.bVA) / VOLTS, 0)} A apart.`,
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
