import { findingKey, type AnyFinding } from '../../core/findings/finding';
import type { JobSizes } from '../../core/job/jobSizes';
import { FindingCard } from './FindingCard';
import classes from './FindingList.module.css';

interface FindingListProps {
  readonly sizes: JobSizes;
  readonly findings: readonly AnyFinding[];
  /** What is listed, for a screen reader. */
  readonly label?: string;
}

/** Findings one under the other, each with its fixes and room for the answer that closes it. */
export function FindingList({ sizes, findings, label = 'Findings' }: FindingListProps) {
  if (findings.length === 0) return null;
  return (
    <ul className={classes['findings']} aria-label={label}>
      {findings.map((finding, at) => (
        // A station may bear one finding twice, for two of its holes.
        <li key={`${findingKey(finding)} ${at}`}>
          <FindingCard sizes={sizes} finding={finding} folded />
        </li>
      ))}
    </ul>
  );
}
