import { feetOhm, type FieldPart, type FieldValues } from '../../../core/water/field/fieldParts';
import type { Person, Touch } from '../../../core/water/field/touch';
import {
  personWords,
  sourceChoice,
  sourceChoices,
  voltsWords,
  withSource,
} from '../../../core/wording/fieldWords';
import { printNumber as n } from '../../../core/units/number';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { CheckField } from '../../../ui/fields/CheckField';
import { AmountField } from '../fields';
import { columnClass } from '../../../ui/shell/columnClass';
import classes from '../water.module.css';

interface PeoplePaneProps {
  readonly parts: readonly FieldPart[];
  readonly people: readonly Person[];
  readonly touches: readonly Touch[];
  readonly chosen: string | undefined;
  readonly lifted: ReadonlySet<string>;
  readonly values: FieldValues;
  readonly onChoose: (id: string) => void;
  readonly onFlip: (id: string) => void;
  readonly onValues: (values: FieldValues) => void;
}

const SOIL = { min: 10, max: 3000, units: ['ohm-m', 'ohm m'], shown: 'ohm-m' } as const;
const OHM = { min: 50, max: 100000, units: ['ohm', 'ohms'], shown: 'ohm' } as const;
const VOLTS = { min: 0.1, max: 60, units: ['v'], shown: 'V' } as const;
/** From here on a figure is red: above it a wet hand may not let go, or worse. */
const LIMIT_V = 15;

function People({
  parts,
  people,
  touches,
  chosen,
  onChoose,
}: Omit<PeoplePaneProps, 'lifted' | 'values' | 'onFlip' | 'onValues'>) {
  return (
    <ol className={columnClass('rows')}>
      {people.map((person) => {
        const [first, second] = personWords(person, parts);
        const touch = touches.find((each) => each.person.id === person.id);
        return (
          <li key={person.id} data-picked={person.id === chosen || undefined}>
            <button
              type="button"
              aria-pressed={person.id === chosen}
              onClick={() => {
                onChoose(person.id);
              }}
            >
              <b>{first}</b>
              <b className="fig" data-over={(touch?.volts ?? 0) > LIMIT_V || undefined}>
                {touch === undefined ? '' : `${voltsWords(touch.volts)} V`}
              </b>
              <span className="second">
                {second}
                {touch === undefined ? '' : `; ${n(touch.milliamperes, 1)} mA`}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}

/** What the figures rest on. */
function Stated({ parts, values, onValues }: Pick<PeoplePaneProps, 'parts' | 'values' | 'onValues'>) {
  const amount = (
    key: 'soilOhmM' | 'leakOhm' | 'neutralV',
    label: string,
    range: typeof SOIL | typeof OHM | typeof VOLTS,
  ) => (
    <AmountField
      label={label}
      value={values[key]}
      disabled={false}
      range={range}
      onValue={(value) => {
        onValues({ ...values, [key]: value });
      }}
    />
  );
  return (
    <>
      <ChoiceField
        label="What goes wrong"
        value={sourceChoice(values, parts)}
        choices={sourceChoices(parts)}
        onChoose={(choice) => {
          onValues(withSource(values, choice));
        }}
      />
      <div className={classes['two']}>
        {values.source === 'leak'
          ? amount('leakOhm', 'Leak, from 120 V', OHM)
          : amount('neutralV', 'Neutral to earth', VOLTS)}
        {amount('soilOhmM', 'Soil', SOIL)}
      </div>
      <p className="second">
        Body, wet: {n(values.bodyOhm)} ohm hand to foot, {n(values.handsOhm)} ohm hand to hand; two bare feet{' '}
        {n(feetOhm(values), 0)} ohm. Soil as one sheet that leaks down, its reach 8 ft. To earth in soil of
        100 ohm-m: pump and heater 250 ohm, metal in the deck 400, a fence 60.
      </p>
    </>
  );
}

/** Who touches what, which bonds are on, and what the figures rest on. */
export function PeoplePane(props: PeoplePaneProps) {
  const { parts, lifted, values, onFlip, onValues } = props;
  return (
    <nav className={columnClass('list', classes['list'])} aria-label="People and bonds">
      <h2>Who touches what</h2>
      <People {...props} />
      <h2>Bonds</h2>
      {parts
        .filter(({ bonds }) => bonds)
        .map(({ id, name }) => (
          <CheckField
            key={id}
            label={lifted.has(id) ? `${name}: lifted` : `${name}: on`}
            spoken={`Bond of ${name}`}
            checked={!lifted.has(id)}
            disabled={false}
            onCheck={() => {
              onFlip(id);
            }}
          />
        ))}
      <h2>Stated values</h2>
      <Stated parts={parts} values={values} onValues={onValues} />
    </nav>
  );
}
