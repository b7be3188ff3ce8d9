import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { FigureKey } from '../core/findings/subject';

/** What the electrician is looking at within a circuit. One choice lights list, figure, segment and table row. */
export interface Focus {
  readonly figureKey: FigureKey;
  /** Segment of the run, by position; null where the whole run is meant. */
  readonly segment: number | null;
}

const initialState: Focus = { figureKey: 'conductor', segment: null };

const slice = createSlice({
  name: 'focus',
  initialState,
  reducers: {
    figureChosen: (_state, action: PayloadAction<{ figureKey: FigureKey; segment?: number | null }>) => ({
      figureKey: action.payload.figureKey,
      segment: action.payload.segment ?? null,
    }),
    segmentChosen: (state, action: PayloadAction<number | null>) => ({ ...state, segment: action.payload }),
  },
});

export const { figureChosen, segmentChosen } = slice.actions;
export const focusReducer = slice.reducer;
