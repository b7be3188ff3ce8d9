import type { ReactNode } from 'react';
import type { FigureStanding } from '../../core/circuit/standings';
import { StandingShape } from '../marks/StandingShape';
import classes from './Notice.module.css';

interface NoticeProps {
  readonly standing: FigureStanding;
  readonly children: ReactNode;
  readonly acts?: readonly { readonly label: string; readonly act: () => void }[];
}

/** A line across the page that says how things stand and what can be done. */
export function Notice({ standing, children, acts = [] }: NoticeProps) {
  return (
    <div
      role={standing === 'stop' ? 'alert' : 'status'}
      className={classes['notice']}
      data-standing={standing}
    >
      <StandingShape standing={standing} size={14} />
      <p>{children}</p>
      {acts.map(({ label, act }) => (
        <button key={label} type="button" className="act" onClick={act}>
          {label}
        </button>
      ))}
    </div>
  );
}
