import type { ReactNode } from 'react';
import type { FigureSeverity } from '../../core/findings/severity';
import { SeverityShape } from '../marks/SeverityShape';
import classes from './Notice.module.css';

interface NoticeProps {
  readonly severity: FigureSeverity;
  readonly children: ReactNode;
  readonly acts?: readonly { readonly label: string; readonly act: () => void }[];
}

/** A line across the page that says how things stand and what can be done. */
export function Notice({ severity, children, acts = [] }: NoticeProps) {
  return (
    <div
      role={severity === 'stop' ? 'alert' : 'status'}
      className={classes['notice']}
      data-severity={severity}
    >
      <SeverityShape severity={severity} size={14} />
      <p>{children}</p>
      {acts.map(({ label, act }) => (
        <button key={label} type="button" className="act" onClick={act}>
          {label}
        </button>
      ))}
    </div>
  );
}
