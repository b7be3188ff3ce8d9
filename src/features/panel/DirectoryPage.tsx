import { Button } from '@mantine/core';
import { Link, useNavigate } from 'react-router';
import { directory } from '../../core/panel/directory';
import { found, planned, type InstalledBreaker } from '../../core/panel/spaces';
import { writePanelCsv } from '../../core/panel/panelCsv';
import { unclearWords } from '../../core/wording/panelWords';
import { evaluationOf } from '../../store/evaluation';
import { downloadText } from '../../ui/files/downloadJob';
import { useReadyJob } from '../job/JobPage';
import { PrintButton } from '../../ui/shell/PrintButton';
import classes from './panel.module.css';

function Lines({
  name,
  installed,
}: {
  readonly name: string;
  readonly installed: readonly InstalledBreaker[];
}) {
  return (
    <section>
      <h2>{name}</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">Space</th>
            <th scope="col">Breaker</th>
            <th scope="col">Feeds</th>
          </tr>
        </thead>
        <tbody>
          {directory(installed).map(({ installed: each, spaces, text, unclear }) => (
            <tr key={each.id}>
              <th scope="row" className="fig">
                {spaces}
              </th>
              <td className="fig">
                {each.amps} A{each.poles === 2 ? ' 2P' : ''}
              </td>
              <td>
                {text === '' ? '____________' : text}
                {unclear !== null && <span className="second"> ({unclearWords[unclear]})</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** The directory of every panel, as it will be and as it was, on a page to print. */
export function DirectoryPage() {
  const { job } = useReadyJob();
  const navigate = useNavigate();
  const { panels } = evaluationOf(job);
  return (
    <main className={classes['directory']}>
      <div className={classes['tools']}>
        <PrintButton />
        {panels.map(({ panel, wanted }) => (
          <Button
            key={panel.id}
            variant="default"
            onClick={() => {
              downloadText(writePanelCsv(panel, wanted), `${panel.name}.csv`, 'text/csv');
            }}
          >
            {panel.name} as CSV
          </Button>
        ))}
        <Button variant="default" onClick={() => void navigate(`/jobs/${job.id}/panel`)}>
          Back to the panel
        </Button>
      </div>
      <h1>{job.name}: directory</h1>
      {panels.length === 0 && (
        <p>
          No panel surveyed yet. <Link to={`/jobs/${job.id}/survey?part=panels`}>Survey it.</Link>
        </p>
      )}
      {panels.map(({ panel, wanted }) => (
        <article key={panel.id}>
          <Lines name={`${panel.name}, as it will be`} installed={planned(panel, wanted)} />
          <Lines name={`${panel.name}, as found`} installed={found(panel)} />
        </article>
      ))}
    </main>
  );
}
