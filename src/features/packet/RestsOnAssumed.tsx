import type { Job } from '../../core/job/jobSchema';
import { openStops, walkSteps } from '../../core/water/walk';
import { lowerFirst } from '../../core/units/lowerFirst';
import { NOT_LOOKED_AT } from '../../core/known/notLookedAt';
import { SOURCES_TITLE } from '../../core/wording/packetWords';
import { evaluationOf } from '../../store/evaluation';
import { useToVerify } from '../../store/known/useToVerify';
import classes from './packet.module.css';

/** The most that are named; the page has them all. */
const NAMED = 5;

/** What would hurt somebody were it not as it was taken, and what nobody has looked at before it is covered. */
function useRests(job: Job): readonly { readonly name: string; readonly what: string }[] | null {
  const all = useToVerify(job);
  if (all === null) return null;
  const { circuits, waters } = evaluationOf(job);
  const nameOf = (id: string): string =>
    circuits.find(({ circuit }) => circuit.id === id)?.circuit.name ?? '';
  return [
    ...waters.flatMap(({ report }) => {
      const open = openStops(report).length;
      const of = walkSteps(report).length;
      return open === 0
        ? []
        : [{ name: report.water.name, what: `bond walk, ${open} of ${of} not seen and right` }];
    }),
    ...all
      .filter(({ outcomes }) => outcomes.some(({ isHazard }) => isHazard))
      .map(({ assumption: { circuitId, label, stands } }) => ({
        name: nameOf(circuitId),
        what: `${lowerFirst(label)} ${stands === NOT_LOOKED_AT ? stands : `assumed: ${lowerFirst(stands)}`}`,
      })),
  ];
}

interface RestsOnAssumedProps {
  readonly job: Job;
  /** Goes to the page that lists what was assumed; left out where it does not go into this packet. */
  readonly onPage?: (() => void) | undefined;
}

/** What a hazard rests on that nobody answers for, said before anything is sealed. */
export function RestsOnAssumed({ job, onPage }: RestsOnAssumedProps) {
  const rests = useRests(job);
  if (rests?.length === 0) return null;
  return (
    <section className={classes['rests']} aria-label="Safe only if">
      <header>
        <h2>Safe only if</h2>
        <span>{rests === null ? 'being worked out' : <b className="fig">{rests.length}</b>}</span>
      </header>
      <ul>
        {rests?.slice(0, NAMED).map(({ name, what }) => (
          <li key={`${name} ${what}`}>
            <b>{name}:</b> {what}
          </li>
        ))}
      </ul>
      {onPage !== undefined && rests !== null && (
        <button type="button" className="act" onClick={onPage}>
          {SOURCES_TITLE}: the page
        </button>
      )}
    </section>
  );
}
