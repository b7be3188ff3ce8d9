import { Link } from 'react-router';
import { isDue } from '../../core/practice/due';
import { useCards } from '../../store/practice/usePractice';
import classes from './JobsPage.module.css';
import { nowIso } from '../../store/clock';

/** The way to the bench, with what is due there; to the hidden faults where they are, else to the drills. */
export function BenchLink() {
  const cards = useCards();
  const moment = nowIso();
  const due = [...(cards?.values() ?? [])].filter((card) => isDue(card, moment));
  const drills = due.filter(({ id }) => id.startsWith('drill ')).length;
  const path = drills > due.length - drills ? '/bench/drills' : '/bench/faults';
  return (
    <Link to={path} className={classes['bench']}>
      Bench{due.length > 0 && <b className="fig"> {due.length} due</b>}
    </Link>
  );
}
