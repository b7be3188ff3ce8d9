import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Link } from '../core/findings/finding';

/** What the electrician is looking at within a circuit. One choice lights list, figure, stretch and table row. */
export interface Focus {
  readonly link: Link;
  /** Stretch of the run, by position; null where the whole run is meant. */
  readonly stretch: number | null;
}

const initialState: Focus = { link: 'conductor', stretch: null };

const slice = createSlice({
  name: 'focus',
  initialState,
  reducers: {
    linkChosen: (_state, action: PayloadAction<{ link: Link; stretch?: number | null }>) => ({
      link: action.payload.link,
      stretch: action.payload.stretch ?? null,
    }),
    stretchChosen: (state, action: PayloadAction<number | null>) => ({ ...state, stretch: action.payload }),
  },
});

export const { linkChosen, stretchChosen } = slice.actions;
export const focusReducer = slice.reducer;
