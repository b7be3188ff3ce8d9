/** What circuits may share on their way: one raceway, one bundle or hole, one trench. */
export const SHARE_KINDS = ['raceway', 'bundle', 'trench'] as const;
/** What circuits share on a segment. */
export type ShareKind = (typeof SHARE_KINDS)[number];

/** What may stand between two segments. */
export const STATION_KINDS = ['box', 'pull-box', 'body', 'coupling', 'disconnect'] as const;
/** What stands between two segments: a box with splices, a box or conduit body to pull at, a fitting, a disconnect. */
export type StationBetween = (typeof STATION_KINDS)[number];

/** What the route of a circuit needs besides wire, raceway and boxes. */
export const ROUTE_FITTINGS = [
  'seal',
  'bushing',
  'plates',
  'ribbon',
  'expansion',
  'riser',
  's-loop',
  'box-bond',
] as const;
/** One thing that a route needs, planned until somebody leaves it out. */
export type RouteFitting = (typeof ROUTE_FITTINGS)[number];
