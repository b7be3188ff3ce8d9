import type { Panel } from '../../core/panel/panelSchema';
import { usePanelEditor } from '../../store/usePanelEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';

const NOT_KNOWN = ['', 'Not known yet'] as const;
const YES_NO = [NOT_KNOWN, ['no', 'no'], ['yes', 'yes']] as const;

interface BondQuestion {
  readonly key: keyof Panel;
  readonly label: string;
  readonly choices: readonly (readonly [value: string, label: string])[];
  readonly read: (value: string) => Partial<Panel>;
}

const yesNo = (value: string): boolean | null => (value === '' ? null : value === 'yes');

const SERVICE: readonly BondQuestion[] = [
  {
    key: 'serviceDisconnect',
    label: 'Service disconnect',
    choices: [
      NOT_KNOWN,
      ['here', 'in this panel'],
      ['outside', 'outside: an outdoor main, or an emergency disconnect that is the service disconnect'],
      ['emergency-only', 'in this panel; the emergency disconnect outside is not service equipment'],
    ],
    read: (value) => ({
      serviceDisconnect: value === 'here' || value === 'outside' || value === 'emergency-only' ? value : null,
    }),
  },
];

const SUBPANEL: readonly BondQuestion[] = [
  {
    key: 'building',
    label: 'Building',
    choices: [NOT_KNOWN, ['same', 'same as the service disconnect'], ['other', 'another building']],
    read: (value) => ({ building: value === 'same' || value === 'other' ? value : null }),
  },
  {
    key: 'feedWires',
    label: 'Wires of its feeder',
    choices: [NOT_KNOWN, ['3', '3'], ['4', '4']],
    read: (value) => ({ feedWires: value === '3' ? 3 : value === '4' ? 4 : null }),
  },
  {
    key: 'feedGround',
    label: 'Is the raceway or armor a ground?',
    choices: YES_NO,
    read: (value) => ({ feedGround: yesNo(value) }),
  },
  {
    key: 'legalWhenInstalled',
    label: 'Was the bond legal when installed?',
    choices: YES_NO,
    read: (value) => ({ legalWhenInstalled: yesNo(value) }),
  },
  {
    key: 'metallicPath',
    label: 'Other metallic path between the buildings?',
    choices: YES_NO,
    read: (value) => ({ metallicPath: yesNo(value) }),
  },
  {
    key: 'groundFaultUpstream',
    label: 'Ground-fault protection of equipment upstream?',
    choices: YES_NO,
    read: (value) => ({ groundFaultUpstream: yesNo(value) }),
  },
];

/** What decides about the bond, asked only where it does. */
function questionsOf({ role, neutrals, bondingScrew }: Panel): readonly BondQuestion[] {
  if (role === 'service') return SERVICE;
  return neutrals === 'bonded' || bondingScrew === 'in' ? SUBPANEL : [];
}

const shown = (value: unknown): string =>
  typeof value === 'boolean'
    ? value
      ? 'yes'
      : 'no'
    : typeof value === 'string' || typeof value === 'number'
      ? String(value)
      : '';

/** Where the service disconnect is, and what a bond in a subpanel stands on. */
export function BondFields({ panel }: { readonly panel: Panel }) {
  const { change, canWrite } = usePanelEditor(panel);
  return questionsOf(panel).map(({ key, label, choices, read }) => (
    <ChoiceField
      key={key}
      label={label}
      disabled={!canWrite}
      value={shown(panel[key])}
      choices={choices.map(([value, words]) => ({ value, label: words }))}
      onChoose={(value) => {
        change(read(value), label);
      }}
    />
  ));
}
