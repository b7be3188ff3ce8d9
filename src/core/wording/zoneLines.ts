import type { WaterKind } from '../code/waterFacts';

/** A distance from the water at which rules end, and what they say inside of it. */
export interface ZoneLine {
  readonly ft: 5 | 6 | 10 | 20;
  readonly says: string;
}

/** The distances at which rules about a kind of water end (680.22, 680.26(B)(7), 680.34, 680.43). */
export function zoneLines(kind: WaterKind): readonly ZoneLine[] {
  if (kind === 'storable')
    return [
      { ft: 6, says: 'no receptacle' },
      { ft: 20, says: 'receptacles inside have GFCI' },
    ];
  if (kind === 'spa-indoor')
    return [
      { ft: 5, says: 'metal inside is bonded; no switch' },
      { ft: 6, says: 'no receptacle' },
      { ft: 10, says: 'receptacles inside have GFCI; one stands between 6 and 10 ft' },
    ];
  return [
    { ft: 5, says: 'metal inside is bonded; no switch, no disconnect' },
    { ft: 6, says: 'no receptacle' },
    { ft: 10, says: 'other outlets stay outside' },
    { ft: 20, says: 'receptacles inside have GFCI; one stands between 6 and 20 ft' },
  ];
}
