import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { FigureKey } from '../core/findings/subject';
import { jobLoading } from './jobSlice';

/** What the electrician is looking at within a circuit. One choice lights list, figure, segment and table row. */
export interface Focus {
  readonly figureKey: FigureKey;
  /** Segment of the run, by position; null where the whole run is meant. */
  readonly segment: number | null;
  /** The circuit that was shown last, to which the stage comes back. */
  readonly circuitId: string | null;
  /** The job that was opened last. */
  readonly jobId: string | null;
}

const initialState: Focus = { figureKey: 'conductor', segment: null, circuitId: null, jobId: null };

const slice = createSlice({
  name: 'focus',
  initialState,
  reducers: {
    figureChosen: (state, action: PayloadAction<{ figureKey: FigureKey; segment?: number | null }>) => ({
      ...state,
      figureKey: action.payload.figureKey,
      segment: action.payload.segment ?? null,
    }),
    circuitShown: (state, action: PayloadAction<string>) => ({ ...state, circuitId: action.payload }),
    segmentChosen: (state, action: PayloadAction<number | null>) => ({ ...state, segment: action.payload }),
  },
  // Another job is looked at from its beginning; one that is opened again, where it was left.
  extraReducers: (builder) =>
    builder.addCase(jobLoading, (state, { payload }) =>
      state.jobId === payload ? state : { ...initialState, jobId: payload },
    ),
});

export const { circuitShown, figureChosen, segmentChosen } = slice.actions;
export const focusReducer = slice.reducer;
