import { takenIn } from '../../core/bench/session';
import { logWords, nameAmong, readWords } from '../../core/wording/benchWords';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import type { BenchTry } from './useBenchTry';
import classes from './bench.module.css';

/** What was done, line by line, with what each reading leaves. */
export function LogPane({ at, blind }: { readonly at: BenchTry; readonly blind: boolean }) {
  const { desk, session } = at;
  const { stations } = desk.circuit.network;
  const taken = takenIn(session).map(({ measurement }) => measurement);
  const nameOf = nameAmong(desk.faults);
  const leavesAfter = (readings: number): number =>
    desk.left(taken.slice(0, readings)).filter(({ ruledOutBy }) => ruledOutBy === null).length;
  const readings = session.log.map(
    (_, index) => takenIn({ ...session, log: session.log.slice(0, index + 1) }).length,
  );
  return (
    <section className={classes['log']} aria-label="Readings">
      <h2>Readings {!blind && <span className="second">leaves</span>}</h2>
      {session.log.length === 0 && <p className="second">Prove the tester on a live source first.</p>}
      <ol>
        {session.log.map((line, index) => {
          const reading = readings[index] ?? 0;
          return (
            <li key={index} data-kind={line.kind}>
              <span className="fig">{line.kind === 'reading' ? reading : ''}</span>
              <span>
                {line.kind === 'unsafe' && <SeverityShape severity="stop" size={11} />}{' '}
                {logWords(line, stations, nameOf)}
              </span>
              <b className="fig">{line.kind === 'reading' ? readWords(line.measurement, line.read) : ''}</b>
              <span className="fig">{line.kind === 'reading' && !blind ? leavesAfter(reading) : ''}</span>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
