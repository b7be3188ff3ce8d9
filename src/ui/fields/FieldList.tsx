import type { z } from 'zod';
import type { Field } from '../../core/fields/field';
import { QuestionField, type SetFields } from './QuestionField';

interface FieldListProps<S> {
  readonly schema: z.ZodObject;
  readonly fields: readonly Field<S>[];
  readonly of: S;
  readonly disabled: boolean;
  readonly set: SetFields<S>;
}

/** The fields of a part of a job that matter as it stands, each as the control that fits it. */
export function FieldList<S>({ fields, ...props }: FieldListProps<S>) {
  return fields
    .filter(({ when }) => when?.(props.of) ?? true)
    .map((field) => <QuestionField key={field.key} field={field} {...props} />);
}
