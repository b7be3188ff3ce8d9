import type { House } from './houseSchema';

/** A house of which nothing is known yet. */
export const FRESH_HOUSE: House = {
  ratingA: null,
  meterA: null,
  conductor: null,
  areaFt2: null,
  smallApplianceCircuits: 2,
  laundryCircuits: 1,
  loads: [],
  method: 'existing',
  evAdder: false,
  managedA: null,
  managerThere: false,
  larger: false,
  sharing: null,
  groups: [],
  source: null,
  faultA: null,
  measured: null,
};
