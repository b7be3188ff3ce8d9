import { useSearchParams } from 'react-router';
import { practiceMarks } from '../../core/circuit/figureSupports';
import { stationLetter } from '../../core/circuit/stations';
import { stripRows } from '../../core/route/strip';
import { segmentName } from '../../core/wording/conductors';
import { tapeInches } from '../../core/wording/routeWords';
import { counted } from '../../core/wording/words';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { SupportStrip } from '../../ui/pictures/SupportStrip';
import { PrintDesk } from './PrintDesk';
import classes from './SheetPage.module.css';

function Strip({ view, index }: { readonly view: CircuitEvaluation; readonly index: number }) {
  const { circuit, solved, context } = view;
  const segment = circuit.run[index];
  const figures = solved.figures.segments[index];
  if (segment === undefined || figures === undefined) return <p>This segment is not in the run.</p>;
  const marksIn = practiceMarks(segment, figures.raceway?.taken ?? null, context.practices, context.code).map(
    (ft) => ft * 12,
  );
  const [first = 0, second] = marksIn;
  return (
    <article className={classes['sheet']} data-theme="paper">
      <h1>
        {circuit.name}, {stationLetter(index)} to {stationLetter(index + 1)}: {segmentName(figures)}
      </h1>
      {marksIn.length === 0 ? (
        <p>This segment is buried: nothing holds it.</p>
      ) : (
        <>
          <p>
            {counted(marksIn.length, 'support')}, the first {tapeInches(first)} from {stationLetter(index)}
            {second === undefined ? '' : `, then every ${tapeInches(second - first)}`}. Print at full size,
            cut the rows out and tape them end to end: the bar is one inch long on every row.
          </p>
          {stripRows(marksIn).map((row) => (
            <SupportStrip key={row.fromIn} row={row} />
          ))}
          <table className={classes['segments']}>
            <thead>
              <tr>
                <th scope="col">Support</th>
                <th scope="col">From {stationLetter(index)}</th>
              </tr>
            </thead>
            <tbody>
              {marksIn.map((inches, at) => (
                <tr key={at}>
                  <th scope="row">{at + 1}</th>
                  <td className="fig">{tapeInches(inches)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </article>
  );
}

/** The supports of one segment as a strip to print at true scale, with every mark listed. */
export function StripPage() {
  const [asked] = useSearchParams();
  const index = Number(asked.get('segment') ?? 0);
  return <PrintDesk back="?part=route" page={({ view }) => <Strip view={view} index={index} />} />;
}
