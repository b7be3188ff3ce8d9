import { memo } from 'react';
import { solveCircuit } from '../../../core/circuit/solveCircuit';
import { edition, EDITION_YEARS } from '../../../core/code/edition';
import { ladderWords } from '../../../core/wording/ladder';
import { worstSeverity } from '../../../core/findings/severity';
import { figureOf, type FigureKey } from '../../../core/findings/subject';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import classes from './WorkingPane.module.css';

interface EditionsComparedProps {
  readonly view: CircuitEvaluation;
  readonly figureKey: FigureKey;
}

/** What every edition says of one figure, those that differ told apart. */
export const EditionsCompared = memo(function EditionsCompared({ view, figureKey }: EditionsComparedProps) {
  const { circuit, context } = view;
  const { amendments, year: now } = context.code;
  const rows = EDITION_YEARS.map((year) => {
    const solved = solveCircuit(circuit, { ...context, code: edition(year, amendments) });
    const { figure, unit } = ladderWords(figureKey, solved, circuit);
    const findings = solved.findings.filter(
      ({ subject, code }) => figureOf(subject) === figureKey && code !== 'edition.unverified',
    );
    return {
      year,
      certainty: edition(year).certainty,
      figure: `${figure} ${unit}`.trim(),
      severity: worstSeverity(findings),
    };
  });
  const mine = rows.find(({ year }) => year === now);
  return (
    <div className={classes['block']}>
      <h3>In the editions</h3>
      <table className={classes['editions']}>
        <tbody>
          <tr>
            {rows.map(({ year, certainty }) => (
              <th key={year} scope="col" data-now={year === now || undefined}>
                {year}
                {certainty === 'preliminary' ? ', preliminary' : ''}
              </th>
            ))}
          </tr>
          <tr>
            {rows.map(({ year, figure, severity }) => (
              <td
                key={year}
                data-now={year === now || undefined}
                data-differs={figure !== mine?.figure || severity !== mine.severity || undefined}
              >
                <SeverityShape severity={severity} size={10} named /> <span className="fig">{figure}</span>
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
});
