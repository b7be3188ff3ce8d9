import { useState } from 'react';
import { faultKey } from '../../core/bench/benchFaults';
import { isDone, PROOF_ACTS, type ProofAct } from '../../core/bench/session';
import {
  benchFaultWords,
  claimKind,
  measurementLine,
  nameAmong,
  PROOF_ACT,
} from '../../core/wording/benchWords';
import { counted } from '../../core/wording/words';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import type { BenchTry } from './useBenchTry';
import classes from './bench.module.css';

/** The steps of the proof as they are offered: by their letters, so that their order is the learner's. */
const OFFERED: readonly ProofAct[] = PROOF_ACTS.toSorted((a, b) => PROOF_ACT[a].localeCompare(PROOF_ACT[b]));

/** The proof of a right claim: each step in its turn. */
function Proof({ at }: { readonly at: BenchTry }) {
  const { session, act } = at;
  const last = session.log.at(-1);
  return (
    <section aria-label="Proof">
      <h2>
        Now prove it <span className="second">{session.proof} of 7, in their order</span>
      </h2>
      {last?.kind === 'unsafe' && (
        <p role="alert">
          <SeverityShape severity="stop" size={11} /> Not yet. What comes before that?
        </p>
      )}
      <ul className={classes['proofActs']}>
        {OFFERED.map((each) => {
          const done = PROOF_ACTS.indexOf(each) < session.proof;
          return (
            <li key={each}>
              <button
                type="button"
                disabled={done}
                onClick={() => {
                  act({ kind: 'proof', act: each });
                }}
              >
                {done && <SeverityShape severity="ok" size={11} />} {PROOF_ACT[each]}
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** What the try came to, and what a good plan would have been. */
function Outcome({ at }: { readonly at: BenchTry }) {
  const { score, plan, fewest, desk, again } = at;
  const { stations } = desk.circuit.network;
  return (
    <section aria-label="Outcome" role="status">
      <h2>{benchFaultWords(desk.hidden)}. Found, mended, read again.</h2>
      <p>
        {counted(score.readings, 'reading')}, {score.plan} would do
        {score.hints > 0 && `; ${counted(score.hints, 'hint')}`}
        {score.wrongClaims > 0 && `; ${counted(score.wrongClaims, 'wrong claim')}`}. Points lost: {score.lost}
        .
      </p>
      {score.unsafe > 0 && (
        <p>
          <SeverityShape severity="stop" size={11} />{' '}
          <b>{counted(score.unsafe, 'unsafe act')}: not bought back by few readings.</b>
        </p>
      )}
      <p className="second">
        A good plan: {plan.map((each) => measurementLine(each, stations)).join('; ')}. By luck{' '}
        {fewest.readings.length} would do{fewest.proved ? ', and no fewer' : ', as far as was searched'}.
      </p>
      <button type="button" className="act" onClick={again}>
        Try it again
      </button>
    </section>
  );
}

/** What is wrong and where: said, then proved. */
export function ClaimPane({ at }: { readonly at: BenchTry }) {
  const { desk, session, act } = at;
  const kinds = [...new Set(desk.faults.map(claimKind))];
  const [kind, setKind] = useState(kinds[0] ?? '');
  const places = desk.faults.filter((fault) => claimKind(fault) === kind);
  const [chosen, setChosen] = useState('');
  const key = places.some((fault) => faultKey(fault) === chosen)
    ? chosen
    : faultKey(places[0] ?? desk.hidden);
  if (isDone(session)) return <Outcome at={at} />;
  if (session.claimed !== null) return <Proof at={at} />;
  const last = session.log.findLast((line) => line.kind === 'claim');
  return (
    <section className={classes['claim']} aria-label="Your claim">
      <h2>Your claim</h2>
      <ChoiceField
        label="What is wrong"
        value={kind}
        choices={kinds.map((value) => ({ value, label: value }))}
        onChoose={setKind}
      />
      <ChoiceField
        label="Where"
        value={key}
        choices={places.map((fault) => ({ value: faultKey(fault), label: benchFaultWords(fault) }))}
        onChoose={setChosen}
      />
      <div>
        <button
          type="button"
          className={classes['prove']}
          onClick={() => {
            act({ kind: 'claim', key });
          }}
        >
          Prove it
        </button>
        <button
          type="button"
          className={classes['hint']}
          onClick={() => {
            act({ kind: 'hint' });
          }}
        >
          Hint, +2
        </button>
      </div>
      {last?.kind === 'claim' && !last.right && (
        <p role="alert">
          Not that: {nameAmong(desk.faults)(last.key)}. The readings, or the ones not taken yet, speak against
          it.
        </p>
      )}
    </section>
  );
}
