import type { Location } from '../code/locations';
import type { Edition } from '../code/edition';
import type { Working } from '../working/worked';
import type { OutletFacts } from './outletFacts';

/** Where an outlet may belong to another building than its panel does. */
export const MAY_BE_ANOTHER: ReadonlySet<Location> = new Set(['garage', 'accessory', 'boathouse', 'outdoor']);
/** Where that is asked without having been said: a garage or an accessory building, not a yard. */
const ASKED: ReadonlySet<Location> = new Set(['garage', 'accessory', 'boathouse']);

/** Least rating of the disconnect of a building with one branch circuit; with a multiwire one it counts as one (225.39(A)). */
const MIN_BRANCH_A = 15;

/** Whether what is supplied is another building or structure than that of its panel. */
export const isOtherBuilding = ({ needs, site }: Pick<OutletFacts, 'needs' | 'site'>): boolean =>
  needs.disconnect.by === 'building' ||
  site.building === 'detached-garage' ||
  site.building === 'accessory' ||
  (site.building === 'post' && site.structure === true);

/** One supply is the rule: what is said of a further one (225.30). */
function furtherSupply(
  { site, needs }: OutletFacts,
  supply: 'branch' | 'feeder',
  { parameters }: Edition,
  work: Working,
): void {
  const feeder = needs.kind === 'feeder';
  const { secondSupply: by } = site;
  if (by === 'special' || by === 'different')
    work.found('ask', 'building.second-allowed', 'building.supply', { by });
  else if (feeder && parameters.furtherFeeder.value)
    work.found('check', 'building.further-feeder', parameters.furtherFeeder.cite, { supply });
  else work.found('stop', 'building.second-supply', 'building.supply', { supply, feeder });
}

/** The disconnect of a building whose only supply is a branch circuit (225.31, 225.32, 225.39(A)). */
function onlySupply({ site, ocpdA }: OutletFacts, work: Working): void {
  const minA = Math.max(MIN_BRANCH_A, ocpdA);
  if (site.buildingDisconnect === 'none')
    work.found('stop', 'building.disconnect', 'disconnect.building', { minA });
  else if (site.buildingDisconnect === undefined)
    work.found('ask', 'building.disconnect', 'building.where', { minA });
  else work.found('note', 'building.only-supply', 'feeder.electrode', { minA });
}

/**
 * What another building or structure requires of its supply: which building it is, what supplies it already, its
 * disconnect (225.30 to 225.39, 250.32(A)). Existing supplies and the authority's word come from the survey.
 */
export function building(facts: OutletFacts, code: Edition, work: Working): void {
  const { site, needs, location, load } = facts;
  const feeder = needs.kind === 'feeder';
  if (!feeder && site.building === undefined) {
    if (ASKED.has(location)) work.found('ask', 'building.which', 'building.supply', { location });
    return;
  }
  if (site.building === 'post' && site.structure === undefined) {
    work.found('ask', 'building.structure', 'building.structure', { volts: load.volts });
    return;
  }
  if (!isOtherBuilding(facts)) return;
  if (site.supply === undefined) work.found('ask', 'building.supply', 'building.supply', { feeder });
  else if (site.supply !== 'none') furtherSupply(facts, site.supply, code, work);
  else if (!feeder) onlySupply(facts, work);
}
