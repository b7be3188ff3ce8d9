import type { DayStep } from '../../core/days/jobDays';
import type { Job } from '../../core/job/jobSchema';
import type { TakeoffLine } from '../../core/takeoff/takeoff';
import { LEFT_SO, SITE_TOOLS } from '../../core/wording/vanWords';
import { needWords } from '../../core/wording/takeoffWords';
import { itemName } from '../../core/wording/itemWords';
import { evaluationOf } from '../../store/evaluation';
import classes from './days.module.css';

/** So much of a list is shown before the rest is counted. */
const SHOWN = 8;

/** What the circuits of a step take of the list of material. */
function materialFor({ circuitIds }: DayStep, job: Job): readonly TakeoffLine[] {
  const isOwn = (source: TakeoffLine['needs'][number]['source']): boolean =>
    source.kind === 'circuit' && circuitIds.includes(source.id);
  return evaluationOf(job).takeoff.lines.flatMap((line) => {
    const needs = line.needs.filter(({ source }) => isOwn(source));
    return needs.length === 0
      ? []
      : [{ ...line, needs, count: needs.reduce((sum, { count }) => sum + count, 0) }];
  });
}

/** What goes on the van for a step: tools of its kind, material of its circuits; and how the place is left. */
export function Needs({ job, step }: { readonly job: Job; readonly step: DayStep }) {
  const material = materialFor(step, job);
  return (
    <>
      <h2>On the van</h2>
      <ul className={classes['waits']} aria-label="On the van">
        {SITE_TOOLS[step.kind].map((tool) => (
          <li key={tool}>{tool}</li>
        ))}
        {material.slice(0, SHOWN).map((line) => (
          <li key={line.key}>
            <span>{itemName(line.item)}</span>
            <span className="fig">{needWords(line)}</span>
          </li>
        ))}
        {material.length > SHOWN && <li>{material.length - SHOWN} more in Materials</li>}
      </ul>
      <p className="second">
        <b>Leave it so:</b> {LEFT_SO[step.kind]}
      </p>
    </>
  );
}
