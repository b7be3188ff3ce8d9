import {
  busRange,
  interruptingRange,
  mainRange,
  parseKnockouts,
  parseListings,
  parseOptional,
  parseTandems,
  polesRange,
  printKnockouts,
  printTandems,
} from '../../core/panel/panelFields';
import type { Job } from '../../core/job/jobSchema';
import type { Panel } from '../../core/panel/panelSchema';
import { parseNumber, printNumber, type NumberRange } from '../../core/units/number';
import { isRefused, refuse } from '../../core/units/refused';
import { parseWireSize } from '../../core/units/wireSize';
import { usePanelEditor } from '../../store/usePanelEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { QuantityField } from '../../ui/fields/QuantityField';
import { BondFields } from './BondFields';
import { InstallationFields } from './InstallationFields';
import classes from './survey.module.css';

interface PanelFieldsProps {
  readonly panel: Panel;
}

type NumberKey = 'mainA' | 'busA' | 'interruptingKA' | 'seriesRatedKA' | 'mostPoles' | 'openings';

const NUMBERS: readonly {
  readonly key: NumberKey;
  readonly label: string;
  readonly range: NumberRange;
  readonly help?: string;
}[] = [
  { key: 'mainA', label: 'Main breaker', range: mainRange, help: 'Empty for lugs alone.' },
  { key: 'busA', label: 'Bus', range: busRange },
  { key: 'mostPoles', label: 'Circuits that the label allows', range: polesRange },
  { key: 'interruptingKA', label: 'Interrupting rating', range: interruptingRange },
  {
    key: 'seriesRatedKA',
    label: 'Series rating, main with these breakers',
    range: interruptingRange,
    help: 'Only by a label that names this combination.',
  },
  {
    key: 'openings',
    label: 'Openings without a filler',
    range: { min: 0, max: 84, units: [], shown: '', whole: true },
  },
];

const spacesRange: NumberRange = { min: 2, max: 84, units: ['spaces'], shown: 'spaces', whole: true };

const CHOICES = {
  role: {
    label: 'It is',
    values: [
      ['service', 'service equipment'],
      ['subpanel', 'a subpanel'],
    ],
  },
  neutrals: {
    label: 'Neutral and ground bars',
    values: [
      ['', 'Not looked at'],
      ['bonded', 'bonded together'],
      ['apart', 'apart'],
    ],
  },
  bondingScrew: {
    label: 'Bonding screw or strap',
    values: [
      ['', 'Not looked at'],
      ['in', 'in'],
      ['out', 'out'],
    ],
  },
  neutralsShare: {
    label: 'Two neutrals under a screw?',
    values: [
      ['', 'Not looked at'],
      ['no', 'no'],
      ['yes', 'yes'],
    ],
  },
  terminalC: {
    label: 'Terminals marked for',
    values: [
      ['', 'Not looked at'],
      ['60', '60 °C'],
      ['75', '75 °C'],
    ],
  },
} as const;

const CHOICE_KEYS = ['role', 'neutrals', 'bondingScrew', 'neutralsShare', 'terminalC'] as const;

/** What a choice becomes on the panel. */
function chosen(key: keyof typeof CHOICES, value: string): Partial<Panel> {
  switch (key) {
    case 'role':
      return { role: value === 'subpanel' ? 'subpanel' : 'service' };
    case 'neutrals':
      return { neutrals: value === 'bonded' || value === 'apart' ? value : null };
    case 'bondingScrew':
      return { bondingScrew: value === 'in' || value === 'out' ? value : null };
    case 'neutralsShare':
      return { neutralsShare: value === '' ? null : value === 'yes' };
    case 'terminalC':
      return { terminalC: value === '60' ? 60 : value === '75' ? 75 : null };
  }
}

const shownChoice = (panel: Panel, key: keyof typeof CHOICES): string => {
  const value = panel[key];
  if (value === null) return '';
  return typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value);
};

/** Smallest and largest conductor of a lug: "14 to 1/0". */
function parseLug(text: string): Pick<Panel, 'lugFrom' | 'lugTo'> | ReturnType<typeof refuse> {
  if (text.trim() === '') return { lugFrom: null, lugTo: null };
  const [from = '', to = ''] = text.split(/\s+(?:to|-)\s+|\s+/);
  const [lugFrom, lugTo] = [parseWireSize(from), parseWireSize(to)];
  return isRefused(lugFrom) || isRefused(lugTo)
    ? refuse(text, 'two sizes, such as 14 to 1/0')
    : { lugFrom, lugTo };
}

