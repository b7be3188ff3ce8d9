import { useMemo } from 'react';
import type { Circuit } from '../../core/circuit/circuitSchema';
import { solveCircuit } from '../../core/circuit/solveCircuit';
import type { SolveContext } from '../../core/circuit/solveContext';
import type { Job } from '../../core/job/jobSchema';
import { differences, type Difference } from '../../core/wording/changes';
import { counted } from '../../core/wording/words';
import { sizesOf } from '../../store/sizes';
import classes from './ChangeList.module.css';

/** What would change in one circuit. */
export interface CircuitChanges {
  readonly circuit: Circuit;
  readonly found: readonly Difference[];
}

/** What would change in the circuits of a job under another edition, practice or set of local amendments. */
export function useJobChanges(job: Job, context: SolveContext): readonly CircuitChanges[] {
  return useMemo(
    () =>
      sizesOf(job)
        .circuits.map(({ circuit, solved, context: now }) => {
          const then = now.neighbors === undefined ? context : { ...context, neighbors: now.neighbors };
          return { circuit, found: differences(circuit, solved, solveCircuit(circuit, then)) };
        })
        .filter(({ found }) => found.length > 0),
    [job, context],
  );
}

/** How much would change, in a few words. */
export const changeCount = (changes: readonly CircuitChanges[]): string =>
  changes.length === 0
    ? 'Nothing in this job would change.'
    : `${counted(
        changes.reduce((sum, { found }) => sum + found.length, 0),
        'change',
      )} in ${counted(changes.length, 'circuit')}.`;

/** The changes, circuit by circuit: figure or finding, as it is, as it would be, and the section. */
export function ChangeList({ changes }: { readonly changes: readonly CircuitChanges[] }) {
  if (changes.length === 0) return null;
  return (
    <div className={classes['scroll']} tabIndex={0} role="region" aria-label="What would change">
      <table className={classes['changes']}>
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Now</th>
            <th scope="col">Then</th>
            <th scope="col">Section</th>
          </tr>
        </thead>
        {changes.map(({ circuit, found }) => (
          <tbody key={circuit.id}>
            <tr>
              <th colSpan={4} scope="rowgroup">
                {circuit.name}
              </th>
            </tr>
            {found.map(({ what, before, after, section, about }) => (
              <tr key={`${what} ${before} ${after}`} data-about={about}>
                <td>{what === 'new' ? 'Finding, new' : what === 'gone' ? 'Finding, gone' : what}</td>
                <td className={about === 'figure' ? 'fig' : ''}>{before}</td>
                <td className={about === 'figure' ? 'fig' : ''}>{after}</td>
                <td className="fig">{section}</td>
              </tr>
            ))}
          </tbody>
        ))}
      </table>
    </div>
  );
}
