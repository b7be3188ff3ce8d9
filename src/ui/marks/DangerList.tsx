import { readingDangerWords } from '../../core/wording/dangerWords';
import type { ReadingDanger } from '../../core/network/readingDangers';
import { SeverityShape } from './SeverityShape';
import classes from './DangerList.module.css';

/** What is dangerous by the readings themselves, explained or not: above all else. */
export function DangerList({ dangers }: { readonly dangers: readonly ReadingDanger[] }) {
  if (dangers.length === 0) return null;
  return (
    <div className={classes['dangers']} role="alert" aria-label="Dangers">
      <ul>
        {dangers.map((danger) => (
          <li key={`${danger.code} ${danger.at ?? ''}`}>
            <SeverityShape severity="stop" size={13} /> <b>{readingDangerWords(danger)}</b>
          </li>
        ))}
      </ul>
    </div>
  );
}
