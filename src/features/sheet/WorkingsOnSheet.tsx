import { appliedTorque } from '../../core/checks/torqueRecord';
import { shownSteps } from '../../core/circuit/shownSteps';
import { stationLetter } from '../../core/circuit/stations';
import { FIGURE_KEYS } from '../../core/findings/subject';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import type { Job } from '../../core/job/jobSchema';
import { wiring } from '../../core/wiring/terminations';
import { figureName } from '../../core/wording/ladder';
import { stepWords } from '../../core/wording/steps';
import { barsNote, TORQUE_FROM } from '../../core/wording/terminals';
import { LandingTables } from '../../ui/tables/LandingTables';
import classes from './SheetPage.module.css';

interface OnSheet {
  readonly job: Job;
  readonly view: CircuitEvaluation;
}

/** The working of every figure, step by step, with its sections. */
export function WorkingsOnSheet({ job, view }: OnSheet) {
  const titles = new Map(job.amendments.map(({ id, title }) => [id, title]));
  return (
    <section>
      <h2>Working, with sections</h2>
      <div className={classes['columns']}>
        {FIGURE_KEYS.filter((figureKey) => view.solved.workings[figureKey].length > 0).map((figureKey) => (
          <table key={figureKey}>
            <caption>{figureName[figureKey]}</caption>
            <tbody>
              {shownSteps(view.solved, figureKey).map((step, index) => {
                const { label, formula, result } = stepWords(step);
                return (
                  <tr key={index}>
                    <th scope="row">
                      {step.segment !== undefined &&
                        view.circuit.run.length > 1 &&
                        `${stationLetter(step.segment)} `}
                      {label}
                      {step.by !== undefined && ` (${titles.get(step.by) ?? step.by})`}
                    </th>
                    <td className="fig">{formula}</td>
                    <td className="fig">
                      <b>{result}</b>
                    </td>
                    <td className="fig">
                      {step.cite.section}
                      {step.cite.certain ? '' : '?'}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        ))}
      </div>
      <p className={classes['small']}>
        Tables and section numbers were written down from working knowledge, twice and independently, and
        compared with each other, not with the printed code. ? marks what is doubtful. Verify against the
        adopted edition.
      </p>
    </section>
  );
}

/** Which conductor goes where, end by end, in the order of landing. */
export function WiringOnSheet({ job, view }: OnSheet) {
  const wired = wiring(view.circuit, view.solved, view.context);
  if (wired === null) return null;
  const { torqueFrom } = wired;
  const note = barsNote(wired.panel);
  return (
    <section>
      <h2>Terminations, in the order of landing</h2>
      {note !== null && <p role="note">{note}</p>}
      <LandingTables view={view} wired={wired} torques={appliedTorque(job.checks, view.circuit.id)} />
      <p className={classes['small']}>Torque in pound-inches {TORQUE_FROM[torqueFrom]}</p>
    </section>
  );
}
