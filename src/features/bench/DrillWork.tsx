import { useEffect } from 'react';
import type { Figure } from '../../core/drills/drill';
import type { DrillKind } from '../../core/drills/drillKinds';
import { daysUntil } from '../../core/practice/due';
import { missesByCause } from '../../core/practice/practiceFile';
import { useAnswers, useCards } from '../../store/practice/usePractice';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { DrillTable } from './DrillTable';
import { now } from './now';
import { drillCard, useDrill, type Answered, type DrillState } from './useDrill';
import classes from './bench.module.css';

const LATEST = 60;

/** Right, heavier than asked, or over the rule. */
const severityOf = ({ judgment }: Answered): 'ok' | 'check' | 'stop' =>
  judgment.right ? 'ok' : judgment.holds === true ? 'check' : 'stop';

const unitOf = ({ is }: Figure): string => (is.kind === 'number' ? is.unit : '');

/** The plate as it hangs on the machine. */
function Plate({ drill }: Pick<DrillState, 'drill'>) {
  return (
    <figure className={classes['plate']}>
      <figcaption>{drill.plate}</figcaption>
      <dl>
        {drill.lines.map(([label, value]) => (
          <div key={label}>
            <dt>{label}</dt>
            <dd className="fig">{value}</dd>
          </div>
        ))}
      </dl>
    </figure>
  );
}

/** The entry of the figure that is asked now. */
function Entry({ at }: { readonly at: DrillState }) {
  const { current, typed, refused } = at;
  if (current.is.kind === 'word')
    return (
      <div className={classes['words']} role="group" aria-label={current.name}>
        {current.is.words.map((word) => (
          <button
            key={word}
            type="button"
            onClick={() => {
              at.answer(word);
            }}
          >
            {word}
          </button>
        ))}
      </div>
    );
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        at.answer();
      }}
    >
      <input
        key={current.id}
        className="fig"
        aria-label={`${current.name}, ${current.hint}`}
        aria-invalid={refused !== null}
        autoFocus
        autoComplete="off"
        inputMode={current.is.kind === 'number' ? 'decimal' : 'text'}
        value={typed}
        onChange={(event) => {
          at.type(event.currentTarget.value);
        }}
      />
      <span>{unitOf(current)}</span>
      <button type="submit">Judge it</button>
      {refused !== null && <p role="alert">{refused}</p>}
    </form>
  );
}

/** The figures that are asked, one open at a time. */
function Figures({ at }: { readonly at: DrillState }) {
  const { drill, current, answered } = at;
  return (
    <ol className={classes['figures']} aria-label="Figures">
      {drill.figures.map((figure, index) => {
        const done = answered.get(figure.id);
        const isOpen = figure.id === current.id && done === undefined;
        return (
          <li
            key={figure.id}
            data-open={isOpen || undefined}
            data-state={done === undefined ? undefined : severityOf(done)}
          >
            <button
              type="button"
              aria-pressed={figure.id === current.id}
              onClick={() => {
                at.choose(figure.id);
              }}
            >
              <span className="fig">{index + 1}</span> <b>{figure.name}</b>
              {done !== undefined && <SeverityShape severity={severityOf(done)} size={12} named />}
            </button>
            {isOpen ? (
              <Entry at={at} />
            ) : (
              <p className={`fig ${classes['given']}`}>
                {done?.answer ?? '–'} <small>{done !== undefined && unitOf(figure)}</small>
              </p>
            )}
            <p className="second">{figure.hint}</p>
          </li>
        );
      })}
    </ol>
  );
}

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

/** The working as it was judged, when each figure comes back, and misses by their cause. */
function Beside({ kind, at }: { readonly kind: DrillKind; readonly at: DrillState }) {
  const cards = useCards();
  const answers = useAnswers() ?? [];
  const misses = missesByCause(
    answers.filter(({ card }) => card.startsWith(`drill ${kind.id} `)),
    LATEST,
  );
  const moment = now();
  return (
    <aside className={classes['left']} aria-label="The working, as judged">
      <h2>The working, as judged</h2>
      <ol>
        {at.drill.figures.map((figure) => {
          const done = at.answered.has(figure.id);
          return (
            <li key={figure.id}>
              <span>
                <b>{figure.name}</b> <span className="second">{done ? figure.working : 'after yours'}</span>
              </span>
              <span className="fig">{done ? `${figure.answer} ${unitOf(figure)}` : figure.cite.section}</span>
            </li>
          );
        })}
      </ol>
      <h2>When each comes back</h2>
      <ol>
        {kind.asks.map((figure) => {
          const card = cards?.get(drillCard(kind.id, figure));
          return (
            <li key={figure}>
              <span>{figure}</span>
              <span className="fig">
                {card === undefined
                  ? 'new'
                  : daysUntil(card, moment) === 0
                    ? 'now'
                    : `${daysUntil(card, moment)} d`}
              </span>
            </li>
          );
        })}
      </ol>
      {misses.length > 0 && (
        <>
          <h2>
            Your misses, by their cause <span className="second">last {LATEST}</span>
          </h2>
          <ol>
            {misses.map(({ cause, count }) => (
              <li key={cause}>
                <span>{cause}</span>
                <b className="fig">{count}</b>
              </li>
            ))}
          </ol>
        </>
      )}
    </aside>
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
      <section className={classes['work']} aria-label={kind.name}>
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
      <Beside kind={kind} at={at} />
    </>
  );
}
