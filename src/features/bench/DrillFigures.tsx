import { SeverityShape } from '../../ui/marks/SeverityShape';
import { severityOf, unitOf } from './drillMarks';
import type { DrillState } from './useDrill';
import classes from './bench.module.css';

/** The plate as it hangs on the machine. */
export function Plate({ drill }: Pick<DrillState, 'drill'>) {
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
export function Figures({ at }: { readonly at: DrillState }) {
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
