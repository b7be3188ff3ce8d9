import { useMediaQuery } from '@mantine/hooks';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Job } from '../../core/job/jobSchema';
import { panelFace } from '../../core/panel/panelFace';
import { putInto } from '../../core/panel/planEdits';
import type { Space } from '../../core/panel/panelSchema';
import { found, spaceLabel, planned, type InstalledBreaker } from '../../core/panel/spaces';
import { clashWords, severityNote } from '../../core/wording/panelWords';
import { CIRCUITS_CAUTION } from '../../core/wording/footCautions';
import { counted } from '../../core/wording/words';
import type { PanelEvaluation } from '../../core/job/evaluation';
import { evaluationOf } from '../../store/evaluation';
import { usePanelEditor } from '../../store/usePanelEditor';
import { BarsPicture } from '../../ui/pictures/BarsPicture';
import { PanelFace } from '../../ui/pictures/PanelFace';
import { FindingList } from '../job/FindingList';
import { useReadyJob } from '../job/JobPage';
import { StageFrame } from '../job/StageFrame';
import { LegsPane } from './LegsPane';
import { PickedCard } from './PickedCard';
import { FreeSpacePane } from './FreeSpacePane';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './panel.module.css';

interface PaneProps {
  readonly job: Job;
  readonly view: PanelEvaluation;
}

const notesOf = (severity: readonly InstalledBreaker[]): ReadonlyMap<string, string> =>
  new Map(
    severity.flatMap((each) => {
      const note = severityNote(each);
      return note === undefined ? [] : [[each.id, note] as const];
    }),
  );

interface CircuitsProps extends PaneProps {
  readonly picked: string | null;
  readonly onPick: (id: string | null) => void;
}

/** The circuits of the job that this panel feeds, with the space that each has. */
function Circuits({ job, view, picked, onPick }: CircuitsProps) {
  const { panel, wanted } = view;
  return (
    <nav className={columnClass('list', classes['circuits'])} aria-label="Circuits of the job">
      <h2>Circuits of the job</h2>
      <ol className={columnClass('rows')}>
        {wanted.map(({ circuitId, name, amps, poles }) => {
          const at = panel.plan.placed.find((each) => each.circuitId === circuitId)?.at;
          return (
            <li key={circuitId} data-picked={picked === circuitId || undefined}>
              <button
                type="button"
                aria-pressed={picked === circuitId}
                onClick={() => {
                  onPick(picked === circuitId ? null : circuitId);
                }}
              >
                <b>{name}</b>
                <span className="fig second">
                  {amps} A {poles}P
                </span>
                <span className="fig second">
                  {at === undefined ? 'no place' : `space ${spaceLabel(at)}`}
                </span>
              </button>
            </li>
          );
        })}
      </ol>
      {wanted.length === 0 && <p className="second">No circuit of the job is fed from here.</p>}
      <Link className="act" to={`/jobs/${job.id}/directory`}>
        Directory, before and after
      </Link>
    </nav>
  );
}

/** What pointing at the face does: pick, put into an empty space, or share one that is taken. */
function usePutting(
  { view, picked, onPick }: Pick<CircuitsProps, 'view' | 'picked' | 'onPick'>,
  severity: readonly InstalledBreaker[],
) {
  const { panel, wanted } = view;
  const { plan, canWrite } = usePanelEditor(panel);
  const [refused, setRefused] = useState<string | null>(null);
  const put = (id: string, to: Space): void => {
    const result = putInto(panel, wanted, id, to);
    if ('clash' in result) {
      setRefused(clashWords(result.clash));
      return;
    }
    setRefused(null);
    plan(result.plan, `Put into space ${spaceLabel(to)}`);
    onPick(null);
  };
  const onBreaker = (id: string): void => {
    setRefused(null);
    const host = severity.find((each) => each.id === id);
    // A single that is picked goes into the other half of the space that is pointed at, where the label allows it.
    if (picked !== null && picked !== id && canWrite && host?.poles === 1 && host.place.half === null) {
      const beside = putInto(panel, wanted, id, { slot: host.place.slot, half: 'a' });
      if ('plan' in beside) {
        const both = putInto({ ...panel, plan: beside.plan }, wanted, picked, {
          slot: host.place.slot,
          half: 'b',
        });
        if ('plan' in both) {
          plan(both.plan, `Share space ${host.place.slot}`);
          onPick(null);
          return;
        }
        setRefused(clashWords(both.clash));
        return;
      }
    }
    onPick(picked === id ? null : id);
  };
  const onSpace = (slot: number): void => {
    if (picked !== null && canWrite) put(picked, { slot, half: null });
  };
  return { refused, onBreaker, onSpace };
}

