import { applianceTitle, type Appliance } from '../appliances/registry';
import { METHODS, type MethodId, type Environment } from '../code/methods';
import { designAmbient, USUAL_DESIGN } from './jobDefaults';
import type { Circuit, Segment } from './circuitSchema';

/** Height at which a segment is drawn until somebody says otherwise, feet above grade. */
const PLACE_HEIGHT_FT: Readonly<Record<Environment, number>> = {
  indoor: 8,
  attic: 10,
  garage: 8,
  damp: 1.5,
  outdoor: 3,
  underground: -1.5,
  corrosive: 3,
};

/** Cable in the ground lies deeper than raceway (Table 300.5), feet. */
const DIRECT_BURIAL_FT = -2;

/** Height at which a method is drawn in a place until somebody says otherwise, feet above grade. */
export const usualHeightFt = (place: Environment, method: MethodId): number =>
  place === 'underground' && METHODS[method].kind === 'cable' ? DIRECT_BURIAL_FT : PLACE_HEIGHT_FT[place];

/** Where an appliance meets the wiring until somebody says otherwise, feet above grade. */
const OUTLET_HEIGHT_FT = 4;
const PANEL_HEIGHT_FT = 5;

/** A segment in a place, with the ambient that the job expects there and the height that it commonly has. */
export const newSegment = (
  id: string,
  method: MethodId,
  lengthFt: number,
  place: Environment,
  design = USUAL_DESIGN,
): Segment => ({
  id,
  method,
  lengthFt,
  place,
  ambientC: designAmbient(design, place),
  currentCarrying: null,
  bendsDeg: null,
  heightFt: usualHeightFt(place, method),
  endHeightFt: OUTLET_HEIGHT_FT,
});

/** A circuit as it starts: one segment, nothing pinned, terminals taken as unmarked until they were seen. */
export const newCircuit = (id: string, appliance: Appliance, run: readonly Segment[]): Circuit => ({
  id,
  name: applianceTitle(appliance),
  appliance,
  material: 'cu',
  insulation: 'THWN-2',
  terminals: { panel: 'unmarked', load: 'unmarked' },
  startHeightFt: PANEL_HEIGHT_FT,
  run: [...run],
  pins: {},
  maxDropPct: 3,
  site: {},
  feedId: null,
  existing: null,
  photos: [],
});
