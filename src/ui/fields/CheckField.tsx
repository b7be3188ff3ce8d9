import classes from './CheckField.module.css';

interface CheckFieldProps {
  readonly label: string;
  /** What is spoken, where the label alone does not tell it from its neighbors. */
  readonly spoken?: string;
  readonly checked: boolean;
  readonly disabled: boolean;
  readonly onCheck: (checked: boolean) => void;
}

/** Something that is so or is not. */
export function CheckField({ label, spoken, checked, disabled, onCheck }: CheckFieldProps) {
  return (
    <label className={classes['check']}>
      <input
        type="checkbox"
        aria-label={spoken}
        checked={checked}
        disabled={disabled}
        onChange={(event) => {
          onCheck(event.currentTarget.checked);
        }}
      />
      {label}
    </label>
  );
}
