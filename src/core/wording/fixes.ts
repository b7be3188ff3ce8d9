import type { ServiceTrigger } from '../code/parameters';
import type { FeederFact, FixChange, SiteFix } from '../fixes/change';
import { printNumber as n } from '../units/number';
import { printWireSize as size } from '../units/wireSize';
import { fittingName } from './routeWords';
import { counted, inPercent, metalName, methodName } from './words';

const SITE_FIX: Readonly<Record<SiteFix, string>> = {
  'ground-fault': 'GFCI protection as required',
  'arc-fault': 'AFCI protection as required',
  disconnect: 'A disconnect as required',
  receptacle: 'The receptacle that this circuit takes',
  neutral: 'The neutral of the load on the device',
  'feed-neutral': 'Four wires to the device, three from there',
  'line-load': 'Line to the panel, load to the appliance',
  colors: 'Colors as required',
  lug: 'A lug or a splice that takes it',
  'disconnect-in-sight': 'The disconnect in sight, within 50 ft',
  'disconnect-from-water': 'The disconnect moved farther from the water, 5 ft or more',
  'lock-hardware': 'Lock hardware that stays on the breaker',
  'service-outlet': 'A 125 V receptacle within 25 ft of the equipment',
  'disconnect-mounting': 'The disconnect mounted as required, with clear space before it',
  'building-disconnect': 'A disconnect where the supply enters the building',
  shutoff: 'A labeled emergency shutoff, in sight and 5 ft or more from the tub',
};

const FEEDER_FACT: Readonly<Record<FeederFact, string>> = {
  wires: 'four wires',
  bondingScrew: 'bars separate',
  surge: 'a surge-protective device',
  emergencyDisconnect: 'an emergency disconnect outdoors',
  electrode: 'a grounding electrode',
};

const TRIGGER: Readonly<Record<ServiceTrigger, string>> = {
  surge: 'surge protection',
  emergency: 'an emergency disconnect outdoors',
  electrode: 'grounding electrode conductor and bonds',
  meter: 'meter socket',
  utility: 'the utility, and a day without power',
};

type Words = {
  readonly [K in FixChange['kind']]: (change: Extract<FixChange, { readonly kind: K }>) => string;
};

