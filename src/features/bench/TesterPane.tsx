import { TOOLS, type Tool } from '../../core/bench/measurement';
import { readWords, TOOL_NAME } from '../../core/wording/benchWords';
import type { BenchTry } from './useBenchTry';
import classes from './bench.module.css';

const SWITCHES: readonly Tool[] = ['load', 'button', 'trip'];

/** What the tester shows: the last thing that was read or done. */
function display({ session: { log, breakerOn }, said }: BenchTry): string {
  if (said !== null) return said;
  const last = log.at(-1);
  if (last?.kind === 'reading') return readWords(last.measurement, last.read);
  if (last?.kind === 'dead-reading' || last?.kind === 'dead-sweep') return '0 V';
  if (last?.kind === 'unsafe') return 'Stop';
  return breakerOn ? '--' : 'off';
}

interface Of {
  readonly at: BenchTry;
}

/** What the tester is set to, and the lead in hand. */
function Settings({ at: { tool, leads, setTool, take } }: Of) {
  return (
    <>
      <div role="group" aria-label="Set to">
        {TOOLS.filter((each) => !SWITCHES.includes(each)).map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={tool === each}
            onClick={() => {
              setTool(each);
            }}
          >
            {TOOL_NAME[each]}
          </button>
        ))}
      </div>
      <div role="group" aria-label="Lead in hand">
        {(['red', 'black'] as const).map((lead) => (
          <button
            key={lead}
            type="button"
            aria-pressed={leads.hand === lead}
            onClick={() => {
              take(lead);
            }}
          >
            {lead} {leads[lead] ?? ''}
          </button>
        ))}
      </div>
    </>
  );
}

/** What is switched at the circuit, and the proof of the tester. */
function Switches({ at: { session, loadOn, desk, act, switchLoad } }: Of) {
  const { gfci, network } = desk.circuit;
  return (
    <div role="group" aria-label="At the circuit">
      <button
        type="button"
        onClick={() => {
          act({ kind: 'prove-tester' });
        }}
      >
        Prove tester
      </button>
      <button
        type="button"
        aria-pressed={session.breakerOn}
        onClick={() => {
          act({ kind: 'breaker', on: !session.breakerOn });
        }}
      >
        Breaker {session.breakerOn ? 'on' : 'off'}
      </button>
      {network.loads.length > 0 && (
        <button type="button" aria-pressed={loadOn} onClick={switchLoad}>
          Load {loadOn ? 'on' : 'off'}
        </button>
      )}
      {!session.breakerOn &&
        network.stations.map((letter, station) => (
          <button
            key={letter}
            type="button"
            aria-pressed={session.dead.includes(station)}
            onClick={() => {
              act({ kind: 'sweep-dead', station });
            }}
          >
            Each to every other at {letter}
          </button>
        ))}
      {gfci !== null &&
        (
          [
            ['button', gfci, 'Test button'],
            ['trip', network.stations.length - 1, 'GFCI tester'],
          ] as const
        ).map(([tool, station, name]) => (
          <button
            key={tool}
            type="button"
            onClick={() => {
              act({ kind: 'measure', measurement: { tool, station, of: null, on: false } });
            }}
          >
            {name}
          </button>
        ))}
    </div>
  );
}

/** The tester: what it shows, what it is set to, the lead in hand; breaker, load and button beside it. */
export function TesterPane({ at }: Of) {
  return (
    <section className={classes['tester']} aria-label="Tester">
      <p className={classes['display']} role="status" aria-label="Reading">
        {display(at)}
      </p>
      <Settings at={at} />
      <Switches at={at} />
      <p className="second">
        R or B, then a terminal: B 1. M: what it is set to. P: prove. S: breaker. L: load. Ohms on one
        terminal twice: from its wire to its screw. Proved dead: tester, each to every other, tester again.
      </p>
    </section>
  );
}
