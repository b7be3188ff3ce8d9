import type { RefusalReason } from '../job/refusal';
import { fieldProblemWords } from './fieldProblems';
import { counted } from './words';

const NOUN: Readonly<Record<Extract<RefusalReason, { kind: 'too-many' }>['what'], string>> = {
  circuits: 'circuit',
  photos: 'photograph',
  waters: 'pool or tub',
  lines: 'wall, fence or line',
  areas: 'deck or slab',
  things: 'thing in the yard',
};

/** Why an edit was not taken, and what is accepted. Nothing was changed. */
export function refusalWords(reason: RefusalReason): string {
  switch (reason.kind) {
    case 'gone':
      return `The ${reason.what} is not in the job any more.`;
    case 'twice':
      return `The ${reason.what} is in the job already.`;
    case 'too-many': {
      const noun = NOUN[reason.what];
      const room = Math.max(0, reason.asked - reason.over);
      return `${counted(reason.asked, noun)} cannot be added: a job holds ${reason.max}, and there is room for ${room} more.`;
    }
    case 'invalid':
      return `Not taken. ${fieldProblemWords(reason.problem)}`;
  }
}