/** What it is called and how large it is. */
function Size({ panel }: PanelFieldsProps) {
  const { change, canWrite } = usePanelEditor(panel);
  const common = { disabled: !canWrite };
  return (
    <>
      <QuantityField<string>
        {...common}
        label="Name of the panel"
        value={panel.name}
        print={(value) => value}
        parse={(text) =>
          text.trim() === '' || text.length > 60 ? refuse(text, 'a name of at most 60 letters') : text
        }
        onValue={(name, key) => {
          change({ name }, 'Name of a panel', key);
        }}
      />
      <QuantityField<number>
        {...common}
        label="Spaces"
        inputMode="decimal"
        value={panel.spaces}
        print={(value) => printNumber(value)}
        parse={(text) => {
          const spaces = parseNumber(text, spacesRange);
          return isRefused(spaces) || spaces % 2 === 0 ? spaces : refuse(text, 'an even number from 2 to 84');
        }}
        onValue={(spaces, key) => {
          change({ spaces }, 'Spaces of a panel', key);
        }}
      />
      {NUMBERS.map(({ key, label, range, help }) => (
        <QuantityField<number | null>
          {...common}
          key={key}
          label={label}
          help={help}
          inputMode="decimal"
          value={panel[key] ?? null}
          print={(value) => (value === null ? '' : `${printNumber(value)} ${range.shown}`.trim())}
          parse={(text) => parseOptional(text, range)}
          onValue={(value, merge) => {
            change({ [key]: value }, label, merge);
          }}
        />
      ))}
    </>
  );
}

/** What its label and its lugs say. */
function Label({ panel }: PanelFieldsProps) {
  const { change, canWrite } = usePanelEditor(panel);
  const common = { disabled: !canWrite };
  return (
    <>
      <QuantityField<Panel['tandems']>
        {...common}
        label="Spaces that take two circuits"
        help="By the label: 21-40, or none."
        value={panel.tandems}
        print={printTandems}
        parse={(text) => parseTandems(text, panel.spaces)}
        onValue={(tandems, key) => {
          change({ tandems }, 'Spaces that take two circuits', key);
        }}
      />
      <QuantityField<readonly string[]>
        {...common}
        label="Breaker types on the label"
        value={panel.listings}
        print={(value) => value.join(', ')}
        parse={parseListings}
        onValue={(listings, key) => {
          change({ listings: [...listings] }, 'Breaker types', key);
        }}
      />
      <QuantityField<Panel['knockouts']>
        {...common}
        label="Free knockouts"
        help="Count and trade size: 3 × 3/4, 2 × 1."
        value={panel.knockouts}
        print={printKnockouts}
        parse={parseKnockouts}
        onValue={(knockouts, key) => {
          change({ knockouts }, 'Free knockouts', key);
        }}
      />
      <QuantityField<Pick<Panel, 'lugFrom' | 'lugTo'>>
        {...common}
        label="Breaker lugs take"
        value={panel}
        print={({ lugFrom, lugTo }) => (lugFrom === null || lugTo === null ? '' : `${lugFrom} to ${lugTo}`)}
        parse={parseLug}
        onValue={(lug, key) => {
          change({ lugFrom: lug.lugFrom, lugTo: lug.lugTo }, 'Lugs of a panel', key);
        }}
      />
    </>
  );
}

/** What is seen of its bars. */
function Bars({ panel }: PanelFieldsProps) {
  const { change, canWrite } = usePanelEditor(panel);
  const common = { disabled: !canWrite };
  return (
    <>
      {CHOICE_KEYS.map((key) => (
        <ChoiceField
          {...common}
          key={key}
          label={CHOICES[key].label}
          value={shownChoice(panel, key)}
          choices={CHOICES[key].values.map(([value, label]) => ({ value, label }))}
          onChoose={(value) => {
            change(chosen(key, value), CHOICES[key].label);
          }}
        />
      ))}
    </>
  );
}

const NO_FEEDER = '';

/** The feeder of the job that supplies a subpanel: the circuits in the panel then count once. */
function FedBy({ panel, job }: PanelFieldsProps & { readonly job: Job }) {
  const { change, canWrite } = usePanelEditor(panel);
  const feeders = job.circuits.filter(({ appliance }) => appliance.family === 'feeder');
  if (panel.role !== 'subpanel' || feeders.length === 0) return null;
  return (
    <ChoiceField
      label="Fed by"
      value={panel.feederId ?? NO_FEEDER}
      disabled={!canWrite}
      choices={[
        { value: NO_FEEDER, label: 'No feeder of this job' },
        ...feeders.map(({ id, name }) => ({ value: id, label: name })),
      ]}
      onChoose={(id) => {
        change({ feederId: id === NO_FEEDER ? null : id }, 'Feeder of a panel');
      }}
    />
  );
}

/** What is read from the label of a panel and seen behind its cover. */
export function PanelFields({ job, ...props }: PanelFieldsProps & { readonly job: Job }) {
  return (
    <div className={classes['pairs']} data-help="directory">
      <Size {...props} />
      <Label {...props} />
      <FedBy {...props} job={job} />
      <Bars {...props} />
      <BondFields {...props} />
      <InstallationFields {...props} />
    </div>
  );
}
