import type { RacewayFittingKind, SmallKind } from '../code/itemKinds';
import type { Item } from '../takeoff/item';
import { printNumber as n } from '../units/number';
import { methodName } from './words';

const COLOR: Readonly<Record<string, string>> = {
  BK: 'black',
  RD: 'red',
  BU: 'blue',
  WH: 'white',
  GN: 'green',
  BARE: 'bare',
};

const FITTING: Readonly<Record<RacewayFittingKind, string>> = {
  connector: 'connector',
  coupling: 'coupling',
  elbow: '90° elbow',
  expansion: 'expansion fitting',
  body: 'conduit body',
  bushing: 'bushing',
  seal: 'seal',
};

const SMALL: Readonly<Record<SmallKind, string>> = {
  'box-cover': 'Box cover',
  'ground-screw': 'Ground screw, green',
  'wire-connector': 'Wire connector',
  'nail-plate': 'Nail plate',
  'lock-off': 'Lock-off device',
  label: 'Circuit label',
  blank: 'Blank for an open space',
  cement: 'PVC cement, can',
  lubricant: 'Wire lubricant, quart',
  'riser-guard': 'Guard for a riser',
  'bond-connector': 'Bonding connector, direct burial',
  'bond-clamp': 'Bonding clamp or lug, listed',
  'water-bond': 'Water bond fitting, 9 in²',
};

const FORM = { plain: '', gfci: ', GFCI', afci: ', AFCI', dual: ', GFCI and AFCI' } as const;
const COVER = {
  none: '',
  damp: ', weatherproof closed',
  'in-use': ', in-use cover',
  weatherproof: ', weatherproof cover',
} as const;

/** An item as it is asked for at the counter. */
export function itemName(item: Item): string {
  switch (item.kind) {
    case 'wire':
      return `${item.size} AWG ${item.metal === 'al' ? 'aluminum ' : ''}${item.insulation === 'bare' ? 'bare' : `${item.insulation}, ${COLOR[item.letters] ?? item.letters}`}`;
    case 'bond-wire':
      return `${item.size} AWG solid copper, bare`;
    case 'cable':
      return item.name;
    case 'raceway':
      return `${item.trade} ${methodName(item.method)}`;
    case 'connector':
    case 'coupling':
    case 'elbow':
    case 'expansion':
    case 'body':
    case 'bushing':
    case 'seal':
      return `${item.trade} ${methodName(item.method)} ${FITTING[item.kind]}`;
    case 'cable-connector':
      return `${item.trade} cable connector`;
    case 'support':
      return item.trade === null
        ? `Staple or strap, ${methodName(item.method)}`
        : `${item.trade} strap, ${methodName(item.method)}`;
    case 'box':
      return `Box, ${item.name}`;
    case 'pull-box':
      return `Pull box, ${n(item.lengthIn)} in`;
    case 'breaker':
      return `${n(item.amps)} A breaker, ${n(item.poles)}-pole${FORM[item.form]}`;
    case 'tandem':
      return `Tandem breaker, ${n(item.amps)} and ${n(item.other)} A`;
    case 'receptacle':
      return `${item.config} receptacle${item.gfci ? ', GFCI' : ''}${COVER[item.cover]}`;
    case 'dead-front':
      return `Dead-front GFCI, ${n(item.amps)} A`;
    case 'spa-panel':
      return `Spa panel, ${n(item.amps)} A GFCI`;
    case 'disconnect':
      return `Disconnect, ${n(item.amps)} A`;
    case 'tape':
      return `Marking tape, ${COLOR[item.letters] ?? item.letters}`;
    case 'ribbon':
      return 'Warning ribbon';
    case 'load-manager':
      return 'Load management, current sensors';
    case 'sharing-device':
      return 'Sharing device for two loads';
    case 'service':
      return `New service, ${n(item.amps)} A, complete`;
    default:
      return SMALL[item.kind];
  }
}
