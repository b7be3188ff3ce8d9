import type { RouteRemedy } from '../circuit/edits/routeEdits';
import { printNumber as n } from '../units/number';
import type { RouteFitting } from '../code/routeKinds';
import { fittingName } from './routeWords';

/** A way out of a finding about the way, as its button says it. */
export function routeRemedyWords({ kind, figure }: RouteRemedy, fitting: RouteFitting | null): string {
  switch (kind) {
    case 'deepen':
      return `Bury it at ${n(figure)} in`;
    case 'free-box':
      return `Another box, ${n(figure)} in³ or more`;
    case 'free-pull-box':
      return `A pull box ${n(figure, 1)} in long`;
    case 'plan':
      return fitting === null ? 'Plan it' : `Plan it: ${fittingName[fitting].toLowerCase()}`;
    case 'pull-point':
      return 'Bodies to pull at instead of couplings';
    case 'free-piece':
      return `Cut a new piece, ${n(figure, 1)} ft or more`;
    case 'free-hole':
      return `Make the hole ${n(figure, 3)} in`;
  }
}
