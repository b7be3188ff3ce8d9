import type { FindingCode } from '../findings/finding';
import type { HelpId } from './help';

/** What the code of a finding begins with. */
type Subject = FindingCode extends infer C ? (C extends `${infer S}.${string}` ? S : never) : never;

/** The topic that explains the findings about something. One without a topic does not compile. */
const BY_SUBJECT: Readonly<Record<Subject, HelpId>> = {
  afci: 'protection',
  body: 'boxes',
  bond: 'bonding',
  box: 'boxes',
  building: 'building',
  burial: 'cover',
  bushing: 'fittings',
  cable: 'method',
  check: 'proof',
  conductor: 'conductor',
  demand: 'demand',
  disconnect: 'disconnect',
  drop: 'drop',
  edition: 'sources',
  egc: 'ground',
  ends: 'ground',
  existing: 'existing',
  expansion: 'fittings',
  feeder: 'feeder',
  gfci: 'protection',
  house: 'old-house',
  ident: 'white',
  knockout: 'boxes',
  load: 'load',
  local: 'sources',
  method: 'method',
  motor: 'motor',
  nailplate: 'fittings',
  ocpd: 'breaker',
  outlet: 'receptacle',
  panel: 'directory',
  piece: 'pulls',
  pull: 'pulls',
  pool: 'water',
  raceway: 'raceway',
  receptacle: 'receptacle',
  ribbon: 'cover',
  riser: 'cover',
  route: 'fittings',
  rv: 'receptacle',
  rv30: 'receptacle',
  spa: 'proof',
  seal: 'fittings',
  's-loop': 'cover',
  service: 'service',
  station: 'boxes',
  terminal: 'column-60',
  welder: 'receptacle',
  work: 'locate',
  zone: 'water',
};

/** Where one finding is explained by another topic than its kin. */
const BY_CODE: Partial<Record<FindingCode, HelpId>> = {
  'load.setting-open': 'setting',
  'load.setting-means': 'setting',
  'load.setting-plugged': 'setting',
  'load.setting-edition': 'setting',
  'load.setting-above-plate': 'setting',
  'load.plug-adapter': 'setting',
  'load.plate-contradiction': 'mca',
  'ocpd.above-mocp': 'mca',
  'ocpd.start-exception': 'motor',
  'conductor.terminal-60c': 'column-60',
  'conductor.below-breaker': 'motor',
  'conductor.lug-range': 'torque',
  'raceway.bends': 'pulls',
  'drop.motor-start': 'motor',
  'gfci.neutral-bypassed': 'load-neutral',
  'gfci.neutral-missing': 'load-neutral',
  'disconnect.too-near-water': 'water',
  'receptacle.near-water': 'water',
  'receptacle.from-water': 'water',
  'panel.neutral-ground-mixed': 'bonding',
  'panel.neutrals-mixed': 'bonding',
  'panel.bond-ask': 'bonding',
  'panel.bond-stays': 'bonding',
  'panel.bond-unseen': 'bonding',
  'panel.service-where': 'bonding',
  'panel.is-subpanel': 'bonding',
  'panel.interrupting-rating': 'fault',
  'panel.interrupting-unknown': 'fault',
  'panel.series-rated': 'fault',
  'panel.tandem-not-allowed': 'tandem',
  'panel.tandem-unknown': 'tandem',
  'panel.no-space': 'tandem',
  'panel.feeder-load': 'feeder',
  'panel.lug-range': 'torque',
  'service.unbalanced': 'legs',
};

/** The topic of help that explains what a finding is about. */
export function findingHelp(code: FindingCode): HelpId {
  const [subject = ''] = code.split('.');
  return BY_CODE[code] ?? (isSubject(subject) ? BY_SUBJECT[subject] : 'sources');
}

const isSubject = (subject: string): subject is Subject => subject in BY_SUBJECT;
