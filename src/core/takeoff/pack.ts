import type { CutStock } from '../cutting/cutProblem';

/** What a piece is cut from: a piece on the truck, a coil, roll or stick, or a length cut at the counter. */
export interface Pack extends CutStock {
  readonly kind: 'truck' | 'roll' | 'counter';
}
