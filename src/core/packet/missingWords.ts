import type { JobEvaluation } from '../job/evaluateJob';
import { findingSentence } from '../wording/findings';
import { nameIn } from '../wording/mergeWords';
import { subjectName } from '../wording/subjectName';
import { firstSentence } from '../wording/words';
import type { Lack } from './packetLacks';
import type { Missing } from './packetMissing';
import type { ChangedBy, SinceSeal } from './sinceSeal';

/** What a packet lacks: whose it is, and what. */
export function lackWords(
  lack: Lack,
  evaluation: JobEvaluation,
): { readonly name: string; readonly what: string } {
  switch (lack.kind) {
    case 'finding':
      return {
        name: subjectName(lack.finding.subject, evaluation.job),
        what: firstSentence(findingSentence(lack.finding)),
      };
    case 'photo':
      return {
        name: nameIn([evaluation.job], lack.id) ?? '',
        what: lack.of === 'circuit' ? 'Photo missing of the open trench.' : 'Photo missing of the ring.',
      };
    case 'authority':
      return { name: 'Cover', what: 'The authority is not named.' };
    case 'permit':
      return { name: 'Cover', what: 'The day of the permit is not entered.' };
  }
}

/** The pages that something spoils: "page 10, 17"; past four of them how many more. */
export function pagesWords({ pages }: Pick<Missing, 'pages'>): string {
  if (pages.length === 0) return 'not in this packet';
  const more = pages.length - 4;
  return `page ${pages.slice(0, 4).join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
}

const BY: Readonly<Record<ChangedBy, string>> = {
  hand: 'by hand',
  engine: 'by the engine',
  both: 'by both',
};

/** How many changes were made by whom: "3 by hand, 1 by the engine". */
export function sinceWords(changes: readonly SinceSeal[]): string {
  if (changes.length === 0) return 'Nothing changed since.';
  const counts = (['hand', 'engine', 'both'] as const).flatMap((by) => {
    const count = changes.filter((each) => each.by === by).length;
    return count === 0 ? [] : [`${count} ${BY[by]}`];
  });
  return `${counts.join(', ')}.`;
}
