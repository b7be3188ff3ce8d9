import type { HelpId } from '../../core/wording/help';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import {
  siteQuestions,
  withSite,
  type SiteQuestion,
  type SiteTopic,
} from '../../core/protection/siteQuestions';
import type { Site } from '../../core/protection/siteSchema';
import { parseLength, printLength } from '../../core/units/length';
import { parseNumber, printNumber } from '../../core/units/number';
import { feet } from '../../core/units/quantity';
import { isRefused, refuse, type Refused } from '../../core/units/refused';
import { parseWireSize } from '../../core/units/wireSize';
import { siteLabel, siteValue } from '../../core/wording/siteWords';
import classes from './SiteFields.module.css';
import { useJobEditor } from '../../store/useJobEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { YesNoField } from '../../ui/fields/YesNoField';
import { QuantityField } from '../../ui/fields/QuantityField';

const UNKNOWN = 'unknown';

interface OneProps {
  readonly question: SiteQuestion;
  readonly site: Site;
  readonly disabled: boolean;
  readonly set: (value: unknown, mergeKey?: string) => void;
}

type Known = number | string | undefined;

const AMPS = { min: 15, max: 400, units: ['a', 'amp', 'amps'], shown: 'A' } as const;
const TORQUE = { min: 1, max: 1000, units: ['lb-in', 'in-lb', 'lbin'], shown: 'lb-in' } as const;

const MAX_FT = 1000;

/** What a typed measure comes to, by its kind; an empty field is not known. */
function parseMeasure(kind: SiteQuestion['kind'], text: string): Known | Refused {
  if (text.trim() === '') return undefined;
  switch (kind) {
    case 'feet': {
      const length = parseLength(text);
      return isRefused(length) || length <= MAX_FT ? length : refuse(text, `a length up to ${MAX_FT} ft`);
    }
    case 'amps':
      return parseNumber(text, AMPS);
    case 'torque':
      return parseNumber(text, TORQUE);
    case 'size': {
      const size = parseWireSize(text);
      return isRefused(size) ? refuse(text, 'a size such as 14 or 1/0') : size;
    }
    default:
      return text.trim().length > 10 ? refuse(text, 'a configuration such as 14-50') : text.trim();
  }
}

function printMeasure(kind: SiteQuestion['kind'], value: Known): string {
  if (value === undefined) return '';
  if (kind === 'feet') return printLength(feet(Number(value)));
  if (kind === 'amps') return `${printNumber(Number(value))} A`;
  return kind === 'torque' ? `${printNumber(Number(value))} lb-in` : String(value);
}

function SiteFieldOne({ question, site, disabled, set }: OneProps) {
  const { label, help } = siteLabel[question.key];
  const value = site[question.key];
  if (question.kind === 'yes-no') {
    return (
      <YesNoField
        label={label}
        help={help}
        disabled={disabled}
        value={typeof value === 'boolean' ? value : undefined}
        onValue={set}
      />
    );
  }
  if (question.kind === 'choice') {
    const byRule = question.key === 'groundFault' || question.key === 'arcFault' || question.key === 'room';
    return (
      <ChoiceField
        label={label}
        help={help}
        disabled={disabled}
        value={typeof value === 'string' ? value : UNKNOWN}
        choices={[
          {
            value: UNKNOWN,
            label: byRule ? (question.key === 'room' ? 'As the run ends' : 'By rule') : 'Not looked at',
          },
          ...question.values.map((each) => ({ value: each, label: siteValue(each) })),
        ]}
        onChoose={(next) => {
          set(next === UNKNOWN ? undefined : next);
        }}
      />
    );
  }
  const { kind } = question;
  return (
    <QuantityField<Known>
      label={label}
      help={help}
      disabled={disabled}
      inputMode={kind === 'feet' || kind === 'amps' || kind === 'torque' ? 'decimal' : 'text'}
      value={typeof value === 'number' || typeof value === 'string' ? value : undefined}
      print={(shown) => printMeasure(kind, shown)}
      parse={(text) => parseMeasure(kind, text)}
      onValue={set}
    />
  );
}

/** The help that explains what is measured for a topic. */
const HELP_OF: Readonly<Record<SiteTopic, HelpId>> = {
  place: 'water',
  disconnect: 'disconnect',
  protection: 'protection',
  ends: 'torque',
};

interface SiteFieldsProps {
  readonly view: CircuitEvaluation;
  readonly topic: SiteTopic;
}

/** What there is to measure and to look at for one topic of a circuit; nothing where nothing is asked. */
export function SiteFields({ view, topic }: SiteFieldsProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const { circuit, solved } = view;
  const isPlaced = view.context.panel !== undefined;
  const questions = siteQuestions(solved.figures.facts, solved.figures.outlet, topic, isPlaced);
  if (questions.length === 0) return null;
  return (
    <div className={classes['contents']} data-help={HELP_OF[topic]}>
      {questions.map((question) => (
        <SiteFieldOne
          key={question.key}
          question={question}
          site={circuit.site}
          disabled={!canWrite}
          set={(value, mergeKey) => {
            const site = withSite(circuit.site, question.key, value);
            replaceCircuit({ ...circuit, site }, siteLabel[question.key].label, mergeKey);
          }}
        />
      ))}
    </div>
  );
}
