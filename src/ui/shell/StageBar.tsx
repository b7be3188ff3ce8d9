import type { ReactNode } from 'react';
import classes from './StageBar.module.css';

interface StageTab {
  readonly id: string;
  readonly name: string;
  /** What stands beside its number: how it is, and how much is open in it. */
  readonly mark: ReactNode;
  readonly current: boolean;
}

interface StageBarProps {
  readonly title: string;
  readonly note: string;
  /** What pressing the title does: "change the job". */
  readonly titleAct: string;
  readonly onTitle: () => void;
  /** What the stages are of. */
  readonly label: string;
  readonly stages: readonly StageTab[];
  readonly onStage: (id: string) => void;
  readonly tools: ReactNode;
}

/** The bar above a view: what it is of, its stages as marks on a rule, and the tools. */
export function StageBar({ title, note, titleAct, onTitle, label, stages, onStage, tools }: StageBarProps) {
  return (
    <header className={classes['bar']}>
      <button
        type="button"
        className={classes['job']}
        onClick={onTitle}
        aria-label={`${title}, ${note}: ${titleAct}`}
      >
        <b>{title}</b>
        <span className="second">{note}</span>
      </button>
      <nav className={classes['stages']} aria-label={label}>
        {stages.map(({ id, name, mark, current }, index) => (
          <button
            key={id}
            type="button"
            className={classes['stage']}
            data-current={current || undefined}
            aria-current={current ? 'page' : undefined}
            onClick={() => {
              onStage(id);
            }}
          >
            <span className={`fig ${classes['mark']}`}>
              {index + 1} {mark}
            </span>
            <span className={classes['name']}>{name}</span>
          </button>
        ))}
      </nav>
      <div className={classes['tools']}>{tools}</div>
    </header>
  );
}
