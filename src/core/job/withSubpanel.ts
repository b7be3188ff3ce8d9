import { newCircuit, newSegment } from '../circuit/newCircuit';
import { circuitsAdded } from './changes';
import type { Command } from './command';
import type { Job } from './jobSchema';
import { freshPanel, type Panel } from '../panel/panelSchema';
import { FEEDER_ID, type SpaceOption } from '../panel/spaceOptions';
import { makeSpace, withSpace } from '../panel/freeSpaceFinder';
import { planned, unplacedOf, type Wanted } from '../panel/spaces';

/** How far a subpanel beside the panel stands from it, feet. */
const BESIDE_FT = 4;
const VOLTS = 240;

/** Ids for what is added with a subpanel. */
export interface SubpanelIds {
  readonly panel: string;
  readonly feeder: string;
  readonly segment: string;
}

/** A subpanel that is installed by the job: bars apart, nothing in it yet. */
const newSubpanel = (ids: SubpanelIds, name: string, fedFrom: string, spaces: number): Panel => ({
  ...freshPanel(ids.panel, name, 'subpanel', fedFrom),
  feederId: ids.feeder,
  installed: 'new',
  spaces,
  tandems: [],
  neutrals: 'apart',
  bondingScrew: 'out',
  openings: 0,
});

/**
 * A subpanel beside a panel as one edit: its feeder as a circuit of the job in the space that was found for it, and
 * every circuit without a place in the subpanel. It has four wires: neutrals and grounds apart (250.142(B)).
 */
export function withSubpanel(
  job: Job,
  panel: Panel,
  wanted: readonly Wanted[],
  option: Extract<SpaceOption, { kind: 'subpanel' }>,
  ids: SubpanelIds,
): Command {
  const unplaced = unplacedOf(panel, wanted);
  const loadVA = Math.round(unplaced.reduce((sum, { va }) => sum + va, 0));
  const name = `Subpanel ${job.panels.length}`;
  const feeder = {
    ...newCircuit(
      ids.feeder,
      {
        family: 'feeder',
        nameplate: {
          loadVA,
          continuousVA: loadVA,
          volts: VOLTS,
          neutral: true,
          building: 'same',
          circuits: unplaced.length,
          breakerA: option.feederA,
        },
      },
      [newSegment(ids.segment, 'emt', BESIDE_FT, 'indoor', job.designC)],
    ),
    name: `Feeder, ${name.toLowerCase()}`,
  };
  const plan = withSpace(panel, planned(panel, wanted), option.freeSpace);
  const main: Panel = {
    ...panel,
    plan: {
      ...plan,
      placed: plan.placed.map((each) =>
        each.circuitId === FEEDER_ID ? { ...each, circuitId: ids.feeder } : each,
      ),
    },
  };
  const empty = newSubpanel(ids, name, panel.id, option.spaces);
  const freeSpace = makeSpace(empty, [], unplaced, 0);
  const sub = freeSpace === undefined ? empty : { ...empty, plan: withSpace(empty, [], freeSpace) };
  return {
    kind: 'batch',
    commands: [
      circuitsAdded([feeder], job.circuits.length),
      {
        kind: 'change-job',
        fields: { panels: [...job.panels.map((each) => (each === panel ? main : each)), sub] },
      },
    ],
  };
}