/** What will be different, for each kind of change. A change without words does not compile. */
const WORDS: Words = {
  'free-size': ({ what, size: to, metal }) =>
    what === '' ? `${size(to)} ${metalName[metal]}` : `${what} cable, ${size(to)}`,
  'free-breaker': ({ ocpdA }) => `${n(ocpdA, 1)} A breaker`,
  'free-ground': ({ size: to }) => `${size(to)} ground`,
  'free-trade': ({ trade }) => `${trade} raceway`,
  method: ({ method, trade, size: to }) =>
    trade === null
      ? `${size(to)} in ${methodName(method)} cable`
      : `${size(to)} conductors in ${trade} ${methodName(method)}`,
  setting: ({ settingA }) => `Set the charger to ${n(settingA, 1)} A, setting restricted`,
  'guard-setting': ({ settingA }) => `Restrict access to the ${n(settingA, 1)} A setting`,
  'shared-limit': ({ sharedA }) => `Load management: ${n(sharedA, 1)} A together`,
  'full-output': ({ outputA }) => `Size for the full ${n(outputA, 1)} A`,
  'no-drop-limit': ({ dropPct }) => `Accept a drop of ${inPercent(dropPct)}`,
  hardwire: ({ ocpdA }) => `Hardwire it on ${n(ocpdA, 1)} A`,
  feeds: ({ amps }) => `Divide it: ${n(amps, 1)} A on each circuit`,
  'larger-outlet': ({ ocpdA }) => `A ${n(ocpdA, 1)} A outlet, with an adapter`,
  'move-receptacle': ({ ft }) => `Move the receptacle to ${n(ft)} ft or more from the water`,
  'own-circuit': () => 'A circuit of its own',
  'one-pole': () => 'A one-pole breaker, 120 V',
  plug: ({ config }) =>
    config === ''
      ? 'Another plug'
      : config.startsWith('14')
        ? `A ${config}, four wires`
        : `A ${config}, three wires`,
  'plate-to-code': ({ changes }) => `Plan ${changes.map((change) => FEEDER_FACT[change]).join(', ')}`,
  'reset-to-code': ({ what }) => SITE_FIX[what],
  larger: ({ size: to }) => `${size(to)} conductors`,
  'marked-75': ({ size: to }) => `Both marks seen, 75 °C: ${size(to)}`,
  'spread-out': ({ size: to }) => `Keep this circuit apart from the others: ${size(to)}`,
  'pull-point': ({ degrees }) => `A pull point in the middle: ${n(degrees)}° each side`,
  'plan-new': ({ ocpdA, size: to, wires }) =>
    `Plan a new circuit: ${n(ocpdA, 1)} A, ${size(to)}, ${wires === 3 ? 'four wires' : 'with a ground'}`,
  'plan-pair': ({ heater, pumps }) =>
    `Plan both circuits from the spa panel: 30 A on ${size(heater)}, 20 A on ${size(pumps)}`,
  'feed-from-there': () => 'Run it from the panel of that building',
  'swap-breaker': ({ ocpdA }) => `Replace the breaker: ${n(ocpdA, 1)} A`,
  copper: ({ size: to }) => `${size(to)} copper`,
  aluminum: ({ size: to }) => `${size(to)} aluminum`,
  sleeve: ({ method }) => `Pull it in ${methodName(method)}`,
  'run-cable': ({ how }) =>
    how === 'guarded' ? 'Guard strips along the cable' : 'Through bored holes or on running boards',
  deepen: ({ coverIn }) => `Bury it at ${n(coverIn)} in`,
  'free-box': ({ in3 }) => `Another box, ${n(in3)} in³ or more`,
  'free-pull-box': ({ lengthIn }) => `A pull box ${n(lengthIn, 1)} in long`,
  plan: ({ fitting }) => `Plan it: ${fittingName[fitting].toLowerCase()}`,
  'pull-at-couplings': () => 'Bodies to pull at instead of couplings',
  'free-piece': ({ lengthFt }) => `Cut a new piece, ${n(lengthFt, 1)} ft or more`,
  'free-hole': ({ acrossIn }) => `Make the hole ${n(acrossIn, 3)} in`,
  'charger-setting': ({ what, settingA }) => `Set ${what} to ${n(settingA, 1)} A, setting restricted`,
  management: ({ setpointA }) => `Load management that keeps the service to ${n(setpointA, 1)} A`,
  sharing: ({ what }) => `A sharing device: ${what} never run together`,
  'move-in-yard': ({ what, ft }) => `Move ${what} to ${n(ft, 1)} ft from the water`,
  'raise-in-yard': ({ what, ft }) => `Raise ${what} to ${n(ft, 1)} ft above the water`,
  'add-receptacle': ({ ft }) => `A receptacle with GFCI, ${n(ft, 1)} ft from the water`,
  'gfci-in-yard': ({ what }) => `GFCI protection for ${what}`,
  'raceway-in-yard': ({ what, method }) => `${what} in ${methodName(method)}`,
  'ahead-of-timer': ({ what }) => `${what} ahead of the timer`,
  'own-receptacle-circuit': ({ what }) => `${what} on a circuit of its own`,
  'post-deep': ({ what, postIn }) => `The post of ${what} ${n(postIn)} in deep`,
  'own-raceway': ({ what }) => `A raceway of its own for ${what}`,
  'permanent-pool': () => 'Plan it as permanently installed, bonded',
  'bond-part': ({ what }) => `8 AWG solid copper to ${what}`,
  pigtail: ({ what }) => `8 AWG solid copper brought to ${what}`,
  'ring-off': ({ offIn }) => `The ring ${n(offIn)} in from the inside wall`,
  'ring-deep': ({ deepIn }) => `The ring ${n(deepIn)} in below subgrade`,
  'shell-ties': ({ taps }) => `${n(taps)} ties to the shell, evenly spaced`,
  'water-bond': ({ in2 }) => `A bonded plate or fitting, ${n(in2)} in² wetted`,
  'copper-grid': ({ wireFt, crossings }) =>
    `A copper grid, ${n(wireFt, 0)} ft, ${counted(crossings, 'crossing')}`,
  'ring-for-grid': () => 'The ring in place of the grid',
  'solid-copper': () => '8 AWG solid copper',
  'listed-connectors': () => 'Connectors listed for direct burial',
  'larger-service': ({ ratingA, size: to }) => `A service of ${n(ratingA, 1)} A on ${size(to)} copper`,
};

// The compiler ties each change to its own words only through the kind that is given here.
const words = <K extends FixChange['kind']>(
  kind: K,
  change: Extract<FixChange, { readonly kind: K }>,
): string => WORDS[kind](change);

const brings = (triggers: readonly ServiceTrigger[]): string =>
  `Brings with it: ${triggers.map((each) => TRIGGER[each]).join(', ')}.`;

/** A fix as the words of its button: what will be different. */
export function fixWords(change: FixChange): string {
  return words(change.kind, change);
}

/** What a fix leaves or brings with it, under its words; nothing for most. */
export function fixNote(change: FixChange): string {
  if (!('spareA' in change)) return '';
  const left = `${n(change.spareA, 1)} A left.`;
  return change.kind === 'larger-service' ? `${left} ${brings(change.triggers)}` : left;
}
