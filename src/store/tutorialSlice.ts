import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { TUTORIAL_STEPS } from '../core/wording/tutorialWords';

const KEY = 'pasture-tutorial';

/** How far the tutorial is, from 0; null while nobody follows it. */
export type TutorialState = number | null;

/** Where it stood before this page was loaded anew. */
function kept(): TutorialState {
  try {
    const at = Number.parseInt(sessionStorage.getItem(KEY) ?? '', 10);
    return at >= 0 && at < TUTORIAL_STEPS.length ? at : null;
  } catch {
    return null;
  }
}

/** Remembers how far it is for as long as the tab is open. A browser that keeps nothing begins anew. */
function keep(state: TutorialState): void {
  try {
    if (state === null) sessionStorage.removeItem(KEY);
    else sessionStorage.setItem(KEY, String(state));
  } catch {
    // It goes on until the page is loaded anew.
  }
}

const slice = createSlice({
  name: 'tutorial',
  initialState: kept,
  reducers: {
    tutorialAt: (_state, action: PayloadAction<TutorialState>) => {
      keep(action.payload);
      return action.payload;
    },
  },
});

/** Goes to a step of the tutorial; null ends it. */
export const { tutorialAt } = slice.actions;
export const tutorialReducer = slice.reducer;
