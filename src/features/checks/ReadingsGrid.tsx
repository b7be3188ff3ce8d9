import { memo, type KeyboardEvent } from 'react';
import { shallowEqual } from 'react-redux';
import type { ExpectedReading } from '../../core/checks/expectedReadings';
import type { Predicted } from '../../core/checks/predicted';
import { PAIRS } from '../../core/network/network';
import { parseNumber, printNumber as n } from '../../core/units/number';
import { isRefused, refuse } from '../../core/units/refused';
import { bandWords, predictedWords } from '../../core/wording/checkWords';
import { PAIR_NAME } from '../../core/wording/faultWords';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { ReadingTrack } from '../../ui/pictures/checks/ReadingTrack';
import { useCheckEditor } from './useCheckEditor';
import classes from './checks.module.css';

interface ReadingsGridProps {
  readonly circuitId: string;
  readonly expected: readonly ExpectedReading[];
  /** What is told apart by readings that were not taken. */
  readonly predicted: readonly Predicted[];
  readonly stations: readonly { readonly letter: string; readonly name: string }[];
  /** On a phone one station is shown at a time. */
  readonly shown: string;
}

const VOLTS = { min: 0, max: 1000, units: ['v', 'volts'], shown: 'volts' } as const;
/** Ten times what is expected is a point that was left out. */
const TENFOLD = 10;

/** A voltage as it is typed: 2400 for 240.0 is asked, not taken. */
function parseVolts(text: string, { high }: ExpectedReading) {
  if (text.trim() === '') return null;
  const volts = parseNumber(text, VOLTS);
  const meant = Number(text) / TENFOLD;
  if (isRefused(volts) && meant > 0 && meant <= 1.5 * high)
    return refuse(text, `${n(meant, 1)} with its point, if that was read`);
  if (!isRefused(volts) && volts > 3 * high && volts / TENFOLD <= 1.5 * high)
    return refuse(text, `${n(volts / TENFOLD, 1)} with its point, if that was read`);
  return volts;
}

/** Enter goes to the next reading that is not taken yet, in the order of the proof. */
function onEnter({ key, currentTarget, target }: KeyboardEvent<HTMLElement>): void {
  if (key !== 'Enter') return;
  const inputs = [...currentTarget.querySelectorAll('input')].filter(
    ({ offsetParent }) => offsetParent !== null,
  );
  const from = inputs.findIndex((input) => input === target);
  const next = inputs.slice(from + 1).find(({ value }) => value === '') ?? inputs[from + 1];
  next?.focus();
}

interface CellProps extends Pick<ReadingsGridProps, 'circuitId'> {
  readonly reading: ExpectedReading;
  readonly predicts: readonly number[];
}

/** Whether a cell shows the same as before: readings are made anew with every edit, few of them differ. */
const sameCell = (a: CellProps, b: CellProps): boolean =>
  a.circuitId === b.circuitId &&
  shallowEqual(a.reading, b.reading) &&
  a.predicts.length === b.predicts.length &&
  a.predicts.every((volts, at) => volts === b.predicts[at]);

const Cell = memo(function Cell({ circuitId, reading, predicts }: CellProps) {
  const { canWrite, change } = useCheckEditor(circuitId);
  const { at, pair, on, low, high, read, state } = reading;
  return (
    <div className={classes['cell']} data-state={state} data-at={at}>
      <ReadingTrack low={low} high={high} read={read} predicts={predicts} />
      {predicts.length > 0 ? (
        <b className={classes['predicted']}>{predictedWords(predicts)}</b>
      ) : (
        <span className="second fig">{bandWords(reading)}</span>
      )}
      <QuantityField<number | null>
        bare
        className={classes['volts']}
        label={`${PAIR_NAME[pair]} at ${at}, load ${on ? 'on' : 'off'}, volts`}
        value={read}
        disabled={!canWrite}
        inputMode="decimal"
        print={(volts) => (volts === null ? '' : n(volts, 1))}
        parse={(text) => parseVolts(text, reading)}
        onValue={(volts, mergeKey) => {
          change(
            ({ readings }) => {
              const others = readings.filter(
                (each) => each.at !== at || each.pair !== pair || each.on !== on,
              );
              return { readings: volts === null ? others : [...others, { at, pair, on, volts }] };
            },
            'A reading',
            mergeKey,
          );
        }}
      />
      {state === 'unread' ? <span /> : <SeverityShape severity={state === 'ok' ? 'ok' : 'stop'} size={11} />}
    </div>
  );
}, sameCell);

/** Readings by station, load off and then on: each beside its band. */
export function ReadingsGrid({ circuitId, expected, predicted, stations, shown }: ReadingsGridProps) {
  const voltsOf = ({ at, pair, on }: ExpectedReading): readonly number[] =>
    predicted.find((each) => each.at === at && each.pair === pair && each.on === on)?.volts ?? [];
  const pairs = PAIRS.filter((pair) => expected.some((each) => each.pair === pair));
  return (
    <div className={classes['grid']} onKeyDown={onEnter} data-shown={shown}>
      {[false, true].map((on) => (
        <section key={String(on)} aria-label={on ? 'Load on' : 'Load off'}>
          <h2>{on ? 'Load on' : 'Load off'}</h2>
          <table>
            <thead>
              <tr>
                <th scope="col">Volts</th>
                {stations.map(({ letter, name }) => (
                  <th key={letter} scope="col" data-at={letter} data-hidden={letter !== shown || undefined}>
                    {letter} {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {pairs.map((pair) => (
                <tr key={pair}>
                  <th scope="row">{PAIR_NAME[pair]}</th>
                  {stations.map(({ letter }) => {
                    const reading = expected.find(
                      (each) => each.at === letter && each.pair === pair && each.on === on,
                    );
                    return (
                      <td key={letter} data-at={letter} data-hidden={letter !== shown || undefined}>
                        {reading !== undefined && (
                          <Cell circuitId={circuitId} reading={reading} predicts={voltsOf(reading)} />
                        )}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      ))}
    </div>
  );
}
