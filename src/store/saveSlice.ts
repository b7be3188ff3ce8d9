import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import { jobLoaded } from './jobSlice';
import type { SaveState } from './persistence/saveQueue';

export const saveChanged = createAction<SaveState>('save/changed');

/** How saving stands. Kept apart from the job, so that saving an edit redraws nothing but its own line. */
export function saveReducer(save: SaveState = { kind: 'saved' }, action: UnknownAction): SaveState {
  if (saveChanged.match(action)) return action.payload;
  return jobLoaded.match(action) ? { kind: 'saved' } : save;
}
