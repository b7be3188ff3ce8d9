import { Button } from '@mantine/core';
import { useNavigate } from 'react-router';
import { SITE_CONDITIONS } from '../../core/code/siteConditions';
import type { Observed } from '../../core/job/observedDocument';
import { printDay } from '../../core/units/day';
import { conditionName, DANGER_NOTE, OBSERVED_NOTE } from '../../core/wording/observedWords';
import { usePhoto } from '../../store/usePhoto';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { useReadyJob } from '../job/JobPage';
import { PrintButton } from '../../ui/shell/PrintButton';
import classes from './found.module.css';

function Picture({ id, caption }: Observed['photos'][number]) {
  const picture = usePhoto(id);
  return picture === undefined ? null : (
    <figure>
      <img src={picture} alt={caption === '' ? 'Photograph' : caption} />
      <figcaption>{caption}</figcaption>
    </figure>
  );
}

const toldWords = ({ told, toldOn }: Observed): string => {
  if (told === '') return 'Nobody was told yet.';
  return `Told: ${told}${toldOn === null ? '' : `, ${printDay(toldOn)}`}.`;
};

function Found({ found }: { readonly found: Observed }) {
  const { section, certain } = SITE_CONDITIONS[found.condition];
  return (
    <li>
      <h2>
        <SeverityShape severity={found.danger ? 'stop' : 'check'} size={12} />{' '}
        {conditionName[found.condition]}
        <span className="fig">
          {section}
          {certain ? '' : '?'}
        </span>
      </h2>
      {found.where !== '' && <p>{found.where}</p>}
      {found.note !== '' && <p>{found.note}</p>}
      {found.danger && <p>{DANGER_NOTE}</p>}
      <p>{toldWords(found)}</p>
      {found.photos.map((photo) => (
        <Picture key={photo.id} {...photo} />
      ))}
    </li>
  );
}

/** What was found wrong on site, as a page to print for the owner, apart from the work. */
export function FoundPage() {
  const { job } = useReadyJob();
  const navigate = useNavigate();
  return (
    <main className={classes['found']}>
      <div className={classes['tools']}>
        <PrintButton />
        <Button variant="default" onClick={() => void navigate(`/jobs/${job.id}/survey?part=found`)}>
          Back to the survey
        </Button>
      </div>
      <h1>{job.name}: found on site</h1>
      <p>{OBSERVED_NOTE}</p>
      {job.observed.length === 0 && <p>Nothing recorded.</p>}
      <ol>
        {job.observed.map((found) => (
          <Found key={found.id} found={found} />
        ))}
      </ol>
      <p className={classes['signs']}>
        <span>Prepared by</span>
        <span>License</span>
        <span>Received by</span>
      </p>
    </main>
  );
}
