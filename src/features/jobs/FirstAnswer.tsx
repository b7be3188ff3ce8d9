import { draftIds } from '../../core/typing/line/draftIds';
import type { Circuit } from '../../core/circuit/circuitSchema';
import { evaluateJob } from '../../core/job/evaluateJob';
import { freshJob } from '../../core/job/freshJob';
import type { FigureKey } from '../../core/findings/subject';
import { sectionGeometry } from '../../core/route/sectionGeometry';
import { kindOf } from '../../core/typing/line/lineKind';
import { readYard } from '../../core/typing/readYard';
import { readTyped } from '../../core/typing/readTyped';
import { worstFinding } from '../../core/findings/finding';
import { findingSentence } from '../../core/wording/findings';
import { ladderWords } from '../../core/wording/ladder';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { LineRead } from '../job/LineRead';
import { typedCircuit } from '../job/typedCircuit';
import { RunStrip } from './RunStrip';
import classes from './JobsPage.module.css';

/** What is answered while the line is typed. */
const SHOWN: readonly FigureKey[] = ['load', 'breaker', 'conductor', 'ground', 'drop'];

const PX_PER_FT = 2;

/** What a line about a pool or tub makes. */
function WaterAnswer({ text }: Pick<FirstAnswerProps, 'text'>) {
  const read = readYard(text, { newId: () => 'first', water: undefined, northDeg: 0 });
  if ('problem' in read) return <p className={classes['unclear']}>{read.problem}</p>;
  const names = read.items.map(({ item }) => item.name).join(', ');
  return (
    <p>
      Read as: <b>{names}</b>. No circuit yet: Enter starts the job and draws it in Water.
    </p>
  );
}

interface FirstAnswerProps {
  readonly text: string;
  /** The line as it is to be, where another reading of it is taken. */
  readonly onLine: (line: string) => void;
}

const runLengthFt = ({ run }: Circuit): number => run.reduce((sum, { lengthFt }) => sum + lengthFt, 0);

/** The circuit of a typed line as it would be in a new job: its figures, its run, and what is wrong with it. */
export function FirstAnswer({ text, onLine }: FirstAnswerProps) {
  if (text.trim() === '') return null;
  const kind = kindOf(text);
  if (kind === 'water') return <WaterAnswer text={text} />;
  if (kind === 'panel')
    return <p>Breakers of a panel: start a job, then type them in Survey under Panels.</p>;
  const typed = readTyped(text);
  if ('problem' in typed) return <p className={classes['unclear']}>{typed.problem}</p>;
  const job = freshJob('first', 'First');
  const circuit = typedCircuit(typed, job, draftIds());
  const view = evaluateJob({ ...job, circuits: [circuit] }).circuit(circuit.id);
  if (view === undefined) return null;
  const worst = SHOWN.map((figure) => worstFinding(view.open, figure)).find(
    (each) => each?.severity === 'stop',
  );
  return (
    <>
      <div className={classes['answer']}>
        <RunStrip
          runs={[{ ...sectionGeometry(circuit.run, circuit.startHeightFt), stop: worst !== undefined }]}
          pxPerFt={Math.min(PX_PER_FT, 150 / runLengthFt(circuit))}
          numbered={false}
          label={`Run of ${typed.understood}`}
        />
        <dl>
          {SHOWN.map((key) => {
            const { name, figure, unit, reason } = ladderWords(key, view.solved, circuit);
            return (
              <div key={key}>
                <dt>{name}</dt>
                <dd>
                  <span className="fig">
                    {figure} <small>{unit}</small>
                  </span>
                  <span className="second">{reason}</span>
                </dd>
              </div>
            );
          })}
        </dl>
      </div>
      <p>
        Read as: <b>{typed.understood}</b>. <LineRead job={job} typed={typed} onLine={onLine} />
      </p>
      {worst !== undefined && (
        <p>
          <SeverityShape severity="stop" named /> {findingSentence(worst)}
        </p>
      )}
    </>
  );
}
