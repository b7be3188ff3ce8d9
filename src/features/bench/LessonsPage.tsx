import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { BenchDesk } from '../../core/bench/benchDesk';
import { BENCHES } from '../../core/bench/benches';
import { LESSONS, type Lesson, type LessonStep } from '../../core/bench/lessons';
import { measurementLine, readWords } from '../../core/wording/benchWords';
import { BENCH_CAUTION } from '../../core/wording/footCautions';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { BenchFrame } from './BenchFrame';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './bench.module.css';

interface StepProps {
  readonly step: LessonStep;
  readonly desk: BenchDesk | null;
  readonly guess: number | null;
  readonly onGuess: (guess: number) => void;
}

/** A step: guessed first, then measured. */
function Step({ step, desk, guess, onGuess }: StepProps) {
  const { say, ask, guesses, right, measure, then } = step;
  return (
    <li>
      <p>{say}</p>
      <h2>{ask}</h2>
      <div className={classes['words']} role="group" aria-label={ask}>
        {guesses.map((each, at) => (
          <button
            key={each}
            type="button"
            aria-pressed={guess === at}
            disabled={guess !== null}
            onClick={() => {
              onGuess(at);
            }}
          >
            {guess !== null && at === right && <SeverityShape severity="ok" size={11} />}{' '}
            {guess === at && at !== right && <SeverityShape severity="stop" size={11} />} {each}
          </button>
        ))}
      </div>
      {guess !== null && (
        <div role="status">
          {measure !== null && desk !== null && (
            <p>
              {measurementLine(measure, desk.circuit.network.stations)}:{' '}
              <b className="fig">{readWords(measure, desk.read(measure))}</b>
            </p>
          )}
          <p>{then}</p>
        </div>
      )}
    </li>
  );
}

function LessonWork({ lesson }: { readonly lesson: Lesson }) {
  const [guesses, setGuesses] = useState<readonly number[]>([]);
  const desk = useMemo(() => {
    const bench = BENCHES.find(({ id }) => id === lesson.bench);
    return bench === undefined ? null : new BenchDesk(bench);
  }, [lesson.bench]);
  const done = guesses.length === lesson.steps.length;
  return (
    <section className={columnClass('middle', classes['work'])} aria-label={lesson.name}>
      <header>
        <h1>{lesson.name}</h1>
        <span className="second">guess first, then measure</span>
      </header>
      <ol className={classes['lesson']}>
        {lesson.steps.slice(0, guesses.length + 1).map((step, at) => (
          <Step
            key={step.ask}
            step={step}
            desk={desk}
            guess={guesses[at] ?? null}
            onGuess={(guess) => {
              setGuesses([...guesses, guess]);
            }}
          />
        ))}
      </ol>
      {done && <Link to={lesson.goOn.path}>{lesson.goOn.words}</Link>}
    </section>
  );
}

/** Short guided benches. */
export function LessonsPage() {
  const { lessonId } = useParams();
  const lesson = LESSONS.find(({ id }) => id === lessonId) ?? LESSONS[0];
  return (
    <BenchFrame current="lessons" foot={<span className="second">{BENCH_CAUTION}</span>}>
      <nav
        className={columnClass('list', `${classes['side'] ?? ''} ${classes['list'] ?? ''}`)}
        aria-label="Lessons"
      >
        <h2>Lessons</h2>
        <ol className={columnClass('rows')}>
          {LESSONS.map(({ id, name }, at) => (
            <li key={id} data-picked={id === lesson?.id || undefined}>
              <Link to={`/bench/lessons/${id}`} aria-current={id === lesson?.id ? 'page' : undefined}>
                <span className="fig">{at + 1}</span>
                <b>{name}</b>
              </Link>
            </li>
          ))}
        </ol>
      </nav>
      {lesson !== undefined && <LessonWork key={lesson.id} lesson={lesson} />}
    </BenchFrame>
  );
}
