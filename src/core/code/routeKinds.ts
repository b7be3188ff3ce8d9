/** What circuits may share on their way: one raceway, one bundle or hole, one trench. */
export const WAY_KINDS = ['raceway', 'bundle', 'trench'] as const;
/** What circuits share on a stretch. */
export type WayKind = (typeof WAY_KINDS)[number];

/** What may stand between two stretches. */
export const STATION_KINDS = ['box', 'pull-box', 'body', 'coupling', 'disconnect'] as const;
/** What stands between two stretches: a box with splices, a box or conduit body to pull at, a fitting, a disconnect. */
export type StationBetween = (typeof STATION_KINDS)[number];

/** What the way of a circuit needs besides wire, raceway and boxes. */
export const WAY_FITTINGS = [
  'seal',
  'bushing',
  'plates',
  'ribbon',
  'expansion',
  'riser',
  's-loop',
  'box-bond',
] as const;
/** One thing that a way needs, planned until somebody leaves it out. */
export type WayFitting = (typeof WAY_FITTINGS)[number];
