import type { LandedIn } from '../circuit/panelLanding';
import type { Letters } from '../wiring/conductors';
import type { Joint } from '../wiring/splices';
import type { Bond, Enclosure, EnclosureKind } from '../wiring/enclosures';
import type { Landing, Terminal } from '../wiring/terminations';

/** Terminals as they are said. */
export const terminalName: Readonly<Record<Terminal, string>> = {
  'breaker-1': 'breaker, first pole',
  'breaker-2': 'breaker, second pole',
  'breaker-3': 'breaker, third pole',
  'device-neutral': 'load neutral of device',
  'neutral-bar': 'neutral bar',
  'ground-bar': 'ground bar',
  'bonded-bar': 'bonded bar',
  'line-1': 'line lug, first pole',
  'line-2': 'line lug, second pole',
  'line-3': 'line lug, third pole',
  'line-neutral': 'line neutral of device',
  'out-1': 'load lug, first pole',
  'out-2': 'load lug, second pole',
  'out-3': 'load lug, third pole',
  'load-1': 'L1',
  'load-2': 'L2',
  'load-3': 'L3',
  'load-neutral': 'N',
  'load-ground': 'G',
  capped: 'capped, spare',
};

/** Terminals as a table has room for them. */
export const terminalShort: Readonly<Record<Terminal, string>> = {
  ...terminalName,
  'breaker-1': 'breaker',
  'breaker-2': 'breaker',
  'breaker-3': 'breaker',
  'device-neutral': 'load N of device',
  'bonded-bar': 'bonded bar',
  'line-1': 'line lug',
  'line-2': 'line lug',
  'line-3': 'line lug',
  'line-neutral': 'line N of device',
  'out-1': 'load lug',
  'out-2': 'load lug',
  'out-3': 'load lug',
  capped: 'capped',
};

/** Letters in words. */
const colorName: Readonly<Record<Letters, string>> = {
  BK: 'black',
  RD: 'red',
  BU: 'blue',
  WH: 'white',
  GN: 'green',
  BARE: 'bare',
};

const kindName: Readonly<Record<Exclude<EnclosureKind, 'receptacle' | 'appliance'>, string>> = {
  panel: 'Panel',
  'spa-panel': 'Spa panel',
  'spa-enclosure': 'Spa panel',
  'dead-front': 'Dead-front GFCI',
  disconnect: 'Disconnect',
  box: 'Box',
  subpanel: 'Subpanel',
};

/** The name of an enclosure of a circuit; the appliance bears the name of the circuit. */
export const enclosureName = (kind: EnclosureKind, circuit: string): string =>
  kind === 'receptacle' || kind === 'appliance' ? circuit : kindName[kind];

const BOND_NOTE: Readonly<Record<Bond, string>> = {
  in: 'neutrals, grounds bonded',
  out: 'neutrals, grounds apart',
  mixed: 'bonded past the service: land nothing, see Panel',
  unseen: 'bars not looked at',
};

/** What is said of the bars of a panel before anything is landed on them; null where they were looked at and are right. */
export function barsNote({ role, bars }: LandedIn): string | null {
  if (bars === 'unseen') return 'Panel bars: not looked at. Look before anything is landed.';
  if (bars === 'bonded' && role === 'subpanel')
    return 'Neutrals and grounds are bonded past the service: a stop of the Panel stage. Land nothing before it is settled.';
  if (bars === 'apart' && role === 'service')
    return 'Neutrals and grounds are recorded apart in the service: see the Panel stage before anything is landed.';
  return null;
}

/** The bonding screw between two bars, as it was looked at. */
export const BOND_SCREW: Readonly<Record<Bond, string>> = {
  in: 'bonding screw in',
  out: 'bonding screw out',
  mixed: 'bonding screw in: stop',
  unseen: 'bond not looked at',
};

/** What there is to know of an enclosure before its screws are touched. */
export function enclosureNote({ kind, bond }: Enclosure, receptacle: string | null): string {
  if (kind === 'receptacle') return receptacle ?? 'receptacle';
  if (kind === 'appliance') return 'its terminals';
  if (kind === 'box') return 'splices';
  return bond === null ? 'no bond here' : BOND_NOTE[bond];
}

const wireName = ({ letters, marked, size }: Joint['from']): string =>
  `${colorName[letters]} ${size} AWG${marked === null ? '' : ` re-identified ${colorName[marked]}`}`;

/** One splice in a few words: "white 6 AWG re-identified red to red 6 AWG". */
export const jointWords = ({ from, to }: Joint): string =>
  to === null ? `${wireName(from)}: capped` : `${wireName(from)} to ${wireName(to)}`;

/** One landing in a sentence: order, conductor, terminal, mark, torque. */
export function landingWords({ letters, size, terminal, marked, torqueLbIn, role }: Landing): string {
  const what = role === 'pigtail' ? 'white pigtail of the device' : `${colorName[letters]} ${size} AWG`;
  const mark = marked === null ? '' : `, re-identified ${colorName[marked]}`;
  return terminal === 'capped'
    ? `${what}: capped at both ends`
    : `${what}${mark}: ${terminalName[terminal]}, ${torqueLbIn} lb-in`;
}

/** Where the torque of a circuit comes from. */
export const TORQUE_FROM = {
  label: 'as on the labels.',
  both: 'as on the labels that were read, else by the default table: the label comes first.',
  default: 'by the default table: read the label, it comes first.',
} as const;
