import type { Figure } from '../../core/drills/drill';
import type { Answered } from './useDrill';

/** Right, heavier than asked, or over the rule. */
export const severityOf = ({ judgment }: Answered): 'ok' | 'check' | 'stop' =>
  judgment.right ? 'ok' : judgment.holds === true ? 'check' : 'stop';

/** The unit that stands beside an answer; sizes bear theirs. */
export const unitOf = ({ is }: Figure): string => (is.kind === 'number' ? is.unit : '');
