import type { AsyncSteps, Steps } from './protocol';

/** Everything that is worked out apart from the page. Each is fetched when it is first asked for. */
export const TASKS = {
  alternatives: async () => (await import('../search/alternativesTask')).alternativesTask,
  cuts: async () => (await import('../takeoff/cutsTask')).cutsTask,
  days: async () => (await import('../days/daysTask')).daysTask,
  demand: async () => (await import('../demand/demandTask')).demandTask,
  diagnosis: async () => (await import('../checks/diagnosisTask')).diagnosisTask,
  field: async () => (await import('../field/fieldTask')).fieldTask,
  freeSpace: async () => (await import('../freeSpace/freeSpaceTask')).freeSpaceTask,
  ladder: async () => (await import('../field/ladderTask')).ladderTask,
  packCopy: async () => (await import('../persistence/zipped')).packed,
  packet: async () => (await import('../packet/packetTask')).packetTask,
  plate: async () => (await import('../plates/plateTask')).plateTask,
  quote: async () => (await import('../quote/quoteTask')).quoteTask,
  readCopy: async () => (await import('../persistence/readCopyTask')).readCopyTask,
  strip: async () => (await import('../jobs/stripTask')).stripTask,
  verify: async () => (await import('../known/verifyTask')).verifyTask,
  schedule: async () => (await import('../schedule/sizeSchedule')).sizeSchedule,
};

/** Work by its name. */
export type TaskName = keyof typeof TASKS;

type Task<N extends TaskName> = Awaited<ReturnType<(typeof TASKS)[N]>>;

/** What a task is asked. */
export type RequestOf<N extends TaskName> = Parameters<Task<N>>[0];

type Outcome<N extends TaskName> = ReturnType<Task<N>>;

/** What a task tells on its way; never where it is done in a moment. */
export type ProgressOf<N extends TaskName> =
  Outcome<N> extends Steps<infer P, unknown> | AsyncSteps<infer P, unknown> ? P : never;

/** What a task comes to. */
export type ResultOf<N extends TaskName> =
  Outcome<N> extends Steps<unknown, infer R> | AsyncSteps<unknown, infer R> ? R : Outcome<N>;
