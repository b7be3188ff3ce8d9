import type { StageId } from '../../core/packet/stageStates';

interface Stage {
  readonly id: StageId;
  readonly name: string;
  /** Where it stands under the address of its job. */
  readonly path: string;
}

/**
 * The stages of a job in the order of the work. Bar, digits, palette, addresses and counts are made of this list: a
 * new stage is an entry here, its state in `core/packet/stageStates`, and its page in the router, which does not compile
 * without it.
 */
export const STAGES = [
  { id: 'survey', name: 'Survey', path: 'survey' },
  { id: 'service', name: 'Service', path: 'service' },
  { id: 'circuits', name: 'Circuits', path: '' },
  { id: 'water', name: 'Water', path: 'water' },
  { id: 'panel', name: 'Panel', path: 'panel' },
  { id: 'materials', name: 'Materials', path: 'materials' },
  { id: 'days', name: 'Days', path: 'days' },
  { id: 'checks', name: 'Checks', path: 'checks' },
  { id: 'packet', name: 'Packet', path: 'packet' },
] as const satisfies readonly Stage[];

/** A stage of the job. */
export type StageName = StageId;

/** Where a stage stands under the address of a job. */
export const stagePath = (jobId: string, stage: StageName): string => {
  const path = STAGES.find(({ id }) => id === stage)?.path ?? '';
  return path === '' ? `/jobs/${jobId}` : `/jobs/${jobId}/${path}`;
};
