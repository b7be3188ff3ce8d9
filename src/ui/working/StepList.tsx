import { stepWords } from '../../core/wording/steps';
import type { AnyStep } from '../../core/working/step';
import classes from './working.module.css';

interface StepListProps {
  readonly steps: readonly AnyStep[];
  readonly highlighted: AnyStep | undefined;
  readonly onStep: (step: AnyStep) => void;
  /** Titles of local amendments by id, for steps that one of them set. */
  readonly amendments: ReadonlyMap<string, string>;
}

/** The working line by line: what, with which numbers, what came out, on which section. */
export function StepList({ steps, highlighted, onStep, amendments }: StepListProps) {
  return (
    <ol className={classes['steps']}>
      {steps.map((step, index) => {
        const { label, formula, result } = stepWords(step);
        const by = step.by === undefined ? undefined : (amendments.get(step.by) ?? step.by);
        const fails = result === 'fails';
        return (
          <li key={index} data-lit={step === highlighted || undefined} data-fails={fails || undefined}>
            <button
              type="button"
              className={classes['step']}
              onClick={() => {
                onStep(step);
              }}
              disabled={step.read === undefined}
            >
              <span className={classes['label']}>
                {label}
                {by !== undefined && <em> · {by}</em>}
              </span>
              <span className={`fig ${classes['formula']}`}>{formula}</span>
              <b className={`fig ${classes['result']}`}>{result}</b>
              <cite
                className={`fig ${classes['cite']}`}
                title={step.cite.certain ? undefined : 'Doubtful section: verify against the adopted edition'}
              >
                {step.cite.section}
                {step.cite.certain ? '' : '?'}
              </cite>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
