import type { FindingLog } from '../findings/findingLog';
import type { House } from './houseSchema';

/** Homes built before this year count as painted with lead until a test says otherwise. */
const LEAD_BEFORE = 1978;
/** Building materials of before this year may hold asbestos. */
const ASBESTOS_BEFORE = 1990;
/** Years in which branch circuits were wired with aluminum, with a few on either side. */
const ALUMINUM_YEARS = [1962, 1976] as const;

/** Whether a house is of the years in which branch circuits were wired with aluminum. */
export const mayHaveAluminum = ({ builtYear }: Pick<House, 'builtYear'>): boolean =>
  builtYear != null && builtYear >= ALUMINUM_YEARS[0] && builtYear <= ALUMINUM_YEARS[1];

/** What an old house may hold that hurts who opens it: asked before anything else, said before anything is opened. */
export function oldHouse(house: House, out: FindingLog): void {
  const { builtYear, branchAluminum } = house;
  if (builtYear == null) out.found('ask', 'house.built', 'house.old', {});
  else if (builtYear < ASBESTOS_BEFORE)
    out.found('check', 'house.old-materials', 'house.old', { builtYear, lead: builtYear < LEAD_BEFORE });
  if (branchAluminum === true) out.found('check', 'house.aluminum', 'work.connections', { builtYear: null });
  else if (branchAluminum == null && builtYear != null && mayHaveAluminum(house))
    out.found('ask', 'house.aluminum', 'work.connections', { builtYear });
}
