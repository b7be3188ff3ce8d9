import { useCallback, useMemo, useState } from 'react';
import { BenchDesk } from '../../core/bench/benchDesk';
import type { Bench } from '../../core/bench/benches';
import { fewestReadings, goodPlan, type Fewest } from '../../core/bench/fewest';
import type { Measurement, Tool } from '../../core/bench/measurement';
import {
  afterAct,
  FRESH_SESSION,
  isDone,
  scoreOf,
  type BenchAct,
  type BenchScore,
  type BenchSession,
} from '../../core/bench/session';
import { PAIR_OF, PAIRS, type Conductor } from '../../core/network/network';
import { terminalKey } from '../../core/wording/benchWords';
import { keepAnswer } from '../../store/practice/practiceStorage';
import type { Went } from '../../store/practice/repetition';
import { nowIso } from '../../store/clock';

/** A terminal of a bench. */
export interface Terminal {
  readonly key: string;
  readonly station: number;
  readonly conductor: Conductor;
}

/** Where the leads are, and which of them is in hand. */
export interface Leads {
  readonly red: string | null;
  readonly black: string | null;
  readonly hand: 'red' | 'black';
}

/** A try at a bench with everything that is shown of it. */
export interface BenchTry {
  readonly desk: BenchDesk;
  readonly plan: readonly Measurement[];
  readonly fewest: Fewest;
  readonly session: BenchSession;
  readonly score: BenchScore;
  readonly terminals: readonly Terminal[];
  readonly tool: Tool;
  readonly loadOn: boolean;
  readonly leads: Leads;
  /** Why the last touch read nothing; null: it did. */
  readonly said: string | null;
  readonly act: (act: BenchAct) => void;
  readonly setTool: (tool: Tool) => void;
  readonly switchLoad: () => void;
  readonly take: (lead: 'red' | 'black') => void;
  readonly touch: (key: string) => void;
  readonly again: () => void;
}

const NO_LEADS: Leads = { red: null, black: null, hand: 'red' };
/** So many points lost still go well. */
const FAIR = 4;

/** How a try went, for when it comes back. What would have hurt is never bought back. */
function wentOf({ unsafe, wrongClaims, lost }: BenchScore): Went {
  if (unsafe > 0 || wrongClaims > 0) return 'again';
  if (lost > FAIR) return 'hard';
  return lost > 0 ? 'good' : 'easy';
}

/** Every terminal of a bench where a conductor runs. */
function terminalsOf({ circuit: { network }, measurements }: BenchDesk): readonly Terminal[] {
  const read = new Set(
    measurements.flatMap(({ tool, station, of }) =>
      tool === 'ohms' && of !== null ? [`${station} ${of}`] : [],
    ),
  );
  return network.stations.flatMap((letter, station) =>
    network.conductors
      .filter((conductor) => read.has(`${station} ${conductor}`))
      .map((conductor) => ({ key: terminalKey(letter, conductor), station, conductor })),
  );
}

/** What two leads measure; a sentence where they measure nothing. */
function between(a: Terminal, b: Terminal, tool: Tool, on: boolean): Measurement | string {
  if (a.station !== b.station) return 'Both leads at one enclosure: this bench has no long leads.';
  if (a.key === b.key)
    return tool === 'ohms'
      ? { tool, station: a.station, of: a.conductor, on: false }
      : 'Both leads on one terminal: ohms read from its wire to its screw.';
  const pair = PAIRS.find(
    (each) => PAIR_OF[each].includes(a.conductor) && PAIR_OF[each].includes(b.conductor),
  );
  if (pair === undefined) return 'Nothing to read there.';
  return { tool, station: a.station, of: pair, on: tool === 'volts' && on };
}

/** A bench solved: what a reading comes to, a good plan, the fewest. */
function useSolvedBench(bench: Bench) {
  return useMemo(() => {
    const desk = new BenchDesk(bench);
    return { desk, plan: goodPlan(desk), fewest: fewestReadings(desk), terminals: terminalsOf(desk) };
  }, [bench]);
}

/** What is done at a bench, one act after the other; the answer is kept once its claim is proved. */
function useSession(bench: Bench, desk: BenchDesk, plan: readonly Measurement[], blind: boolean) {
  const [session, setSession] = useState(FRESH_SESSION);
  const act = useCallback(
    (done: BenchAct) => {
      const next = afterAct(session, done, desk);
      setSession(next);
      if (!isDone(next) || isDone(session) || bench.id.startsWith('own ')) return;
      const score = scoreOf(next, plan.length);
      const right = score.unsafe === 0 && score.wrongClaims === 0;
      void keepAnswer({ card: `bench ${bench.id}`, right, cause: null, blind }, wentOf(score), nowIso());
    },
    [session, desk, plan, bench.id, blind],
  );
  return { session, setSession, act };
}

/** What touching a terminal does: a measurement, a lead put there, or a sentence why neither. */
function touched(terminal: Terminal, terminals: readonly Terminal[], tool: Tool, leads: Leads, on: boolean) {
  const { key, station, conductor } = terminal;
  if (tool === 'clamp' && station === 0)
    return { leads, said: 'Clamp where the wire arrives: past the panel.', measured: null };
  if (tool === 'clamp' || tool === 'heat')
    return { leads, said: null, measured: { tool, station, of: conductor, on: true } };
  const placed: Leads = { ...leads, [leads.hand]: key, hand: leads.hand === 'red' ? 'black' : 'red' };
  const [a, b] = [placed.red, placed.black].map((each) => terminals.find((one) => one.key === each));
  if (a === undefined || b === undefined) return { leads: placed, said: null, measured: null };
  const found = between(a, b, tool, on);
  return typeof found === 'string'
    ? { leads: placed, said: found, measured: null }
    : { leads: placed, said: null, measured: found };
}

/** A try at a bench. */
export function useBenchTry(bench: Bench, blind: boolean): BenchTry {
  const { desk, plan, fewest, terminals } = useSolvedBench(bench);
  const { session, setSession, act } = useSession(bench, desk, plan, blind);
  const [tool, setTool] = useState<Tool>('volts');
  const [loadOn, setLoadOn] = useState(false);
  const [leads, setLeads] = useState(NO_LEADS);
  const [said, setSaid] = useState<string | null>(null);
  return {
    desk,
    plan,
    fewest,
    session,
    score: scoreOf(session, plan.length),
    terminals,
    tool,
    loadOn,
    leads,
    said,
    act,
    setTool,
    switchLoad: () => {
      const { gfci } = desk.circuit;
      if (!loadOn && gfci !== null)
        act({ kind: 'measure', measurement: { tool: 'load', station: gfci, of: null, on: true } });
      setLoadOn(!loadOn);
    },
    take: (hand) => {
      setLeads({ ...leads, [hand]: null, hand });
    },
    touch: (key) => {
      const terminal = terminals.find((each) => each.key === key);
      if (terminal === undefined) return;
      const done = touched(terminal, terminals, tool, leads, loadOn);
      setLeads(done.leads);
      setSaid(done.said);
      if (done.measured !== null) act({ kind: 'measure', measurement: done.measured });
    },
    again: () => {
      setSession(FRESH_SESSION);
      setLeads(NO_LEADS);
      setSaid(null);
      setLoadOn(false);
    },
  };
}
