import { fieldsOf, type Field } from '../../fields/field';
import { UNITS } from '../../fields/units';
import {
  parseKnockouts,
  parseListings,
  parseTandems,
  printKnockouts,
  printTandems,
} from '../../panel/panelFields';
import type { Panel } from '../../panel/panelSchema';
import { isRefused, refuse, type Refused } from '../../units/refused';
import { parseWireSize } from '../../units/wireSize';

const of = fieldsOf<Panel>();

type Lug = Pick<Panel, 'lugFrom' | 'lugTo'>;

/** Smallest and largest conductor of a lug: "14 to 1/0". */
function parseLug(text: string): Lug | Refused {
  if (text.trim() === '') return { lugFrom: null, lugTo: null };
  const [from = '', to = ''] = text.split(/\s+(?:to|-)\s+|\s+/);
  const [lugFrom, lugTo] = [parseWireSize(from), parseWireSize(to)];
  return isRefused(lugFrom) || isRefused(lugTo)
    ? refuse(text, 'two sizes, such as 14 to 1/0')
    : { lugFrom, lugTo };
}

const isSubpanelBond = ({ role, neutrals, bondingScrew }: Panel): boolean =>
  role === 'subpanel' && (neutrals === 'bonded' || bondingScrew === 'in');

/** What it is called, how large it is, and what its label says. */
export const panelLabelFields: readonly Field<Panel>[] = [
  of.text('name', 'Name of the panel', { accepts: 'a name of at most 60 letters' }),
  of.number('spaces', 'Spaces', UNITS.none, { accepts: 'an even number from 2 to 84' }),
  of.number('mainA', 'Main breaker', UNITS.amperes, { help: 'Empty for lugs alone.' }),
  of.number('busA', 'Bus', UNITS.amperes),
  of.number('mostPoles', 'Circuits that the label allows', UNITS.none),
  of.number('interruptingKA', 'Interrupting rating', UNITS.kiloamperes),
  of.number('seriesRatedKA', 'Series rating, main with these breakers', UNITS.kiloamperes, {
    help: 'Only by a label that names this combination.',
  }),
  of.number('openings', 'Openings without a filler', UNITS.none),
  of.own('tandems', 'Spaces that take two circuits', {
    print: printTandems,
    parse: (text, { spaces }) => parseTandems(text, spaces),
    help: 'By the label: 21-40, or none.',
  }),
  of.own<'listings', readonly string[]>('listings', 'Breaker types on the label', {
    print: (value) => value.join(', '),
    parse: parseListings,
    put: (listings) => ({ listings: [...listings] }),
  }),
  of.own('knockouts', 'Free knockouts', {
    print: printKnockouts,
    parse: parseKnockouts,
    help: 'Count and trade size: 3 × 3/4, 2 × 1.',
  }),
  of.own<'lugFrom', Lug>('lugFrom', 'Breaker lugs take', {
    get: (panel) => panel,
    put: ({ lugFrom, lugTo }) => ({ lugFrom, lugTo }),
    print: ({ lugFrom, lugTo }) => (lugFrom === null || lugTo === null ? '' : `${lugFrom} to ${lugTo}`),
    parse: parseLug,
  }),
];

/** What is seen of its bars, and what a bond in it stands on. */
export const panelBarFields: readonly Field<Panel>[] = [
  of.choice('role', 'It is', { service: 'service equipment', subpanel: 'a subpanel' }),
  of.choice('neutrals', 'Neutral and ground bars', { bonded: 'bonded together', apart: 'apart' }),
  of.choice('bondingScrew', 'Bonding screw or strap', { in: 'in', out: 'out' }),
  of.yesNo('neutralsShare', 'Two neutrals under a screw?'),
  of.choice('terminalC', 'Terminals marked for', { 60: '60 °C', 75: '75 °C' }),
  of.choice(
    'serviceDisconnect',
    'Service disconnect',
    {
      here: 'in this panel',
      outside: 'outside: an outdoor main, or an emergency disconnect that is the service disconnect',
      'emergency-only': 'in this panel; the emergency disconnect outside is not service equipment',
    },
    { when: ({ role }) => role === 'service' },
  ),
  of.choice(
    'building',
    'Building',
    { same: 'same as the service disconnect', other: 'another building' },
    { when: isSubpanelBond },
  ),
  of.choice('feedWires', 'Wires of its feeder', { 3: '3', 4: '4' }, { when: isSubpanelBond }),
  of.yesNo('feedGround', 'Is the raceway or armor a ground?', { when: isSubpanelBond }),
  of.yesNo('legalWhenInstalled', 'Was the bond legal when installed?', { when: isSubpanelBond }),
  of.yesNo('metallicPath', 'Other metallic path between the buildings?', { when: isSubpanelBond }),
  of.yesNo('groundFaultUpstream', 'Ground-fault protection of equipment upstream?', {
    when: isSubpanelBond,
  }),
  of.choice(
    'installed',
    'This panel',
    { existing: 'is there', new: 'is installed by this job' },
    { get: ({ installed }) => installed ?? 'existing', unknown: null, edit: 'Existing or new panel' },
  ),
  of.choice('mainKind', 'Main', {
    main: 'built in',
    'back-fed': 'a plug-in breaker, back-fed',
    lugs: 'none: lugs',
  }),
  of.number('topHandleIn', 'Highest handle above the floor', UNITS.inches),
];

/** How it is installed and what hangs on it. */
export const panelStateFields: readonly Field<Panel>[] = [
  of.yesNo('knownToFail', 'Make and type known to fail?', {
    help: 'Look the label up before the cover comes off.',
    when: ({ installed }) => installed !== 'new',
  }),
  of.yesNo('workingSpace', 'Is the space before it clear?', {
    help: '30 in wide, 36 in deep, 6 ft 6 in high.',
  }),
  of.yesNo('holdDown', 'Is the back-fed main fastened in place?', {
    when: ({ mainKind }) => mainKind === 'back-fed',
  }),
  of.yesNo('feedThrough', 'Are its feed-through lugs used?'),
  of.yesNo('feedThroughProtected', 'Does the main protect what leaves them?', {
    when: ({ feedThrough }) => feedThrough === true,
  }),
  of.yesNo('surgeDevice', 'Surge-protective device?', {
    help: 'Type 1 or Type 2, in it or beside it.',
    when: ({ role, installed }) => role === 'service' && installed === 'new',
  }),
];
