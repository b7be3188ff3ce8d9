import { useEffect, useRef, useState } from 'react';
import type { Bench } from '../../core/bench/benches';
import type { BenchFault } from '../../core/bench/benchFaults';
import { TOOLS, type Tool } from '../../core/bench/measurement';
import { isDone } from '../../core/bench/session';
import { PAIR_OF, PAIRS } from '../../core/network/network';
import { PLACE_NAME } from '../../core/wording/benchWords';
import { counted } from '../../core/wording/words';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { BenchPicture } from '../../ui/pictures/bench/BenchPicture';
import { ClaimPane } from './ClaimPane';
import { LeftPane } from './LeftPane';
import { LogPane } from './LogPane';
import { TesterPane } from './TesterPane';
import { useBenchTry, type BenchTry } from './useBenchTry';
import classes from './bench.module.css';

interface BenchWorkProps {
  readonly bench: Bench;
  readonly blind: boolean;
  readonly onBlind: (blind: boolean) => void;
}

const SET_TO: readonly Tool[] = TOOLS.filter((tool) => tool !== 'load' && tool !== 'button');

/** Where a fault is, for the picture. */
function placesOf(
  fault: BenchFault,
): readonly { readonly at: string; readonly conductors: readonly string[] }[] {
  if (fault.kind === 'two') return [...placesOf(fault.first), ...placesOf(fault.second)];
  if (fault.kind !== 'wiring') return [];
  const pair = PAIRS.find((each) => each === fault.conductor);
  return [{ at: fault.at, conductors: pair === undefined ? [fault.conductor] : PAIR_OF[pair] }];
}

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, select') !== null;

/** Keys of the bench: a lead, then a terminal by its two letters; what the tester is set to; breaker, load, proof. */
function useBenchKeys(at: BenchTry): void {
  const typed = useRef('');
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const key = event.key.toUpperCase();
      const whole = `${typed.current}${key}`;
      if (typed.current !== '' && at.terminals.some((terminal) => terminal.key === whole)) {
        typed.current = '';
        event.preventDefault();
        at.touch(whole);
        return;
      }
      const keys: Readonly<Record<string, () => void>> = {
        M: () => {
          at.setTool(SET_TO[(SET_TO.indexOf(at.tool) + 1) % SET_TO.length] ?? 'volts');
        },
        P: () => {
          at.act({ kind: 'prove-tester' });
        },
        S: () => {
          at.act({ kind: 'breaker', on: !at.session.breakerOn });
        },
        L: at.switchLoad,
        R: () => {
          at.take('red');
        },
      };
      // B is the black lead, and a station: which one the next key tells.
      const isStation = at.terminals.some((terminal) => terminal.key.startsWith(key));
      if (key === 'B' && typed.current === '') at.take('black');
      typed.current = isStation ? key : '';
      const act = keys[key];
      if (act === undefined && !isStation) return;
      event.preventDefault();
      act?.();
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
      <section className={classes['work']} aria-label={bench.name}>
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
