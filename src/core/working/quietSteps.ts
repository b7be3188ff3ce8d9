import type { AnyStep } from './step';

/**
 * Whether a step may be folded away: it changes nothing (a factor of 1.00 and what follows from it), or it
 * is a test that holds. What decides the figure is never quiet.
 */
export function isQuiet(step: AnyStep): boolean {
  switch (step.id) {
    case 'ambient.factor':
    case 'adjustment.factor':
      return step.result === 1;
    case 'ampacity.corrected':
      return step.inputs.ambient === 1 && step.inputs.adjustment === 1;
    case 'ampacity.start':
    case 'terminal.column':
    case 'breaker.poles':
    case 'raceway.limit':
    case 'conductor.chosen':
      return true;
    case 'test.load':
    case 'test.corrected':
    case 'test.breaker':
    case 'test.small':
      return step.result === 'holds';
    default:
      return false;
  }
}
