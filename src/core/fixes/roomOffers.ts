import type { Command } from '../job/command';
import { evaluateJob } from '../job/evaluateJob';
import type { Job } from '../job/jobSchema';
import { branchOf, freshMemo } from '../job/jobMemo';
import { withSubpanel, type SubpanelIds } from '../job/withSubpanel';
import { withSpace } from '../panel/freeSpaceFinder';
import type { Panel } from '../panel/panelSchema';
import { spaceOptions, type SpaceOption } from '../panel/spaceOptions';
import { planned, type Wanted } from '../panel/spaces';
import type { PriceList } from '../price/priceList';
import { bringsStop, materialOf, tried } from './trial';

const TRIAL_IDS: SubpanelIds = { panel: 'trial-panel', feeder: 'trial-feeder', segment: 'trial-segment' };

/** A way to make room as one edit of the job; undefined for a new panel, which is only priced. */
export function roomCommand(
  job: Job,
  panel: Panel,
  wanted: readonly Wanted[],
  option: SpaceOption,
  ids: SubpanelIds,
): Command | undefined {
  switch (option.kind) {
    case 'moves': {
      const plan = withSpace(panel, planned(panel, wanted), option.freeSpace);
      return { kind: 'change-panel', id: panel.id, fields: { plan } };
    }
    case 'subpanel':
      return withSubpanel(job, panel, wanted, option, ids);
    case 'new-panel':
      return undefined;
  }
}

/**
 * The ways to find room for the circuits of a panel that have no place yet, cheapest first. Each was tried on the whole
 * job: what the job refuses, and what brings a stop that was not there, is left out; its price is that of the material
 * of the job with it, less that of the job as it stands, in cents. A new panel is only priced.
 */
export function roomOffers(job: Job, panelId: string, prices: PriceList): readonly SpaceOption[] {
  const memo = freshMemo();
  const before = evaluateJob(job, memo);
  const view = before.panels.find(({ panel }) => panel.id === panelId);
  if (view === undefined) return [];
  const { panel, wanted } = view;
  const options = spaceOptions(panel, wanted, prices);
  if (options.length === 0) return [];
  const base = materialOf(before, prices);
  const offered = options.flatMap((option): readonly SpaceOption[] => {
    const command = roomCommand(job, panel, wanted, option, TRIAL_IDS);
    if (command === undefined) return [option];
    const after = tried(before, command, branchOf(memo));
    if (after === undefined || bringsStop(before, after)) return [];
    const enclosure = option.kind === 'subpanel' ? option.enclosureCents : 0;
    return [{ ...option, cents: materialOf(after, prices) - base + enclosure }];
  });
  return offered.toSorted((a, b) => a.cents - b.cents);
}
