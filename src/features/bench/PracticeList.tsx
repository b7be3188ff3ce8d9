import { Link } from 'react-router';
import { daysUntil, isDue } from '../../core/practice/due';
import type { PracticeCard } from '../../core/practice/practiceFile';
import { useCards } from '../../store/practice/usePractice';
import { nowIso } from '../../store/clock';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './bench.module.css';

interface PracticeItem {
  readonly id: string;
  readonly name: string;
  readonly path: string;
  /** Its cards: one, or one for each figure that is asked. */
  readonly cards: readonly string[];
}

interface PracticeListProps {
  readonly label: string;
  readonly items: readonly PracticeItem[];
  readonly current: string;
}

const POSTS = 8;

/** Past repetitions as posts, taller for a longer time until the next. */
function Posts({ intervals }: Pick<PracticeCard, 'intervals'>) {
  const shown = intervals.slice(-POSTS);
  return (
    <svg width="60" height="14" aria-hidden="true">
      <path d="M0 13.5H60" stroke="var(--rule2)" />
      {shown.map((days, at) => {
        const height = Math.min(12, 3 + 3 * Math.log2(1 + days));
        return <rect key={at} x={at * 7} y={13 - height} width="3" height={height} fill="var(--ink)" />;
      })}
    </svg>
  );
}

/** When something comes back, in words: the soonest of its cards. */
function dueWords(cards: readonly PracticeCard[]): { readonly words: string; readonly due: boolean } {
  const at = nowIso();
  const due = cards.filter((card) => isDue(card, at)).length;
  if (due > 0) return { words: due === 1 && cards.length === 1 ? 'now' : `${due} due`, due: true };
  const days = Math.min(...cards.map((card) => daysUntil(card, at)));
  if (cards.length === 0) return { words: 'new', due: false };
  return { words: days === 0 ? 'today' : days === 1 ? 'tomorrow' : `in ${days} days`, due: false };
}

/** What can be practiced, easy to hard, each with how it stands. */
export function PracticeList({ label, items, current }: PracticeListProps) {
  const known = useCards();
  return (
    <nav className={classes['list']} aria-label={label}>
      <h2>{label}</h2>
      <ol className={columnClass('rows')}>
        {items.map(({ id, name, path, cards }, at) => {
          const own = cards.flatMap((card) => known?.get(card) ?? []);
          const { words, due } = dueWords(own);
          const latest = own.toSorted((a, b) => b.intervals.length - a.intervals.length)[0];
          return (
            <li key={id} data-picked={id === current || undefined}>
              <Link to={path} aria-current={id === current ? 'page' : undefined}>
                <span className="fig">{at + 1}</span>
                <b>{name}</b>
                {latest !== undefined && <Posts intervals={latest.intervals} />}
                <span data-due={due || undefined}>{words}</span>
              </Link>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
