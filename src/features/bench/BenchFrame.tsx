import type { ReactNode } from 'react';
import { isTyping } from '../../ui/shell/isTyping';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { isDue } from '../../core/practice/due';
import { useCards } from '../../store/practice/usePractice';
import { columnClass } from '../../ui/shell/columnClass';
import { StageBar } from '../../ui/shell/StageBar';
import { nowIso } from '../../store/clock';
import classes from './bench.module.css';

/** The views of the bench. */
const BENCH_VIEWS = [
  { id: 'jobs', name: 'Jobs', path: '/' },
  { id: 'faults', name: 'Hidden faults', path: '/bench/faults' },
  { id: 'drills', name: 'Drills', path: '/bench/drills' },
  { id: 'lessons', name: 'Lessons', path: '/bench/lessons' },
  { id: 'record', name: 'Record', path: '/bench/record' },
] as const;
/** A view of the bench. */
type BenchView = (typeof BENCH_VIEWS)[number]['id'];

/** What the ids of cards begin with, by the view that they belong to. */
const CARDS_OF: Partial<Record<BenchView, string>> = { faults: 'bench ', drills: 'drill ' };

interface BenchFrameProps {
  readonly current: BenchView;
  /** What a view adds to the columns of the board. */
  readonly board?: string | undefined;
  readonly children: ReactNode;
  readonly foot: ReactNode;
}

/** What the views of the bench share: their own bar, outside of any job, and the line at the foot. */
export function BenchFrame({ current, board, children, foot }: BenchFrameProps) {
  const navigate = useNavigate();
  const cards = useCards();
  const dueIn = (prefix: string): number =>
    [...(cards?.values() ?? [])].filter((card) => card.id.startsWith(prefix) && isDue(card, nowIso())).length;
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const view = BENCH_VIEWS[Number(event.key) - 1];
      if (view === undefined || event.defaultPrevented) return;
      event.preventDefault();
      void navigate(view.path);
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [navigate]);
  return (
    <div className={classes['frame']}>
      <StageBar
        title="Bench"
        note="practice, outside any job"
        titleAct="back to the jobs"
        onTitle={() => void navigate('/')}
        label="Views of the bench"
        stages={BENCH_VIEWS.map(({ id, name }) => {
          const prefix = CARDS_OF[id];
          const due = prefix === undefined ? 0 : dueIn(prefix);
          return { id, name, mark: due > 0 ? <b>{due} due</b> : null, current: id === current };
        })}
        onStage={(id) => {
          const view = BENCH_VIEWS.find((each) => each.id === id);
          if (view !== undefined) void navigate(view.path);
        }}
        tools={null}
      />
      <main className={columnClass('board', board)}>{children}</main>
      <footer className={columnClass('foot')}>{foot}</footer>
    </div>
  );
}
