import { counted } from './words';

/** How a job of a copy may stand to the one here; the room of the job is not known here. */
type Standing =
  | { readonly kind: 'new' | 'same' }
  | { readonly kind: 'newer-here'; readonly edits: number }
  | { readonly kind: 'newer-there'; readonly things: number }
  | { readonly kind: 'both'; readonly here: number; readonly there: number; readonly inBoth: number };

/** How a job of a copy stands to the one here, in words. */
export function standingWords(standing: Standing): string {
  switch (standing.kind) {
    case 'new':
      return 'Not in this browser.';
    case 'same':
      return 'Here already, the same.';
    case 'newer-here':
      return `Newer here: ${counted(standing.edits, 'edit')} since this copy.`;
    case 'newer-there':
      return `Newer in the copy: ${counted(standing.things, 'thing')} that this browser lacks.`;
    case 'both': {
      const { here, there, inBoth } = standing;
      return `They differ: ${here} changed only here, ${there} only in the copy, ${inBoth} in both.`;
    }
  }
}

/** What may be done with a job of a copy. */
export const RESTORE_NAME = {
  take: 'Take it',
  leave: 'Leave mine',
  beside: 'Open beside mine',
} as const;
