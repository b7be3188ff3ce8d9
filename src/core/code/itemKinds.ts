/** Fittings of a raceway, by its method and trade size. */
export type RacewayFittingKind =
  | 'connector'
  | 'coupling'
  | 'elbow'
  | 'expansion'
  | 'body'
  | 'bushing'
  | 'seal';

/** Small things that are counted and have no size. */
export type SmallKind =
  | 'box-cover'
  | 'ground-screw'
  | 'wire-connector'
  | 'nail-plate'
  | 'lock-off'
  | 'label'
  | 'blank'
  | 'cement'
  | 'lubricant'
  | 'riser-guard'
  | 'bond-connector'
  | 'bond-clamp'
  | 'water-bond';
