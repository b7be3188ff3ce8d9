import { LIMITS } from '../../core/code/limits';
import { Button } from '@mantine/core';
import type { Job } from '../../core/job/jobSchema';
import { panelFace } from '../../core/panel/panelFace';
import { panelUnknowns } from '../../core/panel/panelUnknowns';
import { freshPanel, type Panel } from '../../core/panel/panelSchema';
import { found } from '../../core/panel/spaces';
import { unknownWords } from '../../core/wording/panelWords';
import { counted } from '../../core/wording/words';
import { useJobEditor } from '../../store/useJobEditor';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { PanelFace } from '../../ui/pictures/PanelFace';
import { useStageActions } from '../job/stageActions';
import { BreakersField } from './BreakersField';
import { PanelFields } from './PanelFields';
import { PhotoStrip } from '../job/PhotoStrip';
import classes from './survey.module.css';

const NO_NOTES: ReadonlyMap<string, string> = new Map();

/** What is not known of a panel yet, each with what waits for it. */
function Unknown({ panel }: { readonly panel: Panel }) {
  const unknown = panelUnknowns(panel);
  if (unknown.length === 0) {
    return (
      <p className={classes['known']}>
        <SeverityShape severity="ok" /> Nothing left to verify on this panel.
      </p>
    );
  }
  return (
    <ul className={classes['open']} aria-label={`Still to read on ${panel.name}`}>
      {unknown.map((each) => (
        <li key={each}>
          <SeverityShape severity="ask" /> <b>{unknownWords[each].what}</b>: {unknownWords[each].blocks}.
        </li>
      ))}
    </ul>
  );
}

function PanelCard({ job, panel }: { readonly job: Job; readonly panel: Panel }) {
  const { edit, canWrite } = useJobEditor();
  const { openStage } = useStageActions();
  const severity = found(panel);
  return (
    <li className={classes['panel']}>
      <h2>
        <button
          type="button"
          className="act"
          onClick={() => {
            openStage('panel');
          }}
        >
          {panel.name}
        </button>
        <span className="fig second">
          {counted(severity.length, 'circuit')} in {panel.spaces} spaces
        </span>
      </h2>
      <div className={classes['panelBoard']}>
        <div>
          <PanelFields panel={panel} job={job} />
          <BreakersField jobId={job.id} panel={panel} />
          <Unknown panel={panel} />
          <PhotoStrip photos={panel.photos} jobId={job.id} of={{ panelId: panel.id }} />
          <button
            type="button"
            className="act"
            disabled={!canWrite}
            onClick={() => {
              edit(
                { kind: 'change-job', fields: { panels: job.panels.filter((each) => each !== panel) } },
                'Remove a panel',
              );
            }}
          >
            Remove this panel
          </button>
        </div>
        <PanelFace
          narrow
          face={panelFace(panel, severity)}
          mainA={panel.mainA}
          name={`${panel.name}, as found`}
          notes={NO_NOTES}
        />
      </div>
    </li>
  );
}

/** The panels of the house as they were found: label, bars, circuits, and what is still to read. */
export function Panels({ job }: { readonly job: Job }) {
  const { edit, canWrite } = useJobEditor();
  const add = (): void => {
    const [first] = job.panels;
    const fresh = freshPanel(
      crypto.randomUUID(),
      first === undefined ? 'Panel' : `Subpanel ${job.panels.length}`,
      first === undefined ? 'service' : 'subpanel',
      first?.id ?? null,
    );
    edit({ kind: 'change-job', fields: { panels: [...job.panels, fresh] } }, 'Add a panel');
  };
  return (
    <section aria-label="Panels">
      <h1>Panels as they are</h1>
      <ul className={classes['panels']}>
        {job.panels.map((panel) => (
          <PanelCard key={panel.id} job={job} panel={panel} />
        ))}
      </ul>
      {job.panels.length === 0 && (
        <p className="second">
          No panel surveyed yet. Its label says which breakers it takes, and which spaces take two.
        </p>
      )}
      {job.panels.length < LIMITS.panels && (
        <Button variant="default" mt={8} disabled={!canWrite} onClick={add}>
          Add a panel
        </Button>
      )}
    </section>
  );
}
