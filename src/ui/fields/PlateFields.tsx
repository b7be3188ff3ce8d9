import {
  applianceQuestions,
  plateSchema,
  withPlate,
  type Appliance,
  type PlateQuestion,
} from '../../core/appliances/registry';
import { shapeOf } from '../../core/fields/shape';
import { isRefused } from '../../core/units/refused';
import { QuestionField } from './QuestionField';

interface PlateFieldsProps {
  readonly appliance: Appliance;
  readonly disabled?: boolean;
  readonly onAppliance: (appliance: Appliance, mergeKey: string | undefined) => void;
  readonly autoFocus?: boolean;
  /** Leaves out what most plates do not have. */
  readonly essential?: boolean;
}

interface PlateFieldProps {
  readonly question: PlateQuestion;
  readonly appliance: Appliance;
  readonly disabled: boolean;
  readonly autoFocus?: boolean;
  /** Shown on a plate: by the mark that the plate itself bears. */
  readonly stamped?: boolean;
  readonly onAppliance: PlateFieldsProps['onAppliance'];
}

/** One question of a plate as the field that fits it, with the mark that the plate itself bears. */
export function PlateField({ question, appliance, onAppliance, ...shown }: PlateFieldProps) {
  return (
    <QuestionField
      {...shown}
      schema={plateSchema(appliance.family)}
      field={question}
      of={appliance.nameplate}
      check={(fields) => {
        const changed = withPlate(appliance, fields);
        return isRefused(changed) ? changed : undefined;
      }}
      set={(fields, _edit, mergeKey) => {
        const changed = withPlate(appliance, fields);
        if (!isRefused(changed)) onAppliance(changed, mergeKey);
      }}
    />
  );
}

/** Whether most plates leave a question open. */
const isOptional = ({ family }: Appliance, { key, writing }: PlateQuestion): boolean =>
  writing.kind === 'number' && shapeOf(plateSchema(family), key).empty !== 'refused';

/** The questions of a nameplate, each as the field that fits it. */
export function PlateFields(props: PlateFieldsProps) {
  const { appliance, disabled = false, onAppliance, autoFocus = false, essential = false } = props;
  return applianceQuestions(appliance)
    .filter((question) => !(essential && isOptional(appliance, question)))
    .map((question, index) => (
      <PlateField
        key={question.key}
        question={question}
        appliance={appliance}
        disabled={disabled}
        autoFocus={autoFocus && index === 0}
        onAppliance={onAppliance}
      />
    ));
}
