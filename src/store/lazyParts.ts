import { lazyModule } from './lazyModule';

/** Routes, service, panels: what is evaluated after the circuits that are seen first. */
export const wholeEvaluation = lazyModule(() => import('./evaluation'));

/** The fixes of findings. */
export const fixing = lazyModule(() => import('./fixing'));

/** What checks and applies edits; there whenever a job is open. */
export const editing = lazyModule(() => import('./editing'));

/** The sentences of findings. */
export const sentences = lazyModule(() => import('../core/wording/findings'));
