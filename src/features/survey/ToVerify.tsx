import { lowerFirst } from '../../core/units/lowerFirst';
import { use, useState } from 'react';
import type { Circuit } from '../../core/circuit/circuitSchema';
import { NOT_LOOKED_AT } from '../../core/known/notLookedAt';
import type { Outcome } from '../../core/known/toVerify';
import { cents as asCents } from '../../core/units/quantity';
import { printPriceChange } from '../../core/units/money';
import { figureName } from '../../core/wording/ladder';
import type { ToVerify } from '../../store/known/verifyTask';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { ToVerifyContext } from './toVerifyContext';
import classes from './survey.module.css';

/** The most that are open at first; the rest is folded with its count. */
const OPEN = 2;

const RAISED = { stop: 'a stop', ask: 'a question', check: 'a doubt' } as const;

/** The worst of the findings that a value brings, in words. */
const raised = (opens: Outcome['opens']): readonly string[] => {
  const worst = (['stop', 'ask', 'check'] as const).find((each) =>
    opens.some(({ severity }) => severity === each),
  );
  return worst === undefined ? [] : [RAISED[worst]];
};

const changes = ({ figures, cents, opens }: Outcome): string =>
  [
    ...figures.map(({ figure, was, is }) => `${figureName[figure]} ${is}, was ${was}`),
    ...(cents === 0 ? [] : [printPriceChange(asCents(cents))]),
    ...raised(opens),
  ].join(', ');

/** Values that come to the same, together: "detached garage, post or yard: a question". */
function together(outcomes: readonly Outcome[]): ReadonlyMap<string, readonly string[]> {
  const by = new Map<string, readonly string[]>();
  for (const each of outcomes) {
    const what = changes(each);
    if (what !== '') by.set(what, [...(by.get(what) ?? []), lowerFirst(each.words)]);
  }
  return by;
}

/** One thing that nobody gave: what is taken, and what another value comes to. */
function One({ assumption: { label, stands }, outcomes }: ToVerify) {
  return (
    <li>
      <b>{label}</b>{' '}
      <span className={classes['assumed']}>
        {stands === NOT_LOOKED_AT ? stands : `assumed: ${lowerFirst(stands)}`}
      </span>
      <ul>
        {[...together(outcomes)].map(([what, values]) => (
          <li key={what}>
            if {values.join(', ')}: {what}
          </li>
        ))}
      </ul>
    </li>
  );
}

interface ToVerifyListProps {
  readonly circuit: Pick<Circuit, 'id' | 'name'>;
  /** Whether questions of the circuit are open besides. */
  readonly asks: boolean;
}

/** What of a circuit nobody gave and would change something, with both outcomes; that nothing is left once all was tried. */
export function ToVerifyList({ circuit: { id, name }, asks }: ToVerifyListProps) {
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
          <One key={each.assumption.input} {...each} />
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
