/** One opening of a receptacle's face, in a square of 100 with the ground below. */
export interface Opening {
  readonly role: 'hot' | 'neutral' | 'ground';
  readonly shape: 'blade' | 'tee' | 'ell' | 'round';
  readonly x: number;
  readonly y: number;
  /** Length of the blade, and how far it is turned from upright, degrees. */
  readonly long: number;
  readonly turn: number;
}

const at = (
  role: Opening['role'],
  shape: Opening['shape'],
  x: number,
  y: number,
  long = 22,
  turn = 0,
): Opening => ({
  role,
  shape,
  x,
  y,
  long,
  turn,
});

const GROUND = at('ground', 'round', 50, 76, 14);
const LOW_GROUND = at('ground', 'round', 50, 80, 15);

/** The faces of the configurations that dwellings use, as seen from the front. */
export const RECEPTACLE_FACES: Readonly<Record<string, readonly Opening[]>> = {
  '5-15': [at('neutral', 'blade', 34, 40, 26), at('hot', 'blade', 66, 40, 21), GROUND],
  '5-20': [at('neutral', 'tee', 34, 40, 26), at('hot', 'blade', 66, 40, 21), GROUND],
  '6-15': [at('hot', 'blade', 32, 40, 22, 90), at('hot', 'blade', 68, 40, 22, 90), GROUND],
  '6-20': [at('hot', 'tee', 32, 40, 24, 90), at('hot', 'blade', 68, 40, 22, 90), GROUND],
  '6-30': [at('hot', 'ell', 30, 42, 26), at('hot', 'blade', 70, 42, 26), LOW_GROUND],
  '6-50': [at('hot', 'blade', 30, 42, 30), at('hot', 'blade', 70, 42, 30), LOW_GROUND],
  '14-30': [
    at('hot', 'blade', 26, 50, 28),
    at('hot', 'blade', 74, 50, 28),
    at('neutral', 'ell', 50, 24, 22),
    LOW_GROUND,
  ],
  '14-50': [
    at('hot', 'blade', 26, 50, 30),
    at('hot', 'blade', 74, 50, 30),
    at('neutral', 'blade', 50, 24, 24),
    LOW_GROUND,
  ],
  '14-60': [
    at('hot', 'blade', 26, 50, 30),
    at('hot', 'blade', 74, 50, 30),
    at('neutral', 'blade', 50, 24, 26, 90),
    LOW_GROUND,
  ],
  'TT-30': [at('neutral', 'blade', 33, 40, 26, 35), at('hot', 'blade', 67, 40, 26, -35), GROUND],
  '10-30': [
    at('hot', 'blade', 32, 36, 28, 35),
    at('hot', 'blade', 68, 36, 28, -35),
    at('neutral', 'ell', 50, 74, 22),
  ],
  '10-50': [
    at('hot', 'blade', 32, 36, 30, 35),
    at('hot', 'blade', 68, 36, 30, -35),
    at('neutral', 'blade', 50, 74, 24),
  ],
};

/** Configurations with a face that is drawn, in the order of the chart. */
export const DRAWN_CONFIGS: readonly string[] = Object.keys(RECEPTACLE_FACES);
