import type { ReactNode } from 'react';
import { SeverityShape, type ShownSeverity } from '../marks/SeverityShape';
import classes from './StageBar.module.css';

interface StageTab {
  readonly id: string;
  readonly name: string;
  readonly severity: ShownSeverity;
  /** How many findings are open in it. */
  readonly open: number;
  readonly current: boolean;
}

interface StageBarProps {
  readonly jobName: string;
  readonly jobNote: string;
  readonly onJob: () => void;
  readonly stages: readonly StageTab[];
  readonly onStage: (id: string) => void;
  readonly tools: ReactNode;
}

/** The bar of a job: its name, the stages as marks on a rule, and the tools. */
export function StageBar({ jobName, jobNote, onJob, stages, onStage, tools }: StageBarProps) {
  return (
    <header className={classes['bar']}>
      <button
        type="button"
        className={classes['job']}
        onClick={onJob}
        aria-label={`${jobName}, ${jobNote}: change the job`}
      >
        <b>{jobName}</b>
        <span className="second">{jobNote}</span>
      </button>
      <nav className={classes['stages']} aria-label="Stages of the job">
        {stages.map(({ id, name, severity, open, current }, index) => (
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
              {index + 1} <SeverityShape severity={severity} size={10} named /> {open > 0 ? open : ''}
            </span>
            <span className={classes['name']}>{name}</span>
          </button>
        ))}
      </nav>
      <div className={classes['tools']}>{tools}</div>
    </header>
  );
}
