import { useMemo } from 'react';
import type { z } from 'zod';
import type { Changed, Field } from '../../core/fields/field';
import { lettersOf, shapeOf, valueOf, valuesOf, type Shape } from '../../core/fields/shape';
import { parseField, printField } from '../../core/fields/written';
import { isRefused, type Refused } from '../../core/units/refused';
import { CheckField } from './CheckField';
import { ChoiceField, type Choice } from './ChoiceField';
import { QuantityField } from './QuantityField';
import { TextArea } from './TextArea';
import { TextField } from './TextField';

/** What a field does to what it belongs to. */
export type SetFields<S> = (fields: Changed<S>, edit: string, mergeKey?: string) => void;

interface QuestionFieldProps<S> {
  readonly schema: z.ZodObject;
  readonly field: Field<S>;
  readonly of: S;
  readonly disabled: boolean;
  readonly set: SetFields<S>;
  /** Refuses what the field alone takes and the rest does not. */
  readonly check?: ((fields: Changed<S>) => Refused | undefined) | undefined;
  readonly autoFocus?: boolean;
  /** Shown on a plate: by the mark that the plate itself bears. */
  readonly stamped?: boolean;
}

const NONE = '';
const YES_NO = { true: 'Yes', false: 'No' } as const;
const NOT_LOOKED_AT = 'Not looked at';

/** A sentence that goes on after a colon; a name in capitals stays one. */
const lowerFirst = (text: string): string =>
  /^[A-Z][a-z]/.test(text) ? text.slice(0, 1).toLowerCase() + text.slice(1) : text;

/** Label and help of a field: on a plate its mark with the label under it, elsewhere the label. */
function fieldWords<S>({ label, mark, help, until }: Field<S>, value: unknown, stamped: boolean) {
  const missing = value === undefined && until !== undefined ? `Until read: ${lowerFirst(until)}` : undefined;
  return stamped && mark !== undefined
    ? { label: mark, help: missing === undefined ? label : `${label}. ${missing}` }
    : { label, help: help ?? missing };
}

/** Every value that is offered, by its name. */
function namedOf<S>({ writing }: Field<S>, { schema }: Shape): readonly Choice<string>[] {
  if (writing.kind === 'named')
    return valuesOf(schema).map((value) => ({ value: String(value), label: writing.nameOf(value) }));
  const names = writing.kind === 'choice' ? writing.names : YES_NO;
  return Object.entries(names).map(([value, label]) => ({ value, label }));
}

/** What is offered, and that nothing is known where the document may say so. */
function choicesOf<S>(field: Field<S>, shape: Shape): readonly Choice<string>[] {
  const { writing } = field;
  const unknown = 'unknown' in writing ? writing.unknown : undefined;
  return shape.empty === 'refused' || unknown === null
    ? namedOf(field, shape)
    : [{ value: NONE, label: unknown ?? NOT_LOOKED_AT }, ...namedOf(field, shape)];
}

/** A field of a document as the control that fits it: parsed as the trade writes it, checked by the schema. */
export function QuestionField<S>(props: QuestionFieldProps<S>) {
  const { schema, field, of: subject, disabled, set, check, autoFocus = false, stamped = false } = props;
  const shape = useMemo(() => shapeOf(schema, field.key), [schema, field.key]);
  const value: unknown = field.get === undefined ? subject[field.key] : field.get(subject);
  const partOf = (next: unknown): Changed<S> =>
    field.put?.(next, subject) ?? ({ [field.key]: next } as Changed<S>);
  const common = { ...fieldWords(field, value, stamped), disabled };
  const put = (next: unknown, mergeKey?: string): void => {
    const part = partOf(next);
    if (check?.(part) === undefined) set(part, field.edit ?? field.label, mergeKey);
  };
  const { kind } = field.writing;
  switch (kind) {
    case 'check':
      return <CheckField {...common} checked={value === true} onCheck={put} />;
    case 'choice':
    case 'named':
    case 'yes-no':
      return (
        <ChoiceField
          {...common}
          value={value === null || value === undefined ? NONE : String(value)}
          choices={choicesOf(field, shape)}
          onChoose={(text) => {
            put(text === NONE && shape.empty !== 'refused' ? shape.empty : valueOf(shape.schema, text));
          }}
        />
      );
    case 'text':
    case 'lines':
    case 'date': {
      const entry = {
        ...common,
        live: true,
        value: printField(field, value, subject),
        maxLength: lettersOf(shape.schema),
        onText: (text: string, mergeKey: string) => {
          const read = parseField(field, shape, text, subject);
          if (!isRefused(read)) put(read, mergeKey);
        },
      };
      return kind === 'lines' ? (
        <TextArea {...entry} rows={2} />
      ) : (
        <TextField {...entry} type={kind === 'date' ? 'date' : 'text'} />
      );
    }
    default:
      return (
        <QuantityField<unknown>
          {...common}
          autoFocus={autoFocus}
          inputMode={kind === 'number' || kind === 'dollars' ? 'decimal' : 'text'}
          value={value}
          print={(shown) => printField(field, shown, subject)}
          parse={(text) => {
            const read = parseField(field, shape, text, subject);
            return isRefused(read) ? read : (check?.(partOf(read)) ?? read);
          }}
          onValue={put}
        />
      );
  }
}
