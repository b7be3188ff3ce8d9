import { takenIn } from '../../core/bench/session';
import { benchFaultWords } from '../../core/wording/benchWords';
import { counted } from '../../core/wording/words';
import type { BenchTry } from './useBenchTry';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './bench.module.css';

const WIDE = 280;
const HIGH = 84;

/** How many faults are left after each reading, as steps down. */
function Steps({ counts }: { readonly counts: readonly number[] }) {
  const most = Math.max(1, ...counts);
  const step = Math.min(44, WIDE / counts.length);
  return (
    <svg
      className="picture"
      width={WIDE}
      height={HIGH + 16}
      role="img"
      aria-label={`Left after each reading: ${counts.join(', ')}`}
    >
      {counts.map((count, at) => {
        const height = (count / most) * (HIGH - 18);
        return (
          <g key={at}>
            <rect
              x={at * step}
              y={HIGH - height}
              width={step - 6}
              height={height}
              fill="var(--pasture-wash)"
            />
            <path d={`M${at * step} ${HIGH - height}h${step - 6}`} stroke="var(--pasture)" strokeWidth="2" />
            <text
              className="small strong"
              x={at * step + (step - 6) / 2}
              y={HIGH - height - 5}
              textAnchor="middle"
            >
              {count}
            </text>
            <text className="small quiet" x={at * step + (step - 6) / 2} y={HIGH + 13} textAnchor="middle">
              {at === 0 ? 'start' : at}
            </text>
          </g>
        );
      })}
      <path d={`M0 ${HIGH}H${WIDE}`} stroke="var(--ink)" />
    </svg>
  );
}

interface LeftPaneProps {
  readonly at: BenchTry;
  readonly blind: boolean;
  readonly onBlind: (blind: boolean) => void;
}

/** What the readings leave: every fault there may be, struck by the reading that rules it out. Folded, it is no help. */
export function LeftPane({ at, blind, onBlind }: LeftPaneProps) {
  const { desk, session } = at;
  const taken = takenIn(session).map(({ measurement }) => measurement);
  const left = desk.left(taken);
  const possible = left.filter(({ ruledOutBy }) => ruledOutBy === null);
  const counts = [0, ...taken.map((_, index) => index + 1)].map(
    (readings) => left.filter(({ ruledOutBy }) => ruledOutBy === null || ruledOutBy > readings).length,
  );
  return (
    <aside className={columnClass('side', classes['left'])} aria-label="What the readings leave">
      <h2>
        What the readings leave{' '}
        <span className="second">{blind ? '' : `${possible.length} of ${left.length}`}</span>
      </h2>
      <button
        type="button"
        className="act"
        aria-expanded={!blind}
        onClick={() => {
          onBlind(!blind);
        }}
      >
        {blind ? 'Show it' : 'Fold it away: no help'}
      </button>
      {!blind && (
        <>
          <Steps counts={counts} />
          <ol>
            {left
              .toSorted((a, b) => (b.ruledOutBy ?? Infinity) - (a.ruledOutBy ?? Infinity))
              .map(({ key, fault, ruledOutBy }) => (
                <li key={key} data-out={ruledOutBy !== null || undefined}>
                  {ruledOutBy === null ? <b>{benchFaultWords(fault)}</b> : <s>{benchFaultWords(fault)}</s>}
                  <span className="second">{ruledOutBy === null ? 'possible' : `by ${ruledOutBy}`}</span>
                </li>
              ))}
          </ol>
          <h2>What each one was worth</h2>
          <ol>
            {taken.map((_, index) => {
              const out = (counts[index] ?? 0) - (counts[index + 1] ?? 0);
              return (
                <li key={index}>
                  <span>Reading {index + 1}</span>
                  <span>{out === 0 ? 'told nothing new' : `${counted(out, 'fault')} ruled out`}</span>
                </li>
              );
            })}
          </ol>
        </>
      )}
    </aside>
  );
}
