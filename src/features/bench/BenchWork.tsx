import { useEffect, useRef, useState } from 'react';
import { isTyping } from '../../ui/shell/isTyping';
import { benchDangers } from '../../core/bench/benchDangers';
import type { Bench } from '../../core/bench/benches';
import type { BenchFault } from '../../core/bench/benchFaults';
import { TOOLS, type Tool } from '../../core/bench/measurement';
import { isDone } from '../../core/bench/session';
import { PAIR_OF, PAIRS } from '../../core/network/network';
import { PLACE_NAME } from '../../core/wording/benchWords';
import { counted } from '../../core/wording/words';
import { DangerList } from '../../ui/marks/DangerList';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { BenchPicture } from '../../ui/pictures/bench/BenchPicture';
import { afterKey, NOTHING_TYPED, type KeyAct } from './benchKeys';
import { ClaimPane } from './ClaimPane';
import { LeftPane } from './LeftPane';
import { LogPane } from './LogPane';
import { TesterPane } from './TesterPane';
import { useBenchTry, type BenchTry } from './useBenchTry';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './bench.module.css';

interface BenchWorkProps {
  readonly bench: Bench;
  readonly blind: boolean;
  readonly onBlind: (blind: boolean) => void;
}

const SET_TO: readonly Tool[] = TOOLS.filter(
  (tool) => tool !== 'load' && tool !== 'button' && tool !== 'trip',
);

/** Where a fault is, for the picture. */
function placesOf(
  fault: BenchFault,
): readonly { readonly at: string; readonly conductors: readonly string[] }[] {
  if (fault.kind === 'two') return [...placesOf(fault.first), ...placesOf(fault.second)];
  if (fault.kind !== 'wiring') return [];
  const pair = PAIRS.find((each) => each === fault.conductor);
  return [{ at: fault.at, conductors: pair === undefined ? [fault.conductor] : PAIR_OF[pair] }];
}

/** Does what a key stands for. */
function doKey(at: BenchTry, act: KeyAct): void {
  switch (act.kind) {
    case 'take':
      at.take(act.lead);
      return;
    case 'touch':
      at.touch(act.terminal);
      return;
    case 'tool':
      at.setTool(SET_TO[(SET_TO.indexOf(at.tool) + 1) % SET_TO.length] ?? 'volts');
      return;
    case 'prove':
      at.act({ kind: 'prove-tester' });
      return;
    case 'breaker':
      at.act({ kind: 'breaker', on: !at.session.breakerOn });
      return;
    case 'load':
      at.switchLoad();
      return;
  }
}

/** Keys of the bench: a lead, then a terminal by its two letters; what the tester is set to; breaker, load, proof. */
function useBenchKeys(at: BenchTry): void {
  const typed = useRef(NOTHING_TYPED);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const after = afterKey(
        typed.current,
        event.key,
        at.terminals.map(({ key }) => key),
      );
      typed.current = after.typed;
      if (!after.taken) return;
      event.preventDefault();
      if (after.act !== null) doKey(at, after.act);
    };
    // Before the keys of the views: a digit after a station is a terminal.
    window.addEventListener('keydown', onKey, true);
    return () => {
      window.removeEventListener('keydown', onKey, true);
    };
  }, [at]);
}

/** A bench: the circuit, the tester, the log, the claim, and what the readings leave. */
function BenchWork({ bench, blind, onBlind }: BenchWorkProps) {
  const at = useBenchTry(bench, blind);
  const { desk, session, score, leads } = at;
  const { network, places, gfci, load } = desk.circuit;
  useBenchKeys(at);
  return (
    <>
      <section className={columnClass('middle', classes['work'])} aria-label={bench.name}>
        <header>
          <h1>{bench.name}</h1>
          <span className="second">one hidden fault; {load}</span>
          <span>
            <b>{counted(score.readings, 'reading')}</b>, {score.plan} would do
          </span>
          {score.unsafe > 0 && (
            <span className={classes['unsafe']}>
              <SeverityShape severity="stop" size={11} /> {score.unsafe} unsafe
            </span>
          )}
        </header>
        <DangerList dangers={benchDangers(network, session)} />
        <div className={classes['picture']}>
          <BenchPicture
            label={`Circuit of the bench: ${places.map((place) => PLACE_NAME[place]).join(', ')}`}
            stations={network.stations.map((letter, station) => ({
              letter,
              name: PLACE_NAME[places[station] ?? 'box'],
            }))}
            conductors={network.conductors}
            terminals={at.terminals}
            loads={network.loads.map(({ station, between }) => ({ station, between: PAIR_OF[between] }))}
            gfci={gfci}
            bonded={places[0] !== 'pump'}
            breakerOn={session.breakerOn}
            leads={leads}
            wrong={isDone(session) ? placesOf(desk.hidden) : []}
            onTerminal={at.touch}
          />
        </div>
        <div className={classes['under']}>
          <LogPane at={at} blind={blind} />
          <TesterPane at={at} />
          <ClaimPane at={at} />
        </div>
      </section>
      <LeftPane at={at} blind={blind} onBlind={onBlind} />
    </>
  );
}

/** A bench that is begun anew whenever another one is chosen. */
export function HiddenBench({ bench }: { readonly bench: Bench }) {
  const [blind, setBlind] = useState(false);
  return <BenchWork key={bench.id} bench={bench} blind={blind} onBlind={setBlind} />;
}
