import type { RemedyChange, SiteFix } from '../circuit/remedy';
import { printNumber as n } from '../units/number';
import { printWireSize as size } from '../units/wireSize';
import { inPercent, metalName, methodName } from './words';

const FIX: Readonly<Record<SiteFix, string>> = {
  'ground-fault': 'Ground-fault protection as the rule asks',
  'arc-fault': 'Arc-fault protection as the rule asks',
  disconnect: 'A disconnect as the rule asks',
  receptacle: 'The receptacle that this circuit takes',
  neutral: 'The neutral of the load on the device',
  'line-load': 'Line to the panel, load to the appliance',
  colors: 'Colors as the rule asks',
  lug: 'A lug or a splice that takes it',
};

/** A remedy as the words of its button: what will be different. */
export function remedyWords(change: RemedyChange): string {
  switch (change.kind) {
    case 'free-size':
      return change.what === ''
        ? `${size(change.size)} ${metalName[change.metal]}`
        : `${change.what} cable, ${size(change.size)}`;
    case 'free-breaker':
      return `${n(change.ocpdA)} A breaker`;
    case 'free-ground':
      return `${size(change.size)} ground`;
    case 'free-trade':
      return `${change.trade} raceway`;
    case 'method':
      return change.trade === null
        ? `${size(change.size)} in ${methodName(change.method)} cable`
        : `${size(change.size)} conductors in ${change.trade} ${methodName(change.method)}`;
    case 'setting':
      return `Set the charger to ${n(change.settingA)} A and guard the setting`;
    case 'guard-setting':
      return `Guard the ${n(change.settingA)} A setting`;
    case 'full-output':
      return `Size for the full ${n(change.outputA)} A`;
    case 'no-drop-limit':
      return `Accept a drop of ${inPercent(change.dropPct)}`;
    case 'hardwire':
      return `Hard-wire it on ${n(change.ocpdA)} A`;
    case 'feeds':
      return `Divide it: ${n(change.amps)} A on each circuit`;
    case 'own-circuit':
      return `A circuit of its own, ${n(change.ocpdA)} A`;
    case 'larger-outlet':
      return `A ${n(change.ocpdA)} A outlet, with an adapter`;
    case 'one-pole':
      return 'A one-pole breaker, 120 V';
    case 'set-right':
      return 'Plan it as the rule asks';
    case 'by-rule':
      return FIX[change.what];
    case 'larger':
      return `${size(change.size)} conductors`;
    case 'marked-75':
      return `Both marks seen, 75 °C: ${size(change.size)}`;
    case 'spread-out':
      return `Keep this circuit apart from the others: ${size(change.size)}`;
    case 'pull-point':
      return `A pull point in the middle: ${n(change.degrees)}° each side`;
    case 'copper':
      return `${size(change.size)} copper`;
  }
}
