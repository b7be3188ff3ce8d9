import type { ReactNode } from 'react';
import type { WaterEvaluation } from '../../core/job/evaluation';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { worstSeverity } from '../../core/findings/severity';
import { distanceWords, waterLine } from '../../core/wording/yardWords';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { AddToYard } from './AddToYard';
import { TypeYard } from './TypeYard';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './water.module.css';

interface YardListProps {
  readonly evaluation: JobEvaluation;
  readonly view: WaterEvaluation;
  readonly picked: string | null;
  readonly onPick: (id: string | null) => void;
  /** What stands under the lists. */
  readonly children?: ReactNode;
}

interface RowProps extends Pick<YardListProps, 'picked' | 'onPick'> {
  readonly id: string;
  readonly name: string;
  readonly second: string;
  readonly severity: Parameters<typeof SeverityShape>[0]['severity'] | undefined;
}

function Row({ id, name, second, severity, picked, onPick }: RowProps) {
  return (
    <li data-picked={picked === id || undefined}>
      <button
        type="button"
        aria-pressed={picked === id}
        onClick={() => {
          onPick(picked === id ? null : id);
        }}
      >
        <b>{name}</b>
        {severity !== undefined && <SeverityShape severity={severity} named />}
        <span className="second">{second}</span>
      </button>
    </li>
  );
}

/** Everything in the yard in words: waters, what stands by them, and what runs through it. */
export function YardList({ evaluation, view, picked, onPick, children }: YardListProps) {
  const { job, waters, openInWater } = evaluation;
  const severityOf = (is: (subject: (typeof openInWater)[number]['subject']) => boolean) =>
    worstSeverity(openInWater.filter(({ subject }) => is(subject)));
  const ofItem = (id: string) => severityOf((subject) => subject.kind === 'yard' && subject.itemId === id);
  const row = { picked, onPick };
  return (
    <nav className={columnClass('list', classes['list'])} aria-label="In the yard">
      <h2>Water</h2>
      <ol className={columnClass('rows')}>
        {waters.map(({ report: { water } }) => (
          <Row
            key={water.id}
            {...row}
            id={water.id}
            name={water.name}
            second={waterLine(water)}
            severity={severityOf((subject) => 'waterId' in subject && subject.waterId === water.id)}
          />
        ))}
      </ol>
      <h2>By the water</h2>
      <ol className={columnClass('rows')}>
        {view.report.things
          .toSorted((a, b) => a.distanceFt - b.distanceFt)
          .map((at) => (
            <Row
              key={at.thing.id}
              {...row}
              id={at.thing.id}
              name={at.thing.name}
              second={distanceWords(at)}
              severity={at.object === undefined ? undefined : ofItem(at.thing.id)}
            />
          ))}
      </ol>
      <h2>Walls, fences, lines, decks</h2>
      <ol className={columnClass('rows')}>
        {[...job.yard.lines, ...job.yard.areas].map(({ id, name, kind }) => (
          <Row key={id} {...row} id={id} name={name} second={kind} severity={undefined} />
        ))}
      </ol>
      <TypeYard job={job} water={view.report.water} />
      <AddToYard job={job} report={view.report} onAdded={onPick} />
      {children}
    </nav>
  );
}
