import { lowerFirst } from '../../core/units/lowerFirst';
import { use, useState } from 'react';
import type { Circuit } from '../../core/circuit/circuitSchema';
import type { PutSources } from '../../core/job/command';
import { circuitInput, isAnswerable, withInput } from '../../core/known/circuitInput';
import { NOT_LOOKED_AT } from '../../core/known/notLookedAt';
import type { Outcome } from '../../core/known/toVerify';
import { cents as asCents } from '../../core/units/quantity';
import { printPriceChange } from '../../core/units/money';
import { figureName } from '../../core/wording/ladder';
import type { Unverified } from '../../core/known/toVerify';
import { toldNow } from '../../store/answering';
import { useJobEditor } from '../../store/useJobEditor';
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
function together(outcomes: readonly Outcome[]): ReadonlyMap<string, readonly Outcome[]> {
  const by = new Map<string, readonly Outcome[]>();
  for (const each of outcomes) {
    const what = changes(each);
    if (what !== '') by.set(what, [...(by.get(what) ?? []), each]);
  }
  return by;
}

interface OneProps extends Unverified {
  readonly circuit: Circuit;
}

/** One thing that nobody gave: what is taken, what another value comes to, and either said with one tap. */
function One({ circuit, assumption, outcomes }: OneProps) {
  const { label, stands, input } = assumption;
  const { canWrite, edit, replaceCircuit } = useJobEditor();
  const isNothing = stands === NOT_LOOKED_AT;
  const take = (value: unknown): void => {
    const next = withInput(circuit, input, value);
    if (next !== undefined) replaceCircuit(next, label);
  };
  return (
    <li>
      <b>{label}</b>{' '}
      <span className={classes['assumed']}>{isNothing ? stands : `assumed: ${lowerFirst(stands)}`}</span>
      {isAnswerable(circuit, input) && (
        <button
          type="button"
          className="act"
          disabled={!canWrite}
          aria-label={`${label}: it is ${lowerFirst(stands)}`}
          onClick={() => {
            edit(told(circuitInput(circuit, input)), `${label}: so it is`);
          }}
        >
          So it is
        </button>
      )}
      <ul>
        {[...together(outcomes)].map(([what, values]) => (
          <li key={what}>
            if{' '}
            {values.map(({ words, value }) => (
              <button
                key={words}
                type="button"
                className="act"
                disabled={!canWrite}
                aria-label={`${label}: it is ${lowerFirst(words)}`}
                onClick={() => {
                  take(value);
                }}
              >
                {lowerFirst(words)}
              </button>
            ))}
            : {what}
          </li>
        ))}
      </ul>
    </li>
  );
}

const told = (input: string): PutSources => ({
  kind: 'put-sources',
  put: [{ input, source: toldNow(), was: { kind: 'assumed', rule: 'default' } }],
  drop: [],
});

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
          <One key={each.assumption.input} circuit={circuit} {...each} />
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
