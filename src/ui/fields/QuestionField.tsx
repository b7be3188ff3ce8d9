import { lowerFirst } from '../../core/units/lowerFirst';
import { lazy, Suspense, use, useMemo } from 'react';
import type { z } from 'zod';
import { namedValues } from '../../core/fields/choices';
import type { Changed, Field } from '../../core/fields/field';
import { lettersOf, shapeOf, valueOf, type Shape } from '../../core/fields/shape';
import { changeBy, parseField, printField } from '../../core/fields/written';
import { isRefused, type Refused } from '../../core/units/refused';
import { AssumedFields } from './assumedFields';
import { CheckField } from './CheckField';
import { ChoiceField, type Choice } from './ChoiceField';
import { QuantityField } from './QuantityField';

// Words are asked seldom, and their controls bring a good deal of the component library.
const TextControl = lazy(() => import('./TextControl').then((module) => ({ default: module.TextControl })));

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
const NOT_LOOKED_AT = 'Not looked at';

/** Label and help of a field: on a plate its mark with the label under it, elsewhere the label. */
function fieldWords<S>(
  { label, mark, help, until }: Field<S>,
  value: unknown,
  { stamped, isAssumed }: { readonly stamped: boolean; readonly isAssumed: boolean },
) {
  const missing = isAssumed
    ? 'assumed'
    : value === undefined && until !== undefined
      ? `Until read: ${lowerFirst(until)}`
      : undefined;
  return stamped && mark !== undefined
    ? { label: mark, help: missing === undefined ? label : `${label}${isAssumed ? ',' : '.'} ${missing}` }
    : { label, help: isAssumed ? missing : (help ?? missing) };
}

/** What is offered, and that nothing is known where the document may say so. */
function choicesOf<S>(field: Field<S>, shape: Shape): readonly Choice<string>[] {
  const { writing } = field;
  const unknown = 'unknown' in writing ? writing.unknown : undefined;
  return shape.empty === 'refused' || unknown === null
    ? namedValues(field, shape)
    : [{ value: NONE, label: unknown ?? NOT_LOOKED_AT }, ...namedValues(field, shape)];
}

interface ControlProps<S> extends QuestionFieldProps<S> {
  readonly shape: Shape;
  readonly put: (value: unknown, mergeKey?: string) => void;
  /** What every control shows. */
  readonly common: {
    readonly label: string;
    readonly help: string | undefined;
    readonly disabled: boolean;
    readonly className: string | undefined;
  };
  readonly value: unknown;
}

/** One of a few, or not known. */
function ChoiceControl<S>({ field, of: subject, shape, put, common, value }: ControlProps<S>) {
  return (
    <ChoiceField
      {...common}
      value={printField(field, value, subject)}
      choices={choicesOf(field, shape)}
      onChoose={(text) => {
        put(text === NONE && shape.empty !== 'refused' ? shape.empty : valueOf(shape.schema, text));
      }}
    />
  );
}

/** Something that is typed as the trade writes it. */
function TypedControl<S>(props: ControlProps<S>) {
  const { field, of: subject, shape, put, common, value, check, autoFocus = false } = props;
  const { kind } = field.writing;
  return (
    <QuantityField<unknown>
      {...common}
      autoFocus={autoFocus}
      inputMode={kind === 'number' || kind === 'dollars' ? 'decimal' : 'text'}
      value={value}
      print={(shown) => printField(field, shown, subject)}
      parse={(text) => {
        const read = parseField(field, shape, text, subject);
        return isRefused(read) ? read : (check?.(changeBy(field, read, subject)) ?? read);
      }}
      onValue={put}
    />
  );
}

/** A field of a document as the control that fits it: parsed as the trade writes it, checked by the schema. */
export function QuestionField<S>(props: QuestionFieldProps<S>) {
  const { schema, field, of: subject, disabled, set, check, stamped = false } = props;
  const shape = useMemo(() => shapeOf(schema, field.key), [schema, field.key]);
  const isAssumed = use(AssumedFields).has(field.key);
  const value: unknown = field.get === undefined ? subject[field.key] : field.get(subject);
  const control: ControlProps<S> = {
    ...props,
    shape,
    value,
    common: {
      ...fieldWords(field, value, { stamped, isAssumed }),
      disabled,
      className: isAssumed ? 'assumed' : undefined,
    },
    put: (next, mergeKey) => {
      const change = changeBy(field, next, subject);
      if (check?.(change) === undefined) set(change, field.edit ?? field.label, mergeKey);
    },
  };
  switch (field.writing.kind) {
    case 'check':
      return <CheckField {...control.common} checked={value === true} onCheck={control.put} />;
    case 'choice':
    case 'named':
    case 'yes-no':
      return <ChoiceControl {...control} />;
    case 'text':
    case 'lines':
    case 'date':
      return (
        <Suspense>
          <TextControl
            {...control.common}
            live
            kind={field.writing.kind}
            value={printField(field, value, subject)}
            maxLength={lettersOf(shape.schema)}
            onText={(text, mergeKey) => {
              const read = parseField(field, shape, text, subject);
              if (!isRefused(read)) control.put(read, mergeKey);
            }}
          />
        </Suspense>
      );
    default:
      return <TypedControl {...control} />;
  }
}
