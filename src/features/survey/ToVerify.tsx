import { use, useState } from 'react';
import type { Circuit } from '../../core/circuit/circuitSchema';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { VerifyOne } from '../job/VerifyOne';
import { ToVerifyContext } from '../job/toVerifyContext';
import classes from './survey.module.css';

/** The most that are open at first; the rest is folded with its count. */
const OPEN = 2;

interface ToVerifyListProps {
  readonly circuit: Circuit;
  /** Whether questions of the circuit are open besides. */
  readonly asks: boolean;
}

/** What of a circuit nobody gave and would change something, with both outcomes; that nothing is left once all was tried. */
export function ToVerifyList({ circuit, asks }: ToVerifyListProps) {
  const { id, name } = circuit;
  const all = use(ToVerifyContext);
  const [open, setOpen] = useState(false);
  if (all === null) return asks ? null : <p className="second">To verify: being worked out.</p>;
  const own = all.filter(({ assumption }) => assumption.circuitId === id);
  if (own.length === 0)
    return asks ? null : (
      <p className={classes['known']}>
        <SeverityShape severity="ok" /> Nothing left to verify.
      </p>
    );
  return (
    <section className={classes['verify']} aria-label={`To verify, ${name}`}>
      <h3>
        To verify <span className="fig">{own.length}</span>
      </h3>
      <ul>
        {own.slice(0, open ? own.length : OPEN).map((each) => (
          <VerifyOne key={each.assumption.input} circuit={circuit} {...each} />
        ))}
      </ul>
      {own.length > OPEN && (
        <button
          type="button"
          className="act"
          aria-expanded={open}
          onClick={() => {
            setOpen(!open);
          }}
        >
          {open ? 'Fold' : `All ${own.length}`}
        </button>
      )}
    </section>
  );
}
