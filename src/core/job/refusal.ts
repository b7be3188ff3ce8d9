import type { YardList } from '../water/yardSchema';
import type { FieldProblem } from './zodProblem';

/** Why a command was not taken. Its words are in core/wording. */
export type RefusalReason =
  | {
      readonly kind: 'gone';
      readonly what:
        | 'circuit'
        | 'panel'
        | 'observation'
        | 'photo'
        | 'position'
        | 'yard item'
        | 'question'
        | 'gate';
    }
  | { readonly kind: 'twice'; readonly what: 'circuit' | 'panel' | 'photo'; readonly id: string }
  | {
      readonly kind: 'too-many';
      readonly what: 'circuits' | 'photos' | YardList;
      readonly max: number;
      readonly asked: number;
      readonly over: number;
    }
  | { readonly kind: 'invalid'; readonly problem: FieldProblem };

/** A command that was not taken: the job is as it was. */
export interface Refusal {
  readonly refused: RefusalReason;
}

/** A refusal for a reason. */
export const refused = (reason: RefusalReason): Refusal => ({ refused: reason });
