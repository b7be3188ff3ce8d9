import { useEffect } from 'react';
import type { DrillKind } from '../../core/drills/drillKinds';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { DrillBeside } from './DrillBeside';
import { Figures, Plate } from './DrillFigures';
import { severityOf, unitOf } from './drillMarks';
import { DrillTable } from './DrillTable';
import { useDrill, type Answered, type DrillState } from './useDrill';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './bench.module.css';

/** Why an answer is wrong: the rules that give just it, and the one that is right. */
function Why({ at, done }: { readonly at: DrillState; readonly done: Answered }) {
  const { current } = at;
  const { judgment, answer, mine } = done;
  if (judgment.right) return null;
  const { by } = judgment;
  return (
    <section className={classes['why']} aria-label="Why" role="status">
      <h2>
        <SeverityShape severity={severityOf(done)} size={13} /> {answer}{' '}
        {judgment.holds === true
          ? current.safe === 'up'
            ? 'holds, but is more than is asked.'
            : 'is within the rule, but less than it allows.'
          : 'is not it.'}{' '}
        Right: {current.answer} {unitOf(current)}.
      </h2>
      {by.length === 0 && <p>No rule that is listed gives {answer}. The working stands beside it.</p>}
      {by.length > 1 && (
        <p>
          {by.length} wrong rules give exactly {answer}: which was yours?
        </p>
      )}
      <table>
        <tbody>
          {by.map(({ id, words, working, answer: gives }) => (
            <tr key={id}>
              <th scope="row">{words}</th>
              <td>{working}</td>
              <td className="fig">{gives}</td>
              <td>
                {by.length > 1 && (
                  <button
                    type="button"
                    className={classes['mine']}
                    aria-pressed={mine === words}
                    onClick={() => {
                      at.own(words);
                    }}
                  >
                    This was mine
                  </button>
                )}
              </td>
            </tr>
          ))}
          <tr data-right>
            <th scope="row">The rule</th>
            <td>{current.working}</td>
            <td className="fig">{current.answer}</td>
            <td className="fig">{current.cite.section}</td>
          </tr>
        </tbody>
      </table>
    </section>
  );
}

/** Enter goes on to the next plate once every figure is judged. */
function useNextByEnter(allDone: boolean, next: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== 'Enter' || !allDone || event.target instanceof HTMLButtonElement) return;
      event.preventDefault();
      next();
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [allDone, next]);
}

/** A drill with the tables: the plate, the figures, the table in view, why an answer is wrong. */
export function DrillWork({ kind }: { readonly kind: DrillKind }) {
  const at = useDrill(kind);
  const { drill, current, answered, plates } = at;
  const done = answered.get(current.id);
  const allDone = drill.figures.every(({ id }) => answered.has(id));
  useNextByEnter(allDone, at.next);
  return (
    <>
      <section className={columnClass('middle', classes['work'])} aria-label={kind.name}>
        <header>
          <h1>{kind.name}</h1>
          <span className="second">new plate each time, from the engine</span>
          <span>
            <b>
              {answered.size} of {drill.figures.length}
            </b>{' '}
            judged, plate {plates}
          </span>
        </header>
        <div className={classes['drill']}>
          <Plate drill={drill} />
          <Figures at={at} />
          <DrillTable
            key={`${plates} ${current.id}`}
            tables={drill.tables}
            figure={current}
            judged={done !== undefined}
            onPick={(answer) => {
              at.answer(answer);
            }}
          />
        </div>
        {done !== undefined && <Why at={at} done={done} />}
        {(allDone || done?.judgment.right === false) && (
          <p>
            <button
              type="button"
              className="act"
              onClick={() => {
                if (allDone) at.next();
                else at.choose(drill.figures.find(({ id }) => !answered.has(id))?.id ?? '');
              }}
            >
              {allDone ? 'Next plate' : 'Next figure'}
            </button>
          </p>
        )}
      </section>
      <DrillBeside kind={kind} at={at} />
    </>
  );
}