/** The face, and what is put where: pick something, then the space it goes to. */
function Face({ view, picked, onPick }: Omit<CircuitsProps, 'job'>) {
  const { panel, wanted } = view;
  const [asFound, setAsFound] = useState(false);
  const phone = useMediaQuery('(max-width: 640px)');
  const severity = asFound ? found(panel) : planned(panel, wanted);
  const { refused, onBreaker, onSpace } = usePutting({ view, picked, onPick }, severity);
  const face = panelFace(panel, severity);
  return (
    <section className={columnClass('middle', classes['face'])} aria-label="The face">
      <header>
        <h1>{panel.name}</h1>
        <button
          type="button"
          className="act"
          aria-pressed={asFound}
          onClick={() => {
            setAsFound(!asFound);
          }}
        >
          {asFound ? 'Existing: show it with this job' : 'With this job: show it as it is now'}
        </button>
        <ul className={columnClass('legend', classes['legend'])} aria-label="Legend">
          <li data-fate="new">new</li>
          <li data-fate="moved">moved in</li>
          <li data-fate="stays">stays</li>
        </ul>
      </header>
      {refused !== null && <p role="alert">{refused}</p>}
      {picked !== null && refused === null && (
        <p className="second" role="status">
          Choose the space it goes to. A breaker that is there may share its space where the label allows it.
        </p>
      )}
      <PanelFace
        face={face}
        narrow={phone}
        mainA={panel.mainA}
        name={panel.name}
        picked={picked}
        notes={notesOf(severity)}
        {...(asFound ? {} : { onBreaker, onSpace })}
      />
    </section>
  );
}

function Board({ job, view }: PaneProps) {
  const [picked, setPicked] = useState<string | null>(null);
  const { panel } = view;
  return (
    <>
      <Circuits job={job} view={view} picked={picked} onPick={setPicked} />
      <Face view={view} picked={picked} onPick={setPicked} />
      <aside className={columnClass('side')} aria-label="Room, legs and findings">
        {picked !== null && (
          <PickedCard
            view={view}
            id={picked}
            onDone={() => {
              setPicked(null);
            }}
          />
        )}
        <FreeSpacePane job={job} view={view} />
        <LegsPane view={view} />
        <section aria-label="Bars">
          <h2>Neutrals and grounds</h2>
          <BarsPicture
            panel={panel}
            {...view.bars}
            wrong={view.findings.some(({ code }) => code === 'panel.neutrals-mixed')}
          />
        </section>
        {view.findings.length > 0 && <h2>Findings</h2>}
        <FindingList sizes={evaluationOf(job)} findings={view.findings} />
      </aside>
    </>
  );
}

/** Which space each breaker stands in, what moves to make room, and what the directory then says. */
export function PanelStage() {
  const { job } = useReadyJob();
  const evaluation = evaluationOf(job);
  const { panels } = evaluation;
  const [chosen, setChosen] = useState(0);
  const view = panels[chosen] ?? panels[0];
  const open = evaluation.openInPanels.length;
  const foot = (
    <>
      <span>{counted(open, 'thing')} open in the panels</span>
      <span className="second">Dead only: plan other light. {CIRCUITS_CAUTION}</span>
    </>
  );
  return (
    <StageFrame current="panel" board={view === undefined ? null : ''} foot={foot}>
      {view === undefined ? (
        <div className={columnClass('empty')}>
          <h1>No panel surveyed yet</h1>
          <p>
            Add it on the{' '}
            <Link className="act" to={`/jobs/${job.id}/survey?part=panels`}>
              survey
            </Link>
            : its spaces, its label, and the circuits that are there.
          </p>
        </div>
      ) : (
        <>
          {panels.length > 1 && (
            <nav className={classes['panels']} aria-label="Panels">
              {panels.map(({ panel }, at) => (
                <button
                  key={panel.id}
                  type="button"
                  aria-pressed={view.panel.id === panel.id}
                  onClick={() => {
                    setChosen(at);
                  }}
                >
                  {panel.name}
                </button>
              ))}
            </nav>
          )}
          <Board key={view.panel.id} job={job} view={view} />
        </>
      )}
    </StageFrame>
  );
}
