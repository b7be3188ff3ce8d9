import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { FigureKey } from '../core/findings/finding';

/** What the electrician is looking at within a circuit. One choice lights list, figure, segment and table row. */
export interface Focus {
  readonly link: FigureKey;
  /** Segment of the run, by position; null where the whole run is meant. */
  readonly segment: number | null;
}

const initialState: Focus = { link: 'conductor', segment: null };

const slice = createSlice({
  name: 'focus',
  initialState,
  reducers: {
    figureChosen: (_state, action: PayloadAction<{ link: FigureKey; segment?: number | null }>) => ({
      link: action.payload.link,
      segment: action.payload.segment ?? null,
    }),
    segmentChosen: (state, action: PayloadAction<number | null>) => ({ ...state, segment: action.payload }),
  },
});

export const { figureChosen, segmentChosen } = slice.actions;
export const focusReducer = slice.reducer;
