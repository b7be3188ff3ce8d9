import type { StationKind } from '../circuit/stations';

/** Cable that is left at a station to be stripped and led to its terminals, feet. */
const CABLE_FT: Readonly<Record<StationKind, number>> = {
  panel: 4,
  box: 1.5,
  'pull-box': 1.5,
  body: 0.5,
  coupling: 0,
  disconnect: 2.5,
  appliance: 2,
};

/** Single conductors that are left at a station, feet. */
const CONDUCTOR_FT: Readonly<Record<StationKind, number>> = {
  panel: 5,
  box: 1.5,
  'pull-box': 1,
  body: 0,
  coupling: 0,
  disconnect: 1.5,
  appliance: 1.5,
};

/** What is left at a station for making up, feet. */
export const makeUp = (kind: StationKind, cable: boolean): number => (cable ? CABLE_FT : CONDUCTOR_FT)[kind];

/** Free conductor that a box needs past its opening (300.14), feet; none where nothing ends. */
export const minFree = (kind: StationKind): number => (kind === 'body' || kind === 'coupling' ? 0 : 0.5);

/** Lengths in which cable is sold up to 250 ft; past that, and in other sizes, by the foot. */
const COILS_FT = [25, 50, 100, 250] as const;

/** What is bought for a length: the next coil, or whole feet. */
export const soldAs = (lengthFt: number, coil: boolean): number =>
  (coil ? COILS_FT.find((each) => each >= lengthFt - 1e-9) : undefined) ?? Math.ceil(lengthFt - 1e-9);
