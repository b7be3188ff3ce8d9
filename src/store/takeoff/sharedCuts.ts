import { CutDesk } from '../../core/estimate/cutDesk';

/** Cut plans of this worker: days, quote and list ask for the same lines, edit after edit. */
export const sharedCuts = new CutDesk();
