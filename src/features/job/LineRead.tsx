import { draftIds } from '../../core/typing/line/draftIds';
import { lowerFirst } from '../../core/units/lowerFirst';
import { wholePlate } from '../../core/appliances/typedPlate';
import { familyQuestions } from '../../core/appliances/registry';
import { printField } from '../../core/fields/written';
import type { Job } from '../../core/job/jobSchema';
import { assumedIn, runOf } from '../../core/typing/line/lineCircuit';
import type { OtherReading, Reading } from '../../core/typing/line/readLine';
import type { Stretch } from '../../core/typing/line/said';
import type { Typed } from '../../core/typing/readTyped';
import { applianceOf } from '../../core/typing/line/lineCircuit';
import { environmentName, methodName } from '../../core/wording/words';
import { draftOf } from '../../store/sizes';
import { typedCircuit } from './typedCircuit';
import classes from './TypeBar.module.css';

interface LineReadProps {
  readonly job: Job;
  readonly typed: Typed;
  /** The line as it is to be, where another reading of it is taken. */
  readonly onLine: (line: string) => void;
}

/** What stands for something that a line does not say, in words. */
function assumedWord(reading: Reading, key: string): string | undefined {
  const run = runOf(reading);
  // The first stretch of which it was not said.
  const missing = (of: keyof Stretch) =>
    run[
      Math.max(
        0,
        reading.stretches.findIndex((each) => each[of] === null),
      )
    ];
  const [first, where, far] = [missing('method'), missing('place'), missing('lengthFt')];
  switch (key) {
    case 'method':
      return first && methodName(first.method);
    case 'location':
      return where && environmentName[where.place];
    case 'lengthFt':
      return far && `${far.lengthFt} ft`;
    case 'material':
      return 'copper';
    case 'breakerA':
      // Said beside the number itself.
      return undefined;
    default: {
      const name = key.replace(/^nameplate\./, '');
      const question = familyQuestions(reading.family).find((each) => each.key === name);
      const plate = wholePlate(reading.plate);
      if (question === undefined || question.writing.kind === 'own') return undefined;
      const { writing } = question;
      const value = plate[name];
      if (writing.kind === 'choice') return lowerFirst(writing.names[String(value)] ?? '');
      if (writing.kind === 'named') return writing.nameOf(value);
      if (writing.kind === 'yes-no') return undefined;
      return printField(question, value, plate);
    }
  }
}

interface ReadingOfProps extends LineReadProps {
  readonly other: OtherReading;
}

/** What a bare number is: the circuit until somebody says so, or the nameplate's, with the breaker that it then takes. */
function ReadingOf({ job, typed: { reading }, other, onLine }: ReadingOfProps) {
  const appliance = applianceOf(other.reading);
  const draft =
    appliance &&
    draftOf(job, typedCircuit({ appliance, reading: other.reading, understood: '' }, job, draftIds()));
  const breakerA = draft?.solved.figures.ocpd.ratingA;
  if (breakerA === undefined || breakerA === reading.breakerA) return null;
  const of = reading.family === 'ev' ? 'output' : 'on the nameplate';
  const choice = (label: string, line: string, isTaken: boolean) => (
    <button
      type="button"
      aria-pressed={isTaken}
      onClick={() => {
        onLine(line);
      }}
    >
      {label}
    </button>
  );
  return (
    <span className={classes['choices']} role="group" aria-label={`What ${other.word} is`}>
      {other.word} is
      {choice(`a ${other.value} A circuit: assumed`, other.asCircuit, true)}
      {choice(`${other.value} ${other.unit} ${of}: ${breakerA} A breaker`, other.asPlate, false)}
    </span>
  );
}

/** How a line was read: what was assumed for what it does not say, what was not read, and what else it may mean. */
export function LineRead(props: LineReadProps) {
  const { reading } = props.typed;
  const assumed = assumedIn(reading).flatMap((key) => assumedWord(reading, key) ?? []);
  return (
    <span className={classes['read']}>
      {reading.others.map((other) => (
        <ReadingOf key={other.asPlate} other={other} {...props} />
      ))}
      {assumed.length > 0 && <span>Assumed: {[...new Set(assumed)].join(', ')}.</span>}
      {reading.unread.map(({ word, from, suggestion }) => (
        <span key={from}>
          <span className={classes['unread']}>{word}</span>
          {suggestion === null ? ' was not read.' : `: ${suggestion}.`}
        </span>
      ))}
    </span>
  );
}
