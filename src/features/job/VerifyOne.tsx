import type { Circuit } from '../../core/circuit/circuitSchema';
import type { FigureKey } from '../../core/findings/subject';
import type { PutSources } from '../../core/job/command';
import { circuitInput, isAnswerable, withInput } from '../../core/known/circuitInput';
import { NOT_LOOKED_AT } from '../../core/known/notLookedAt';
import type { Outcome, Unverified } from '../../core/known/toVerify';
import { lowerFirst } from '../../core/units/lowerFirst';
import { printPriceChange } from '../../core/units/money';
import { cents as asCents } from '../../core/units/quantity';
import { figureName } from '../../core/wording/ladder';
import { toldNow } from '../../store/answering';
import { useJobEditor } from '../../store/useJobEditor';
import classes from './VerifyOne.module.css';

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

/** What a value makes of one figure. */
const changeOf = ({ figures }: Outcome, only: FigureKey): string =>
  figures.flatMap(({ figure, was, is }) => (figure === only ? [`${is}, not ${was}`] : [])).join(', ');

/** Values that come to the same, together: "detached garage, post or yard: a question". */
function together(
  outcomes: readonly Outcome[],
  only: FigureKey | undefined,
): ReadonlyMap<string, readonly Outcome[]> {
  const by = new Map<string, readonly Outcome[]>();
  for (const each of outcomes) {
    const what = only === undefined ? changes(each) : changeOf(each, only);
    if (what !== '') by.set(what, [...(by.get(what) ?? []), each]);
  }
  return by;
}

interface VerifyOneProps extends Unverified {
  readonly circuit: Circuit;
  /** The figure that alone is spoken of; left out: all that changes. */
  readonly only?: FigureKey;
}

/** One thing that nobody gave: what is taken, what another value comes to, and either said with one tap. */
export function VerifyOne({ circuit, assumption, outcomes, only }: VerifyOneProps) {
  const { label, stands, input } = assumption;
  const { canWrite, edit, replaceCircuit } = useJobEditor();
  const isNothing = stands === NOT_LOOKED_AT;
  const take = (value: unknown): void => {
    const next = withInput(circuit, input, value);
    if (next !== undefined) replaceCircuit(next, label);
  };
  return (
    <li className={classes['one']}>
      <b>{label}</b>{' '}
      <span className={classes['assumed']}>{isNothing ? stands : `assumed: ${lowerFirst(stands)}`}</span>
      {isAnswerable(circuit, input) && (
        <button
          type="button"
          className="act"
          disabled={!canWrite}
          aria-label={`So it is: ${lowerFirst(stands)}`}
          onClick={() => {
            edit(told(circuitInput(circuit, input)), `${label}: so it is`);
          }}
        >
          So it is
        </button>
      )}
      <ul>
        {[...together(outcomes, only)].map(([what, values]) => (
          <li key={what}>
            if{' '}
            {values.map(({ words, value }) => (
              <button
                key={words}
                type="button"
                className="act"
                disabled={!canWrite}
                aria-label={`It is ${lowerFirst(words)}`}
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
