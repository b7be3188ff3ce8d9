import type { Job } from '../../core/job/jobSchema';
import type { Source } from '../../core/takeoff/need';

/** What a part of the list is for: its mark, and its name. */
export interface PartWords {
  readonly mark: string;
  readonly name: string;
}

/** A part of the job as the list names it: circuits by their number, the panel P, the yard Y. */
export function partWords(source: Source, { circuits, panels, yard }: Job): PartWords {
  switch (source.kind) {
    case 'circuit': {
      const at = circuits.findIndex(({ id }) => id === source.id);
      return { mark: `${at + 1}`, name: circuits[at]?.name ?? 'Circuit' };
    }
    case 'panel':
      return { mark: 'P', name: panels.find(({ id }) => id === source.id)?.name ?? 'Panel' };
    case 'water':
      return {
        mark: 'Y',
        name: `Bonding, ${yard.waters.find(({ id }) => id === source.id)?.name ?? 'water'}`,
      };
    case 'service':
      return { mark: 'V', name: 'Service' };
    case 'job':
      return { mark: 'S', name: 'Supplies' };
  }
}
