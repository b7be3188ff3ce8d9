import { evaluateJob } from '../../core/job/evaluateJob';
import { freshJob } from '../../core/job/freshJob';
import type { FigureKey } from '../../core/findings/subject';
import { sectionGeometry } from '../../core/route/sectionGeometry';
import { readTyped } from '../../core/typing/readTyped';
import { worstFinding } from '../../core/findings/finding';
import { findingSentence } from '../../core/wording/findings';
import { ladderWords } from '../../core/wording/ladder';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { typedCircuit, USUAL_LENGTH_FT } from '../job/typedCircuit';
import { RunStrip } from './RunStrip';
import classes from './JobsPage.module.css';

/** What is answered while the line is typed. */
const SHOWN: readonly FigureKey[] = ['load', 'breaker', 'conductor', 'ground', 'drop'];

const PX_PER_FT = 2;

/** The circuit of a typed line as it would be in a new job: its figures, its run, and what is wrong with it. */
export function FirstAnswer({ text }: { readonly text: string }) {
  if (text.trim() === '') return null;
  const typed = readTyped(text);
  if ('problem' in typed) return <p className={classes['unclear']}>{typed.problem}</p>;
  const job = freshJob('first', 'First');
  const circuit = typedCircuit(typed, job, 'first', 'first');
  const view = evaluateJob({ ...job, circuits: [circuit] }).circuit('first');
  if (view === undefined) return null;
  const worst = SHOWN.map((figure) => worstFinding(view.open, figure)).find(
    (each) => each?.severity === 'stop',
  );
  return (
    <>
      <div className={classes['answer']}>
        <RunStrip
          runs={[{ ...sectionGeometry(circuit.run, circuit.startHeightFt), stop: worst !== undefined }]}
          pxPerFt={Math.min(PX_PER_FT, 150 / (typed.lengthFt ?? USUAL_LENGTH_FT))}
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
        Read as: <b>{typed.understood}</b>
        {typed.lengthFt === undefined && ` over ${USUAL_LENGTH_FT} ft until a length is given`}.
      </p>
      {worst !== undefined && (
        <p>
          <SeverityShape severity="stop" named /> {findingSentence(worst)}
        </p>
      )}
    </>
  );
}
