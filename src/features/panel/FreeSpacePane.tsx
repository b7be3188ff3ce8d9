import { Button } from '@mantine/core';
import type { Job } from '../../core/job/jobSchema';
import { startAgain, type SpaceOption } from '../../core/panel/spaceOptions';
import { roomCommand } from '../../core/fixes/roomOffers';
import type { Space } from '../../core/panel/panelSchema';
import { freeSlots, legOf, spaceLabel, planned, polesIn, unplacedOf } from '../../core/panel/spaces';
import { printPriceChange } from '../../core/units/money';
import { cents } from '../../core/units/quantity';
import { spaceOptionWords } from '../../core/wording/panelWords';
import { counted } from '../../core/wording/words';
import type { PanelEvaluation } from '../../core/job/evaluation';
import { useSpaceOptions } from '../../store/freeSpace/useSpaceOptions';
import { useJobEditor } from '../../store/useJobEditor';
import { usePanelEditor } from '../../store/usePanelEditor';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import classes from './panel.module.css';

interface RoomPaneProps {
  readonly job: Job;
  readonly view: PanelEvaluation;
}

/** The options that make room, each one click and one undo; a new panel is only priced. */
function Options({ job, view, options }: RoomPaneProps & { readonly options: readonly SpaceOption[] }) {
  const { panel, wanted } = view;
  const { canWrite, edit } = useJobEditor();
  const take = (option: SpaceOption): void => {
    const ids = { panel: crypto.randomUUID(), feeder: crypto.randomUUID(), segment: crypto.randomUUID() };
    const command = roomCommand(job, panel, wanted, option, ids);
    if (command !== undefined) edit(command, option.kind === 'moves' ? 'Make room' : 'Add a subpanel');
  };
  return (
    <ul className={classes['options']} aria-label="Options to make room">
      {options.map((option) => (
        <li key={option.kind}>
          <button
            type="button"
            disabled={!canWrite || option.kind === 'new-panel'}
            onClick={() => {
              take(option);
            }}
          >
            <span>{spaceOptionWords(option)}</span>
            <span className="fig" title="Material of the job with it, less that of the job as it stands">
              {printPriceChange(cents(option.cents))}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

/** What the plan moves and takes out. */
function Moves({ view }: Pick<RoomPaneProps, 'view'>) {
  const { panel, wanted } = view;
  const severity = planned(panel, wanted);
  const moved = severity
    .filter(({ fate }) => fate === 'moved')
    .toSorted((a, b) => (a.from?.slot ?? 0) - (b.from?.slot ?? 0));
  const gone = panel.breakers.filter(({ id }) => panel.plan.gone.includes(id));
  if (moved.length + gone.length === 0) return null;
  return (
    <table className={classes['moves']}>
      <caption className="visually-hidden">What is taken out and what moves</caption>
      <tbody>
        {gone.map(({ id, name, place, poles }) => (
          <tr key={id}>
            <th scope="row" className="fig">
              <s>{poles === 2 ? `${place.slot}, ${place.slot + 2}` : spaceLabel(place)}</s>
            </th>
            <td>{name} removed</td>
            <td />
          </tr>
        ))}
        {moved.map(({ id, name, from, place, poles }) => (
          <tr key={id}>
            <th scope="row" className="fig">
              {from === null ? '' : spaceLabel(from)} <span className="second">to</span> {spaceLabel(place)}
            </th>
            <td>{name}</td>
            <td className="fig">{poles === 1 ? legWords(from, place) : 'A B'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The leg of a single; one that changes it says so. */
const legWords = (from: Space | null, to: Space): string => {
  const leg = legOf(to.slot);
  return from === null || legOf(from.slot) === leg ? leg : `leg ${legOf(from.slot)} to ${leg}`;
};

/** Room for the circuits that have no place yet. */
export function FreeSpacePane({ job, view }: RoomPaneProps) {
  const { panel, wanted } = view;
  const { plan, canWrite } = usePanelEditor(panel);
  const search = useSpaceOptions(job, panel.id);
  const options = search.state === 'done' ? search.result : [];
  const unplaced = unplacedOf(panel, wanted);
  const needs = polesIn(unplaced);
  const free = freeSlots(panel, planned(panel, wanted)).length;
  const fits = needs === 0 || options.some(({ kind }) => kind === 'moves');
  return (
    <section aria-label="Make room">
      <h2>
        {needs === 0 ? 'Every circuit has a space' : `Make room: ${counted(needs, 'space')}`}
        <span className="second">
          <SeverityShape severity={fits ? 'ok' : 'stop'} />{' '}
          {fits ? 'fits' : search.state === 'running' ? 'looking' : 'does not fit'}
        </span>
      </h2>
      <dl className={classes['counts']}>
        <div>
          <dd className="fig">{unplaced.length}</dd>
          <dt>without a space</dt>
        </div>
        <div>
          <dd className="fig">{needs}</dd>
          <dt>spaces wanted</dt>
        </div>
        <div>
          <dd className="fig">{free}</dd>
          <dt>spaces free</dt>
        </div>
      </dl>
      {search.state === 'running' && needs > 0 && <p role="status">Looking for the fewest moves.</p>}
      {search.state === 'failed' && <p role="alert">The search failed. Change anything to search again.</p>}
      {options.length > 0 && <Options job={job} view={view} options={options} />}
      <Moves view={view} />
      {panel.plan.moved.length + panel.plan.placed.length > 0 && (
        <Button
          variant="default"
          size="xs"
          disabled={!canWrite}
          onClick={() => {
            plan(startAgain(panel.plan), 'Plan the panel again');
          }}
        >
          Start the plan over
        </Button>
      )}
    </section>
  );
}
