import { parseOptional } from '../../core/panel/panelFields';
import type { Panel } from '../../core/panel/panelSchema';
import { printNumber, type NumberRange } from '../../core/units/number';
import { usePanelEditor } from '../../store/usePanelEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SourceFields } from './SourceFields';
import { YesNoField } from '../../ui/fields/YesNoField';

const handleRange: NumberRange = { min: 12, max: 150, units: ['in', '"'], shown: 'in' };

type YesNoKey =
  | 'knownToFail'
  | 'workingSpace'
  | 'holdDown'
  | 'feedThrough'
  | 'feedThroughProtected'
  | 'surgeDevice';

interface Asked {
  readonly key: YesNoKey;
  readonly label: string;
  readonly help?: string;
  /** Asked only when this is so. */
  readonly when?: (panel: Panel) => boolean;
}

const YES_NO: readonly Asked[] = [
  {
    key: 'knownToFail',
    label: 'Make and type known to fail?',
    help: 'Look the label up before the cover comes off.',
    when: ({ installed }) => installed !== 'new',
  },
  {
    key: 'workingSpace',
    label: 'Is the space before it clear?',
    help: '30 in wide, 36 in deep, 6 ft 6 in high.',
  },
  {
    key: 'holdDown',
    label: 'Is the back-fed main fastened in place?',
    when: ({ mainKind }) => mainKind === 'back-fed',
  },
  { key: 'feedThrough', label: 'Are its feed-through lugs used?' },
  {
    key: 'feedThroughProtected',
    label: 'Does the main protect what leaves them?',
    when: ({ feedThrough }) => feedThrough === true,
  },
  {
    key: 'surgeDevice',
    label: 'Surge-protective device?',
    help: 'Type 1 or Type 2, in it or beside it.',
    when: ({ role, installed }) => role === 'service' && installed === 'new',
  },
];

/** How the panel is mounted and fed, and whether this job installs it. */
export function InstallationFields({ panel }: { readonly panel: Panel }) {
  const { change, canWrite } = usePanelEditor(panel);
  const disabled = !canWrite;
  return (
    <>
      <ChoiceField
        label="This panel"
        disabled={disabled}
        value={panel.installed ?? 'existing'}
        choices={[
          { value: 'existing', label: 'is there' },
          { value: 'new', label: 'is installed by this job' },
        ]}
        onChoose={(installed) => {
          change({ installed }, 'Existing or new panel');
        }}
      />
      <ChoiceField
        label="Main"
        disabled={disabled}
        value={panel.mainKind ?? ''}
        choices={[
          { value: '', label: 'Not looked at' },
          { value: 'main', label: 'built in' },
          { value: 'back-fed', label: 'a plug-in breaker, back-fed' },
          { value: 'lugs', label: 'none: lugs' },
        ]}
        onChoose={(mainKind) => {
          change({ mainKind: mainKind === '' ? null : mainKind }, 'Main of a panel');
        }}
      />
      <QuantityField<number | null>
        label="Highest handle above the floor"
        disabled={disabled}
        inputMode="decimal"
        value={panel.topHandleIn ?? null}
        print={(value) => (value === null ? '' : `${printNumber(value)} in`)}
        parse={(text) => parseOptional(text, handleRange)}
        onValue={(topHandleIn, key) => {
          change({ topHandleIn }, 'Highest handle', key);
        }}
      />
      <SourceFields panel={panel} />
      {YES_NO.filter(({ when }) => when?.(panel) ?? true).map(({ key, label, help }) => (
        <YesNoField
          key={key}
          label={label}
          help={help}
          disabled={disabled}
          value={panel[key] ?? undefined}
          onValue={(value) => {
            change({ [key]: value ?? null }, label);
          }}
        />
      ))}
    </>
  );
}
