/** Kinds of work that hours are counted by. */
export const LABOR_TASKS = [
  'cable',
  'raceway',
  'flexible',
  'fitting',
  'bend',
  'body',
  'box',
  'pull-box',
  'plate',
  'pull',
  'pull-heavy',
  'dig',
  'bore',
  'receptacle',
  'disconnect',
  'spa-panel',
  'dead-front',
  'charger',
  'equipment',
  'subpanel',
  'panel-end',
  'tandem',
  'blank',
  'bond-wire',
  'bond-joint',
  'load-manager',
  'prove',
] as const;

/** A kind of work that hours are counted by. */
export type LaborTask = (typeof LABOR_TASKS)[number];

/** What one of a kind of work is counted in. */
export type LaborMeasure = 'ft' | 'yd3' | 'each';

/** Hours of one, by one person under usual conditions: Pasture's own starting figures, to be set by hand. */
export interface LaborUnit {
  readonly hours: number;
  readonly per: LaborMeasure;
}

/** Starting figures. Round ones: the pace of past jobs corrects them. */
// prettier-ignore
export const LABOR_UNITS: Readonly<Record<LaborTask, LaborUnit>> = {
  cable: { hours: 0.022, per: 'ft' },
  raceway: { hours: 0.045, per: 'ft' },
  flexible: { hours: 0.06, per: 'ft' },
  fitting: { hours: 0.15, per: 'each' },
  bend: { hours: 0.15, per: 'each' },
  body: { hours: 0.25, per: 'each' },
  box: { hours: 0.35, per: 'each' },
  'pull-box': { hours: 0.8, per: 'each' },
  plate: { hours: 0.03, per: 'each' },
  pull: { hours: 0.006, per: 'ft' },
  'pull-heavy': { hours: 0.014, per: 'ft' },
  dig: { hours: 1.6, per: 'yd3' },
  bore: { hours: 0.2, per: 'ft' },
  receptacle: { hours: 0.5, per: 'each' },
  disconnect: { hours: 0.9, per: 'each' },
  'spa-panel': { hours: 1.5, per: 'each' },
  'dead-front': { hours: 0.5, per: 'each' },
  charger: { hours: 1.2, per: 'each' },
  equipment: { hours: 0.8, per: 'each' },
  subpanel: { hours: 3, per: 'each' },
  'panel-end': { hours: 0.6, per: 'each' },
  tandem: { hours: 0.3, per: 'each' },
  blank: { hours: 0.05, per: 'each' },
  'bond-wire': { hours: 0.04, per: 'ft' },
  'bond-joint': { hours: 0.15, per: 'each' },
  'load-manager': { hours: 1.5, per: 'each' },
  prove: { hours: 0.6, per: 'each' },
};

/** What makes work slower than usual, and how much. */
export const LABOR_FACTORS = {
  attic: 1.3,
  finished: 1.4,
  'hard-ground': 1.25,
  'old-panel': 1.2,
  rain: 1.15,
  two: 1.2,
} as const satisfies Readonly<Record<string, number>>;

/** A condition that makes work slower. */
export type LaborFactor = keyof typeof LABOR_FACTORS;

/** What two people take of the clock that one takes. */
export const TWO_PEOPLE_CLOCK = 0.6;
