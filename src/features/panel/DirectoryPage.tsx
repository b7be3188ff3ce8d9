import { Button } from '@mantine/core';
import { Link, useNavigate } from 'react-router';
import { found, planned, type InstalledBreaker } from '../../core/panel/spaces';
import { writePanelCsv } from '../../core/panel/panelCsv';
import { evaluationOf } from '../../store/evaluation';
import { downloadText } from '../../ui/files/download';
import { useReadyJob } from '../job/JobPage';
import { PrintButton } from '../../ui/shell/PrintButton';
import { DirectoryTable } from '../../ui/tables/DirectoryTable';
import classes from './panel.module.css';

interface LinesProps {
  readonly name: string;
  readonly installed: readonly InstalledBreaker[];
}

function Lines({ name, installed }: LinesProps) {
  return (
    <section>
      <h2>{name}</h2>
      <DirectoryTable installed={installed} />
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
